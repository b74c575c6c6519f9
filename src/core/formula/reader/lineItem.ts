import type { Ingredient } from '../../catalogue/ingredient';
import { findIngredient, plainName } from '../../catalogue/lookup';
import { amountRange, isAsked, VAGUE_ML, type Amount } from '../../quantity/amount';
import type { IngredientRef, Line, Strength } from '../formula';
import { resolveIngredient } from '../resolveIngredient';
import type { Known } from './element';
import type { Pair } from './pair';
import type { Correction, Doubt, ReadItem, TextSpan } from './reading';

/** What stands in for an amount that was not said. */
export const UNSTATED_AMOUNT: Amount = { kind: 'vague', word: 'some', volumeML: VAGUE_ML.some };

const ref = (ingredient: Ingredient): IngredientRef => ({ kind: 'known', id: ingredient.id });

interface Named {
  readonly ref: IngredientRef;
  readonly ingredient: Ingredient | null;
  readonly doubts: readonly Doubt[];
}

/** What a pair's name means. Drops of a plant are its oil; a cup of one is asked about. */
export function nameOf(pair: Pair): Named {
  const match = ofPlant(pair);
  if (!match) {
    return {
      ref: { kind: 'unknown', name: pair.words.slice(0, 120) },
      ingredient: null,
      doubts: [
        {
          kind: 'unknown-ingredient',
          written: [pair.words, ...pair.leftWords].join(' … '),
          choices: pair.alternatives,
        },
      ],
    };
  }
  const doubts: Doubt[] = [];
  const choices = [
    ...new Set([...(match.kind === 'exact' ? [match.ingredient] : match.choices), ...pair.alternatives]),
  ];
  if (match.kind === 'asked') doubts.push(askedDoubt(pair.words, match, choices));
  else if (choices.length > 1)
    doubts.push({ kind: 'which-ingredient', because: 'several-meanings', written: pair.words, choices });
  if (pair.leftWords.length > 0) {
    const words = pair.leftWords.join(' ');
    doubts.push({ kind: 'other-words', written: `${pair.words} ${words}`, words, choices });
  }
  const first = choices[0];
  return first
    ? { ref: ref(first), ingredient: first, doubts }
    : { ref: { kind: 'unknown', name: pair.words }, ingredient: null, doubts };
}

function askedDoubt(written: string, match: Extract<Known, { kind: 'asked' }>, choices: readonly Ingredient[]): Doubt {
  switch (match.because) {
    case 'spelling':
      return { kind: 'spelling', written, choices };
    case 'other-words':
      return { kind: 'other-words', written, words: match.words.join(' '), choices };
    case 'unknown-class':
      return { kind: 'unknown-ingredient', written, choices };
    default:
      return { kind: 'which-ingredient', because: match.because, written, choices };
  }
}

function ofPlant(pair: Pair): Known | null {
  const { amount, words } = pair;
  const name = plainName(words);
  const dropped = amount?.kind === 'drops' || (amount?.kind === 'vague' && amount.word === 'few-drops');
  const oilOf = pair.match === null && dropped ? findIngredient(`${name} oil`) : null;
  const match = oilOf?.kind === 'exact' ? oilOf : pair.match;
  if (!match || /\boils?$/.test(name)) return match;
  const drops = amount?.kind === 'drops' || (amount?.kind === 'vague' && amount.word === 'few-drops');
  const first = match.kind === 'exact' ? match.ingredient : match.choices[0];
  const plant =
    first &&
    (first.form === 'oil' || ['lemon-juice', 'herbs', 'citrus-peel', 'fruit-juice', 'fresh-fruit'].includes(first.id));
  if (drops && plant && !/\b(?:juice|extract|peel|zest)\b/.test(name)) {
    const oil = findIngredient(`${name} oil`);
    if (oil.kind === 'exact') return oil;
  }
  if (
    match.kind === 'exact' &&
    match.ingredient.form === 'oil' &&
    !drops &&
    (amount?.kind === 'vague' || amount?.kind === 'volume') &&
    match.ingredient.id !== 'essential-oil'
  ) {
    const herbs = findIngredient('herbs');
    const cup = amount.kind === 'vague' || amount.unit === 'cup' || amount.unit === 'L' || amount.unit === 'pint';
    if (cup && herbs.kind === 'exact' && amount.kind !== 'vague')
      return { kind: 'asked', because: 'several-meanings', choices: [match.ingredient, herbs.ingredient], words: [] };
  }
  return match;
}

