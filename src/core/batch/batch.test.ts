import { piecesOf } from './pieces';
import { DEFAULT_CONTEXT } from '../evaluation/context';
import { evaluate } from '../evaluation/evaluate';
import { evaluateAndPlan } from '../evaluation/pourPlan';
import type { Formula } from '../formula/formula';
import { STARTER_FORMULAS } from '../formula/starters';
import { fullML, type Vessel } from '../catalogue/vessels';
import { toolSet } from '../quantity/tools';
import {
  batchesOf,
  batchStatus,
  finishedBatches,
  isOff,
  nextLine,
  rescaledFits,
  shiftML,
  toPourML,
  withoutLast,
  withPoured,
  withRescaled,
  type BatchInProgress,
} from './progress';
import { batchTarget, type TargetRequest } from './target';

const starter = (id: string): Formula => STARTER_FORMULAS.find((f) => f.id === `starter-${id}`)!;
const vessel: Vessel = { id: 'v', name: 'V', shape: 'straight-spray', capacityML: 500, material: 'hdpe', opaque: true };
const context = DEFAULT_CONTEXT;

const planOf = (batch: BatchInProgress) => {
  const result = evaluateAndPlan(batch.formula, vessel, toolSet(['jug'], 'metric'), context, undefined, batch.aim);
  if (!result.ok) throw new Error('plan');
  return result.value;
};
const begun = (formula: Formula): BatchInProgress => ({
  formula,
  vessel,
  isNew: false,
  aim: null,
  inBottle: true,
  dwell: null,
  labelled: true,
  poured: {},
  done: [],
  accepted: [],
});

const status = (batch: BatchInProgress, plan: ReturnType<typeof planOf>['plan']) =>
  batchStatus(batch, plan, planOf(start).evaluation, context);
const start = begun(starter('wall'));

describe('pieces of a mould', () => {
  test.each<[number, number, number, ReturnType<typeof piecesOf>]>([
    [555, 20, 12, { pieces: 27, fillings: 3, leftG: 15 }],
    [240, 20, 12, { pieces: 12, fillings: 1, leftG: 0 }],
    [19, 20, 12, { pieces: 0, fillings: 0, leftG: 19 }],
    [555, 0, 12, null],
    [555, NaN, 12, null],
    [555, 20, 2.5, null],
    [555, 20, 201, null],
    [NaN, 20, 12, null],
  ])('%d g, %d g each, %d hollows', (massG, pieceG, hollows, found) =>
    expect(piecesOf(massG, pieceG, hollows)).toEqual(found),
  );
});

