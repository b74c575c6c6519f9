import { readFileSync, writeFileSync } from 'node:fs';
import { REMEDIED_CODES } from '../src/core/evaluation/remedies';
import { offersPage } from './offersPage';

const PAGE = 'docs/offers.md';

// Each was read aloud and weighed before it went on file; common practice, no source, where no figure is named.
test('the page is as the offers are made, and every kind of change is on it', () => {
  const page = offersPage();
  if (process.env.UPDATE_PAGES) writeFileSync(PAGE, page);
  expect(readFileSync(PAGE, 'utf8')).toBe(page);
  expect(REMEDIED_CODES.filter((code) => !page.includes(`  - ${code}: **`))).toEqual([]);
});
