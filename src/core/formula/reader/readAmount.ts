import type { Amount } from '../../quantity/amount';
import type { MeasureSystem } from '../../quantity/units';
import { amountAt } from './amountTokens';
import { tokenLines } from './tokens';

/** An amount found at the start of some text, and what stands after it. */
export interface FoundAmount {
  readonly amount: Amount;
  readonly rest: string;
  /** The unit can mean two things: the other reading. */
  readonly otherwise?: Amount;
}

/**
 * Reads one amount at the start of some text: numbers with fractions and ranges, units, vague words,
 * lemons. Null if the text does not begin with an amount, or with one that can be read two ways ("1.000 mL").
 */
export function readAmount(text: string, system: MeasureSystem = 'us'): FoundAmount | null {
  const tokens = tokenLines(text)[0]?.tokens ?? [];
  const found = amountAt(tokens, 0, system);
  if (!found || found.bare !== undefined || (found.asks && found.amount.kind !== 'vague')) return null;
  const at = tokens[found.next]?.from ?? text.length;
  const fruit = found.names ? 'lemon juice ' : '';
  return {
    amount: found.amount,
    rest: `${fruit}${text.slice(at)}`,
    ...(found.otherwise ? { otherwise: found.otherwise } : {}),
  };
}
