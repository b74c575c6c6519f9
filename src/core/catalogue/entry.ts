import type { PercentBasis } from '../quantity/amount';
import { SPOON_SPREAD } from '../quantity/powder';
import type { Content, Ingredient, IngredientRole, WaterKind } from './ingredient';
import type { OILS } from './oils';
import type { SourceKey } from './sources';
import type { SubstanceId } from './substances';

type ContentRow = readonly [substance: SubstanceId, percent: number, low: number, high: number, basis: PercentBasis];

interface Row {
  readonly names: readonly string[];
  readonly contents?: readonly ContentRow[];
  readonly strengthOf?: SubstanceId | null;
  readonly role?: IngredientRole;
  readonly water?: WaterKind;
  readonly sources: readonly SourceKey[];
}

const contentsOf = (rows: readonly ContentRow[] = []): Content[] =>
  rows.map(([substance, percent, low, high, basis]) => ({ substance, percent, low, high, basis }));

/** A row of the tables of liquids. `density` in g/mL at 20 °C. */
export const liquid = (id: string, name: string, row: Row & { readonly density: number }): Ingredient => ({
  id,
  name,
  names: row.names,
  role: row.role ?? 'ingredient',
  form: 'liquid',
  densityGPerML: row.density,
  spread: 0,
  contents: contentsOf(row.contents),
  strengthOf: row.strengthOf ?? null,
  water: row.water ?? null,
  dropsPerML: null,
  sources: row.sources,
});

/** A row of the tables of powders. `bulk` is the density as spooned, g/mL. */
export const powder = (
  id: string,
  name: string,
  row: Row & { readonly bulk: number; readonly spread?: number },
): Ingredient => ({
  ...liquid(id, name, { ...row, density: row.bulk }),
  form: 'powder',
  spread: row.spread ?? SPOON_SPREAD,
});

/** An essential oil as an ingredient: all of its own substance. */
export const oil = (row: (typeof OILS)[number]): Ingredient => ({
  ...liquid(row.id, row.name, {
    names: row.names,
    density: row.density,
    contents: [[row.id, 100, 100, 100, 'w/w']],
    sources: ['crc-memory', 'common-practice'],
  }),
  form: 'oil',
  dropsPerML: row.dropsPerML ?? null,
});
