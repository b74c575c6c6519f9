import Papa from 'papaparse';
import type { LogEntry } from '../cleaning/logEntry';
import { findIngredient } from '../catalogue/lookup';
import { soilByName } from '../catalogue/soils';
import { surfaceByName } from '../catalogue/surfaces';
import type { Result, Problem } from '../formula/result';
import { validate } from '../formula/schema';
import { instantOfDay } from '../quantity/instant';
import { typedNumber } from '../quantity/typedNumber';
import { logEntrySchema } from './records';

/** One column of the log's CSV: how it is written, what it is called. */
const COLUMNS = [
  'id',
  'finished',
  'room',
  'surface',
  'material',
  'soil',
  'used',
  'kind',
  'strength',
  'planned minutes',
  'minutes on',
  'rewets',
  'ended because',
  'rinsed',
  'outcome',
  'touch',
  'look',
  'smell',
  'effort',
  'work minutes',
  'strokes',
  'notes',
  'use',
  'card',
  'room id',
  'surface id',
  'soil id',
  'used id',
  'took ml',
  'took g',
  'cost',
  'without a price',
] as const;

type Column = (typeof COLUMNS)[number];
type Row = Record<Column, string>;

const NEEDED: readonly Column[] = ['finished', 'surface', 'used'];

/** A spreadsheet reads what begins so as a sum; an apostrophe before it keeps it words. Taken off again on the way in. */
const guarded = (cell: string): string => (/^[=+\-@\t\r']/.test(cell) ? `'${cell}` : cell);
const unguarded = (cell: string): string => (cell.startsWith("'") ? cell.slice(1) : cell);

/** A number without an exponent: nobody types one, and it would not be read back. */
const figure = (value: number): string => {
  const written = String(value);
  return written.includes('e') ? value.toFixed(DECIMALS) : written;
};

/** As many as any amount or price has. */
const DECIMALS = 15;

const text = (value: string | number | null | undefined): string =>
  value === null || value === undefined ? '' : typeof value === 'number' ? figure(value) : value;

function rowOf(e: LogEntry): Row {
  const own = e.used.kind === 'formula' ? e.used : null;
  return {
    id: e.id,
    finished: e.at,
    room: e.room.name,
    surface: e.surface.name,
    material: text(e.surface.material),
    soil: e.soil.name,
    used: e.used.name,
    kind: e.used.kind,
    strength: text(own?.strength),
    'planned minutes': text(e.dwell?.plannedMinutes),
    'minutes on': text(e.dwell?.tookMinutes),
    rewets: text(e.dwell?.rewets),
    'ended because': text(e.dwell?.endedBecause),
    rinsed: text(e.rinsedAt),
    outcome: e.outcome,
    touch: text(e.rating.touch),
    look: text(e.rating.look),
    smell: text(e.rating.smell),
    effort: text(e.rating.effort),
    'work minutes': text(e.workMinutes),
    strokes: text(e.strokes),
    notes: e.notes,
    use: text(own?.use),
    card: text(e.used.kind === 'method' ? null : e.used.card),
    'room id': text(e.room.id),
    'surface id': text(e.surface.id),
    'soil id': text(e.soil.id),
    'used id': text(e.used.id),
    'took ml': text(e.took?.volumeML),
    'took g': text(e.took?.massG),
    cost: text(e.took?.cost?.money),
    'without a price': e.took?.cost?.unpriced.length ? JSON.stringify(e.took.cost.unpriced) : '',
  };
}

/** The log as CSV (RFC 4180, with a header line). All but the history of changes comes back by {@link readLogCsv}. */
export const writeLogCsv = (entries: readonly LogEntry[]): string =>
  Papa.unparse(
    { fields: [...COLUMNS], data: entries.map((e) => COLUMNS.map((c) => guarded(rowOf(e)[c]))) },
    { newline: '\r\n' },
  );

const orNull = (cell: string): string | null => (cell === '' ? null : cell);

/** "yes" counts as rinsed when it was finished. */
const rinsed = (cell: string, finished: string): string | null => {
  const word = cell.trim().toLowerCase();
  if (word === '' || word === 'no') return null;
  return word === 'yes' ? finished : instantOfDay(cell);
};

/** Names in a cell: as JSON, or one as it is. */
function namesIn(cell: string): unknown {
  if (cell === '') return [];
  try {
    return JSON.parse(cell) as unknown;
  } catch {
    return [cell];
  }
}

function tookOf(cell: (column: Column) => string): object {
  const volumeML = typedNumber(cell('took ml'));
  const massG = typedNumber(cell('took g'));
  const money = typedNumber(cell('cost'));
  if (volumeML === null && massG === null && money === null) return {};
  return {
    took: { volumeML, massG, cost: money === null ? null : { money, unpriced: namesIn(cell('without a price')) } },
  };
}

function entryOf(cell: (column: Column) => string, id: string, saysMaterial: boolean): unknown {
  const at = instantOfDay(cell('finished'));
  const soil = cell('soil id') === '' ? soilByName(cell('soil')) : null;
  // What says nothing of materials may still name one: "glazed tile".
  const material = saysMaterial ? cell('material') || null : surfaceByName(cell('surface'))?.id;
  const planned = typedNumber(cell('planned minutes'));
  const known = findIngredient(cell('used'));
  const formula = cell('kind') === 'formula' || (cell('kind') === '' && cell('card') !== '');
  return {
    id,
    at,
    room: { id: orNull(cell('room id')), name: cell('room') },
    surface: { id: orNull(cell('surface id')), name: cell('surface'), material: material ?? null },
    soil: { id: orNull(cell('soil id')) ?? soil?.id ?? null, name: cell('soil') },
    used: formula
      ? {
          kind: 'formula',
          id: cell('used id') || 'from-csv',
          name: cell('used'),
          use: cell('use') || 'stored',
          card: cell('card'),
          strength: cell('strength'),
        }
      : cell('kind') === 'method'
        ? { kind: 'method', id: cell('used id'), name: cell('used') }
        : {
            kind: 'bought',
            id: orNull(cell('used id')) ?? (known.kind === 'exact' ? known.ingredient.id : null),
            name: cell('used'),
            ...(cell('card') === '' ? {} : { card: cell('card') }),
          },
    dwell:
      planned === null
        ? null
        : {
            plannedMinutes: planned,
            tookMinutes: typedNumber(cell('minutes on')) ?? planned,
            rewets: typedNumber(cell('rewets')) ?? 0,
            endedBecause: cell('ended because'),
          },
    ...tookOf(cell),
    rinsedAt: rinsed(cell('rinsed'), at),
    outcome: cell('outcome') || 'done',
    rating: {
      touch: typedNumber(cell('touch')),
      look: typedNumber(cell('look')),
      smell: typedNumber(cell('smell')),
      effort: typedNumber(cell('effort')),
    },
    workMinutes: typedNumber(cell('work minutes')),
    strokes: typedNumber(cell('strokes')),
    notes: cell('notes'),
    history: [],
  };
}

/** The most lines read at once. */
const MAX_ROWS = 100_000;

/**
 * Reads a log's CSV, whole or not at all. The header names the columns, in any order and any case; only
 * "finished", "surface" and "used" are needed. Every problem says its line and what would be accepted.
 *
 * @param newId gives an id to a line that has none
 */
export function readLogCsv(csv: string, newId: () => string): Result<LogEntry[]> {
  const problems: Problem[] = [];
  const no = (where: string, message: string) => problems.push({ where, message });
  const parsed = Papa.parse<string[]>(csv.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy' });
  const [header, ...rows] = parsed.data;
  const wanted = `What would be accepted: a CSV file whose first line names its columns, among them ${NEEDED.join(', ')}.`;
  if (!header) return { ok: false, problems: [{ where: 'file', message: `The file is empty. ${wanted}` }] };
  const place = new Map(header.map((h, i) => [h.trim().toLowerCase(), i]));
  const missing = NEEDED.filter((c) => !place.has(c));
  if (missing.length > 0)
    return {
      ok: false,
      problems: [{ where: 'line 1', message: `There is no column ${missing.join(', ')}. ${wanted}` }],
    };
  if (rows.length > MAX_ROWS)
    return {
      ok: false,
      problems: [{ where: 'file', message: `The file has more than ${MAX_ROWS} lines. Bring it in in parts.` }],
    };
  const broken = parsed.errors.find((e) => e.type === 'Quotes');
  if (broken)
    no(`record ${(broken.row ?? 0) + 1}`, 'A quotation mark is not closed, or stands inside a cell without its twin.');
  const ids = new Set<string>();
  const entries: LogEntry[] = [];
  rows.forEach((row, i) => {
    const cell = (column: Column): string => unguarded(row[place.get(column) ?? -1] ?? '');
    const id = cell('id') || newId();
    const where = `line ${i + 2}`;
    if (ids.has(id)) no(where, `The id ${id} stands in two lines. Each line wants one of its own, or none.`);
    ids.add(id);
    const entry = validate(logEntrySchema, entryOf(cell, id, place.has('material')));
    if (entry.ok) entries.push(entry.value);
    else problems.push(...entry.problems.map((p) => ({ where, message: p.message })));
  });
  return problems.length > 0 ? { ok: false, problems } : { ok: true, value: entries };
}
