import { ACID_SYSTEMS, FATTY_PKA, systemIndex } from '../catalogue/acidSystems';
import { substance, type SubstanceId } from '../catalogue/substances';
import { carbonateViews, degassedNear } from './carbonateViews';
import { equilibrium, toReachPH, type Equilibrium, type Solution } from './equilibrium';
import type { Moles } from './protonBalance';
import { isAtLeast, exceeds } from '../quantity/limit';

/** A pH with the band in which it lies. */
export interface PHBand {
  readonly value: number;
  readonly low: number;
  readonly high: number;
}

/** How sour or alkaline a mixture is. */
export interface Acidity {
  /** Fizzed out: with at most 1 atm of carbon dioxide left in it. Without carbonate this is the only view. */
  readonly pH: PHBand;
  readonly pHViews: { readonly closed: number; readonly fizzedOut: number; readonly open: number };
  /** Strong alkali that brings it to pH 7, mmol/L; below 0: strong acid. Carbon dioxide counts as staying. */
  readonly acidReserveMmolPerL: number;
  readonly ionicStrengthMolPerL: number;
  /** Share of acetic acid that is free (not acetate), 0 to 1. */
  readonly freeAceticFraction: number;
  /** Share of ammonia that is free (not ammonium), 0 to 1. */
  readonly freeAmmoniaFraction: number;
  /** Share of the soap that acid has turned to free fatty acid, 0 to 1; null without soap. */
  readonly soapCurdledFraction: number | null;
}

/** What is dissolved, and how far each amount may be off. */
export interface Dissolved {
  readonly moles: Moles;
  readonly litres: number;
  /** Low and high end of each substance as a share of `moles`; 1 where it is certain. */
  readonly lowShare: Moles;
  readonly highShare: Moles;
  /** Share of tap water in the liquid: it brings alkalinity of its own. */
  readonly tapShare: number;
  readonly alcoholPercentVV: number;
}

const SYSTEMS = ACID_SYSTEMS.length;
const CARBONIC = systemIndex('carbonic');
const FATTY = systemIndex('fatty');
const ACETIC = systemIndex('acetic');
const AMMONIUM = systemIndex('ammonium');

/** Alkalinity that tap water may bring, mol/L: up to 3 mmol/L of bicarbonate is common (common practice, no source). */
const TAP_ALKALINITY = 0.003;

/** Buffer below this, mol/L a unit of pH, does not hold a pH against air and traces. */
const UNBUFFERED_BELOW = 5e-4;
/** Water alone stands between that in balance with air (5.6, CRC Handbook) and hard tap water (8.5, common practice). */
const WATER_PH = { low: 5.6, high: 8.5 } as const;

/** The model against standard buffers is good to this. */
const MODEL_BAND = 0.05;
/** Each percent of alcohol moves the pKa of acids by about this (common practice, no source). */
const ALCOHOL_BAND_PER_PERCENT = 0.01;

function solutionOf({ moles, litres }: Dissolved, share: (id: SubstanceId) => number): Solution {
  const totals = new Float64Array(SYSTEMS);
  let spectatorCharge = 0;
  let spectatorIonic = 0;
  for (const key in moles) {
    const id = key as SubstanceId;
    const { brings, spectators } = substance(id);
    if (brings.length === 0 && spectators.length === 0) continue;
    const molPerL = ((moles[id] ?? 0) * share(id)) / litres;
    for (const b of brings) {
      const index = systemIndex(b.system);
      totals[index] = (totals[index] ?? 0) + b.mol * molPerL;
    }
    for (const z of spectators) {
      spectatorCharge += z * molPerL;
      spectatorIonic += z * z * molPerL;
    }
  }
  return { totals, spectatorCharge, spectatorIonic };
}

type Lean = 'acid' | 'alkali' | null;

/** To which side more of a substance moves the pH. */
function leanOf(id: SubstanceId): Lean {
  const { traits } = substance(id);
  if (traits.includes('acid')) return 'acid';
  return traits.includes('alkali') || traits.includes('soap') || traits.includes('hypochlorite') ? 'alkali' : null;
}

