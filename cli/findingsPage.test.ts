import { readFileSync, writeFileSync } from 'node:fs';
import { MIXTURE_RULES } from '../src/core/findings/rules';
import { SURFACE_RULES } from '../src/core/findings/surfaceHarm';
import ownMixtures from './cases/own-mixtures.json';
import variants from './cases/variants.json';
import { findingsOf, findingsPage, INPUTS, raisedBy } from './findingsPage';

const PAGE = 'docs/findings.md';

test('every code stands on the page, with three inputs', () => {
  const codes = [...MIXTURE_RULES, ...SURFACE_RULES].map((r) => r.code);
  expect(Object.keys(INPUTS).sort()).toEqual([...new Set([...codes, 'vague-amount'])].sort());
  for (const rows of Object.values(INPUTS)) expect(new Set(rows).size).toBe(3);
});

test.each(Object.entries(INPUTS).flatMap(([code, rows]) => rows.map((input) => [code, input] as const)))(
  '%s: %s raises it, in whole sentences',
  (code, input) => {
    const found = raisedBy(input, code);
    expect(found.length).toBeGreaterThan(0);
    for (const f of found) {
      for (const sentence of [f.happens, f.why, f.instead]) {
        expect(sentence).toMatch(/^[\p{Lu}\d“].*[.?]$/u);
        // No gap left open, no figure that is not one, no double stop, no name that a sentence has swallowed.
        expect(sentence).not.toMatch(/[{}|]|NaN|undefined|Infinity|\.\.| {2}|\b0 (?:mL|%|bar)|-\d/);
      }
      expect(f.sources.length > 0 || f.code === 'unknown-ingredient').toBe(true);
    }
  },
);

/** A sentence with its gaps, as a pattern. */
const pattern = (sentence: string): string =>
  sentence
    .split(/\{[^{}]+\}/)
    .map((words) => words.replace(/[.*+?^${}()|[\]\\]/g, '\\$&'))
    .join('.*');

// A wording that nothing brings about could say anything, and a check that takes another in its place fails here.
test('every wording of every rule is brought about by some input', () => {
  const mixtures = ownMixtures.map(([kind = '', what = '', args = '']) =>
    [kind === 'meet' ? `meet: ${what}` : `text: ${what.split('\n').join('; ')}`, args].join(' ').trim(),
  );
  const corpus = [...Object.values(INPUTS).flat(), ...mixtures, ...variants].flatMap(findingsOf);
  // The harms of surfaces share their wordings.
  const harms = SURFACE_RULES.filter((r) => r.variants && 'tooLong' in r.variants).map((r) => r.code);
  const rules = [...MIXTURE_RULES, ...SURFACE_RULES.filter((r) => !harms.slice(1).includes(r.code))];
  const codesOf = (code: string): readonly string[] => (harms.includes(code) ? harms : [code]);
  const missing = rules.flatMap((rule) =>
    Object.entries({ '': rule.message, ...rule.variants }).flatMap(([name, { happens, why, instead }]) => {
      const is = new RegExp(`^${[happens, why, instead].map(pattern).join('\\n')}$`, 'iu');
      return corpus.some(
        (f) => codesOf(rule.code).includes(f.code) && is.test([f.happens, f.why, f.instead].join('\n')),
      )
        ? []
        : [`${rule.code} ${name}`];
    }),
  );
  expect(missing).toEqual([]);
});

test('the page is as the rules say it', () => {
  const page = findingsPage();
  if (process.env.UPDATE_PAGES) writeFileSync(PAGE, page);
  expect(readFileSync(PAGE, 'utf8')).toBe(page);
});
