import type { Amount } from '../quantity/amount';
import type { Formula, Line } from './formula';
import { checkFormula } from './schema';

const line: Line = {
  id: '1',
  ingredient: { kind: 'known', id: 'water' },
  amount: { kind: 'volume', value: { low: 1, high: 1 }, unit: 'cup' },
};
const formula: Formula = {
  id: 'f',
  name: 'Porthole glass',
  purpose: '',
  never: '',
  use: 'stored',
  measures: 'us',
  makesML: null,
  lines: [line],
};
const withLine = (change: object): unknown => ({ ...formula, lines: [{ ...line, ...change }] });
const said = (value: unknown): string => {
  const result = checkFormula(value);
  return result.ok ? 'accepted' : result.problems.map((p) => `${p.where}: ${p.message}`).join(' ');
};

describe('what a formula may be', () => {
  const AMOUNTS: readonly Amount[] = [
    { kind: 'volume', value: { low: 1, high: 2 }, unit: 'fl-oz' },
    { kind: 'mass', value: { low: 1, high: 1 }, unit: 'kg' },
    { kind: 'drops', value: { low: 10, high: 15 } },
    { kind: 'drops-per-100mL', value: { low: 3, high: 3 } },
    { kind: 'parts', value: { low: 1, high: 1 } },
    { kind: 'percent', value: { low: 4, high: 4 }, basis: 'w/v' },
    { kind: 'grams-per-litre', value: { low: 50, high: 50 } },
    { kind: 'pieces', value: { low: 1, high: 1 }, juiceML: { low: 45, high: 50 } },
    { kind: 'vague', word: 'squirt', volumeML: { low: 3, high: 7 } },
    { kind: 'to-fill' },
  ];

  test.each(AMOUNTS.map((a) => [a.kind, a] as const))('an amount of the kind %s', (_, amount) => {
    expect(said(withLine({ amount }))).toBe('accepted');
    expect(said(withLine({ also: amount }))).toBe('accepted');
  });

  test('an ingredient of one’s own, by its contents; one that is not known, by its name', () => {
    const contents = [{ substance: 'acetic-acid', percent: 10, low: 9, high: 11, basis: 'w/v' }];
    const own = { kind: 'own', id: 'own:1', name: 'Boatyard vinegar', form: 'liquid', densityGPerML: 1.01, contents };
    expect(said(withLine({ ingredient: own }))).toBe('accepted');
    expect(said(withLine({ ingredient: { kind: 'unknown', name: 'blue stuff' } }))).toBe('accepted');
    expect(said(withLine({ ingredient: { ...own, contents: [{ ...contents[0], substance: 'magic' }] } }))).toMatch(
      /substance/,
    );
    expect(said(withLine({ ingredient: { ...own, densityGPerML: 0 } }))).toMatch(/densityGPerML/);
  });

  test('a strength from a label', () => {
    expect(said(withLine({ strength: { percent: 8, basis: 'w/v' } }))).toBe('accepted');
    expect(said(withLine({ strength: { percent: 0, basis: 'w/v' } }))).toMatch(/more than 0 and at most 100 percent/);
    expect(said(withLine({ strength: { percent: 120, basis: 'w/v' } }))).toMatch(/more than 0 and at most 100 percent/);
  });
});

describe('what it may not be, said by field', () => {
  test.each([
    [null, /must be of type object/],
    ['text', /must be of type object/],
    [{ ...formula, name: ' ' }, /name: .*leading or trailing|name of 1 to 80/],
    [{ ...formula, name: 'x'.repeat(81) }, /too long for a label: at most 80/],
    [{ ...formula, use: 'sometimes' }, /use/],
    [{ ...formula, measures: 'grandmother' }, /measures/],
    [{ ...formula, makesML: 0 }, /makesML/],
    [{ ...formula, lines: [] }, /at least one line, such as "1 cup white vinegar"/],
    [{ ...formula, lines: [line, line] }, /duplicate/],
    [{ ...formula, lines: Array.from({ length: 41 }, (_, i) => ({ ...line, id: String(i) })) }, /at most 40 lines/],
    [{ ...formula, more: 1 }, /"more" is not allowed/],
    [withLine({ amount: { kind: 'lots' } }), /Accepted: volume, mass, drops/],
    [withLine({ amount: { kind: 'volume', value: { low: 1, high: 1 }, unit: 'bucket' } }), /unit/],
    [withLine({ amount: { kind: 'drops', value: { low: 5, high: 3 } } }), /upper end not below the lower/],
    [withLine({ amount: { kind: 'drops', value: { low: -1, high: 3 } } }), /zero or more/],
    [withLine({ amount: { kind: 'drops', value: { low: 1, high: 1e9 } } }), /at most 1,000,000/],
    [withLine({ amount: { kind: 'drops', value: { low: NaN, high: 3 } } }), /must be a number/],
    [withLine({ ingredient: { kind: 'known', id: 'Not An Id' } }), /pattern/],
    [withLine({ ingredient: {} }), /ingredient/],
  ])('%#', (value, expected) => {
    expect(said(value)).toMatch(expected);
  });
});
