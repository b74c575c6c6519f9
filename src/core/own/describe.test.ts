import fc from 'fast-check';
import { runs } from '@/testing/runs';
import { SUBSTANCES } from '../catalogue/substances';
import type { OwnIngredient, OwnRef } from '../formula/formula';
import { describedBy, labelText, shareText, withAnswers } from './describe';
import { namedForSure, searchWithOwn } from './findOwn';
import { LABEL_NAMES, nameOnLabel } from './labelNames';
import { readLabel } from './readLabel';

const own = (change: Partial<OwnIngredient>): OwnIngredient => ({
  name: 'Otter suds',
  form: 'liquid',
  densityGPerML: 1,
  contents: [],
  ...change,
});

describe('what is answered about a label', () => {
  const parts = readLabel('purple stuff 2 %, citric acid, perfume');

  test('what is not known stays unknown, what has no share may be all of it', () => {
    expect(describedBy(parts)).toEqual({
      contents: [{ substance: 'citric-acid', percent: 50, low: 0, high: 100, basis: 'w/w' }],
      unknown: ['purple stuff'],
    });
  });

  test('an answer stands beside what was read, each by its words', () => {
    const answered = withAnswers(parts, {
      'purple stuff': { is: null },
      'citric acid': { share: { low: 5, high: 15, basis: 'w/w' } },
    });
    expect(describedBy(answered)).toEqual({
      contents: [{ substance: 'citric-acid', percent: 10, low: 5, high: 15, basis: 'w/w' }],
    });
    // An answer to words that do not stand there any more changes nothing.
    expect(withAnswers(parts, { 'green stuff': { is: 'borax' } })).toEqual(parts);
  });

  test('more names than fit are not lost: they stay unknown', () => {
    const names = LABEL_NAMES.flatMap(({ is, names: [first] }) => (is && first ? [[is, first] as const] : []));
    const one = [...new Map(names)].map(([, name]) => `${name} 1 %`);
    const { contents, unknown } = describedBy(readLabel(one.slice(0, 23).join('\n')));
    expect([contents.length, unknown?.length]).toEqual([20, 3]);
  });
});

test('a share is written as labels write it', () => {
  const said = (low: number, high: number, basis: 'w/w' | 'w/v' | 'v/v' = 'w/w') => shareText({ low, high, basis });
  expect([said(15, 30), said(0, 5), said(4.5, 4.5), said(30, 100), said(70, 70, 'v/v')]).toEqual([
    '15–30 %',
    '< 5 %',
    '4.5 %',
    '≥ 30 %',
    '70 % v/v',
  ]);
});

// Whatever is kept of a label can be shown as one, changed, and read again without a thing getting lost.
test('what is known of it reads back as the same', () => {
  const named = SUBSTANCES.filter((s) => readLabel(`${nameOnLabel(s.id)} 5 %`).some((p) => p.is === s.id));
  // Of all there are, but for a few whose names are words with a comma or a share in them.
  expect(SUBSTANCES.length - named.length).toBeLessThan(5);
  const tenths = (max: number) => fc.integer({ min: 1, max: 10 * max }).map((n) => n / 10);
  const content = fc.tuple(fc.constantFrom(...named), tenths(50), tenths(50), fc.constantFrom('w/w', 'w/v', 'v/v'));
  fc.assert(
    fc.property(fc.uniqueArray(content, { selector: ([s]) => s.id, minLength: 1, maxLength: 6 }), (rows) => {
      const contents = rows.map(([s, a, b, basis]) => ({
        substance: s.id,
        low: Math.min(a, b),
        high: Math.max(a, b),
        percent: (a + b) / 2,
        basis: basis as 'w/w',
      }));
      const back = describedBy(readLabel(labelText(own({ contents, unknown: ['purple stuff'] }))));
      expect(back.unknown).toEqual(['purple stuff']);
      expect(back.contents).toEqual(contents.map((c) => ({ ...c, percent: (c.low + c.high) / 2 })));
    }),
    { numRuns: runs(400) },
  );
});

describe('found by name', () => {
  const suds: OwnRef = { ...own({}), kind: 'own', id: 'o1' };
  const vinegar: OwnRef = { ...own({ name: 'White vinegar' }), kind: 'own', id: 'o2' };

  test('the person’s own first, then the catalogue’s', () => {
    expect(searchWithOwn('otter', 6, [suds])[0]).toEqual({ id: 'o1', name: 'Otter suds', form: 'liquid', ref: suds });
    expect(searchWithOwn('vinegar', 3, [vinegar]).map((f) => f.id)[0]).toBe('o2');
    expect(searchWithOwn('vinegar', 3, [vinegar])).toHaveLength(3);
    expect(searchWithOwn('', 3, [vinegar]).some((f) => f.id === 'o2')).toBe(false);
  });

  test('a whole name means it for sure, a part of it does not', () => {
    expect(namedForSure('otter SUDS', [suds])?.ref).toEqual(suds);
    expect(namedForSure('otter', [suds])).toBeNull();
    expect(namedForSure('citric acid', [suds])?.ref).toEqual({ kind: 'known', id: 'citric-acid' });
    // What is called as a thing of the catalogue is called is the person's own.
    expect(namedForSure('white vinegar', [vinegar])?.id).toBe('o2');
  });
});
