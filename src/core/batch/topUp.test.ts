import type { Vessel } from '../catalogue/vessels';
import { contextIn, type HomeFacts } from '../evaluation/context';
import { evaluate } from '../evaluation/evaluate';
import { formulaFromReading } from '../formula/fromReading';
import { readRecipe } from '../formula/reader/readRecipe';
import type { Formula } from '../formula/formula';
import { discardBy, isLastOfIt, leftML, standsIn, withLevel, withUsed, type Batch } from '../shelf-life/batch';
import { labelOf } from '../shelf-life/label';
import { batchToppedUp, toppedUp } from './topUp';

const HOME: HomeFacts = { dropsPerML: 20, lives: [], hardnessMgPerL: null, schools: {} };
const NOW = '2026-11-27T10:00:00.000Z';
const BOTTLE: Vessel = {
  id: 'v',
  name: 'Sprayer',
  shape: 'straight-spray',
  capacityML: 500,
  material: 'hdpe',
  opaque: true,
};
const recipe = (name: string, text: string): Formula => ({
  ...formulaFromReading(readRecipe(text, { measures: 'metric' }), name, name, 'metric')!,
  id: name,
});
const VINEGAR = recipe('Everyday vinegar', '200 mL vinegar\n200 mL distilled water');
const PEROXIDE = recipe('Mould peroxide', '200 mL hydrogen peroxide');
const SOAP = recipe('Suds', '20 mL castile soap\n180 mL distilled water');

function bottleOf(formula: Formula, volumeML: number, change: Partial<Batch> = {}): Batch {
  const made = evaluate(formula, contextIn(BOTTLE, 'stored', HOME));
  if (!made.ok) throw new Error(formula.name);
  return {
    id: 'b',
    formula,
    vessel: BOTTLE,
    label: labelOf(formula, made.value),
    volumeML,
    madeAt: '2026-11-20T10:00:00.000Z',
    state: 'kept',
    endedAt: null,
    ...change,
  };
}
const top = (old: Batch, formula: Formula, volumeML: number, now = NOW) => {
  const result = toppedUp(old, { formula, volumeML }, BOTTLE, HOME, now);
  if (!result.ok) throw new Error(result.problems[0]?.message);
  return result.value;
};
const amounts = (formula: Formula) =>
  formula.lines.map((l) => [
    l.ingredient.kind === 'known' ? l.ingredient.id : '',
    'value' in l.amount ? Math.round(10 * l.amount.value.low) / 10 : 0,
  ]);

describe('how much is left', () => {
  const full = bottleOf(VINEGAR, 400);

  test('by what was used, and by what somebody sees', () => {
    expect(leftML(full)).toBe(400);
    expect(leftML(withUsed(full, 150))).toBe(250);
    expect(leftML(withUsed(withUsed(full, 350), 350))).toBe(0);
    expect(leftML(withLevel(full, 0.5))).toBe(200);
    expect(leftML(withUsed(withLevel(full, 0.5), -1000))).toBe(400);
    expect(leftML({ ...full, state: 'emptied' })).toBe(0);
  });

  test('a quarter is the last of it', () => {
    expect(isLastOfIt(withLevel(full, 0.26))).toBe(false);
    expect(isLastOfIt(withLevel(full, 0.25))).toBe(true);
    expect(isLastOfIt({ ...withLevel(full, 0.1), state: 'discarded' })).toBe(false);
  });

  test('what stands in a bottle is what was not emptied', () => {
    const gone = bottleOf(SOAP, 200, { id: 'gone', state: 'emptied' });
    const other = bottleOf(SOAP, 200, { id: 'other', vessel: { ...BOTTLE, id: 'w' } });
    expect(standsIn('v', [gone, other, full]).map((b) => b.id)).toEqual(['b']);
    expect(standsIn('w', [gone, other, full]).map((b) => b.id)).toEqual(['other']);
  });
});

describe('topped up', () => {
  // 100 mL are left of half vinegar, half water; 200 mL of the same come to it: 150 of each.
  test('with the same it is more of the same', () => {
    const whole = top(withLevel(bottleOf(VINEGAR, 400), 0.25), VINEGAR, 200);
    expect(whole.volumeML).toBe(300);
    expect(amounts(whole.formula)).toEqual([
      ['white-vinegar', 150],
      ['distilled-water', 150],
    ]);
    expect(whole.formula.name).toBe('Everyday vinegar');
    expect(whole.evaluation.verdict).toBe('clear');
  });

  test('peroxide on vinegar is stopped, and vinegar on peroxide, however little is left', () => {
    for (const share of [1, 0.5, 0.05]) {
      expect(top(withLevel(bottleOf(VINEGAR, 200), share), PEROXIDE, 200).evaluation.verdict).toBe('danger');
      expect(top(withLevel(bottleOf(PEROXIDE, 200), share), VINEGAR, 200).evaluation.verdict).toBe('danger');
    }
  });

  test('soap on vinegar cancels out, and is named for both', () => {
    const whole = top(bottleOf(VINEGAR, 200), SOAP, 200);
    expect(whole.evaluation.verdict).toBe('defeats');
    expect(whole.formula.name).toBe('Suds on Everyday vinegar');
    expect(amounts(whole.formula).map(([id]) => id)).toEqual(['white-vinegar', 'distilled-water', 'castile-soap']);
  });

  test('it keeps no longer than the older of what is in it', () => {
    // Acid in distilled water keeps 90 days; the old bottle has had 7 of them.
    const old = bottleOf(VINEGAR, 200);
    const at = { id: 'n', vessel: BOTTLE, roomC: 20, dwell: null, madeAt: NOW };
    const made = batchToppedUp(old, top(old, VINEGAR, 200), at);
    expect(made.label.keeps).toEqual({ lowDays: 83, highDays: 83, reason: 'what was in it before is older' });
    expect(discardBy(made.madeAt, 83)).toBe(discardBy(old.madeAt, 90));
    expect([made.volumeML, made.oldestAt]).toEqual([400, old.madeAt]);
    // Topped up again, the oldest stays the oldest.
    expect(batchToppedUp(made, top(made, VINEGAR, 50), at).oldestAt).toBe(old.madeAt);
    const past = bottleOf(VINEGAR, 200, { madeAt: '2026-01-01T10:00:00.000Z' });
    expect(batchToppedUp(past, top(past, VINEGAR, 200), at).label.keeps.lowDays).toBe(0);
    // What keeps longer than the new is not what ends it.
    const alcohol = withLevel(bottleOf(recipe('Alcohol', '200 mL rubbing alcohol'), 200), 0.25);
    const thinned = batchToppedUp(alcohol, top(alcohol, recipe('Water', '200 mL water'), 400), at);
    expect(thinned.label.keeps.reason).toMatch(/^water without a preservative/);
  });

  test('what would run over is said, with what fits', () => {
    // 97 % of 500 mL is 485: 285 more.
    const result = toppedUp(bottleOf(VINEGAR, 200), { formula: VINEGAR, volumeML: 300 }, BOTTLE, HOME, NOW);
    expect(result.ok ? '' : result.problems[0]?.message).toBe(
      'Sprayer has room for 285 mL more. Make that much, empty it, or take another bottle.',
    );
  });
});
