import type { Amount } from '../../quantity/amount';
import type { Range } from '../../quantity/range';

/** An amount found among tokens. */
export interface TokenAmount {
  readonly amount: Amount;
  readonly next: number;
  /** The unit can mean two things: the other reading. */
  readonly otherwise?: Amount;
  /** The same amount said again: "1 cup = 240 ml". */
  readonly also?: Amount;
  /** True if how much is meant has to be asked. */
  readonly asks: boolean;
  /** A number without a unit: its value. Then `amount` is only a stand-in. */
  readonly bare?: Range;
  /** A container without a size of its own, counted: "2 boxes". */
  readonly counts?: Range;
  /** The fruit itself stands for the ingredient: "juice of 2 lemons". */
  readonly names?: 'lemon-juice';
  /** True for a container that may merely be a vessel: "a 16 oz bottle", not followed by what is in it. */
  readonly vessel?: boolean;
}

export const ONE: Range = { low: 1, high: 1 };

export const times = (amount: Amount, by: Range): Amount =>
  amount.kind === 'volume' || amount.kind === 'mass' || amount.kind === 'drops'
    ? { ...amount, value: { low: amount.value.low * by.low, high: amount.value.high * by.high } }
    : amount;
