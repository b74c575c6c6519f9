import fc from 'fast-check';
import {
  DATA_VERSION,
  dueSurfaces,
  isExpired,
  lastBySurface,
  readHomeFile,
  residuesAt,
  timerAt,
  type Home,
} from '@/core';
import { notRightHere } from '@/core/doors/household';
import { EVERYTHING, filterLog, groupLog, writeLogCsv } from '@/core/doors/log';
import { demoHome } from '@/data/demo/demoHome';

/** Files of a home changed at one place, as a hand, a disk or another program may change them. */

export const CHANGED_AT = Date.parse('2026-11-25T10:00:00.000Z');
const WHOLE = demoHome(new Date(CHANGED_AT));

/** A few of each list: as many kinds of record, in a file that is read in a moment. */
const HOME: Home = {
  ...WHOLE,
  formulas: WHOLE.formulas.slice(0, 1),
  vessels: WHOLE.vessels.slice(0, 1),
  batches: WHOLE.batches.slice(0, 1),
  pantry: WHOLE.pantry.slice(0, 1),
  surfaces: WHOLE.surfaces.slice(0, 2),
  timers: WHOLE.timers.slice(0, 1),
  log: WHOLE.log.slice(0, 2),
};

type Path = readonly (string | number)[];

/** Every place in a value, the root left out. */
const placesIn = (value: unknown, at: Path = []): Path[] =>
  typeof value === 'object' && value !== null
    ? Object.entries(value).flatMap(([key, inside]) => {
        const path = [...at, Array.isArray(value) ? Number(key) : key];
        return [path, ...placesIn(inside, path)];
      })
    : [];

const PLACES = placesIn(HOME);

/** The value with another one at a place; left away where it is undefined. */
function changedAt(value: unknown, [key, ...rest]: Path, to: unknown): unknown {
  if (key === undefined) return to;
  if (Array.isArray(value))
    return value.map((inside: unknown, i) => (i === key ? changedAt(inside, rest, to) : inside));
  const object = value as Record<string, unknown>;
  return { ...object, [key]: changedAt(object[key], rest, to) };
}

const ODD: fc.Arbitrary<unknown> = fc.oneof(
  fc.constantFrom<unknown>(
    undefined,
    null,
    '',
    ' ',
    '\u0000',
    '\uD800',
    'NaN',
    '2026-02-30',
    '2026-11-26T10:00+02',
    '9999-12-31T23:59:59Z',
    '1969-12-31T23:59:59Z',
    '2026-12-31T23:59:59+14:00',
    '__proto__',
    'x'.repeat(500),
    [],
    {},
    [null],
    true,
    -1,
    0,
    1e-9,
    1e300,
    Number.MAX_SAFE_INTEGER,
  ),
  fc.string({ unit: 'binary', maxLength: 12 }),
  fc.double(),
  fc.date({ min: new Date(0), max: new Date('2199-12-31'), noInvalidDate: true }).map((d) => d.toISOString()),
);

/** The text of a file with one place changed. */
export const changedFile: fc.Arbitrary<string> = fc
  .tuple(fc.constantFrom(...PLACES), ODD)
  .map(([place, to]) =>
    JSON.stringify({ format: 'biscuit-home', version: DATA_VERSION, home: changedAt(HOME, place, to) }),
  );

/** What Today, the shelf, the rooms, the log and the waits ask of a home. */
function asked(home: Home): void {
  for (const timer of home.timers) timerAt(timer, CHANGED_AT);
  for (const batch of home.batches) isExpired(batch, new Date(CHANGED_AT).toISOString());
  dueSurfaces(home.surfaces, lastBySurface(home.log), new Date(CHANGED_AT).toISOString());
  for (const s of home.surfaces) residuesAt({ surfaceId: s.id, roomId: s.roomId, name: s.name }, home.log, CHANGED_AT);
  groupLog(filterLog(home.log, { ...EVERYTHING, words: 'vinegar' }), 'month');
  writeLogCsv(home.log);
  notRightHere(home, home.settings, new Date(CHANGED_AT).toISOString());
}

/** What is wrong with how a file is read: null if it is refused in words, or accepted and breaks nothing. */
export function wrongWithFile(text: string): string | null {
  try {
    const read = readHomeFile(text);
    if (read.ok) asked(read.value);
    else if ((read.problems[0]?.message.length ?? 0) <= 10) return 'it is refused without a word';
    return null;
  } catch (error) {
    return `it throws: ${String(error)}`;
  }
}

/** So many homes from such files, as they were accepted. */
export function changedHomes(count: number): Home[] {
  const homes: Home[] = [];
  while (homes.length < count) {
    for (const text of fc.sample(changedFile, 5 * count)) {
      const read = readHomeFile(text);
      if (read.ok && homes.length < count) homes.push(read.value);
    }
  }
  return homes;
}
