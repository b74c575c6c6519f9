import { createHash } from 'node:crypto';
import { STARTER_FORMULAS } from '../formula/starters';
import { RECORD_SCHEMAS } from './collections';
import { DEFAULT_SETTINGS, EMPTY_HOME } from './home';
import { DATA_VERSION, MIGRATIONS, migrateHome, migrateRecord, type Migration } from './migrations';

const rename = (to: string) => (value: unknown) => ({
  ...(value as object),
  name: `${(value as { name: string }).name}${to}`,
});

describe('steps', () => {
  const steps: readonly Migration[] = [
    { from: 1, records: { formula: rename('b') }, newLists: ['pantry'] },
    { from: 2, records: { formula: rename('c'), settings: rename('s') } },
  ];

  test('a record goes through every one from its version on, in order', () => {
    expect(migrateRecord('formula', { name: 'a' }, 1, steps)).toEqual({ name: 'abc' });
    expect(migrateRecord('formula', { name: 'a' }, 2, steps)).toEqual({ name: 'ac' });
    expect(migrateRecord('formula', { name: 'a' }, 3, steps)).toEqual({ name: 'a' });
    expect(migrateRecord('vessel', { name: 'a' }, 1, steps)).toEqual({ name: 'a' });
  });

  test('a home goes through the same ones, list by list', () => {
    expect(migrateHome({ formulas: [{ name: 'a' }], settings: { name: 'x' } }, 1, steps)).toEqual({
      formulas: [{ name: 'abc' }],
      settings: { name: 'xs' },
      pantry: [],
    });
    expect(migrateHome('none', 1, steps)).toBe('none');
  });

  test('a gap is a mistake of ours, and is said', () => {
    const gap: readonly Migration[] = [{ from: 1 }, { from: 3 }];
    expect(() => migrateRecord('formula', {}, 1, gap)).toThrow('No migration from version 1');
    expect(MIGRATIONS.map((m) => m.from)).toEqual(MIGRATIONS.map((_, i) => i + 1));
  });

  test.each(['none', null, 7, [], {}, { name: 3 }])('%j does not make a step throw', (value) => {
    for (let from = 1; from < DATA_VERSION; from++)
      for (const kind of Object.keys(RECORD_SCHEMAS) as (keyof typeof RECORD_SCHEMAS)[])
        expect(() => migrateRecord(kind, value, from)).not.toThrow();
  });
});

test('version 12 knows no price where nobody gave one, and begins its lists empty', () => {
  const item = (price: number | null) => ({ id: 'borax', left: null, pack: { price, value: 500, unit: 'g' } });
  expect(migrateRecord('pantry', item(0), 11)).toEqual(item(null));
  expect(migrateRecord('pantry', item(1.4), 11)).toEqual(item(1.4));
  const { purchases: _, wanted: __, instead: ___, ...older } = EMPTY_HOME;
  expect(migrateHome(older, 11)).toEqual(EMPTY_HOME);
});

test('what this version writes goes through no step changed: a step may meet what is new already', () => {
  const [formula] = STARTER_FORMULAS;
  const home = { ...EMPTY_HOME, formulas: [{ ...formula!, kind: 'surface' as const }] };
  expect(migrateHome(home, 1)).toEqual(home);
  expect(migrateRecord('settings', DEFAULT_SETTINGS, 1)).toEqual(DEFAULT_SETTINGS);
});

/** What a schema accepts, as text: its fields, bounds and choices, without the words it refuses by and their order. */
function shapeOf(schema: { describe: () => unknown }): string {
  const shape = JSON.stringify(schema.describe(), (key, value: unknown) => {
    if (key === 'preferences') return undefined;
    return key === 'rules' && Array.isArray(value)
      ? (value as { name: string }[]).toSorted((a, b) => a.name.localeCompare(b.name))
      : value;
  });
  return createHash('sha256').update(shape).digest('hex').slice(0, 16);
}

/**
 * What each version's records may hold. A change here means that an older Biscuit would meet records it cannot
 * read: add a step to MIGRATIONS (one that changes nothing is enough where something was only added), then
 * `npm test -- migrations -u`. Only a version that was never handed out may be written anew.
 */
test('what the records may hold is what is on file for this version', () => {
  const shapes = Object.fromEntries(Object.entries(RECORD_SCHEMAS).map(([kind, schema]) => [kind, shapeOf(schema)]));
  expect(shapes).toMatchSnapshot(`version ${DATA_VERSION}`);
});

test('version 6 gives its form to a fresh mixture whose name or purpose said that things lie in it', () => {
  const [formula] = STARTER_FORMULAS;
  const { form: _, ...old } = { ...formula!, name: 'Cup soak', use: 'fresh' as const };
  const formOf = (of: object): unknown => (migrateRecord('formula', of, 5) as { form?: unknown }).form;
  expect(formOf(old)).toBe('soak');
  expect(formOf({ ...old, name: 'Wipe', purpose: 'Kettles and the kettle' })).toBe('soak');
  expect(formOf({ ...old, name: 'Wipe' })).toBeUndefined();
  expect(formOf({ ...old, use: 'stored' })).toBeUndefined();
  expect(formOf({ ...old, form: 'cloth' })).toBe('cloth');
  expect(migrateRecord('batch', { formula: old }, 5)).toEqual({ formula: { ...old, form: 'soak' } });
});

