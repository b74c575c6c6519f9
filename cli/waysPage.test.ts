import { readFileSync, writeFileSync } from 'node:fs';
import { SOILS, SURFACES } from '../src/core';
import { waysPage } from './waysPage';

const PAGE = 'docs/ways.md';

// Each first way was read as someone who cleans for a living would read it: common practice, no source, unless named.
test('the page is as the ways are ranked, with every pair on it and none silent', () => {
  const page = waysPage();
  if (process.env.UPDATE_PAGES) writeFileSync(PAGE, page);
  expect(readFileSync(PAGE, 'utf8')).toBe(page);
  const lines = page.split('\n');
  const rows = lines.filter((line) => SOILS.some((s) => line.startsWith(`| ${s.name} |`)));
  const unlikely = lines
    .filter((l) => l.startsWith('Unlikely here'))
    .flatMap((l) => l.split(': ')[1]?.split('; ') ?? []);
  expect(rows.length + unlikely.length).toBe(SURFACES.length * SOILS.length);
  const silent = rows.filter((r) => r.includes('| none |') && r.endsWith('|  |'));
  expect(silent).toEqual([]);
});