describe('mixing step by step', () => {
  // One part vinegar to four of water in 450 mL: 360 of water first, then 90.
  const { plan } = planOf(start);

  test('goes line by line in the order of addition, and is through after the last', () => {
    const first = nextLine(start, plan)!;
    expect(first.ingredientId).toBe('distilled-water');
    expect(toPourML(start, first)).toBeCloseTo(360, 0);
    const one = withPoured(start, first, 360);
    const second = nextLine(one, plan)!;
    expect(second.ingredientId).toBe('white-vinegar');
    expect(nextLine(withPoured(one, second, 90), plan)).toBeNull();
    expect(withoutLast(one)).toEqual(start);
  });

  test('20 mL too much vinegar: the rest is made to fit, the water topped up', () => {
    const [water, vinegar] = plan.lines;
    const over = withPoured(withPoured(start, water!, water!.volumeML), vinegar!, vinegar!.volumeML + 20);
    expect(isOff(over, vinegar!)).toBe(true);
    const more = withRescaled(over, plan);
    const { plan: larger } = planOf(more);
    // 110 mL of vinegar want 440 of water: 80 more, 550 in all.
    expect(larger.batchML).toBeCloseTo(550, 0);
    const next = nextLine(more, larger)!;
    expect(next.ingredientId).toBe('distilled-water');
    expect(toPourML(more, next)).toBeCloseTo(80, 0);
    const whole = withPoured(more, next, toPourML(more, next));
    expect(nextLine(whole, larger)).toBeNull();
    expect(larger.lines.some((l) => isOff(whole, l))).toBe(false);
    expect(status(whole, larger).evaluation.state.aceticAcidPercentWV).toBeCloseTo(1, 1);
  });

  test('left as it is, the batch says what is in it', () => {
    const [water, vinegar] = plan.lines;
    const over = withPoured(withPoured(start, water!, water!.volumeML), vinegar!, 2 * vinegar!.volumeML);
    // 180 in 540 instead of 90 in 450: 5 % × a third.
    expect(status(over, plan).evaluation.state.aceticAcidPercentWV).toBeCloseTo(5 / 3, 1);
  });

  test('where it stands: the line to pour, the one that is off, what is in', () => {
    const [water, vinegar] = plan.lines;
    expect(status({ ...start, labelled: false }, plan).line).toBeNull();
    const over = withPoured(withPoured(start, water!, water!.volumeML), vinegar!, vinegar!.volumeML + 20);
    expect(status(over, plan)).toMatchObject({ line: null, off: { ingredientId: 'white-vinegar' } });
    expect(status({ ...over, accepted: [vinegar!.line.id] }, plan).off).toBeNull();
    expect(shiftML(over, plan)).toBeCloseTo(20, 6);
    // 550 mL in all do not go into a bottle of 500.
    expect(rescaledFits(over, plan)).toEqual({ batchML: expect.closeTo(550, 0), fits: false });
    expect(rescaledFits({ ...over, inBottle: false }, plan).fits).toBe(true);
    expect(rescaledFits(withPoured(start, water!, water!.volumeML), plan).fits).toBe(true);
  });

  test('what goes on the shelf is what was poured', () => {
    const [water, vinegar] = plan.lines;
    const { evaluation } = planOf(start);
    const finished = (batch: BatchInProgress) =>
      finishedBatches(
        batch,
        plan,
        { planned: evaluation, poured: status(batch, plan).evaluation },
        { vessels: [vessel], roomC: 20, madeAt: '2026-11-25T08:00:00.000Z' },
        () => 'b',
      )[0]!;
    const right = withPoured(withPoured(start, water!, water!.volumeML), vinegar!, vinegar!.volumeML);
    expect(finished(right)).toMatchObject({ formula: start.formula, volumeML: expect.closeTo(450, 6) });
    const over = withPoured(withPoured(start, water!, water!.volumeML), vinegar!, 2 * vinegar!.volumeML);
    expect(finished(over).volumeML).toBeCloseTo(540, 0);
    expect(finished(over).formula.lines.map((l) => l.amount.kind)).toEqual(['volume', 'volume']);
    expect(finished(over).label.strengths[0]?.percent).toBeCloseTo(5 / 3, 1);
  });

  test('several bottles are several batches, each with an id of its own', () => {
    let n = 0;
    const { evaluation } = planOf(start);
    const made = batchesOf(
      {
        formula: start.formula,
        evaluation,
        vessels: [vessel, vessel, vessel],
        volumeML: 450,
        roomC: 20,
        dwell: null,
        madeAt: '2026-11-25T08:00:00.000Z',
      },
      () => `b${n++}`,
    );
    expect(made.map((b) => b.id)).toEqual(['b0', 'b1', 'b2']);
    expect(made.every((b) => b.volumeML === 450 && b.label.name === start.formula.name)).toBe(true);
  });
});

