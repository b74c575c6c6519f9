import fc from 'fast-check';
import { runs } from '../../testing/runs';
import { vesselFacts } from '../catalogue/vessels';
import { contextIn } from '../evaluation/context';
import { evaluate } from '../evaluation/evaluate';
import { STARTER_FORMULAS } from '../formula/starters';
import type { Batch } from '../shelf-life/batch';
import { labelOf } from '../shelf-life/label';
import { DEFAULT_SETTINGS, EMPTY_HOME, type Home } from './home';
import { readFormulaFile, readHomeFile, writeFormulaFile, writeHomeFile } from './homeFile';
import { DATA_VERSION } from './migrations';

const HOME: Home = {
  ...EMPTY_HOME,
  formulas: [{ ...STARTER_FORMULAS[0]!, id: 'mine' }],
  vessels: [
    { id: 'v', name: 'Galley spray', shape: 'straight-spray', capacityML: 375, material: 'hdpe', opaque: true },
  ],
  pantry: [{ id: 'white-vinegar', left: { value: 750, unit: 'mL' }, pack: { price: 0.9, value: 1000, unit: 'mL' } }],
};
/** A home with a bottle and a room. */
const DEMO: Home = (() => {
  const formula = STARTER_FORMULAS.find((f) => f.id === 'starter-scale')!;
  const vessel = HOME.vessels[0]!;
  const judged = evaluate(formula, contextIn(vessel, formula.use, DEFAULT_SETTINGS));
  if (!judged.ok) throw new Error('the starter is not judged');
  const batch: Batch = {
    id: 'b',
    formula,
    vessel,
    label: labelOf(formula, judged.value, { vessel: vesselFacts(vessel), roomC: DEFAULT_SETTINGS.roomC }),
    volumeML: 300,
    madeAt: '2026-11-20T08:00:00.000Z',
    state: 'kept',
    endedAt: null,
  };
  return { ...HOME, batches: [batch], rooms: [{ id: 'r', name: 'Galley', kind: 'kitchen', small: false }] };
})();
const written = writeHomeFile(HOME, '2026-11-24T08:00:00.000Z');
const said = (text: string): string => {
  const read = readHomeFile(text);
  return read.ok ? 'accepted' : read.problems.map((p) => p.message).join(' ');
};

describe('the home file', () => {
  test('comes back exactly', () => {
    expect(readHomeFile(written)).toEqual({ ok: true, value: HOME });
  });

  test.each([
    ['', /empty/],
    ['hello', /not JSON/],
    [written.slice(0, -40), /not JSON, or was cut short/],
    ['[]', /not a file of Biscuit/],
    ['{"format":"other"}', /not a Biscuit home file/],
    [written.replace(`"version": ${DATA_VERSION}`, '"version": 99'), /newer Biscuit/],
    [written.replace(`"version": ${DATA_VERSION}`, '"version": "x"'), /does not say its version/],
    [written.replace('"capacityML": 375', '"capacityML": -4'), /at least 10 mL/],
    [written.replace('"name": "Galley spray"', '"name": ""'), /vessels\.0\.name/],
    [written.replace('"kind": "parts"', '"kind": "lots"'), /Accepted: volume, mass, drops/],
    [writeFormulaFile(HOME.formulas[0]!), /not a Biscuit home file/],
  ])('%#: a broken file is refused whole, and says what would be accepted', (text, expected) => {
    expect(said(text)).toMatch(expected);
  });

  test('a file of version 1 gains the household at its defaults, and loses nothing', () => {
    const { units, cup, tools } = DEFAULT_SETTINGS;
    const old = { ...HOME, settings: { units, cup, tools, dropsPerML: 33 } };
    const text = JSON.stringify({ format: 'biscuit-home', version: 1, exportedAt: '', home: old });
    expect(readHomeFile(text)).toEqual({
      ok: true,
      value: { ...HOME, settings: { ...DEFAULT_SETTINGS, dropsPerML: 33 } },
    });
    expect(said(JSON.stringify({ format: 'biscuit-home', version: 1, home: 'none' }))).not.toBe('accepted');
  });

  test('a file of version 2 gains an empty pantry and the currency, and loses nothing', () => {
    const { currency: _, ...settings } = { ...DEFAULT_SETTINGS, roomC: 17 };
    const { pantry: __, ...old } = HOME;
    const text = JSON.stringify({ format: 'biscuit-home', version: 2, exportedAt: '', home: { ...old, settings } });
    expect(readHomeFile(text)).toEqual({
      ok: true,
      value: { ...HOME, pantry: [], settings: { ...DEFAULT_SETTINGS, roomC: 17 } },
    });
  });

  test('a bottle whose marks do not rise is refused, and says so', () => {
    const poured = [
      { volumeML: 100, heightMM: 30 },
      { volumeML: 200, heightMM: 30 },
    ];
    const vessels = [{ ...HOME.vessels[0]!, poured }];
    expect(said(writeHomeFile({ ...HOME, vessels }, ''))).toMatch(/must rise from mark to mark/);
  });

  test('no damage to a file makes it throw or half-read', () => {
    fc.assert(
      fc.property(fc.nat(written.length - 1), fc.string({ maxLength: 3 }), (at, put) => {
        const result = readHomeFile(written.slice(0, at) + put + written.slice(at + put.length));
        if (!result.ok) expect(result.problems.length).toBeGreaterThan(0);
      }),
      { numRuns: runs(400) },
    );
  });
});

