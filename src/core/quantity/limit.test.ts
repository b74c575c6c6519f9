import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { exceeds, isAtLeast } from './limit';

test('a grain of error does not decide at a limit to the letter, whatever the size', () => {
  // 0.1 + 0.2 is a grain over 0.3 in binary floating point (IEEE 754).
  for (const times of [1, 1000, 1e-6]) {
    const [figure, limit] = [(0.1 + 0.2) * times, 0.3 * times];
    expect(exceeds(figure, limit)).toBe(false);
    expect(isAtLeast(figure, limit)).toBe(true);
    expect(isAtLeast(0.7 * times - 0.4 * times, 0.3 * times)).toBe(true);
    expect(exceeds(limit * 1.0001, limit)).toBe(true);
    expect(isAtLeast(limit * 0.9999, limit)).toBe(false);
  }
});

const ROOMS = ['mixture', 'findings', 'cleaning', 'shelf-life', 'evaluation', 'formula'].map((r) =>
  join(__dirname, '..', r),
);
const source = ROOMS.flatMap((room) =>
  readdirSync(room)
    .filter((f) => f.endsWith('.ts') && !f.endsWith('.test.ts'))
    .map((f) => [`${room.split('/').at(-1) ?? ''}/${f}`, readFileSync(join(room, f), 'utf8')] as const),
);

/** The names that stand as the limit in calls of one of the two. */
const limitsOf = (call: string): (readonly [string, string])[] =>
  source.flatMap(([file, text]) =>
    [
      ...text.matchAll(
        new RegExp(`\\b${call}\\((?:[^()]|\\([^()]*\\)|\\((?:[^()]|\\([^()]*\\))*\\))*, ([A-Z][A-Z_0-9]{3,})`, 'g'),
      ),
    ].map((m) => [file, m[1] ?? ''] as const),
  );

/** Constants of nature, and bands that are no limits. */
const NO_LIMITS = ['BOILING_C', 'WATER_PH'];

test('the name of a limit tells its kind: what may just be reached, and what counts from there on', () => {
  const over = limitsOf('exceeds').filter(([, name]) => !NO_LIMITS.includes(name));
  const from = limitsOf('isAtLeast').filter(([, name]) => !NO_LIMITS.includes(name));
  expect(over.length).toBeGreaterThan(30);
  expect(from.length).toBeGreaterThan(30);
  expect(over.filter(([, name]) => !/ABOVE|UP_TO|MAX|ALCOHOL_ACTS/.test(name))).toEqual([]);
  expect(from.filter(([, name]) => !/FROM|BELOW|MIN|ALCOHOL_ACTS/.test(name))).toEqual([]);
});
