import { sharedAreaM2 } from '../catalogue/usualAreas';
import type { Method, Share } from '../catalogue/methods';
import { SPRAY_FILM_ML_PER_M2, type UseForm } from '../catalogue/useForms';
import type { Formula } from '../formula/formula';
import type { MixtureState } from '../mixture/state';
import { applicationOf, PASTE_ML_PER_M2 } from './application';

/** What a way takes, and the area it is for. */
export interface WayAmount {
  /** Null for what is weighed. */
  readonly volumeML: number | null;
  /** Null for what is poured. */
  readonly massG: number | null;
  readonly areaM2: number;
}

const CLOTH_ML_PER_M2 = 15;

/** mL to a square metre by how a method puts it on (common practice, no source). */
const ML_PER_M2: Readonly<Partial<Record<UseForm, number>>> = {
  cloth: CLOTH_ML_PER_M2,
  spray: SPRAY_FILM_ML_PER_M2,
  bucket: 40,
  paste: PASTE_ML_PER_M2,
  blot: 250,
  hand: 100,
  bag: 300,
  strew: 60,
};

/** What hardly bears water is mopped and wiped with less: under 15 mL to a square metre. */
const NEARLY_DRY = [
  'laminate',
  'varnished-wood',
  'waxed-wood',
  'linoleum',
  'matt-paint',
  'gloss-paint',
  'leather',
  'car-leather',
  'cork-floor',
  'bamboo-floor',
  'wicker',
  'soft-touch-plastic',
  'blind-metal',
];
const NEARLY_DRY_ML_PER_M2 = 10;

/** mL in the vessel or tub that is filled, by the surface; a litre where none is noted (common practice, no source). */
const VESSEL_ML: Readonly<Record<string, number>> = {
  'oven-racks': 10_000,
  aluminium: 5000,
  cotton: 4000,
  polystyrene: 5000,
  'toilet-bowl': 1000,
  'extractor-filter-steel': 5000,
  'extractor-filter-aluminium': 5000,
  'gas-hob': 5000,
  thermos: 750,
  'shower-curtain': 8000,
  silver: 2000,
};
const FILLED_ML = 1000;

/** A dry powder is strewn at about this, g/m² (common practice, no source). */
const STREWN_G_PER_M2 = 60;
/** An open bowl of it, g (common practice, no source). */
const BOWL_G = 100;

/** The forms in which things lie, or which are filled, and do not go by an area. */
const FILLED: readonly UseForm[] = ['soak', 'fill', 'foil', 'pour'];

/** What is hung over a head or put round a tap is at least this, mL; a strip of paper takes less. */
const LEAST_BAG_ML = 150;
const LEAST_STRIP_ML = 30;
const LEAST_ML = 5;

/** Least that is made at once, mL: what a cloth is wrung out in, what a mop goes into, what a sprayer still draws (common practice, no source). */
const LEAST_MADE_ML: Readonly<Partial<Record<UseForm, number>>> = {
  cloth: 250,
  bucket: 2000,
  blot: 100,
  spray: 100,
  hand: 20,
  paste: 30,
};
/** A bottle that is kept holds at least this, mL: less is not worth a label. */
const LEAST_KEPT_ML = 100;

/**
 * How much of a mixture a method takes on a surface; null for what is done dry or with plain water.
 * @param areaM2 of the whole surface, more than 0
 * @param share how much of it is worked on
 */
export function wayAmountOf(
  method: Method,
  surfaceId: string,
  areaM2: number,
  share: Share = method.share,
): WayAmount | null {
  if (method.needs === 'nothing' || method.needs === 'water') return null;
  const worked = sharedAreaM2(areaM2, share);
  const volume = (volumeML: number): WayAmount => ({ volumeML: Math.round(volumeML), massG: null, areaM2: worked });
  const mass = (massG: number): WayAmount => ({ volumeML: null, massG: Math.round(massG), areaM2: worked });
  if (method.dose) return mass(method.dose.massG);
  if (method.form === 'air' || method.form === 'pieces') return mass(BOWL_G);
  if (method.form === 'strew' || method.form === 'absorb') return mass(Math.max(LEAST_ML, STREWN_G_PER_M2 * worked));
  if (FILLED.includes(method.form)) return volume(VESSEL_ML[surfaceId] ?? FILLED_ML);
  const perM2 = method.perM2ML ?? perM2ByForm(method.form, surfaceId);
  const leastBagML = surfaceId === 'silicone-sealant' ? LEAST_STRIP_ML : LEAST_BAG_ML;
  return volume(Math.max(method.form === 'bag' ? leastBagML : LEAST_ML, perM2 * worked));
}

/** How much is made for what a method takes: no less than can be worked with. What is weighed is weighed as it is. */
export function toMake(taken: WayAmount, { form }: Pick<Method, 'form'>, { use }: Pick<Formula, 'use'>): WayAmount {
  if (taken.volumeML === null) return taken;
  const least = use === 'stored' ? LEAST_KEPT_ML : (LEAST_MADE_ML[form] ?? 0);
  return { ...taken, volumeML: Math.max(taken.volumeML, least) };
}

/**
 * mL to a square metre of a formula, by the form that it has or that it comes to by itself; what things lie in is
 * taken as on a wet cloth.
 */
export function perM2Of(formula: Formula, state: MixtureState): number {
  const application = applicationOf(formula, state);
  if (application === 'film') return perM2ByForm(formula.form ?? 'spray', '');
  return perM2ByForm(application === 'paste' ? 'paste' : application === 'dry' ? 'strew' : 'cloth', '');
}

const perM2ByForm = (form: UseForm, surfaceId: string): number =>
  NEARLY_DRY.includes(surfaceId) && form !== 'paste' ? NEARLY_DRY_ML_PER_M2 : (ML_PER_M2[form] ?? CLOTH_ML_PER_M2);
