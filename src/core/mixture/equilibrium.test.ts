import fc from 'fast-check';
import { runs } from '../../testing/runs';
import fzero from 'fzero';
import { ACID_SYSTEMS, systemIndex, type SystemId } from '../catalogue/acidSystems';
import { CO2_AT_ONE_ATM, carbonateViews, degassedNear } from './carbonateViews';
import { equilibrium, toReachPH, type Solution } from './equilibrium';

/** mol/L (or mol/kg: the same at these strengths) of systems, and of ions that take no part by charge. */
function solution(
  totals: Partial<Record<SystemId, number>>,
  spectators: readonly (readonly [charge: number, mol: number])[] = [],
): Solution {
  const t = new Float64Array(ACID_SYSTEMS.length);
  for (const [id, mol] of Object.entries(totals) as [SystemId, number][]) t[systemIndex(id)] = mol;
  return {
    totals: t,
    spectatorCharge: spectators.reduce((sum, [z, c]) => sum + z * c, 0),
    spectatorIonic: spectators.reduce((sum, [z, c]) => sum + z * z * c, 0),
  };
}
const pHOf = (s: Solution): number => equilibrium(s).pH;

describe('NIST standard buffers at 25 °C, within 0.05', () => {
  test.each([
    ['borax 0.01 mol/kg', solution({ boric: 0.04 }, [[1, 0.02]]), 9.18],
    ['NaHCO3 0.025 + Na2CO3 0.025 mol/kg', solution({ carbonic: 0.05 }, [[1, 0.075]]), 10.012],
    ['KH2 citrate 0.05 mol/kg', solution({ citric: 0.05 }, [[1, 0.05]]), 3.776],
    ['phosphate 0.025 + 0.025 mol/kg', solution({ phosphoric: 0.05 }, [[1, 0.075]]), 6.865],
    // Saturated potassium hydrogen tartrate, 0.0341 mol/kg: NIST 3.557; pKa from memory.
    ['KH tartrate 0.0341 mol/kg', solution({ tartaric: 0.0341 }, [[1, 0.0341]]), 3.557],
  ])('%s', (_, s, expected) => {
    expect(Math.abs(pHOf(s) - expected)).toBeLessThan(0.05);
  });
});

describe('CRC Handbook, approximate pH of solutions (from memory), within 0.2', () => {
  test.each([
    ['acetic acid 1 mol/L', solution({ acetic: 1 }), 2.4],
    ['acetic acid 0.1 mol/L', solution({ acetic: 0.1 }), 2.9],
    ['acetic acid 0.01 mol/L', solution({ acetic: 0.01 }), 3.4],
    ['ammonia 1 mol/L', solution({ ammonium: 1 }), 11.6],
    ['ammonia 0.1 mol/L', solution({ ammonium: 0.1 }), 11.1],
    ['borax 0.1 N', solution({ boric: 0.2 }, [[1, 0.1]]), 9.2],
    ['sodium bicarbonate 0.1 mol/L', solution({ carbonic: 0.1 }, [[1, 0.1]]), 8.25],
    ['citric acid 0.1 N', solution({ citric: 0.0333 }), 2.2],
    ['boric acid 0.1 N', solution({ boric: 0.1 }), 5.2],
    ['hydrochloric acid 0.1 mol/L', solution({ hydrochloric: 0.1 }), 1.1],
    ['sodium hydroxide 0.1 mol/L', solution({}, [[1, 0.1]]), 13],
  ])('%s', (_, s, expected) => {
    expect(Math.abs(pHOf(s) - expected)).toBeLessThanOrEqual(0.2);
  });

  // The table, from memory, has 11.6 for 0.1 N sodium carbonate: 0.3 above what its own pKa of 10.329 gives.
  test('sodium carbonate 0.1 N stands within 0.4 of the table', () => {
    expect(Math.abs(pHOf(solution({ carbonic: 0.05 }, [[1, 0.1]])) - 11.6)).toBeLessThan(0.4);
  });

  test('pure water is neutral', () => expect(pHOf(solution({}))).toBeCloseTo(13.995 / 2, 6));
});

/** The charge balance written out again, plainly, in concentrations, with no activity coefficients. */
function plainChargeBalance(
  totals: Partial<Record<SystemId, number>>,
  spectatorCharge: number,
): (pH: number) => number {
  return (pH) => {
    const h = 10 ** -pH;
    let charge = spectatorCharge + h - 10 ** -13.995 / h;
    for (const { id, pKas, charge: top } of ACID_SYSTEMS) {
      const total = totals[id] ?? 0;
      const beta = pKas.reduce<number[]>((done, pKa) => [...done, (done.at(-1) ?? 1) * 10 ** -pKa], [1]);
      const parts = beta.map((b, j) => b * h ** (pKas.length - j));
      const all = parts.reduce((a, b) => a + b, 0);
      parts.forEach((part, j) => (charge += total * (part / all) * (top - j)));
    }
    return charge;
  };
}

