import { ACID_SYSTEMS, FATTY_PKA, systemIndex } from '../catalogue/acidSystems';

/**
 * The acid–base equilibrium of a solution at 25 °C: the pH at which positive and negative charges
 * balance, with activities by the Davies equation.
 *
 * Range: Davies holds to an ionic strength of about 0.5 mol/L; beyond it the activity coefficients stay at
 * what they are there (`beyondModel` says so, and the band of the pH is widened for it).
 * Sources: Davies, A = 0.509; pKa and pKw, CRC Handbook and NIST (`catalogue/acidSystems.ts`).
 */

const LN10 = Math.LN10;
const PKW = 13.995;
const DAVIES_A = 0.509;

/** Where the Davies equation ends, mol/L. */
export const DAVIES_UP_TO = 0.5;

/** CO2 dissolved at 25 °C under 1 atm of it, mol/L (Henry 0.034 mol/(L·atm), CRC Handbook). */
export const CO2_AT_ONE_ATM = 0.034;

/** CO2 dissolved in what stands open to air, 420 ppm of it, mol/L. */
export const CO2_IN_AIR = CO2_AT_ONE_ATM * 420e-6;

/** What is dissolved: how much of each system, and the ions that take no part. */
export interface Solution {
  /** mol/L of each system, all its forms together, in the order of `ACID_SYSTEMS`. */
  readonly totals: Float64Array;
  /** Charge of the ions that take no part, mol/L. */
  readonly spectatorCharge: number;
  /** Sum of concentration times charge squared of the ions that take no part, mol/L. */
  readonly spectatorIonic: number;
}

export interface Equilibrium {
  readonly pH: number;
  /** mol/L. */
  readonly ionicStrength: number;
  /** Share of each system that holds all its protons, 0 to 1, in the order of `ACID_SYSTEMS`. */
  readonly protonated: Float64Array;
  /** Dissolved CO2, mol/L. */
  readonly carbonDioxideMolPerL: number;
  /** How much strong acid moves the pH by one, mol/L: the buffer capacity. */
  readonly bufferMolPerL: number;
  readonly beyondModel: boolean;
}

interface Options {
  /** Holds dissolved CO2 at so many mol/L, whatever carbonate was put in: an open vessel. */
  readonly carbonDioxide?: number;
  /** pKa of soap's acids; their band is 7 to 9. */
  readonly fattyPKa?: number;
}

const CARBONIC = systemIndex('carbonic');
const FATTY = systemIndex('fatty');

const CHARGES = ACID_SYSTEMS.map((s) => s.charge);
const STEPS = ACID_SYSTEMS.map((s) => s.pKas.length);
/** Thermodynamic products of the first j constants, K1·…·Kj. */
const PRODUCTS = ACID_SYSTEMS.map((s) => {
  let sum = 0;
  return [1, ...s.pKas.map((pKa) => 10 ** -(sum += pKa))];
});
const MOST_CHARGE = 4;

/** Activity coefficients by charge, 0 to 4. Beyond the Davies range they stay as they are at its end. */
function activityCoefficients(ionicStrength: number): readonly number[] {
  const I = Math.min(ionicStrength, DAVIES_UP_TO);
  const root = Math.sqrt(I);
  const slope = -DAVIES_A * LN10 * (root / (1 + root) - 0.3 * I);
  const one = Math.exp(slope);
  const four = one ** 4;
  return [1, one, four, four * four * one, four ** 4];
}

/** Everything one evaluation of the charge balance finds, reused to spare the garbage. */
interface Balance {
  charge: number;
  /** −d(charge)/d(ln a_H), always more than zero. */
  slope: number;
  /** Sum of concentration times charge squared of all that takes part. */
  ionic: number;
}

/**
 * The search for one solution. With the ionic strength fixed, the charge falls strictly as the pH rises,
 * so there is one root, held in a bracket; the ionic strength itself is then found by repetition, and by
 * halving if that should not settle.
 */
