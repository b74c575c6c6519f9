import { SOILS } from '../catalogue/soils';
import { SURFACES } from '../catalogue/surfaces';
import { usualAreaM2 } from '../catalogue/usualAreas';
import type { Air } from '../cleaning/drying';
import { toleranceOf, type HomeSurface } from '../cleaning/homeSurface';
import { perM2Of, toMake } from '../cleaning/howMuch';
import type { LogEntry } from '../cleaning/logEntry';
import { candidateOf, rankWays } from '../cleaning/ways';
import { contextOf, droppersOf, type HomeFacts } from '../evaluation/context';
import { evaluate } from '../evaluation/evaluate';
import type { Formula } from '../formula/formula';
import { formulaFromReading } from '../formula/fromReading';
import { readRecipe } from '../formula/reader/readRecipe';
import { scaledPortions, type MixtureAmount } from '../formula/scaledPortions';
import { costOfPortions, type Cost } from '../stock/cost';
import type { PantryItem } from '../stock/pantry';

/** What one use of a mixture cost. */
export interface CostOfUse extends Cost {
  /** True where the amount or the price was not kept with it: then it is what such a place usually takes, at the prices of now. */
  readonly isEstimate: boolean;
}

/** What a home's uses are priced with. */
export interface Prices {
  readonly surfaces: readonly HomeSurface[];
  readonly pantry: readonly PantryItem[];
  readonly facts: HomeFacts & Air;
}

/** The formula behind an entry, as it was that day; null where it kept none. */
function formulaOf({ used }: LogEntry): Formula | null {
  if (used.kind !== 'formula' || used.card === '') return null;
  return formulaFromReading(readRecipe(used.card, { measures: 'metric' }), used.id, used.name, 'metric');
}

/** As much as such a place usually takes of it; null where it cannot be said. */
function usualAmount(entry: LogEntry, formula: Formula, { surfaces, facts }: Prices): MixtureAmount | null {
  const { surface: place, soil: lifted } = entry;
  const own = surfaces.find((s) => s.id === place.id);
  const surface = own ? toleranceOf(own) : SURFACES.find((s) => s.id === place.material);
  const soil = SOILS.find((s) => s.id === lifted.id);
  const result = evaluate(formula, contextOf(formula.use, facts));
  if (!result.ok || !surface) return null;
  const areaM2 = own?.areaM2 ?? usualAreaM2(surface.id);
  const candidate = candidateOf(formula, result.value);
  const ways = soil ? rankWays([candidate], surface, soil, contextOf(formula.use, facts), facts, { areaM2 }).ways : [];
  const way = ways.find((w) => w.candidate !== null);
  if (!way?.amount) return { volumeML: perM2Of(formula, result.value.state) * areaM2, massG: null };
  return formula.use === 'fresh' ? toMake(way.amount, way.method, formula) : way.amount;
}

/**
 * What uses cost: what was kept with them, and where nothing was, what such a place usually takes at the prices of now.
 * @returns for an entry null where nothing in it has a price, or nobody can say how much it took
 */
export function costsOfUses(prices: Prices): (entry: LogEntry) => CostOfUse | null {
  const known = new Map<string, Cost | null>();
  const estimate = (entry: LogEntry): Cost | null => {
    const formula = formulaOf(entry);
    if (!formula) return null;
    const amount = entry.took ?? usualAmount(entry, formula, prices);
    return amount && costOfPortions(scaledPortions(formula, amount, droppersOf(prices.facts)), prices.pantry);
  };
  return (entry) => {
    const kept = entry.took?.cost;
    if (kept) return { ...kept, isEstimate: false };
    if (entry.used.kind !== 'formula') return null;
    const { took, surface, soil, used } = entry;
    const key = JSON.stringify([used.card, surface.id, surface.material, soil.id, took?.volumeML, took?.massG]);
    if (!known.has(key)) known.set(key, estimate(entry));
    const cost = known.get(key) ?? null;
    return cost && { ...cost, isEstimate: true };
  };
}
