import type { Formula } from '../formula/formula';
import { err, type Result } from '../formula/result';
import { validate, checkFormula } from '../formula/schema';
import { vesselFacts } from '../catalogue/vessels';
import { contextIn } from '../evaluation/context';
import { evaluate } from '../evaluation/evaluate';
import type { Batch } from '../shelf-life/batch';
import { labelOf } from '../shelf-life/label';
import { homeSchema, type Home, type Settings } from './home';
import { DATA_VERSION, migrateHome, migrateRecord } from './migrations';

/** Files larger than this are no home of one person, characters: ten years of a busy log are a twentieth of it. */
export const MAX_FILE_CHARACTERS = 100_000_000;

/** A bottle's label as its formula is judged, whatever the file says of it: a label that is wrong is a danger. */
function withLabel(batch: Batch, settings: Settings): Batch {
  const result = evaluate(batch.formula, contextIn(batch.vessel, batch.formula.use, settings));
  if (!result.ok) return batch;
  const storage = { vessel: vesselFacts(batch.vessel), roomC: settings.roomC };
  return { ...batch, label: labelOf(batch.formula, result.value, storage, batch.label.dwell) };
}

/** The text of `biscuit.json`: one file that restores a home exactly. */
export const writeHomeFile = (home: Home, exportedAt: string): string =>
  JSON.stringify({ format: 'biscuit-home', version: DATA_VERSION, exportedAt, home }, null, 1);

/** The text of a `.formula.json`. */
export const writeFormulaFile = (formula: Formula): string =>
  JSON.stringify({ format: 'biscuit-formula', version: DATA_VERSION, formula }, null, 1);

const FORMATS = {
  'biscuit-home': 'a Biscuit home file (biscuit.json)',
  'biscuit-formula': 'a Biscuit formula file (.formula.json)',
};

/**
 * Opens a file's wrapping: JSON, the right format, a version this Biscuit knows. Nothing else is looked at.
 * @param migrateFrom takes what is in it from its version to this one
 */
function unwrap(
  text: string,
  format: keyof typeof FORMATS,
  part: string,
  migrateFrom: (value: unknown, version: number) => unknown,
): Result<unknown> {
  const wanted = `What would be accepted: ${FORMATS[format]}, version 1 to ${DATA_VERSION}.`;
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
  if (file.version > DATA_VERSION)
    return no(`The file is of version ${file.version}, made by a newer Biscuit. Update this one first.`);
  const inside = file[part];
  if (typeof inside !== 'object' || inside === null || Array.isArray(inside))
    return no(`There is no ${part} in the file.`);
  return { ok: true, value: migrateFrom(inside, file.version) };
}

/** Reads `biscuit.json`, whole or not at all. */
export function readHomeFile(text: string): Result<Home> {
  const unwrapped = unwrap(text, 'biscuit-home', 'home', migrateHome);
  if (!unwrapped.ok) return unwrapped;
  const home = validate(homeSchema, unwrapped.value, { onlyFirst: true });
  if (home.ok)
    return {
      ok: true,
      value: { ...home.value, batches: home.value.batches.map((b) => withLabel(b, home.value.settings)) },
    };
  return {
    ok: false,
    problems: home.problems.map((p) => ({ ...p, message: `In ${p.where || 'the file'}: ${p.message}` })),
  };
}

/** Reads a `.formula.json`, whole or not at all. */
export function readFormulaFile(text: string): Result<Formula> {
  const unwrapped = unwrap(text, 'biscuit-formula', 'formula', (value, from) => migrateRecord('formula', value, from));
  return unwrapped.ok ? checkFormula(unwrapped.value) : unwrapped;
}
