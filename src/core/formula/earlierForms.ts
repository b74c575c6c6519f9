import type { Formula } from './formula';

/** A formula as it was before it was changed: kept, so that no change is the end of what was there. */
export interface EarlierForm {
  readonly id: string;
  readonly formulaId: string;
  /** When it gave way to another form, ISO 8601. */
  readonly until: string;
  readonly formula: Formula;
}

/** How many earlier forms of a formula are kept. */
const MAX_EARLIER = 20;

/** The earlier forms of a formula, the last first. */
export const earlierFormsOf = (formulaId: string, all: readonly EarlierForm[]): EarlierForm[] =>
  all.filter((e) => e.formulaId === formulaId).sort((a, b) => b.until.localeCompare(a.until));

/** What is kept and what goes when these forms give way; the oldest over {@link MAX_EARLIER} go. */
export function withEarlierForms(
  all: readonly EarlierForm[],
  added: readonly EarlierForm[],
): { readonly put: readonly EarlierForm[]; readonly remove: readonly EarlierForm[] } {
  const ids = new Set(added.map((e) => e.formulaId));
  const remove = [...ids].flatMap((id) =>
    earlierFormsOf(id, [...all, ...added])
      .slice(MAX_EARLIER)
      .filter((e) => all.includes(e)),
  );
  return { put: added, remove };
}