/** The solution with all that leans to one side at its most, and all that leans to the other at its least. */
const endOf = (of: Dissolved, side: 'acid' | 'alkali'): Solution =>
  solutionOf(of, (id) => {
    const lean = leanOf(id);
    if (lean === null) return 1;
    return (lean === side ? of.highShare[id] : of.lowShare[id]) ?? 1;
  });

/** What tap water's own bicarbonate adds, at its most. */
function withTapWater(solution: Solution, tapShare: number): Solution {
  if (tapShare <= 0) return solution;
  const more = TAP_ALKALINITY * tapShare;
  const totals = Float64Array.from(solution.totals);
  totals[CARBONIC] = (totals[CARBONIC] ?? 0) + more;
  return {
    totals,
    spectatorCharge: solution.spectatorCharge + more,
    spectatorIonic: solution.spectatorIonic + more,
  };
}

/** How far the model itself may be off: wide in strong salt, and where alcohol shifts the constants. */
const modelBand = (ionicStrength: number, alcoholPercentVV: number): number =>
  MODEL_BAND +
  (ionicStrength > 0.5 ? 0.15 + 0.3 * Math.log10(ionicStrength / 0.5) : 0) +
  ALCOHOL_BAND_PER_PERCENT * alcoholPercentVV;

function bandOf(of: Dissolved, main: Equilibrium): PHBand {
  const acidEnd = degassedNear(endOf(of, 'acid'), main, FATTY_PKA.low).pH;
  const alkaliEnd = degassedNear(withTapWater(endOf(of, 'alkali'), of.tapShare), main, FATTY_PKA.high).pH;
  const model = modelBand(main.ionicStrength, of.alcoholPercentVV);
  const open =
    !isAtLeast(main.bufferMolPerL, UNBUFFERED_BELOW) &&
    exceeds(main.pH, WATER_PH.low) &&
    !isAtLeast(main.pH, WATER_PH.high);
  const low = Math.min(main.pH, acidEnd) - model;
  const high = Math.max(main.pH, alkaliEnd) + model;
  return {
    value: main.pH,
    low: open ? Math.min(low, WATER_PH.low) : low,
    high: open ? Math.max(high, WATER_PH.high) : high,
  };
}

/**
 * The share of soap that acids have curdled. A soap solution holds a little free acid of its own, and
 * more beside baking soda, which stays dispersed and cleans: what would be there without the acids is not
 * counted.
 */
function curdled(of: Dissolved, main: Equilibrium): number | null {
  if ((of.moles.soap ?? 0) <= 0) return null;
  const noAcid: Moles = {};
  let acids = false;
  for (const key in of.moles) {
    const id = key as SubstanceId;
    if (leanOf(id) === 'acid' && (of.moles[id] ?? 0) > 0) acids = true;
    else noAcid[id] = of.moles[id] ?? 0;
  }
  if (!acids) return 0;
  const own =
    equilibrium(
      solutionOf({ ...of, moles: noAcid }, () => 1),
      {},
      main.pH,
    ).protonated[FATTY] ?? 0;
  const now = main.protonated[FATTY] ?? 0;
  return Math.max(0, Math.min(1, (now - own) / (1 - own)));
}

/** How sour or alkaline a solution is, in three views, with its band. @param of litres more than 0 */
export function acidityOf(of: Dissolved): Acidity {
  const solution = solutionOf(of, () => 1);
  const views = carbonateViews(solution);
  const main = views.degassed;
  return {
    pH: bandOf(of, main),
    pHViews: { closed: views.closed.pH, fizzedOut: main.pH, open: views.open.pH },
    acidReserveMmolPerL: 1000 * toReachPH(solution, 7, main.ionicStrength),
    ionicStrengthMolPerL: main.ionicStrength,
    freeAceticFraction: main.protonated[ACETIC] ?? 0,
    freeAmmoniaFraction: 1 - (main.protonated[AMMONIUM] ?? 1),
    soapCurdledFraction: curdled(of, main),
  };
}
