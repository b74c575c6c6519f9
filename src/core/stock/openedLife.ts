import type { Ingredient } from '../catalogue/ingredient';
import { traitsOfIngredient } from '../mixture/state';

/** How long an ingredient keeps once its pack is open, and what becomes of it then. */
export interface OpenedLife {
  /** Days from the day it was opened. */
  readonly days: number;
  readonly then: string;
}

/**
 * How long a pack keeps once it is open, closed and in the dark as it should be; null for what does not turn: soda,
 * salt, vinegar, alcohol. Labels overrule it. Common practice, no source.
 */
export function openedLife(ingredient: Ingredient): OpenedLife | null {
  const traits = traitsOfIngredient(ingredient);
  const liquid = ingredient.form === 'liquid' || ingredient.form === 'oil';
  if (traits.has('citrus-oil') && traits.has('essential-oil'))
    return { days: 300, then: 'It turns sharp, and irritates skin.' };
  if (traits.has('essential-oil')) return { days: 540, then: 'It fades and turns; old oils irritate skin.' };
  if (traits.has('hypochlorite') && liquid) return { days: 180, then: 'It has lost much of its strength.' };
  if (traits.has('peroxide') && liquid) return { days: 180, then: 'It has lost strength: it may be water by now.' };
  if (traits.has('solid-peroxide')) return { days: 365, then: 'Damp has taken some of its oxygen.' };
  if (traits.has('turns-rancid')) return { days: 270, then: 'It smells rancid, and goes sticky.' };
  if (traits.has('perishable')) return ingredient.form === 'liquid' ? { days: 5, then: 'It spoils.' } : null;
  if (traits.has('soap') && liquid) return { days: 540, then: 'It may thicken, cloud or smell.' };
  if (traits.has('ammonia-source') && liquid) return { days: 365, then: 'Its ammonia has gone off into the air.' };
  return null;
}
