import { ACID_SYSTEMS, FATTY_PKA, systemIndex } from '../catalogue/acidSystems';

/**
 * The acid–base equilibrium of a solution at 25 °C: the pH at which positive and negative charges
 * balance, with activities by the Davies equation.
 *
 * Range: Davies holds to an ionic strength of about 0.5 mol/L; beyond it the activity coefficients stay at
 * what they are there, and the band of the pH is widened for it (`acidity.ts`).
 * Sources: Davies, A = 0.509; pKa and pKw, CRC Handbook and NIST (`catalogue/acidSystems.ts`).
 */

const LN10 = Math.LN10;
const KW = 10 ** -13.995;
const DAVIES_A = 0.509;

/** Steps of a search at most, and how close it comes: a hundred-thousandth of a pH, a ten-thousandth of I. */
const MAX_STEPS = 100;
const MAX_ROUNDS = 30;
const PRECISE_LN = 1e-5;
const PRECISE_I = 1e-5;

/** Where the Davies equation ends, mol/L. */
export const DAVIES_UP_TO = 0.5;

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
  /** Carbonate in all its forms, dissolved CO2 too, mol/L. */
  readonly carbonateMolPerL: number;
  /** How much strong acid moves the pH by one, mol/L: the buffer capacity. */
  readonly bufferMolPerL: number;
}

interface Options {
  /** Holds dissolved CO2 at so many mol/L, whatever carbonate was put in: an open vessel. */
  readonly carbonDioxide?: number;
  /** pKa of soap's acids; their band is 7 to 9. */
  readonly fattyPKa?: number;
}

const CARBONIC = systemIndex('carbonic');
const FATTY = systemIndex('fatty');

const SYSTEMS = ACID_SYSTEMS.length;
/** Forms of a system at most: phosphoric acid and citric acid have four. */
const FORMS = 1 + Math.max(...ACID_SYSTEMS.map((s) => s.pKas.length));
const CHARGES = Int8Array.from(ACID_SYSTEMS, (s) => s.charge);
const STEPS = Int8Array.from(ACID_SYSTEMS, (s) => s.pKas.length);
/** Thermodynamic products of the first j constants, K1·…·Kj, one row of {@link FORMS} a system. */
const PRODUCTS = new Float64Array(SYSTEMS * FORMS);
ACID_SYSTEMS.forEach((system, s) => {
  let sum = 0;
  PRODUCTS[s * FORMS] = 1;
  system.pKas.forEach((pKa, j) => {
    sum += pKa;
    PRODUCTS[s * FORMS + j + 1] = 10 ** -sum;
  });
});

/** Activity coefficients by charge, 0 to 4. Beyond the Davies range they stay as they are at its end. */
function activityCoefficients(ionicStrength: number, into: Float64Array): Float64Array {
  const I = Math.min(ionicStrength, DAVIES_UP_TO);
  const root = Math.sqrt(I);
  const one = Math.exp(-DAVIES_A * LN10 * (root / (1 + root) - 0.3 * I));
  const four = one * one * one * one;
  into[0] = 1;
  into[1] = one;
  into[2] = four;
  into[3] = four * four * one;
  into[4] = four * four * four * four;
  return into;
}

// A keystroke asks for several equilibria: the search works in place, in the same few arrays each time.
const gamma = new Float64Array(5);
const products = new Float64Array(SYSTEMS * FORMS);
const present = new Int8Array(SYSTEMS + 1);

/** What one evaluation of the charge balance finds. */
const found = {
  charge: 0,
  /** d(charge)/d(ln a_H), always more than zero. */
  slope: 0,
  /** Sum of concentration times charge squared of all that takes part. */
  ionic: 0,
};

/**
 * One search. With the ionic strength fixed the charge rises strictly with the activity of hydrogen ions, so
 * there is one root, held in a bracket; the ionic strength itself is then found by repetition, and by halving
 * if that should not settle.
 */
class Search {
  private readonly count: number;
  private readonly held: number;

  constructor(
    private readonly solution: Solution,
    private readonly options: Options,
  ) {
    this.held = options.carbonDioxide ?? -1;
    let count = 0;
    for (let s = 0; s < SYSTEMS; s++) {
      if ((solution.totals[s] ?? 0) > 0 && !(s === CARBONIC && this.held >= 0)) present[count++] = s;
    }
    this.count = count;
  }

  /** Concentration constants at an ionic strength. */
  private useIonicStrength(I: number): void {
    activityCoefficients(I, gamma);
    for (let i = 0; i < this.count; i++) this.useSystem(present[i] ?? 0);
    if (this.held >= 0) this.useSystem(CARBONIC);
  }

  private useSystem(s: number): void {
    const charge = CHARGES[s] ?? 0;
    const own = gamma[charge] ?? 1;
    const { fattyPKa } = this.options;
    const shift = s === FATTY && fattyPKa !== undefined ? 10 ** (FATTY_PKA.middle - fattyPKa) : 1;
    const row = s * FORMS;
    for (let j = 0; j <= (STEPS[s] ?? 0); j++) {
      const z = charge - j;
      products[row + j] = ((PRODUCTS[row + j] ?? 0) * (j > 0 ? shift : 1) * own) / (gamma[z < 0 ? -z : z] ?? 1);
    }
  }

