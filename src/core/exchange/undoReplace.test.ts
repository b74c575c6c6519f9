import { STARTER_FORMULAS } from '../formula/starters';
import type { Formula } from '../formula/formula';
import { EMPTY_HOME, type Home } from './home';
import { undoReplace } from './undoReplace';

/** An import is taken back without what was made since; our own rule, no source. */

const formula = (id: string, name: string): Formula => ({ ...STARTER_FORMULAS[0]!, id, name });
const home = (...formulas: Formula[]): Home => ({ ...EMPTY_HOME, formulas });
const names = (h: Home): string[] => h.formulas.map((f) => f.name).sort();

const before = home(formula('a', 'Mine'), formula('b', 'Shared'), formula('c', 'Only mine'));
const put = home(formula('b', 'Shared, of the file'), formula('d', 'Of the file'));

test('with nothing done since, it is as it was', () => {
  expect(undoReplace(before, put, put)).toEqual({ home: before, kept: 0 });
});

test('what was made since stays; what came with the file goes', () => {
  const now = home(...put.formulas, formula('e', 'Made since'));
  const undone = undoReplace(before, put, now);
  expect(names(undone.home)).toEqual(['Made since', 'Mine', 'Only mine', 'Shared']);
  expect(undone.kept).toBe(1);
});

test('what was changed since stays as it is now, whether it was there before or came with the file', () => {
  const now = home(formula('b', 'Shared, changed'), formula('d', 'Of the file, changed'));
  const undone = undoReplace(before, put, now);
  expect(names(undone.home)).toEqual(['Mine', 'Of the file, changed', 'Only mine', 'Shared, changed']);
  expect(undone.kept).toBe(2);
});

test('what was removed since and was there before comes back', () => {
  expect(names(undoReplace(before, put, home()).home)).toEqual(['Mine', 'Only mine', 'Shared']);
  // What both homes had alike, and was removed since, stays removed.
  expect(names(undoReplace(before, home(formula('b', 'Shared')), home()).home)).toEqual(['Mine', 'Only mine']);
});

test('what is there again since is there once', () => {
  const now = home(...put.formulas, formula('a', 'Mine, again'));
  const undone = undoReplace(before, put, now).home;
  expect(undone.formulas.filter((f) => f.id === 'a').map((f) => f.name)).toEqual(['Mine, again']);
  expect(new Set(undone.formulas.map((f) => f.id)).size).toBe(undone.formulas.length);
});

test('settings are taken back each by itself', () => {
  const set = (h: Home, change: Partial<Home['settings']>): Home => ({ ...h, settings: { ...h.settings, ...change } });
  const undone = undoReplace(
    set(before, { currency: 'kr', roomC: 17 }),
    set(put, { currency: '€', roomC: 21 }),
    set(put, { currency: '€', roomC: 25 }),
  );
  expect([undone.home.settings.currency, undone.home.settings.roomC]).toEqual(['kr', 25]);
});
