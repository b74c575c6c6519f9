import { plainName } from '../../catalogue/lookup';
import type { Line, OwnRef } from '../formula';
import { UNSTATED_AMOUNT, lineItem } from './lineItem';
import { possible, type Pair } from './pair';
import { readAmount } from './readAmount';
import type { CardHeader, Doubt, ReadItem, ReadOptions } from './reading';
import { isRepeat, isRinseWater, type Listed } from './repeats';
import { isSign } from './tokens';
import { firstAmount, where, type ReadUnit } from './units';

/** The entry of a unit: its lines, or a note, or what could not be read. */
export function itemsOf(unit: ReadUnit, listed: readonly Listed[], options: ReadOptions): ReadItem[] {
  const at = where(unit);
  const correction = options.corrections?.[unit.key];
  if (correction?.isNote) return [{ kind: 'note', ...at }];
  if (unit.role !== null) return [{ kind: 'note', ...at }];
  const { paired } = unit;
  const others = listed.filter((l) => l.unit !== unit);
  const pairs = paired.pairs.filter((p) => !isRepeat(p, unit, others) && !isRinseWater(p) && !isWhatItIsFor(p));
  if (pairs.length > 0) {
    // Beside what goes in, a word that nobody understands may go in as well.
    const putIn = unit.elements.some((e, i) => e.kind === 'unknown' && precededByPut(unit, i));
    const left = paired.unknown.length > 0 && (putIn || pairs.some((p) => p.amount !== null));
    const first = pairs[0];
    if (left && first) first.leftWords.push(...paired.unknown);
    return pairs.map((pair, i) => {
      const key = pairs.length === 1 ? unit.key : `${unit.key}~${i}`;
      return lineItem({ ...at, key }, pair, options.corrections?.[key]);
    });
  }
  if (correction?.ingredient) {
    const pair = emptyPair(unit);
    return [lineItem(at, pair, correction)];
  }
  return [
    {
      ...at,
      ...(isUnderstood(unit)
        ? { kind: 'note' as const }
        : { kind: 'unread' as const, because: 'not-understood' as const }),
    },
  ];
}

/** What a person says is an ingredient, with the amount that stands there. */
export const emptyPair = (unit: ReadUnit): Pair => ({
  match: null,
  words: unit.text.slice(0, 120),
  amount: firstAmount(unit.elements),
  asksAmount: false,
  alternatives: [],
  leftWords: [],
  rinses: false,
  more: false,
  isMade: false,
});

/** What is made itself, or the dirt it lifts. */
const isWhatItIsFor = (pair: Pair): boolean =>
  pair.amount === null &&
  (pair.isMade || (pair.match !== null && possible(pair.match).every((i) => i.role === 'residue')));

/** Verbs that put in what stands behind them, whatever it is; some of them only with "with". */
const PUTS_IN = new Set(
  'add adding mix mixing stir pour combine whisk dissolve include drop tip blend sprinkle fold beat use using apply put'.split(
    ' ',
  ),
);
const PUTS_IN_WITH = new Set(
  'follow finish top fill rinse boost spray soak combine mix start begin replace swap dilute use using'.split(' '),
);

/** True if nothing in a sentence without a name can be something that goes in. */
function isUnderstood(unit: ReadUnit): boolean {
  const { paired, elements, tokens } = unit;
  const words = tokens.filter((t) => t.kind === 'word');
  const yields = /^(?:yields?|makes|serves|servings?|quantity|total|batch size|for one bottle)$/i.test(
    unit.label ?? words[0]?.text ?? '',
  );
  if (words.length === 0) return paired.measured === 0 || yields;
  if (
    paired.measured > 0 &&
    !yields &&
    !(paired.tells && paired.unknown.length === 0) &&
    !elements.some((e) => e.kind === 'other' && e.word === 'vessel')
  )
    return false;
  if (paired.unknown.length === 0 || paired.keepsOut || isSign(tokens.at(-1), ':')) return true;
  if (elements.some((e, i) => e.kind === 'unknown' && precededByPut(unit, i))) return false;
  // A sentence of words that are understood but for a few tells nothing that goes in.
  const strange = elements
    .filter((e) => e.kind === 'unknown')
    .reduce((n, e) => n + (e.kind === 'unknown' ? e.words.split(' ').length : 0), 0);
  return words.length >= 3 && strange * 2 <= words.length;
}

function precededByPut(unit: ReadUnit, at: number): boolean {
  let joined = false;
  for (let i = at - 1; i >= 0; i--) {
    const e = unit.elements[i];
    if (e?.kind === 'other' || e?.kind === 'more') continue;
    if (e?.kind === 'clause') return unit.tokens[e.from]?.text === 'then';
    // "Bleach and zonk"
    if (e?.kind === 'and') return unit.elements[i - 1]?.kind === 'name';
    if (e?.kind === 'between') {
      joined = true;
      continue;
    }
    return e?.kind === 'verb' && (PUTS_IN.has(e.word) || e.fills || (joined && PUTS_IN_WITH.has(e.word)));
  }
  return joined;
}

/** The same without a doubt, if what it names is one of the person's own by that name. */
export function asOwn(item: ReadItem, own: readonly OwnRef[]): ReadItem {
  if (item.kind !== 'line' || item.corrected || item.line.ingredient.kind !== 'unknown') return item;
  const name = plainName(item.line.ingredient.name);
  const meant = own.find((o) => plainName(o.name) === name);
  if (!meant) return item;
  const doubts = item.doubts.filter((d) => !OF_THE_NAME.has(d.kind));
  return { ...item, line: { ...item.line, ingredient: meant }, doubts };
}

const OF_THE_NAME: ReadonlySet<Doubt['kind']> = new Set([
  'unknown-ingredient',
  'spelling',
  'which-ingredient',
  'other-words',
]);

/** A line that names an ingredient the card itself describes, or one that the person has. */
export function ownLine(unit: ReadUnit, header: CardHeader, options: ReadOptions): ReadItem | null {
  const own = [...(header.own ?? []), ...(options.own ?? [])];
  if (own.length === 0 || unit.role !== null) return null;
  const text = unit.text.trim();
  const lower = text.toLowerCase();
  for (const meant of own) {
    const name = meant.name.toLowerCase();
    const amount = readAmount(text, options.measures);
    const fills = lower === `${name} to fill`;
    if (!fills && amount?.rest.trim().toLowerCase() !== name) continue;
    const line: Line = {
      id: unit.key,
      ingredient: meant,
      amount: fills ? { kind: 'to-fill' } : (amount?.amount ?? UNSTATED_AMOUNT),
      text,
    };
    return { kind: 'line', ...where(unit), line, doubts: [], corrected: false };
  }
  return null;
}
