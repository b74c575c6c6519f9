import { STARTER_FORMULAS } from '../formula/starters';
import { earlierFormsOf, withEarlierForms, type EarlierForm } from './earlierForms';

/** What a formula was before: the last first, and no more than twenty; our own measure, no source. */

const [first, second] = STARTER_FORMULAS;
if (!first || !second) throw new Error('two formulas are needed');
const form = (n: number, formula = first): EarlierForm => ({
  id: `${formula.id}-${n}`,
  formulaId: formula.id,
  until: new Date(Date.UTC(2026, 0, n)).toISOString(),
  formula,
});

test('the forms of one formula, the last first', () => {
  const all = [form(1), form(3), form(2, second), form(2)];
  expect(earlierFormsOf(first.id, all).map((e) => e.id)).toEqual([form(3).id, form(2).id, form(1).id]);
});

test.each([
  [19, []],
  [20, [form(1).id]],
  [22, [form(3).id, form(2).id, form(1).id]],
])('with %d kept and one more, the oldest over twenty go: %j', (kept, gone) => {
  const all = Array.from({ length: kept }, (_, i) => form(i + 1));
  const { put, remove } = withEarlierForms([...all, form(1, second)], [form(kept + 1)]);
  expect([put.map((e) => e.id), remove.map((e) => e.id)]).toEqual([[form(kept + 1).id], gone]);
});

test('forms of another formula do not make it lose one', () => {
  const all = Array.from({ length: 25 }, (_, i) => form(i + 1, second));
  expect(withEarlierForms(all, [form(1)]).remove).toEqual([]);
});