class Search {
  private readonly present: number[] = [];
  /** K1·…·Kj with the activity coefficients in it, so that concentrations can be used, by system. */
  private readonly products: number[][] = [];
  private gamma: readonly number[] = activityCoefficients(0);
  private readonly found: Balance = { charge: 0, slope: 0, ionic: 0 };
  private readonly held: number | null;

  constructor(
    private readonly solution: Solution,
    private readonly options: Options,
  ) {
    this.held = options.carbonDioxide ?? null;
    for (let s = 0; s < ACID_SYSTEMS.length; s++) {
      if ((solution.totals[s] ?? 0) > 0 && !(s === CARBONIC && this.held !== null)) this.present.push(s);
    }
  }

  private useIonicStrength(I: number): void {
    this.gamma = activityCoefficients(I);
    for (const s of this.held === null ? this.present : [...this.present, CARBONIC])
      this.products[s] = this.productsOf(s);
  }

  private productsOf(s: number): number[] {
    const charge = CHARGES[s] ?? 0;
    const shift = s === FATTY ? 10 ** (FATTY_PKA.middle - (this.options.fattyPKa ?? FATTY_PKA.middle)) : 1;
    const own = this.gamma[Math.abs(charge)] ?? 1;
    return (PRODUCTS[s] ?? []).map((K, j) => {
      const gamma = this.gamma[Math.min(MOST_CHARGE, Math.abs(charge - j))] ?? 1;
      return (K * (j > 0 ? shift : 1) * own) / gamma;
    });
  }

  /** The charge balance at an activity of hydrogen ions. */
  private balanceAt(aH: number): Balance {
    const one = this.gamma[1] ?? 1;
    const h = aH / one;
    const oh = 10 ** -PKW / aH / one;
    let charge = this.solution.spectatorCharge + h - oh;
    let slope = h + oh;
    let ionic = h + oh;
    for (const s of this.present) {
      const products = this.products[s] ?? [];
      const top = CHARGES[s] ?? 0;
      let weight = 1;
      let sum = 0;
      let z = 0;
      let zz = 0;
      for (let j = 0; j < products.length; j++) {
        const share = (products[j] ?? 0) * weight;
        weight /= aH;
        const zj = top - j;
        sum += share;
        z += share * zj;
        zz += share * zj * zj;
      }
      const total = this.solution.totals[s] ?? 0;
      const mean = z / sum;
      charge += total * mean;
      ionic += (total * zz) / sum;
      slope += total * (zz / sum - mean * mean);
    }
    if (this.held !== null) {
      const [, k1 = 0, k2 = 0] = this.products[CARBONIC] ?? [];
      const single = (this.held * k1) / aH;
      const double = (this.held * k2) / (aH * aH);
      charge -= single + 2 * double;
      ionic += single + 4 * double;
      slope += single + 4 * double;
    }
    this.found.charge = charge;
    this.found.slope = slope;
    this.found.ionic = ionic;
    return this.found;
  }

  /** ln a_H at which the charges balance, for the ionic strength in use: Newton's step inside a bracket. */
  private root(start: number): number {
    let low = -16 * LN10;
    let high = 2 * LN10;
    let x = start;
    for (let i = 0; i < 100; i++) {
      const { charge, slope } = this.balanceAt(Math.exp(x));
      // The charge rises with ln a_H.
      if (charge > 0) high = x;
      else low = x;
      // The whole charge against the whole slope; near a turn this step would leave the bracket: halve instead.
      let next = x - charge / slope;
      if (!(next > low && next < high)) next = (low + high) / 2;
      if (Math.abs(next - x) < 1e-9 || high - low < 1e-9) return next;
      x = next;
    }
    return (low + high) / 2;
  }

