import type { Formula } from '../formula/formula';
import type { MixtureState } from '../mixture/state';
import { applicationOf, filmMLPerM2, type Application } from './application';

/** How much a job takes. */
export interface AmountFor {
  readonly application: Application;
  readonly volumeML: number;
  /** mL to a square metre. */
  readonly perM2ML: number;
}

/** A dry powder is strewn at about this, mL/m² (common practice, no source). */
const STREWN_ML_PER_M2 = 60;
/** What things are soaked in has no film: it is taken as a wet cloth's, mL/m² (common practice, no source). */
const CLOTH_ML_PER_M2 = 50;

/**
 * mL for an area, by how the mixture goes on: a sprayed film, a paste of 2 mm, a strewn powder.
 *
 * @param areaM2 more than 0
 */
export function amountForArea(formula: Formula, state: MixtureState, areaM2: number): AmountFor {
  const application = applicationOf(formula, state);
  const perM2ML = filmMLPerM2(application) ?? (application === 'dry' ? STREWN_ML_PER_M2 : CLOTH_ML_PER_M2);
  return { application, perM2ML, volumeML: perM2ML * areaM2 };
}
