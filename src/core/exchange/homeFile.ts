import type { Formula } from '../formula/formula';
import { err, type Result } from '../formula/result';
import { validate, checkFormula } from '../formula/schema';
import { DEFAULT_SETTINGS, homeSchema, type Home } from './home';
import { impliedByWords } from '../formula/use';
import { migrate, type Migration } from './migrate';

/** The newest form of Biscuit's files that this Biscuit writes and reads. */
export const FILE_VERSION = 5;

/** Version 2 added to the settings who lives in the home, its water, its air, and its schools. */
function addHousehold(home: unknown): unknown {
  if (typeof home !== 'object' || home === null || !('settings' in home)) return home;
  const { settings } = home;
  return typeof settings === 'object' && settings !== null
    ? { ...home, settings: { ...DEFAULT_SETTINGS, ...settings } }
    : home;
}

/** Version 3 added the pantry, and to the settings the sign of the person's money. */
function addPantry(home: unknown): unknown {
  return typeof home === 'object' && home !== null ? { pantry: [], ...(addHousehold(home) as object) } : home;
}

/** Version 4 added rooms, their surfaces, waits, jobs and the log, and to the settings numbers to call and how waits are told. */
function addRoomsAndLog(home: unknown): unknown {
  return typeof home === 'object' && home !== null
    ? { rooms: [], surfaces: [], timers: [], jobs: [], log: [], ...(addHousehold(home) as object) }
    : home;
}

/** Version 5 added to formulas the way of use and the kind: what their own words said until then. */
function addUse(formula: unknown): unknown {
  if (typeof formula !== 'object' || formula === null) return formula;
  const { name, purpose, how, form, kind } = formula as Partial<
    Record<'name' | 'purpose' | 'how' | 'form' | 'kind', unknown>
  >;
  if (form !== undefined || kind !== undefined) return formula;
  const said = impliedByWords([name, purpose, how].filter((w) => typeof w === 'string').join('\n'));
  return {
    ...formula,
    ...(said.form ? { form: said.form } : {}),
    ...(said.kind === 'surface' ? {} : { kind: said.kind }),
  };
}

const eachWithUse = (list: unknown): unknown => (Array.isArray(list) ? list.map(addUse) : list);

function addUseInHome(home: unknown): unknown {
  if (typeof home !== 'object' || home === null) return home;
  const { formulas, batches } = home as { formulas?: unknown; batches?: unknown };
  return {
    ...home,
    formulas: eachWithUse(formulas),
    batches: Array.isArray(batches) ? batches.map(addUseInBatch) : batches,
  };
}

const addUseInBatch = (batch: unknown): unknown =>
  typeof batch === 'object' && batch !== null && 'formula' in batch
    ? { ...batch, formula: addUse(batch.formula) }
    : batch;

/** The same step for single records: `{collection, value}`. */
export function addUseInRecord(record: unknown): unknown {
  const { collection, value } = record as { collection?: unknown; value?: unknown };
  if (collection === 'formula') return { collection, value: addUse(value) };
  return collection === 'batch' ? { collection, value: addUseInBatch(value) } : record;
}

const asItIs = (formula: unknown): unknown => formula;

/** Steps from older files to this version, oldest first. A formula only gained what may be left out. */
const HOME_MIGRATIONS: readonly Migration[] = [
  { from: 1, change: addHousehold },
  { from: 2, change: addPantry },
  { from: 3, change: addRoomsAndLog },
  { from: 4, change: addUseInHome },
];
const FORMULA_MIGRATIONS: readonly Migration[] = [
  { from: 1, change: asItIs },
  { from: 2, change: asItIs },
  { from: 3, change: asItIs },
  { from: 4, change: addUse },
];

/** Files larger than this are no home of one person, characters. */
export const MAX_FILE_CHARACTERS = 200_000_000;

/** The text of `biscuit.json`: one file that restores a home exactly. */
export const writeHomeFile = (home: Home, exportedAt: string): string =>
  JSON.stringify({ format: 'biscuit-home', version: FILE_VERSION, exportedAt, home }, null, 1);

/** The text of a `.formula.json`. */
export const writeFormulaFile = (formula: Formula): string =>
  JSON.stringify({ format: 'biscuit-formula', version: FILE_VERSION, formula }, null, 1);

const FORMATS = {
  'biscuit-home': 'a Biscuit home file (biscuit.json)',
  'biscuit-formula': 'a Biscuit formula file (.formula.json)',
};

/** Opens a file's wrapping: JSON, the right format, a version this Biscuit knows. Nothing else is looked at. */
function unwrap(
  text: string,
  format: keyof typeof FORMATS,
  part: string,
  migrations: readonly Migration[],
): Result<unknown> {
  const wanted = `What would be accepted: ${FORMATS[format]}, version 1${FILE_VERSION > 1 ? ` to ${FILE_VERSION}` : ''}.`;
  const no = (why: string) => err<unknown>({ where: 'file', message: `${why} ${wanted}` });
  if (text.trim() === '') return no('The file is empty.');
  if (text.length > MAX_FILE_CHARACTERS) return no('The file is too large.');
  let parsed: unknown;
  try {
    parsed = JSON.parse(text);
  } catch {
    return no('The file is not JSON, or was cut short.');
  }
  if (typeof parsed !== 'object' || parsed === null || !('format' in parsed))
    return no('This is not a file of Biscuit’s.');
  const file = parsed as Record<string, unknown>;
  if (file.format !== format) return no(`This is not ${FORMATS[format]}.`);
  if (typeof file.version !== 'number' || !Number.isInteger(file.version) || file.version < 1)
    return no('The file does not say its version.');
  if (file.version > FILE_VERSION)
    return no(`The file is of version ${file.version}, made by a newer Biscuit. Update this one first.`);
  return { ok: true, value: migrate(file[part], file.version, FILE_VERSION, migrations) };
}

/** Reads `biscuit.json`, whole or not at all. */
export function readHomeFile(text: string): Result<Home> {
  const unwrapped = unwrap(text, 'biscuit-home', 'home', HOME_MIGRATIONS);
  if (!unwrapped.ok) return unwrapped;
  const home = validate<Home>(homeSchema, unwrapped.value);
  return home.ok
    ? home
    : {
        ok: false,
        problems: home.problems.map((p) => ({ ...p, message: `In ${p.where || 'the file'}: ${p.message}` })),
      };
}

/** Reads a `.formula.json`, whole or not at all. */
export function readFormulaFile(text: string): Result<Formula> {
  const unwrapped = unwrap(text, 'biscuit-formula', 'formula', FORMULA_MIGRATIONS);
  return unwrapped.ok ? checkFormula(unwrapped.value) : unwrapped;
}
