import type { PacksBought } from '../stock/purchase';

/** One line of a list: what it is, and how much of it. */
export interface ShoppingLine {
  readonly name: string;
  /** Packs, or how much it comes to where no size is known; empty for a thing that is only named. */
  readonly how: string;
  readonly isBought: boolean;
}

/** So many packs: "2 × 1000 mL and 1 × 500 mL". */
export const packsText = (packs: readonly PacksBought[]): string =>
  packs.map(({ count, value, unit }) => `${count} × ${value} ${unit}`).join(' and ');

/**
 * A list as text, to be sent or printed: a box to tick before each line.
 * @param foot what is said below it; empty for nothing
 */
export const shoppingText = (title: string, lines: readonly ShoppingLine[], foot: string): string =>
  [
    title,
    '',
    ...lines.map(({ name, how, isBought }) => `${isBought ? '[x]' : '[ ]'} ${name}${how === '' ? '' : `, ${how}`}`),
    ...(foot === '' ? [] : ['', foot]),
    '',
  ].join('\n');