/** Very dilute, so that activities and concentrations agree and an independent solver can be held against ours. */
const anyTotals = fc.dictionary(
  fc.constantFrom<SystemId>(
    'acetic',
    'citric',
    'carbonic',
    'boric',
    'ammonium',
    'peroxide',
    'hypochlorous',
    'fatty',
    'sulfamic',
  ),
  fc.double({ min: 1e-7, max: 1e-5, noNaN: true }),
) as fc.Arbitrary<Partial<Record<SystemId, number>>>;

test('agrees with the root that the package fzero finds of the plain charge balance', () => {
  fc.assert(
    fc.property(anyTotals, fc.double({ min: -2e-5, max: 2e-5, noNaN: true }), (totals, strong) => {
      const balance = plainChargeBalance(totals, strong);
      const { solution: pH } = fzero((x) => balance(Number(x)).toExponential(17), [-1, 15]);
      const ours = pHOf(solution(totals, [[Math.sign(strong), Math.abs(strong)]]));
      expect(Math.abs(ours - Number(pH))).toBeLessThan(0.02);
    }),
    // The package's long numbers are slow; every run draws others.
    { numRuns: runs(30) },
  );
});

describe('what always holds', () => {
  const strongTotals = fc.dictionary(
    fc.constantFrom(...ACID_SYSTEMS.map((s) => s.id)),
    fc.double({ min: 0, max: 6, noNaN: true }),
  ) as fc.Arbitrary<Partial<Record<SystemId, number>>>;
  const ions = fc.array(fc.tuple(fc.constantFrom(-2, -1, 1, 2), fc.double({ min: 0, max: 8, noNaN: true })), {
    maxLength: 3,
  });

  test('the search converges on a balance of charges, whatever is in it', () => {
    fc.assert(
      fc.property(strongTotals, ions, fc.double({ min: 0, max: 14, noNaN: true }), (totals, spectators, start) => {
        const s = solution(totals, spectators);
        const found = equilibrium(s, {}, start);
        expect(Number.isFinite(found.pH)).toBe(true);
        // The balance closes: no strong acid or alkali is missing at the pH found.
        const missing = toReachPH(s, found.pH, Math.min(found.ionicStrength, 0.5));
        expect(Math.abs(missing)).toBeLessThan(1e-5 * (1 + found.bufferMolPerL));
        // Where the search starts does not matter.
        expect(Math.abs(equilibrium(s, {}, 14 - start).pH - found.pH)).toBeLessThan(1e-4);
      }),
      { numRuns: runs(500) },
    );
  });

  test('more acid never raises the pH', () => {
    fc.assert(
      fc.property(strongTotals, ions, fc.double({ min: 0.001, max: 1, noNaN: true }), (totals, spectators, more) => {
        const before = pHOf(solution(totals, spectators));
        const after = pHOf(solution({ ...totals, acetic: (totals.acetic ?? 0) + more }, spectators));
        expect(after).toBeLessThanOrEqual(before + 0.06);
      }),
      { numRuns: runs(300) },
    );
  });
});

describe('three views of carbonate', () => {
  // 5 % vinegar used up by its own amount of soda: 0.83 mol/L of each.
  const fizz = solution({ acetic: 0.833, carbonic: 0.833 }, [[1, 0.833]]);

  test('as the carbon dioxide leaves, the pH rises', () => {
    const { closed, degassed: fizzedOut, open } = carbonateViews(fizz);
    expect(closed.pH).toBeLessThan(fizzedOut.pH);
    expect(fizzedOut.pH).toBeLessThan(open.pH);
    expect(fizzedOut.carbonDioxideMolPerL).toBe(CO2_AT_ONE_ATM);
    // Neither an acid nor much of an alkali any more.
    expect(fizzedOut.pH).toBeGreaterThan(5);
    expect(fizzedOut.pH).toBeLessThan(7);
  });

  test('baking soda alone does not fizz, and drifts up as it stands open', () => {
    const { closed, degassed: fizzedOut, open } = carbonateViews(solution({ carbonic: 0.1 }, [[1, 0.1]]));
    expect(fizzedOut).toBe(closed);
    expect(open.pH).toBeGreaterThan(8.6);
  });

  test('one that does not fizz is not taken for its neighbour that does', () => {
    const flat = solution({ acetic: 0.833, carbonic: 0.02 }, [[1, 0.02]]);
    const { degassed: fizzedOut } = carbonateViews(fizz);
    expect(degassedNear(flat, fizzedOut, 8).pH).toBeCloseTo(equilibrium(flat).pH, 4);
    expect(degassedNear(fizz, equilibrium(flat), 8).pH).toBeCloseTo(fizzedOut.pH, 4);
  });

  // CRC Handbook: water in balance with the carbon dioxide of air stands at about pH 5.6.
  test('water open to the air', () => {
    expect(carbonateViews(solution({ carbonic: 1e-5 })).open.pH).toBeCloseTo(5.6, 1);
  });
});

describe('reserve', () => {
  // One mole of acetic acid needs 0.994 mol of alkali to pH 7 (pKa 4.756).
  test('what brings acetic acid to pH 7', () => {
    expect(toReachPH(solution({ acetic: 0.1 }), 7, 0.05)).toBeCloseTo(0.0996, 3);
    expect(toReachPH(solution({ ammonium: 0.1 }), 7, 0.05)).toBeCloseTo(-0.0995, 3);
  });
});
