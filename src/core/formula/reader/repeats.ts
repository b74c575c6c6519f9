import { MAX_LINES } from '../formula';
import type { Ingredient } from '../../catalogue/ingredient';
import { plainName } from '../../catalogue/lookup';
import { isAsked } from '../../quantity/amount';
import type { Known } from './element';
import { possible, shares, type Pair } from './pair';
import type { ReadUnit } from './units';

/** So many lines are held against mentions of them; more are not judged anyway. */
const MAX_LISTED = 5 * MAX_LINES;

/** Every pair that says how much, with the text it stands in: what a later sentence may repeat. */
export interface Listed {
  readonly pair: Pair;
  readonly match: Known;
  readonly text: string;
  readonly unit: ReadUnit;
}

export const listedPairs = (units: readonly ReadUnit[]): Listed[] =>
  units
    .flatMap((unit) =>
      unit.paired.pairs.flatMap((pair) =>
        pair.match && (pair.amount !== null || pair.strength)
          ? [{ pair, match: pair.match, text: plainName(unit.text), unit }]
          : [],
      ),
    )
    .slice(0, MAX_LISTED);

const isPlainWater = (i: Ingredient): boolean => i.water !== null && i.water !== 'boiling';

/** True if two names may stand for one thing of the list: "the water" for distilled water, "the oil" for lavender oil. */
export function sameAsListed(name: Known, listed: Known): boolean {
  if (shares(name, listed)) return true;
  if (possible(name).every(isPlainWater) && possible(listed).every(isPlainWater)) return true;
  const generic = possible(name)[0]?.id === 'essential-oil';
  return generic && possible(listed).every((i) => i.form === 'oil');
}

/** Plain water to rinse and wipe with goes into nothing. */
export const isRinseWater = (pair: Pair): boolean =>
  pair.rinses &&
  pair.match?.kind === 'exact' &&
  isPlainWater(pair.match.ingredient) &&
  (pair.amount === null ||
    pair.amount.kind === 'to-fill' ||
    (pair.amount.kind === 'vague' && isAsked(pair.amount.word)));

/** True if a pair only says again what a line of the list says: by name alone, or with the same amount in the method. */
export function isRepeat(pair: Pair, unit: ReadUnit, others: readonly Listed[]): boolean {
  const { match, amount } = pair;
  if (!match || pair.more || pair.strength || pair.alternatives.length > 0) return false;
  const same = others.filter((l) => sameAsListed(match, l.match));
  if (same.length === 0) return false;
  // A word in it that nobody understands may make it something else.
  if (match.kind === 'asked' && match.because === 'other-words') return false;
  if (amount === null) return true;
  if (amount.kind === 'to-fill') return unit.section === 'method' || unit.section === 'notes';
  return (
    unit.paired.tells &&
    same.some(
      (l) =>
        l.unit.span[0] < unit.span[0] &&
        !l.unit.paired.tells &&
        JSON.stringify(l.pair.amount) === JSON.stringify(amount),
    )
  );
}
