import { STARTER_FORMULAS } from '../formula/starters';
import { DEFAULT_CONTEXT } from './context';
import { evaluateAndPlan } from './pourPlan';
import { evaluateAsPoured, formulaAsPoured, offPercent, rescaled } from './asPoured';
import { toolSet } from '../quantity/tools';
import type { Vessel } from '../catalogue/vessels';

const everyday = STARTER_FORMULAS.find((f) => f.id === 'starter-everyday')!;
const vessel: Vessel = { id: 'v', name: 'V', shape: 'straight-spray', capacityML: 500, material: 'hdpe', opaque: true };
const planned = evaluateAndPlan(everyday, vessel, toolSet(['jug'], 'metric'), DEFAULT_CONTEXT);
if (!planned.ok) throw new Error('plan');
const { plan, evaluation } = planned.value;
const [first, second] = plan.lines;

describe('what was really poured', () => {
  test('20 mL too much in one of two halves asks for 20 mL more of the other', () => {
    // Equal parts: arithmetic.
    const more = rescaled(plan, { [first!.line.id]: first!.volumeML + 20 });
    expect(more.times).toBeCloseTo((first!.volumeML + 20) / first!.volumeML, 9);
    expect(more.toPour.find((p) => p.lineId === first!.line.id)?.volumeML).toBe(0);
    expect(more.toPour.find((p) => p.lineId === second!.line.id)?.volumeML).toBeCloseTo(second!.volumeML + 20, 6);
    expect(more.batchML).toBeCloseTo(plan.batchML * more.times, 9);
  });

  test('a line that is in already is topped up when a later one is over', () => {
    const more = rescaled(plan, { [first!.line.id]: first!.volumeML, [second!.line.id]: 1.1 * second!.volumeML });
    expect(more.toPour.find((p) => p.lineId === first!.line.id)?.volumeML).toBeCloseTo(0.1 * first!.volumeML, 6);
  });

  test('nothing poured yet changes nothing', () => expect(rescaled(plan, {}).times).toBe(1));

  test('accepted as it is, the strength follows what was poured', () => {
    const acid = everyday.lines.find((l) => l.ingredient.kind === 'known' && l.ingredient.id === 'white-vinegar')!;
    const acidPlan = plan.lines.find((l) => l.line.id === acid.id)!;
    const result = evaluateAsPoured(everyday, plan.lines, { [acid.id]: 1.2 * acidPlan.volumeML }, DEFAULT_CONTEXT);
    if (!result.ok) throw new Error('as poured');
    // 1.2 parts in 2.2 against 1 in 2.
    const ratio = result.value.state.aceticAcidPercentWV / evaluation.state.aceticAcidPercentWV;
    expect(ratio).toBeCloseTo(1.2 / 2.2 / 0.5, 3);
    expect(formulaAsPoured(everyday, plan.lines, {}).lines).toHaveLength(2);
  });

  test.each([
    [100, 120, 20],
    [100, 95, -5],
    [0, 5, 0],
  ])('%d planned, %d poured: %d %% off', (plannedML, pouredML, expected) =>
    expect(offPercent(plannedML, pouredML)).toBeCloseTo(expected, 9),
  );
});