  solve(start: number): Equilibrium {
    const ionicAt = (I: number, from: number): readonly [number, number] => {
      this.useIonicStrength(I);
      const x = this.root(from);
      return [x, 0.5 * (this.solution.spectatorIonic + this.balanceAt(Math.exp(x)).ionic)];
    };
    let x = start;
    let I = 0.5 * this.solution.spectatorIonic;
    let settled = false;
    for (let i = 0; i < 30 && !settled; i++) {
      const [at, next] = ionicAt(I, x);
      x = at;
      // Beyond the Davies range the coefficients no longer change, so neither does the answer.
      settled = Math.abs(next - I) <= 1e-7 * (1 + I) || (next >= DAVIES_UP_TO && I >= DAVIES_UP_TO);
      I = next;
    }
    if (!settled) {
      let low = 0;
      let high = DAVIES_UP_TO;
      for (let i = 0; i < 60; i++) {
        I = (low + high) / 2;
        const [at, next] = ionicAt(I, x);
        x = at;
        if (next > I) low = I;
        else high = I;
      }
    }
    return this.described(x, I);
  }

  private described(x: number, ionicStrength: number): Equilibrium {
    const aH = Math.exp(x);
    const protonated = new Float64Array(ACID_SYSTEMS.length);
    for (const s of this.present) {
      let sum = 0;
      let weight = 1;
      for (const product of this.products[s] ?? []) {
        sum += product * weight;
        weight /= aH;
      }
      protonated[s] = 1 / sum;
    }
    const totalCarbonic = this.solution.totals[CARBONIC] ?? 0;
    return {
      pH: -x / LN10,
      ionicStrength,
      protonated,
      carbonDioxideMolPerL: this.held ?? totalCarbonic * (protonated[CARBONIC] ?? 0),
      bufferMolPerL: this.balanceAt(aH).slope * LN10,
      beyondModel: ionicStrength > DAVIES_UP_TO,
    };
  }
}

/**
 * The equilibrium of a solution.
 * @param startPH where the search begins; any value gives the same answer, a near one sooner
 */
export function equilibrium(solution: Solution, options: Options = {}, startPH = 7): Equilibrium {
  return new Search(solution, options).solve(-startPH * LN10);
}

/** Three views of one mixture that holds carbonate. */
export interface CarbonateViews {
  /** Corked: all carbon dioxide stays. */
  readonly closed: Equilibrium;
  /** Fizzed out: what is beyond 1 atm of carbon dioxide has left. */
  readonly fizzedOut: Equilibrium;
  /** Stood open: in balance with the air. */
  readonly open: Equilibrium;
}

/** The three views; without carbonate all are the same. */
export function carbonateViews(solution: Solution): CarbonateViews {
  const closed = equilibrium(solution);
  if ((solution.totals[CARBONIC] ?? 0) <= 0) return { closed, fizzedOut: closed, open: closed };
  const fizzedOut =
    closed.carbonDioxideMolPerL > CO2_AT_ONE_ATM
      ? equilibrium(solution, { carbonDioxide: CO2_AT_ONE_ATM }, closed.pH)
      : closed;
  return { closed, fizzedOut, open: equilibrium(solution, { carbonDioxide: CO2_IN_AIR }, closed.pH + 1) };
}

/**
 * The charge that is missing at a pH, mol/L: how much strong alkali (more than 0) or acid (below 0) brings
 * the solution there. Concentration constants at the given ionic strength.
 */
export function toReachPH(solution: Solution, pH: number, ionicStrength: number): number {
  const gamma = activityCoefficients(ionicStrength);
  const aH = 10 ** -pH;
  const one = gamma[1] ?? 1;
  let charge = solution.spectatorCharge + aH / one - 10 ** -PKW / aH / one;
  for (let s = 0; s < ACID_SYSTEMS.length; s++) {
    const total = solution.totals[s] ?? 0;
    if (total <= 0) continue;
    const top = CHARGES[s] ?? 0;
    let sum = 0;
    let z = 0;
    for (let j = 0; j <= (STEPS[s] ?? 0); j++) {
      const share =
        ((PRODUCTS[s]?.[j] ?? 0) * (gamma[Math.abs(top)] ?? 1)) /
        (gamma[Math.min(MOST_CHARGE, Math.abs(top - j))] ?? 1) /
        aH ** j;
      sum += share;
      z += share * (top - j);
    }
    charge += (total * z) / sum;
  }
  return -charge || 0;
}
