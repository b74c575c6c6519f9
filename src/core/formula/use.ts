import type { UseForm } from '../catalogue/useForms';

/** What kind of thing a formula makes: it sets how much oil it may hold, and whether skin meets it. */
export const FORMULA_KINDS = ['surface', 'hand-soap', 'room-spray', 'reeds', 'dry-powder', 'bowl'] as const;
export type FormulaKind = (typeof FORMULA_KINDS)[number];

const SPRAY = /\b(?:spray|spritz|mist|sprayed|sprayer|trigger|freshener)\b/;

const KIND_WORDS: readonly (readonly [kind: FormulaKind, words: RegExp])[] = [
  ['reeds', /\breeds?\b|\breed diffuser\b|\bdiffuser sticks?\b/],
  ['room-spray', /\b(?:room|air|linen|pillow|fabric) (?:spray|mist|freshener)\b/],
  ['hand-soap', /\b(?:hand soap|hand wash|hands?|skin|body|foot|shower gel|bath bomb)\b/],
  ['bowl', /\b(?:toilet|bowl|loo|wc) (?:powder|bombs?|tablets?|fizz|fizzies|tabs?)\b/],
  ['dry-powder', /\b(?:carpet|mattress|shoe) (?:powder|freshener|deodori[sz]er)\b/],
];

/**
 * What a text's own words say of its use, at the door: once read, form and kind are facts of the formula that
 * the person sees and changes. Null and `surface` where they say nothing.
 * @param words title, purpose and instructions
 */
export function impliedByWords(words: string): { readonly form: UseForm | null; readonly kind: FormulaKind } {
  const lower = words.toLowerCase();
  const kind = KIND_WORDS.find(([, pattern]) => pattern.test(lower))?.[0] ?? 'surface';
  return { form: SPRAY.test(lower) && kind !== 'hand-soap' ? 'spray' : null, kind };
}
