import type { StockState } from '../core';

/** What is said of an item of the cupboard that asks for something. */
export const STOCK_WORDS: Readonly<Record<Exclude<StockState, 'good'>, string>> = {
  past: 'Open too long',
  out: 'Used up',
  low: 'Running low',
  soon: 'Open nearly too long',
};