describe('the formula file', () => {
  test.each(STARTER_FORMULAS.map((f) => [f.name, f] as const))('%s comes back exactly', (_, formula) => {
    expect(readFormulaFile(writeFormulaFile(formula))).toEqual({ ok: true, value: formula });
  });

  test('what is out of range is said by field', () => {
    const bad = writeFormulaFile({ ...STARTER_FORMULAS[0]!, name: '', lines: [] });
    const result = readFormulaFile(bad);
    expect(!result.ok && result.problems.map((p) => p.message)).toEqual([
      'Give the formula a name of 1 to 80 letters: it goes on the label.',
      'A formula needs at least one line, such as "1 cup white vinegar".',
    ]);
  });
});

test('a formula of version 1 is read as it is', () => {
  const old = writeFormulaFile(HOME.formulas[0]!).replace(`"version": ${DATA_VERSION}`, '"version": 1');
  expect(old).toContain('"version": 1');
  expect(readFormulaFile(old)).toEqual({ ok: true, value: HOME.formulas[0] });
});

// What is taken until a person says otherwise: nothing that is not known counts as known, and nothing that asks for
// leave is on. Common practice, no source; 20 drops to the mL: the usual dropper insert (European Pharmacopoeia 2.1.1,
// from memory).
test.each([
  ['a room as rooms are', { roomC: 20, humidityPercent: 60 }],
  ['nobody is known to live here, and no water', { lives: [], hardnessMgPerL: null }],
  ['the stricter advice where careful people differ', { schools: {} }],
  ['a dropper as most are', { dropsPerML: 20 }],
  ['US cups, spoons and a jug, read out in metric', { units: 'metric', cup: 'us', tools: ['cups', 'spoons', 'jug'] }],
  ['waits are heard and felt; notifications wait for leave', { sound: true, vibration: true, notifications: false }],
  ['the screen stays on while hands are wet', { awake: true }],
  ['no number to call is made up', { emergencyNumber: '', poisonNumber: '' }],
])('%s', (_, part) => {
  for (const [key, value] of Object.entries(part))
    expect(DEFAULT_SETTINGS[key as keyof typeof DEFAULT_SETTINGS]).toEqual(value);
});

test('a home with a bottle comes back exactly, its label as well', () => {
  expect(readHomeFile(writeHomeFile(DEMO, ''))).toEqual({ ok: true, value: DEMO });
});

describe('what is not trusted', () => {
  const file = (home: unknown): string => JSON.stringify({ format: 'biscuit-home', version: DATA_VERSION, home });
  const [batch] = DEMO.batches;

  test.each([
    ['no home at all', JSON.stringify({ format: 'biscuit-home', version: 4 }), /There is no home in the file/],
    ['a list for a home', file([]), /There is no home in the file/],
    ['no formula at all', JSON.stringify({ format: 'biscuit-formula', version: 4 }), /There is no formula in the file/],
  ])('%s is refused in words', (_, text, says) => {
    const read = text.includes('biscuit-formula') ? readFormulaFile(text) : readHomeFile(text);
    expect(!read.ok && read.problems[0]?.message).toMatch(says);
  });

  test.each(['2026-02-30', '2026', 'soon', '2026-11-26T10:00', '2199-13-01T00:00:00Z'])(
    'the date %j of a bottle is refused',
    (madeAt) => {
      const read = readHomeFile(file({ ...DEMO, batches: [{ ...batch, madeAt }] }));
      expect(!read.ok && read.problems[0]?.message).toMatch(/batches.*no instant.*2026-11-25T10:00:00Z/);
    },
  );

  test('dates of older files are read as their time was meant, where that can be told', () => {
    const old = JSON.stringify({
      format: 'biscuit-home',
      version: 8,
      home: { ...DEMO, batches: [{ ...batch, madeAt: '2026-11-20T10:00+02:00' }] },
    });
    const read = readHomeFile(old);
    expect(read.ok && read.value.batches[0]?.madeAt).toBe('2026-11-20T08:00:00.000Z');
  });

  test('a label says what its formula is judged, whatever the file says', () => {
    const lying = {
      ...batch!,
      label: {
        ...batch!.label,
        cautions: [],
        strengths: [],
        neverMeets: [],
        keeps: { lowDays: 9000, highDays: 9000, reason: 'x' },
      },
    };
    const read = readHomeFile(file({ ...DEMO, batches: [lying] }));
    const honest = readHomeFile(file({ ...DEMO, batches: [batch] }));
    expect(read.ok && read.value.batches[0]?.label).toEqual(honest.ok && honest.value.batches[0]?.label);
    expect(read.ok && read.value.batches[0]?.label.keeps.lowDays).toBeLessThan(9000);
  });

  test('thirty thousand empty formulas are refused, by the first of them', () => {
    const read = readHomeFile(file({ ...DEMO, formulas: Array.from({ length: 30_000 }, () => ({})) }));
    expect(!read.ok && read.problems).toHaveLength(1);
  });

  test('what no page can hold is left out of every text', () => {
    const read = readHomeFile(file({ ...DEMO, rooms: [{ ...DEMO.rooms[0]!, name: 'Gal\u0000ley \uD83C' }] }));
    expect(read.ok && read.value.rooms[0]?.name).toBe('Galley \uFFFD');
  });
});
