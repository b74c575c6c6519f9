import { evaluateAndPlan, STARTER_FORMULAS, toolSet, DEFAULT_CONTEXT, type Formula, type Vessel } from '@/core';
import { batchTarget, FULL_BOTTLE, type TargetChoice } from './batchTarget';
import { withEdit, editHistory, isEditHistory, redo, undo, withTyped } from '../edit/editHistory';
import { typedAmount } from '../edit/LineEditor';
import {
  asPoured,
  batchesOf,
  isOff,
  nextLine,
  toPourML,
  withoutLast,
  withPoured,
  withRescaled,
  type BatchInProgress,
} from './batchInProgress';

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

describe('mixing step by step', () => {
  // One part vinegar to four of water in 450 mL: 360 of water first, then 90.
  const start = begun(starter('wall'));
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
    expect(asPoured(whole, larger, context)!.state.aceticAcidPercentWV).toBeCloseTo(1, 1);
  });

  test('left as it is, the batch says what is in it', () => {
    const [water, vinegar] = plan.lines;
    const over = withPoured(withPoured(start, water!, water!.volumeML), vinegar!, 2 * vinegar!.volumeML);
    // 180 in 540 instead of 90 in 450: 5 % × a third.
    expect(asPoured(over, plan, context)!.state.aceticAcidPercentWV).toBeCloseTo(5 / 3, 1);
  });

  test('several bottles are several batches, each with an id of its own', () => {
    let n = 0;
    const { evaluation } = planOf(start);
    const made = batchesOf(
      {
        formula: start.formula,
        evaluation,
        vessel,
        volumeML: 450,
        bottles: 3,
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
  const aim = (part: Partial<TargetChoice>) => batchTarget({ ...FULL_BOTTLE, ...part }, wall, vessel, 450, context);

  test.each([
    ['several', { kind: 'several' as const, bottles: '3' }, 1350, 3],
    // 100 mL of vinegar at 1 to 4.
    ['from what I have', { kind: 'have' as const, have: { '1': '100' } }, 500, 1],
    ['litres', { kind: 'have' as const, have: { '1': '0.1 L' } }, 500, 1],
    // 50 mL/m² of spray (cleaning/drying).
    ['an area', { kind: 'area' as const, areaM2: '2' }, 100, 1],
    ['a tub', { kind: 'cover' as const, lengthCM: '40', widthCM: '30', depthCM: '10' }, 12_000, 1],
    ['a round tub', { kind: 'cover' as const, round: true, lengthCM: '20', depthCM: '10' }, Math.PI * 1000, 1],
  ])('%s', (_, part, batchML, bottles) => {
    const { pourTarget: found, problem } = aim(part);
    expect(problem).toBeNull();
    expect(found?.batchML).toBeCloseTo(batchML, 0);
    expect(found?.bottles).toBe(bottles);
  });

  test('what runs out first is named', () =>
    expect(aim({ kind: 'have', have: { '1': '100', '2': '2000' } }).saying).toMatch(/white vinegar runs out first/));

  test('a concentrate is a formula of its own, with how to dilute it', () => {
    const made = aim({ kind: 'concentrate', times: '2' });
    expect(made.formula.name).toBe('Daily wall spray (2 × concentrate)');
    expect(made.saying).toMatch(/1 part of it, made up with distilled water to 2 parts/);
  });

  test.each([
    [{ kind: 'several' as const, bottles: 'two' }, /from 2 to 50/],
    [{ kind: 'have' as const }, /in mL, or in g/],
    [{ kind: 'concentrate' as const, times: '9' }, /from 1.1 to 5/],
    [{ kind: 'area' as const, areaM2: '-1' }, /area in m²/],
    [{ kind: 'area' as const, areaM2: '99999' }, /more than/],
    [{ kind: 'cover' as const, lengthCM: '40' }, /in cm/],
  ])('%j is asked for, and the bottle stays full meanwhile', (part, expected) => {
    const made = aim(part);
    expect(made.problem).toMatch(expected);
    expect(made.pourTarget).toBeNull();
  });
});

const PART = { kind: 'parts', value: { low: 1, high: 1 } } as const;

describe('the desk', () => {
  const a = starter('wall');
  const named = (name: string): Formula => ({ ...a, name });

  test('typing on in one place is one step back; another place is another', () => {
    let history = editHistory(a);
    history = withEdit(history, named('W'), 'name');
    history = withEdit(history, named('Wa'), 'name');
    history = withEdit(history, { ...named('Wa'), purpose: 'p' }, 'purpose');
    expect(undo(history).formula.name).toBe('Wa');
    expect(undo(undo(history)).formula).toBe(a);
    expect(redo(undo(history)).formula.purpose).toBe('p');
    expect(undo(editHistory(a))).toEqual(editHistory(a));
  });

  test('a change after a step back ends what was ahead', () => {
    const history = withEdit(undo(withEdit(editHistory(a), named('x'), null)), named('y'), null);
    expect(redo(history)).toBe(history);
  });

  test('what is typed and cannot be read yet is kept, and survives as data', () => {
    const history = withTyped(editHistory(a), '1', '1 cu');
    expect(isEditHistory(JSON.parse(JSON.stringify(history)))).toBe(true);
    expect(withTyped(history, '1', null).typed).toEqual({});
    expect(isEditHistory({ formula: null, past: 1 })).toBe(false);
  });

  test.each([
    ['½ cup', 'volume'],
    ['12 drops', 'drops'],
    ['5 % w/v', 'percent'],
    ['to fill', 'to-fill'],
    ['10 to 15 drops', 'drops'],
    ['a squirt', 'vague'],
    ['15 g per litre', 'grams-per-litre'],
  ])('"%s" is an amount', (text, kind) => expect(typedAmount(text, PART)?.kind).toBe(kind));

  test.each(['1 cu', '', 'cup of', '1/', 'x 2'])('"%s" is none yet', (text) =>
    expect(typedAmount(text, PART)).toBeNull(),
  );

  test.each([
    ['2', PART, { kind: 'parts', value: { low: 2, high: 2 } }],
    ['1/2', PART, { kind: 'parts', value: { low: 0.5, high: 0.5 } }],
    ['10 to 15', PART, { kind: 'parts', value: { low: 10, high: 15 } }],
    [
      '20',
      { kind: 'vague', word: 'squirt', volumeML: { low: 3, high: 7 } },
      { kind: 'volume', value: { low: 20, high: 20 }, unit: 'mL' },
    ],
    ['20', { kind: 'to-fill' }, null],
  ] as const)('a bare "%s" keeps the unit that stands', (text, like, expected) =>
    expect(typedAmount(text, like)).toEqual(expected),
  );
});
