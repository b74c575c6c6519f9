import { systemIndex } from '../catalogue/acidSystems';
import { equilibrium, type Equilibrium, type Solution } from './equilibrium';

const CARBONIC = systemIndex('carbonic');

/** CO2 dissolved at 25 °C under 1 atm of it, mol/L (Henry 0.034 mol/(L·atm), CRC Handbook). */
export const CO2_AT_ONE_ATM = 0.034;

/** CO2 dissolved in what stands open to air, 420 ppm of it, mol/L. */
export const CO2_IN_AIR = CO2_AT_ONE_ATM * 420e-6;

/** Three views of one mixture that holds carbonate. */
export interface CarbonateViews {
  /** Corked: all carbon dioxide stays. */
  readonly closed: Equilibrium;
  /** Fizzed out: what is beyond 1 atm of carbon dioxide has left. */
  readonly degassed: Equilibrium;
  /** Stood open: in balance with the air. */
  readonly open: Equilibrium;
}

/** The three views; without carbonate all are the same. */
export function carbonateViews(solution: Solution): CarbonateViews {
  const closed = equilibrium(solution);
  if ((solution.totals[CARBONIC] ?? 0) <= 0) return { closed, degassed: closed, open: closed };
  const fizzedOut =
    closed.carbonDioxideMolPerL > CO2_AT_ONE_ATM
      ? equilibrium(solution, { carbonDioxide: CO2_AT_ONE_ATM }, closed.pH)
      : closed;
  return { closed, degassed: fizzedOut, open: equilibrium(solution, { carbonDioxide: CO2_IN_AIR }, closed.pH + 1) };
}

/**
 * A solution fizzed out, where one near it is known: its neighbour tells whether it fizzes, so that one
 * search does in place of two.
 */
export function degassedNear(solution: Solution, near: Equilibrium, fattyPKa: number): Equilibrium {
  const total = solution.totals[CARBONIC] ?? 0;
  if (total > 0 && near.carbonDioxideMolPerL >= CO2_AT_ONE_ATM) {
    const fizzed = equilibrium(solution, { fattyPKa, carbonDioxide: CO2_AT_ONE_ATM }, near.pH);
    // It does not hold more carbonate than was put in: then it does fizz.
    if (fizzed.carbonateMolPerL <= total) return fizzed;
  }
  const closed = equilibrium(solution, { fattyPKa }, near.pH);
  return closed.carbonDioxideMolPerL > CO2_AT_ONE_ATM
    ? equilibrium(solution, { fattyPKa, carbonDioxide: CO2_AT_ONE_ATM }, closed.pH)
    : closed;
}
