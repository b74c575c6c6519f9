import type { Ingredient } from '../../catalogue/ingredient';
import { VAGUE_ML, type Amount } from '../../quantity/amount';
import type { Line, Strength } from '../formula';
import { resolveIngredient } from '../resolve';
import { takeApart, type LineParts } from './lineParts';
import { nameOf, type Named } from './naming';
import type { Correction, Doubt, ReadItem, ReadOptions } from './reading';
import type { Share } from './several';

export function strengthOf(parts: LineParts, ingredient: Ingredient | null): Strength | undefined {
  if (parts.strengthPercent === undefined || !ingredient?.strengthOf) return undefined;
  const usual = ingredient.contents.find((c) => c.substance === ingredient.strengthOf);
  if (!(parts.strengthPercent > 0 && parts.strengthPercent <= 100)) return undefined;
  return { percent: parts.strengthPercent, basis: parts.strengthBasis ?? usual?.basis ?? 'w/v' };
}

/** What stands in for an amount that was not said. */
export const SOME: Amount = { kind: 'vague', word: 'some', volumeML: VAGUE_ML.some };

/** The doubts about an amount, and the amount to use for an ingredient of this form. */
function settleAmount(parts: LineParts, ingredient: Ingredient | null): { amount: Amount; doubts: Doubt[] } {
  const { amount, otherwise } = parts;
  if (!amount) return { amount: SOME, doubts: [{ kind: 'how-much' }] };
  if (amount.kind === 'vague') return { amount, doubts: [{ kind: amount.word === 'some' ? 'how-much' : 'vague' }] };
  // A powder has no percent by volume: of its mass in the volume is meant.
  if (amount.kind === 'percent' && amount.basis === 'v/v' && ingredient?.form === 'powder') {
    return { amount: { ...amount, basis: 'w/v' }, doubts: [] };
  }
  if (!otherwise) return { amount, doubts: [] };
  // "2 oz": by weight for powders, by volume for liquids, and asked.
  const powder = ingredient?.form === 'powder';
  const choices = powder ? [otherwise, amount] : [amount, otherwise];
  return { amount: powder ? otherwise : amount, doubts: [{ kind: 'which-unit', choices }] };
}

export function itemOf(
  text: string,
  key: string,
  parts: LineParts,
  named: Named,
  correction: Correction | undefined,
): ReadItem {
  if (correction?.isNote) return { kind: 'note', key, text };
  const ref = correction?.ingredient ?? named.ref;
  // What the line says of strength and ounces holds for the ingredient that is meant, not the one first read.
  const ingredient = correction?.ingredient ? resolveIngredient(correction.ingredient) : named.ingredient;
  const settled = settleAmount(parts, ingredient);
  const amount = correction?.amount ?? settled.amount;
  const doubts = [...(correction?.ingredient ? [] : named.doubts), ...(correction?.amount ? [] : settled.doubts)];
  const strength = strengthOf(parts, ingredient);
  const line: Line = {
    id: key,
    ingredient: ref,
    amount,
    ...(parts.also && !correction?.amount ? { also: parts.also } : {}),
    ...(strength ? { strength } : {}),
    text,
  };
  return { kind: 'line', key, text, line, doubts, corrected: correction !== undefined };
}

/** The items of a line that holds several ingredients, each with a key of its own. */
export function shareItems(text: string, key: string, shares: readonly Share[], options: ReadOptions): ReadItem[] {
  return shares.map((share, i) => {
    const subKey = `${key}~${i}`;
    const stripped = takeApart(share.name, options.measures);
    const parts: LineParts = { ...stripped, amount: share.amount };
    return itemOf(text, subKey, parts, nameOf(stripped.name), options.corrections?.[subKey]);
  });
}