  /** The charge balance at an activity of hydrogen ions. */
  private balanceAt(aH: number): typeof found {
    const one = gamma[1] ?? 1;
    const perH = 1 / aH;
    const h = aH / one;
    const oh = (KW * perH) / one;
    let charge = this.solution.spectatorCharge + h - oh;
    let slope = h + oh;
    let ionic = h + oh;
    for (let i = 0; i < this.count; i++) {
      const s = present[i] ?? 0;
      const row = s * FORMS;
      const steps = STEPS[s] ?? 0;
      const top = CHARGES[s] ?? 0;
      let weight = 1;
      let sum = 0;
      let z = 0;
      let zz = 0;
      for (let j = 0; j <= steps; j++) {
        const share = (products[row + j] ?? 0) * weight;
        weight *= perH;
        const zj = top - j;
        sum += share;
        z += share * zj;
        zz += share * zj * zj;
      }
      const total = this.solution.totals[s] ?? 0;
      const mean = z / sum;
      const square = zz / sum;
      charge += total * mean;
      ionic += total * square;
      slope += total * (square - mean * mean);
    }
    if (this.held >= 0) {
      const row = CARBONIC * FORMS;
      const single = this.held * (products[row + 1] ?? 0) * perH;
      const double = this.held * (products[row + 2] ?? 0) * perH * perH;
      charge -= single + 2 * double;
      ionic += single + 4 * double;
      slope += single + 4 * double;
    }
    found.charge = charge;
    found.slope = slope;
    found.ionic = ionic;
    return found;
  }

  /** ln a_H at which the charges balance, for the ionic strength in use: Newton's step inside a bracket. */
  private root(start: number): number {
    let low = -16 * LN10;
    let high = 6 * LN10;
    let x = start;
    for (let i = 0; i < MAX_STEPS; i++) {
      const { charge, slope } = this.balanceAt(Math.exp(x));
      if (charge > 0) high = x;
      else low = x;
      // Where Newton's step would leave the bracket, or leap, it is halved instead.
      let next = x - charge / slope;
      if (!(next > low && next < high)) next = (low + high) / 2;
      const moved = next > x ? next - x : x - next;
      x = next;
      if (moved < PRECISE_LN || high - low < PRECISE_LN) break;
    }
    return x;
  }

  solve(start: number): Equilibrium {
    const { spectatorIonic } = this.solution;
    let x = start;
    let I = 0.5 * spectatorIonic;
    for (let i = 0; i < MAX_ROUNDS; i++) {
      this.useIonicStrength(I);
      x = this.root(x);
      const next = 0.5 * (spectatorIonic + this.balanceAt(Math.exp(x)).ionic);
      // Beyond the Davies range the coefficients no longer change, so neither does the answer.
      const settled = Math.abs(next - I) <= PRECISE_I * (1e-3 + I) || (next >= DAVIES_UP_TO && I >= DAVIES_UP_TO);
      I = next;
      if (settled) break;
    }
    return this.described(x, I);
  }

  private described(x: number, ionicStrength: number): Equilibrium {
    const aH = Math.exp(x);
    const { slope } = this.balanceAt(aH);
    const protonated = new Float64Array(SYSTEMS);
    for (let i = 0; i < this.count; i++) {
      const s = present[i] ?? 0;
      let sum = 0;
      let weight = 1;
      for (let j = 0; j <= (STEPS[s] ?? 0); j++) {
        sum += (products[s * FORMS + j] ?? 0) * weight;
        weight /= aH;
      }
      protonated[s] = 1 / sum;
    }
    let carbonDioxideMolPerL = (this.solution.totals[CARBONIC] ?? 0) * (protonated[CARBONIC] ?? 0);
    let carbonateMolPerL = this.solution.totals[CARBONIC] ?? 0;
    if (this.held >= 0) {
      const row = CARBONIC * FORMS;
      carbonDioxideMolPerL = this.held;
      carbonateMolPerL = this.held * (1 + (products[row + 1] ?? 0) / aH + (products[row + 2] ?? 0) / (aH * aH));
    }
    return {
      pH: -x / LN10,
      ionicStrength,
      protonated,
      carbonDioxideMolPerL,
      carbonateMolPerL,
      bufferMolPerL: slope * LN10,
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

/**
 * The charge that is missing at a pH, mol/L: how much strong alkali (more than 0) or acid (below 0) brings
 * the solution there. Concentration constants at the given ionic strength.
 */
export function toReachPH(solution: Solution, pH: number, ionicStrength: number): number {
  activityCoefficients(ionicStrength, gamma);
  const aH = 10 ** -pH;
  const one = gamma[1] ?? 1;
  let charge = solution.spectatorCharge + aH / one - KW / aH / one;
  for (let s = 0; s < SYSTEMS; s++) {
    const total = solution.totals[s] ?? 0;
    if (total <= 0) continue;
    const top = CHARGES[s] ?? 0;
    let sum = 0;
    let z = 0;
    for (let j = 0; j <= (STEPS[s] ?? 0); j++) {
      const K = ((PRODUCTS[s * FORMS + j] ?? 0) * (gamma[top] ?? 1)) / (gamma[Math.abs(top - j)] ?? 1);
      const share = K / aH ** j;
      sum += share;
      z += share * (top - j);
    }
    charge += (total * z) / sum;
  }
  return -charge || 0;
}