describe('how much to make', () => {
  const wall = starter('wall');
  const judged = evaluate(wall, context);
  if (!judged.ok) throw new Error('wall');
  const target = (request: TargetRequest) => batchTarget(request, wall, judged.value, vessel, 450);
  const box = (lengthMM: number, widthMM: number) => ({ kind: 'box' as const, lengthMM, widthMM });
  const have = (lineId: string, value: number, unit: 'mL' | 'g' = 'mL') => ({ lineId, value, unit });

  test.each<[string, TargetRequest, number, number, boolean]>([
    ['several', { kind: 'several', bottles: 3 }, 1350, 3, true],
    // 100 mL of vinegar at 1 to 4.
    ['from what I have', { kind: 'have', haves: [have('1', 100)] }, 500, 1, false],
    ['less than the bottle', { kind: 'have', haves: [have('1', 80)] }, 400, 1, true],
    ['so much', { kind: 'amount', value: 120, unit: 'mL' }, 120, 1, true],
    // Nearly all water: a gram is a millilitre within a percent.
    ['so many grams', { kind: 'amount', value: 100, unit: 'g' }, 100, 1, true],
    // 50 mL/m² of spray (cleaning/drying).
    ['an area', { kind: 'area', areaM2: 2 }, 100, 1, true],
    ['a tub', { kind: 'cover', floor: box(400, 300), depthMM: 100, displacedML: 0 }, 12_000, 1, false],
    [
      'a round tub',
      { kind: 'cover', floor: { kind: 'round', diameterMM: 200 }, depthMM: 100, displacedML: 0 },
      Math.PI * 1000,
      1,
      false,
    ],
  ])('%s', (_, request, batchML, bottles, inBottle) => {
    const found = target(request);
    expect(found.problem).toBeNull();
    expect(found.pourTarget?.batchML).toBeCloseTo(batchML, 0);
    expect(found.pourTarget?.bottles).toBe(bottles);
    expect(found.inBottle).toBe(inBottle);
    expect(found.basis?.kind).toBe(request.kind);
  });

  test('the bottle full is no target of its own', () => {
    expect(target({ kind: 'fill' })).toEqual({
      formula: wall,
      pourTarget: null,
      inBottle: true,
      basis: null,
      problem: null,
    });
    // A closed bottle keeps 10 % to shake, an open tub 25 % to stir (common practice, no source).
    expect(fullML(vessel)).toBeCloseTo(450, 6);
    expect(fullML({ ...vessel, shape: 'tub' })).toBeCloseTo(375, 6);
  });

  test('what runs out first is named', () =>
    expect(target({ kind: 'have', haves: [have('1', 100), have('2', 2000)] }).basis).toMatchObject({
      limitedBy: 'white vinegar',
    }));

  test('a concentrate is a formula of its own, with how to dilute it', () => {
    const made = target({ kind: 'concentrate', times: 2 });
    expect(made.formula.name).toBe('Shower rinse spray (2 × concentrate)');
    expect(made.basis).toMatchObject({ dilutedWith: 'distilled water', times: 2 });
    expect(made.basis?.kind === 'concentrate' && made.basis.makeUpToParts).toBeCloseTo(2, 6);
    expect(made.pourTarget).toBeNull();
  });

  test.each<[TargetRequest, string]>([
    [{ kind: 'several', bottles: NaN }, 'not-given'],
    [{ kind: 'several', bottles: 1 }, 'not-given'],
    [{ kind: 'several', bottles: 2.5 }, 'not-given'],
    [{ kind: 'several', bottles: 51 }, 'not-given'],
    [{ kind: 'have', haves: [] }, 'not-given'],
    [{ kind: 'have', haves: [have('no such line', 100)] }, 'not-given'],
    [{ kind: 'concentrate', times: 9 }, 'refused'],
    [{ kind: 'amount', value: NaN, unit: 'mL' }, 'not-given'],
    [{ kind: 'amount', value: 200_000, unit: 'mL' }, 'too-much'],
    [{ kind: 'area', areaM2: -1 }, 'not-given'],
    [{ kind: 'area', areaM2: 99_999 }, 'too-much'],
    [{ kind: 'cover', floor: box(400, NaN), depthMM: 80, displacedML: 0 }, 'not-given'],
    [{ kind: 'cover', floor: box(400, 300), depthMM: 80, displacedML: NaN }, 'not-given'],
    [{ kind: 'cover', floor: box(100, 100), depthMM: 10, displacedML: 100 }, 'not-given'],
  ])('%j: %s, and the bottle stays full meanwhile', (request, problem) => {
    const made = target(request);
    expect(made.problem?.kind).toBe(problem);
    expect(made.pourTarget).toBeNull();
    expect(made.formula).toBe(wall);
  });

  test('more than is planned at once is said with how much it would be', () =>
    expect(batchTarget({ kind: 'several', bottles: 50 }, wall, judged.value, vessel, 4500).problem).toEqual({
      kind: 'too-much',
      batchML: 225_000,
    }));
});
