import type { Formula } from '../formula/formula';
import { SPRAY_FILM_ML_PER_M2, type UseForm } from '../catalogue/useForms';
import { isPaste, type MixtureState } from '../mixture/state';

/** How a mixture goes on: as a thin film, a paste, a soak things lie in, or a dry powder. */
export const APPLICATIONS = ['film', 'paste', 'soak', 'dry'] as const;
export type Application = (typeof APPLICATIONS)[number];

/** Ways of use in which things lie in it, and it does not dry out. */
const SOAKS: readonly UseForm[] = ['soak', 'fill', 'bag', 'machine'];
const DRY_FORMS: readonly UseForm[] = ['dry', 'strew', 'absorb', 'air', 'pieces', 'steam', 'heat', 'cold'];
/** A paste of 1 to 2 mm (common practice, no source). */
const PASTE_MM = 1.5;
export const PASTE_ML_PER_M2 = PASTE_MM * 1000;

/** How a formula goes on, from what it is and the form it is used in. */
export function applicationOf(formula: Formula, state: MixtureState): Application {
  if (!state.wet) return 'dry';
  if (isPaste(state)) return 'paste';
  return formula.form && SOAKS.includes(formula.form) ? 'soak' : 'film';
}

/** How a method's form puts a mixture on. */
export function applicationOfForm(form: UseForm): Application {
  if (form === 'paste') return 'paste';
  if (SOAKS.includes(form) || form === 'foil' || form === 'pour') return 'soak';
  return DRY_FORMS.includes(form) ? 'dry' : 'film';
}

/** The film it leaves, mL per m²; null for what does not dry out while it works. */
export const filmMLPerM2 = (application: Application): number | null =>
  application === 'film' ? SPRAY_FILM_ML_PER_M2 : application === 'paste' ? PASTE_ML_PER_M2 : null;