test('version 6 names why the dwell of a part was over', () => {
  const job = (dwelt: unknown) => ({
    id: 'j',
    parts: [
      { id: 'p', method: null, dwelt },
      { id: 'q', method: null, dwelt: null },
    ],
  });
  const reasonOf = (endedBecause: string) => {
    const { parts } = migrateRecord('job', job({ tookMinutes: 1, rewets: 0, endedBecause }), 5) as ReturnType<
      typeof job
    >;
    return parts[0]?.dwelt;
  };
  expect(reasonOf('the spot test failed')).toEqual({ tookMinutes: 1, rewets: 0, endReason: 'spot-test-failed' });
  expect(reasonOf('it dried out')).toMatchObject({ endReason: 'dried-out' });
  expect(reasonOf('')).toMatchObject({ endReason: 'done' });
  const now = job({ tookMinutes: 1, rewets: 0, endReason: 'reacts' });
  expect(migrateRecord('job', now, 5)).toEqual(now);
});

test('version 8 parts kettles and machines', () => {
  const materialOf = (name: string, surfaceId = 'machine-inside'): unknown =>
    (migrateRecord('surface', { id: 's', name, surfaceId }, 7) as { surfaceId: unknown }).surfaceId;
  expect(
    ['Kettle, inside', 'Washing machine, inside', 'Dishwasher', 'Espresso machine', 'Humidifier'].map((n) =>
      materialOf(n),
    ),
  ).toEqual(['kettle', 'washing-machine', 'dishwasher', 'coffee-machine', 'machine-inside']);
  expect(materialOf('Kettle tiles', 'glazed-tile')).toBe('glazed-tile');
});

test('version 8 reads from the words of a formula where it goes, and names no method in older jobs', () => {
  const [starter] = STARTER_FORMULAS;
  const { madeFor: _, keepOff: __, ...old } = starter!;
  const words = {
    ...old,
    purpose: 'Limescale on glazed tile and chrome',
    never: 'stone, cast iron or waxed wood; my own toe',
  };
  const places = {
    madeFor: { surfaces: ['glazed-tile', 'chrome'], soils: ['limescale'] },
    keepOff: ['class:stone', 'cast-iron', 'waxed-wood'],
  };
  expect(migrateRecord('formula', words, 7)).toEqual({ ...words, ...places });
  expect(migrateRecord('batch', { formula: words }, 7)).toEqual({ formula: { ...words, ...places } });
  // What names nothing plainly stays as it was, and what says it already is not touched.
  expect(migrateRecord('formula', { ...old, purpose: 'All sorts', never: 'my own toe' }, 7)).toEqual({
    ...old,
    purpose: 'All sorts',
    never: 'my own toe',
  });
  expect(migrateRecord('formula', { ...words, keepOff: [] }, 7)).toEqual({ ...words, keepOff: [] });
  expect(migrateRecord('job', { id: 'j', parts: [{ id: 'p', formula: words }] }, 7)).toEqual({
    id: 'j',
    parts: [{ id: 'p', method: null, formula: { ...words, ...places } }],
  });
});

test('version 7 parts the enamel of a bath from that of an oven', () => {
  const surfaceOf = (of: object): unknown =>
    (
      migrateRecord('surface', { surfaceId: 'enamel', name: 'Old one', upkeep: null, ...of }, 6) as {
        surfaceId?: unknown;
      }
    ).surfaceId;
  expect(surfaceOf({ name: 'Enamel bath' })).toBe('bath-enamel');
  expect(surfaceOf({ upkeep: { everyDays: 7, soilId: 'soap-scum', formulaId: null } })).toBe('bath-enamel');
  expect(surfaceOf({ upkeep: { everyDays: 90, soilId: 'burnt-on', formulaId: null } })).toBe('enamel');
  expect(surfaceOf({ name: 'Oven' })).toBe('enamel');
  expect(surfaceOf({ name: 'Bathroom tiles', surfaceId: 'glazed-tile' })).toBe('glazed-tile');
});

test('version 9 does not know when older surfaces were entered, and minds nothing at the steps of older jobs', () => {
  expect(migrateRecord('surface', { id: 's', name: 'Sink' }, 8)).toEqual({ id: 's', name: 'Sink', enteredAt: null });
  const entered = { id: 's', enteredAt: '2026-11-25T10:00:00.000Z' };
  expect(migrateRecord('surface', entered, 8)).toEqual(entered);
  const old = { id: 'j', parts: [{ id: 'p', steps: [{ key: 'apply', text: 'On.', minutes: null }] }] };
  const now = {
    id: 'j',
    parts: [{ id: 'p', amount: null, steps: [{ key: 'apply', text: 'On.', minutes: null, mind: [], tip: null }] }],
  };
  expect(migrateRecord('job', old, 8)).toEqual(now);
  const amount = { volumeML: 30, massG: null, areaM2: 1 };
  const newer = { id: 'j', parts: [{ ...now.parts[0], amount }] };
  expect(migrateRecord('job', newer, 8)).toEqual(newer);
  expect(migrateHome({ rooms: [] }, 8)).toMatchObject({ rooms: [], plans: [] });
});
