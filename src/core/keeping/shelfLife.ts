import { substance, type SubstanceId } from '../catalogue/substances';
import type { MixtureState } from '../mixture/state';
import type { FormulaUse } from '../formula/formula';

/** How long a mixture keeps, days, and the rule that set it. 0 to 0 is "use at once". */
export interface ShelfLife {
  readonly lowDays: number;
  readonly highDays: number;
  readonly reason: string;
}

interface KeepingRule extends ShelfLife {
  readonly applies: (state: MixtureState, use: FormulaUse) => boolean;
}

const brings = (state: MixtureState, ingredientId: string): boolean =>
  state.brought.some((b) => b.ingredient.id === ingredientId);
const contains = (state: MixtureState, id: SubstanceId): boolean => (state.grams[id] ?? 0) > 0;

/** Keeping rules, the shortest first: the first that applies sets the date. Common practice, no source. */
const KEEPING: readonly KeepingRule[] = [
  { lowDays: 0, highDays: 0, reason: 'it is made to be used at once', applies: (_, use) => use === 'fresh' },
  { lowDays: 0, highDays: 0, reason: 'it gives off gas', applies: (s) => s.carbonDioxideML > 0 || s.oxygenML > 0 },
  { lowDays: 180, highDays: 365, reason: 'dry mixes keep airtight', applies: (s) => !s.wet },
  { lowDays: 180, highDays: 365, reason: 'over 20 % alcohol keeps it', applies: (s) => s.alcoholPercentVV > 20 },
  {
    lowDays: 1,
    highDays: 2,
    reason: 'fresh juice, starch or plant matter spoils',
    applies: (s) => contains(s, 'plant-matter') || contains(s, 'starch') || contains(s, 'sugar'),
  },
  {
    lowDays: 30,
    highDays: 180,
    reason: 'opened peroxide loses strength',
    applies: (s) => contains(s, 'hydrogen-peroxide'),
  },
  {
    lowDays: 60,
    highDays: 90,
    reason: 'soap in distilled water',
    applies: (s) => contains(s, 'soap') && brings(s, 'distilled-water') && !brings(s, 'water'),
  },
  { lowDays: 14, highDays: 28, reason: 'soap in tap water', applies: (s) => contains(s, 'soap') },
  { lowDays: 90, highDays: 180, reason: 'acid in distilled water', applies: (s) => isAcid(s) && !brings(s, 'water') },
  { lowDays: 30, highDays: 60, reason: 'acid in tap water', applies: isAcid },
  { lowDays: 14, highDays: 28, reason: 'water without a preservative', applies: () => true },
];

function isAcid(state: MixtureState): boolean {
  return (
    state.balance.acidLeftMol > 0 &&
    (Object.keys(state.grams) as SubstanceId[]).some((id) => substance(id).traits.includes('acid'))
  );
}

/** How long a mixture keeps in a clean closed bottle at room temperature. */
export function shelfLife(state: MixtureState, use: FormulaUse): ShelfLife {
  const rule = KEEPING.find((r) => r.applies(state, use));
  if (!rule) throw new Error('The last keeping rule applies to everything');
  return { lowDays: rule.lowDays, highDays: rule.highDays, reason: rule.reason };
}
