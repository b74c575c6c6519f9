import { readFileSync, writeFileSync } from 'node:fs';
import { GUIDE_PAIRS, guidesPage } from './guidesPage';

const PAGE = 'docs/guides.md';

// Each step was read as someone who cleans for a living would read it: common practice, no source.
test('the page is as the guides are made, of at least 80 pairs, none twice', () => {
  const page = guidesPage();
  if (process.env.UPDATE_PAGES) writeFileSync(PAGE, page);
  expect(readFileSync(PAGE, 'utf8')).toBe(page);
  expect(new Set(GUIDE_PAIRS).size).toBe(GUIDE_PAIRS.length);
  expect(GUIDE_PAIRS.length).toBeGreaterThanOrEqual(80);
});
