import convertUnits from 'convert-units';
import Qty from 'js-quantities';
import { MEASURE_SYSTEMS, unitG, unitML } from './units';

describe('volume units', () => {
  // NIST Handbook 44, Appendix C, and the UK Units of Measurement Regulations 1995: exact.
  test.each([
    ['tsp', 'us', 4.92892159375],
    ['tbsp', 'us', 14.78676478125],
    ['fl-oz', 'us', 29.5735295625],
    ['cup', 'us', 236.5882365],
    ['pint', 'us', 473.176473],
    ['quart', 'us', 946.352946],
    ['gallon', 'us', 3785.411784],
    ['fl-oz', 'imperial', 28.4130625],
    ['pint', 'imperial', 568.26125],
    // A gallon is 4.54609 L, a quart a quarter and a pint an eighth of it (the same Regulations, Schedule).
    ['quart', 'imperial', 1136.5225],
    ['gallon', 'imperial', 4546.09],
    ['pint', 'metric', 568.26125],
    ['cup', 'metric', 250],
    ['tbsp', 'metric', 15],
    ['tsp', 'metric', 5],
    ['tbsp', 'australian', 20],
    // 21 CFR 101.9(b)(5)(viii)
    ['cup', 'us-label', 240],
    ['tbsp', 'us-label', 15],
    ['tsp', 'us-label', 5],
  ] as const)('one %s (%s) is %d mL', (unit, system, expected) => {
    expect(unitML(unit, system)).toBeCloseTo(expected, 9);
  });

  test.each(MEASURE_SYSTEMS)('mL and L mean the same everywhere (%s)', (system) => {
    expect(unitML('mL', system)).toBe(1);
    expect(unitML('L', system)).toBe(1000);
  });

  // Outside check: the packages convert-units (to its own six digits) and js-quantities.
  test.each([
    ['tsp', 'tsp', 'tsp'],
    ['tbsp', 'Tbs', 'tbs'],
    ['fl-oz', 'fl-oz', 'floz'],
    ['cup', 'cup', 'cup'],
    ['pint', 'pnt', 'pint'],
    ['quart', 'qt', 'quart'],
    ['gallon', 'gal', 'gal'],
  ] as const)('%s agrees with two reference packages', (unit, inConvertUnits, inQuantities) => {
    const ours = unitML(unit, 'us');
    expect(convertUnits(1).from(inConvertUnits).to('ml') / ours).toBeCloseTo(1, 4);
    expect(Qty(1, inQuantities).to('ml').scalar / ours).toBeCloseTo(1, 5);
  });
});

describe('mass units', () => {
  // NIST Handbook 44, Appendix C: exact; outside check by js-quantities.
  test.each([
    ['oz', 28.349523125],
    ['lb', 453.59237],
    ['g', 1],
    ['kg', 1000],
    ['mg', 0.001],
  ] as const)('one %s is %d g', (unit, expected) => {
    expect(unitG(unit)).toBe(expected);
    expect(Qty(1, unit).to('g').scalar).toBeCloseTo(expected, 5);
  });
});