/** A strength put on what the label states it of; what cannot be one is asked. */
function strengthOf(pair: Pair, ingredient: Ingredient | null): { strength?: Strength; asks: boolean } {
  const stated = pair.strength;
  if (!stated) return { asks: false };
  const percent = stated.percent.high;
  const ranged = stated.percent.low !== stated.percent.high;
  if (!ingredient?.strengthOf || !(percent > 0 && percent <= 100)) {
    // "100 % castile soap": all of it is what it is called.
    return { asks: !(percent === 100) };
  }
  const usual = ingredient.contents.find((c) => c.substance === ingredient.strengthOf);
  return { strength: { percent, basis: stated.basis ?? usual?.basis ?? 'w/v' }, asks: stated.asks || ranged };
}

/** More of anything, in any unit, is a slip of the keyboard. */
const MAX_AMOUNT = 1_000_000;

/** False for a number that nobody means. */
function isPossible(amount: Amount): boolean {
  const span = amountRange(amount);
  return span === null || (span.low >= 0 && span.high >= span.low && span.high <= MAX_AMOUNT);
}

/** The amount to use for an ingredient of this form, and what is doubtful about it. */
function settleAmount(pair: Pair, ingredient: Ingredient | null): { amount: Amount; doubts: Doubt[] } {
  const { amount, otherwise } = pair;
  if (!amount || !isPossible(amount)) return { amount: UNSTATED_AMOUNT, doubts: [{ kind: 'how-much' }] };
  const doubts: Doubt[] = pair.asksAmount ? [{ kind: 'how-much' }] : [];
  if (amount.kind === 'vague') {
    const asks = pair.asksAmount || isAsked(amount.word);
    return { amount, doubts: [{ kind: asks ? 'how-much' : 'vague' }] };
  }
  // A powder has no percent by volume: of its mass in the volume is meant.
  if (amount.kind === 'percent' && amount.basis === 'v/v' && ingredient?.form === 'powder') {
    return { amount: { ...amount, basis: 'w/v' }, doubts };
  }
  if (!otherwise) return { amount, doubts };
  // A second amount by volume says that ounces are by volume.
  if (pair.also?.kind === 'volume') return { amount, doubts };
  if (pair.also?.kind === 'mass') return { amount: otherwise, doubts };
  // "2 oz": by weight for powders, by volume for liquids, and asked.
  const dry = ingredient?.form === 'powder' || ingredient?.form === 'solid';
  const choices = dry ? [otherwise, amount] : [amount, otherwise];
  return { amount: dry ? otherwise : amount, doubts: [...doubts, { kind: 'which-unit', choices }] };
}

interface Where {
  readonly key: string;
  readonly text: string;
  readonly span: TextSpan;
}

/** A pair as a line of the recipe, with what is doubtful about it; the person's own word comes first. */
export function lineItem(where: Where, pair: Pair, correction: Correction | undefined): ReadItem {
  if (correction?.isNote) return { kind: 'note', ...where };
  const named = nameOf(pair);
  const ingredient = correction?.ingredient ? resolveIngredient(correction.ingredient) : named.ingredient;
  const settled = settleAmount(pair, ingredient);
  const { strength, asks } = strengthOf(pair, ingredient);
  const amount = correction?.amount ?? settled.amount;
  const doubts = [
    ...(correction?.ingredient ? [] : named.doubts),
    ...(correction?.amount ? [] : settled.doubts),
    ...(asks && !correction?.ingredient && !correction?.amount ? [{ kind: 'how-strong' as const }] : []),
  ];
  const also = correction?.amount ? undefined : alsoOf(pair, amount);
  const line: Line = {
    id: where.key,
    ingredient: correction?.ingredient ?? named.ref,
    amount,
    ...(also ? { also } : {}),
    ...(strength ? { strength } : {}),
    text: where.text.slice(0, 500),
  };
  return { kind: 'line', ...where, line, doubts, corrected: correction !== undefined };
}

/** The second amount, its ounces taken as the first amount is. */
function alsoOf(pair: Pair, amount: Amount): Amount | undefined {
  const { also } = pair;
  if (also && !isPossible(also)) return undefined;
  if (also?.kind !== 'volume' || also.unit !== 'fl-oz') return also;
  return amount.kind === 'mass' ? { kind: 'mass', value: also.value, unit: 'oz' } : also;
}
