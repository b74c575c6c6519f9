import type { StockState } from '../core';

/** What is said of an item of the cupboard that asks for something. */
export const STOCK_WORDS: Readonly<Record<Exclude<StockState, 'good'>, string>> = {
  past: 'Past its day',
  out: 'Used up',
  low: 'Running low',
  soon: 'Soon past its day',
};
