import fc from 'fast-check';
import { runs } from '../../testing/runs';
import Papa from 'papaparse';
import { NO_RATING, type LogEntry } from '../cleaning/logEntry';
import { EVERYTHING, filterLog, groupLog, searchText } from '../cleaning/logSearch';
import { validate } from '../formula/schema';
import { readLogCsv, writeLogCsv } from './logCsv';
import { logEntrySchema } from './records';

const entry = (more: Partial<LogEntry> = {}): LogEntry => ({
  id: 'e1',
  at: '2026-11-25T10:00:00.000Z',
  room: { id: 'r1', name: 'Shower room' },
  surface: { id: 's1', name: 'Wall tiles', material: 'glazed-tile' },
  soil: { id: 'limescale', name: 'Limescale and water spots' },
  used: {
    kind: 'formula',
    id: 'starter-everyday',
    name: 'Everyday vinegar',
    use: 'stored',
    card: 'Name: Everyday vinegar\n1 part white vinegar\n1 part distilled water\n',
    strength: 'acetic acid 2.5 % w/v',
  },
  dwell: { plannedMinutes: 20, tookMinutes: 18.5, rewets: 1, endedBecause: '' },
  rinsedAt: '2026-11-25T10:00:00.000Z',
  outcome: 'done',
  rating: { ...NO_RATING, touch: 8, look: 6 },
  workMinutes: 4,
  strokes: 60,
  notes: 'Corner by the window, "again".\nSecond line; with, commas',
  history: [],
  ...more,
});
let count = 0;
const newId = (): string => `new-${++count}`;
const said = (csv: string): string => {
  const read = readLogCsv(csv, newId);
  return read.ok ? 'accepted' : read.problems.map((p) => `${p.where}: ${p.message}`).join(' | ');
};

describe('the log as CSV', () => {
  test('comes back exactly', () => {
    const entries = [
      entry(),
      entry({
        id: 'e2',
        used: { kind: 'bought', id: 'chlorine-bleach', name: 'chlorine bleach' },
        dwell: null,
        rinsedAt: null,
      }),
      entry({ id: 'e5', took: { volumeML: 120, massG: null, cost: { money: 0.125, unpriced: [] } } }),
      entry({ id: 'e6', took: { volumeML: null, massG: 40.5, cost: { money: 0, unpriced: ['a | b', 'c, "d"'] } } }),
      // A drop of what is bought by the drum.
      entry({ id: 'e8', took: { volumeML: 5, massG: null, cost: { money: 1.23e-7, unpriced: [] } } }),
      entry({ id: 'e7', took: { volumeML: 15, massG: null, cost: null } }),
      entry({ id: 'e4', used: { kind: 'method', id: 'vacuum', name: 'Vacuum' }, dwell: null }),
      entry({
        id: 'e3',
        room: { id: null, name: '' },
        surface: { id: null, name: 'Kettle', material: null },
        soil: { id: null, name: '' },
      }),
    ];
    expect(readLogCsv(writeLogCsv(entries), newId)).toEqual({ ok: true, value: entries });
  });

  test('whatever is written in words comes back, signs that a spreadsheet would run too', () => {
    const words = fc.string({ maxLength: 60 }).map((s) => s.trim());
    fc.assert(
      fc.property(
        words,
        words,
        fc.constantFrom('=1+1', '-x', "'=a", '@b', '+c', "'", '"', 'a\r\nb', ''),
        (notes, room, sign) => {
          const e = entry({ notes: `${sign}${notes}`, room: { id: null, name: room } });
          expect(readLogCsv(writeLogCsv([e]), newId)).toEqual({ ok: true, value: [e] });
        },
      ),
      { numRuns: runs(300) },
    );
  });

  test('is RFC 4180: CRLF, quotes doubled, every line as wide as its header; read by another parser', () => {
    const csv = writeLogCsv([entry()]);
    expect(csv).toContain('\r\n');
    expect(csv).toContain('""again""');
    const rows = Papa.parse<string[]>(csv).data;
    expect(rows).toHaveLength(2);
    expect(rows[1]).toHaveLength(rows[0]!.length);
    // No cell begins with what a spreadsheet would run.
    for (const sign of ['=HYPERLINK("x")', '+1', '-1+1', '@SUM(A1)', '\tx', "'x"]) {
      const nasty = Papa.parse<string[]>(writeLogCsv([entry({ notes: sign })])).data[1]!;
      expect(nasty).toContain(`'${sign}`);
      expect(nasty.some((cell) => /^[=+@\t]|^-/.test(cell))).toBe(false);
    }
  });

  test('a hand-made file needs three columns, in any order and case', () => {
    const read = readLogCsv(
      'Used,Finished,SURFACE,rinsed,touch\nbleach,2026-11-20,Sink,no,7\nsoap,2026-11-21T08:00:00Z,Sink,yes,\n',
      newId,
    );
    expect(read.ok && read.value).toMatchObject([
      {
        at: new Date(2026, 10, 20, 12).toISOString(),
        used: { kind: 'bought', id: 'chlorine-bleach', name: 'bleach' },
        rinsedAt: null,
        rating: { touch: 7 },
      },
      { used: { kind: 'bought', name: 'soap' }, rinsedAt: '2026-11-21T08:00:00.000Z' },
    ]);
  });

  test.each([
    ['', /empty.*finished, surface, used/],
    ['a,b\n1,2', /line 1: There is no column finished, surface, used/],
    ['finished,surface,used\nyesterday,Sink,soap', /line 2: Give the day.*2026-11-25/],
    ['finished,surface,used,touch\n2026-11-20,Sink,soap,11', /line 2: Rate from 0 to 10/],
    ['finished,surface,used\n2026-11-20,Sink,soap\n2026-11-20,,soap', /line 3:/],
    [
      'id,finished,surface,used\nx,2026-11-20,Sink,soap\nx,2026-11-20,Sink,soap',
      /line 3: The id x stands in two lines/,
    ],
    ['finished,surface,used,strokes\n2026-11-20,Sink,soap,many', /line 2: Give the strokes as a whole number/],
    ['finished,surface,used\n2026-11-20,"Sink,soap', /quotation mark/],
  ])('%#: %j is refused whole, with its line and what would be accepted', (csv, message) => {
    expect(said(csv)).toMatch(message);
  });
});

