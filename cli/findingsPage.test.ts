import { readFileSync, writeFileSync } from 'node:fs';
import { MIXTURE_RULES } from '../src/core/findings/rules';
import { SURFACE_RULES } from '../src/core/findings/surfaceHarm';
import { findingsPage, INPUTS, raisedBy } from './findingsPage';

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

test('the page is as the rules say it', () => {
  const page = findingsPage();
  if (process.env.UPDATE_PAGES) writeFileSync(PAGE, page);
  expect(readFileSync(PAGE, 'utf8')).toBe(page);
});