describe('several bottles, and an amount of one’s own', () => {
  test('three bottles share one batch, each filled to its mark', () => {
    const result = evaluateAndPlan(everyday, vessel, [], DEFAULT_CONTEXT, undefined, { batchML: 1350, bottles: 3 });
    if (!result.ok) throw new Error('plan');
    expect(result.value.plan).toMatchObject({ batchML: 1350, bottles: 3, fillML: 450 });
    expect(result.value.plan.lines.every((l) => l.pourToMM === null)).toBe(true);
    expect(result.value.plan.fillMM).toBeCloseTo(plan.fillMM, 6);
  });

  test('rounding that moves a strength by more than 5 % is said', () => {
    // One teaspoon alone to measure 11 mL with: 10 or 15 mL, either is off by more than 5 %.
    const small: Vessel = { ...vessel, capacityML: 25 };
    const spoons = [{ kind: 'scoop' as const, id: 's', name: '1 tsp', volumeML: 5 }];
    const worktop = STARTER_FORMULAS.find((f) => f.id === 'starter-worktop')!;
    const soap = {
      ...worktop,
      lines: worktop.lines.map((l) =>
        l.amount.kind === 'percent' ? { ...l, amount: { ...l.amount, value: { low: 4, high: 4 } } } : l,
      ),
    };
    const context = DEFAULT_CONTEXT;
    const drops = evaluateAndPlan(soap, small, spoons, context);
    if (!drops.ok) throw new Error('plan');
    // 4 % of 22.5 mL is 0.9 mL: 18 drops at 20 to the mL, exact.
    expect(drops.value.plan.shifts).toEqual([]);
    const tiny = evaluateAndPlan(soap, { ...vessel, capacityML: 10 }, spoons, { ...context, droppers: 8 });
    if (!tiny.ok) throw new Error('plan');
    // 4 % of 9 mL is 0.36 mL: 2.9 drops at 8 to the mL, so 3: 4 % more, within.
    expect(tiny.value.plan.shifts).toEqual([]);
    const rough = evaluateAndPlan(soap, { ...vessel, capacityML: 12 }, spoons, { ...context, droppers: 8 });
    if (!rough.ok) throw new Error('plan');
    // 4 % of 10.8 mL is 0.432 mL: 3.46 drops, so 3: about a tenth less (by the soap’s own drops).
    expect(rough.value.plan.shifts.map((s) => s.key)).toEqual(['soap']);
    expect(rough.value.plan.shifts[0]?.changePercent).toBeLessThan(-8);
  });
});

describe('a line at what was poured', () => {
  const scour = STARTER_FORMULAS.find((f) => f.id === 'starter-scour')!;
  const [soda, water] = scour.lines;
  const scoured = [
    { line: soda!, volumeML: 100 },
    { line: water!, volumeML: 50 },
  ];

  test('grams of what is solid, mL of the rest; nothing of what is not to go in', () => {
    const made = formulaAsPoured(scour, scoured, { [water!.id]: 60 });
    // Baking soda as spooned, 0.95 g/mL or as the catalogue has it: what matters is that it is the mass.
    expect(made.lines[0]!.amount).toMatchObject({ kind: 'mass', unit: 'g' });
    expect(made.lines[1]!.amount).toEqual({ kind: 'volume', value: { low: 60, high: 60 }, unit: 'mL' });
    expect(made.makesML).toBeNull();
    expect(formulaAsPoured(scour, [scoured[0]!], {}).lines.map((l) => l.id)).toEqual([soda!.id]);
    expect(formulaAsPoured(scour, scoured, { [water!.id]: 0 }).lines.map((l) => l.id)).toEqual([soda!.id]);
  });

  test('twice the volume of a powder is twice its grams', () => {
    const gramsOf = (volumeML: number): number => {
      const { amount } = formulaAsPoured(scour, [{ line: soda!, volumeML }], {}).lines[0]!;
      return 'value' in amount ? amount.value.low : NaN;
    };
    expect(gramsOf(200) / gramsOf(100)).toBeCloseTo(2, 9);
    expect(gramsOf(100)).toBeGreaterThan(60);
    expect(gramsOf(100)).toBeLessThan(130);
  });

  test('a line that is planned at nothing asks for nothing more', () => {
    const lines = [
      { ...plan.lines[0]!, volumeML: 0 },
      { ...plan.lines[1]!, volumeML: 100 },
    ];
    const more = rescaled({ lines, batchML: 100 }, { [lines[0]!.line.id]: 30 });
    expect(more.times).toBe(1);
    expect(more.toPour.map((p) => p.volumeML)).toEqual([0, 100]);
  });
});
