import { distance } from 'fastest-levenshtein';
import { isAtLeast } from '../quantity/limit';

/** Names of rooms and surfaces as people write them: which mean the same. */

/** Case, marks, plurals and spaces left out: "Wall-tiles" and "wall tile" are one. */
export const placeWords = (name: string): string =>
  (
    name
      .normalize('NFKC')
      .toLowerCase()
      .match(/[\p{L}\p{N}]+/gu) ?? []
  )
    .map((word) => (word.length > 3 && word.endsWith('s') && !word.endsWith('ss') ? word.slice(0, -1) : word))
    .join(' ');

/** Shorter names are the same only as they stand: "tap" is no "tub". */
const SLIP_FROM_LETTERS = 5;
const TWO_SLIPS_FROM_LETTERS = 9;

/** How two names stand to each other; empty names are like none. */
export function likeness(a: string, b: string): 'same' | 'close' | null {
  const [one, other] = [placeWords(a), placeWords(b)];
  if (one === '' || other === '') return null;
  if (one === other) return 'same';
  const letters = Math.min(one.length, other.length);
  if (!isAtLeast(letters, SLIP_FROM_LETTERS)) return null;
  return distance(one, other) <= (isAtLeast(letters, TWO_SLIPS_FROM_LETTERS) ? 2 : 1) ? 'close' : null;
}