describe('looking in the log', () => {
  const entries = [
    entry(),
    entry({
      id: 'e2',
      at: '2026-10-02T10:00:00.000Z',
      room: { id: 'r2', name: 'Galley' },
      surface: { id: 's2', name: 'Hob', material: 'induction-hob' },
      notes: 'Onions',
      outcome: 'repeat',
    }),
    entry({ id: 'e3', at: '2026-10-01T10:00:00.000Z', notes: 'Bébé in the bath' }),
  ];
  const ids = (found: readonly LogEntry[]): string[] => found.map((e) => e.id);

  test.each([
    ['', ['e1', 'e2', 'e3']],
    ['vinegar', ['e1', 'e2', 'e3']],
    ['tiles window', ['e1']],
    ['WINDOW tile', ['e1']],
    ['onion hob', ['e2']],
    ['bebe', ['e3']],
    ['2026-10', ['e2', 'e3']],
    ['marble', []],
  ])('%j finds %j', (words, wanted) => {
    expect(ids(filterLog(entries, { ...EVERYTHING, words }))).toEqual(wanted);
  });

  test('by room, surface and outcome', () => {
    expect(ids(filterLog(entries, { ...EVERYTHING, roomId: 'r2' }))).toEqual(['e2']);
    expect(ids(filterLog(entries, { ...EVERYTHING, surfaceId: 's1' }))).toEqual(['e1', 'e3']);
    expect(ids(filterLog(entries, { ...EVERYTHING, outcome: 'repeat', words: 'hob' }))).toEqual(['e2']);
  });

  test('put together by month, room, formula', () => {
    expect(groupLog(entries, 'month').map((g) => [g.key, g.entries.length])).toEqual([
      ['2026-11', 1],
      ['2026-10', 2],
    ]);
    expect(groupLog(entries, 'room').map((g) => [g.key, g.entries.length])).toEqual([
      ['Shower room', 2],
      ['Galley', 1],
    ]);
    expect(groupLog(entries, 'formula')).toHaveLength(1);
  });

  test('nothing is lost or doubled by putting together', () => {
    for (const by of ['month', 'room', 'formula'] as const) {
      expect(
        groupLog(entries, by)
          .flatMap((g) => ids(g.entries))
          .sort(),
      ).toEqual(['e1', 'e2', 'e3']);
    }
    expect(searchText(entries[0]!)).not.toMatch(/[A-Z]/);
  });
});

describe('what an entry may hold', () => {
  test.each([
    [{ at: 'today' }, /Give the day/],
    [{ rating: { ...NO_RATING, touch: -1 } }, /Rate from 0 to 10/],
    [{ workMinutes: 'x' }, /Give the minutes as a number/],
    [{ surface: { id: null, name: '', material: null } }, /surface/i],
    [{ outcome: 'gone' }, /outcome/],
  ])('%j is refused', (change, message) => {
    const result = validate(logEntrySchema, { ...entry(), ...change });
    expect(result.ok ? '' : result.problems.map((p) => p.where + p.message).join(' ')).toMatch(message);
  });
});
