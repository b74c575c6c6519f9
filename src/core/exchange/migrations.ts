import { DWELL_END_WORDS } from '../cleaning/jobLog';
import { keepOffInWords, madeForInWords } from '../formula/placesInWords';
import { impliedByWords } from '../formula/use';
import { mendedInstant } from '../quantity/instant';
import { LIST_IN_HOME, type RecordKind } from './collections';
import { DEFAULT_SETTINGS, type Home } from './home';

/** A change of one record. It takes anything: what it cannot change it gives back, for the schema to refuse. */
type RecordChange = (value: unknown) => unknown;

/** The step from one version to the next: one list for records in storage and for files. */
export interface Migration {
  readonly from: number;
  /** What changed in single records, by their kind; kinds that stayed as they were are left out. */
  readonly records?: Partial<Readonly<Record<RecordKind, RecordChange>>>;
  /** Lists that a home has from the next version on. */
  readonly newLists?: readonly (keyof Home)[];
}

const isObject = (value: unknown): value is Readonly<Record<string, unknown>> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

const withDefaults: RecordChange = (settings) => (isObject(settings) ? { ...DEFAULT_SETTINGS, ...settings } : settings);

/** Until version 5 a formula's own words said how it is used and what kind of thing it makes. */
const addUse: RecordChange = (formula) => {
  if (!isObject(formula) || formula.form !== undefined || formula.kind !== undefined) return formula;
  const { name, purpose, how } = formula;
  const implied = impliedByWords([name, purpose, how].filter((w) => typeof w === 'string').join('\n'));
  return {
    ...formula,
    ...(implied.form ? { form: implied.form } : {}),
    ...(implied.kind === 'surface' ? {} : { kind: implied.kind }),
  };
};

/** Until version 6 a fresh mixture's name and purpose said that things lie in it. */
const SOAK = /\b(?:soak|bag|bath|bowl|kettle)\b/i;
const addSoak: RecordChange = (formula) => {
  if (!isObject(formula) || formula.use !== 'fresh' || formula.form !== undefined) return formula;
  return SOAK.test(`${String(formula.name)} ${String(formula.purpose)}`) ? { ...formula, form: 'soak' } : formula;
};

/** Until version 6 a part of a job said in words why its dwell was over. */
const nameEndReason: RecordChange = (job) => {
  if (!isObject(job) || !Array.isArray(job.parts)) return job;
  const reasons = Object.entries(DWELL_END_WORDS);
  return {
    ...job,
    parts: job.parts.map((part: unknown) => {
      if (!isObject(part) || !isObject(part.dwelt) || !('endedBecause' in part.dwelt)) return part;
      const { endedBecause, ...dwelt } = part.dwelt;
      const endReason = reasons.find(([, words]) => words === endedBecause)?.[0] ?? 'done';
      return { ...part, dwelt: { ...dwelt, endReason } };
    }),
  };
};

/** Until version 7 one row stood for the enamel of ovens and of baths. */
const BATH_NAME = /\b(?:bath|tub|basin|tray)\b/i;
const nameBath: RecordChange = (surface) => {
  if (!isObject(surface) || surface.surfaceId !== 'enamel') return surface;
  const soilId = isObject(surface.upkeep) ? surface.upkeep.soilId : null;
  const isBath = BATH_NAME.test(String(surface.name)) || soilId === 'soap-scum' || soilId === 'limescale';
  return isBath ? { ...surface, surfaceId: 'bath-enamel' } : surface;
};

/** Until version 8 only words said what a formula is for, and what it is kept off. */
const addPlaces: RecordChange = (formula) => {
  if (!isObject(formula) || formula.madeFor !== undefined || formula.keepOff !== undefined) return formula;
  const madeFor = typeof formula.purpose === 'string' ? madeForInWords(formula.purpose) : null;
  const keepOff = typeof formula.never === 'string' ? keepOffInWords(formula.never) : [];
  return { ...formula, ...(madeFor ? { madeFor } : {}), ...(keepOff.length > 0 ? { keepOff } : {}) };
};

/** Until version 8 one row stood for the inside of kettles and of all machines. */
const MACHINE_NAMES: readonly (readonly [names: RegExp, material: string])[] = [
  [/\bkettle\b/i, 'kettle'],
  [/\bcoffee|espresso/i, 'coffee-machine'],
  [/\bdish ?washer\b/i, 'dishwasher'],
  [/\bwash/i, 'washing-machine'],
];
const nameMachine: RecordChange = (surface) => {
  if (!isObject(surface) || surface.surfaceId !== 'machine-inside') return surface;
  const material = MACHINE_NAMES.find(([names]) => names.test(String(surface.name)))?.[1];
  return material === undefined ? surface : { ...surface, surfaceId: material };
};

/** Until version 8 every part of a job had a formula, and no method was named. */
const nameMethod: RecordChange = (job) => {
  if (!isObject(job) || !Array.isArray(job.parts)) return job;
  const named = (part: unknown): unknown =>
    isObject(part) && !('method' in part)
      ? { ...part, method: null, ...('formula' in part ? { formula: addPlaces(part.formula) } : {}) }
      : part;
  return { ...job, parts: job.parts.map(named) };
};

/** Until version 9 nothing said when a surface was entered. */
const addEnteredAt: RecordChange = (surface) =>
  isObject(surface) && !('enteredAt' in surface) ? { ...surface, enteredAt: null } : surface;

/** Until version 9 a part of a job did not say how much it takes, and its steps said nothing to mind. */
const addMind: RecordChange = (job) => {
  if (!isObject(job) || !Array.isArray(job.parts)) return job;
  const withMind = (step: unknown): unknown => (isObject(step) ? { mind: [], tip: null, ...step } : step);
  const changed = (part: unknown): unknown =>
    isObject(part) && Array.isArray(part.steps) ? { amount: null, ...part, steps: part.steps.map(withMind) } : part;
  return { ...job, parts: job.parts.map(changed) };
};

/** Until version 9 what looked like a date was taken for one: 2026-11-26T10:00+02, 2026. */
const INSTANTS = ['at', 'rinsedAt', 'madeAt', 'endedAt', 'startedAt', 'wettedAt', 'snoozedUntil'];
const mendInstants: RecordChange = (record) =>
  isObject(record)
    ? Object.fromEntries(
        Object.entries(record).map(([key, value]) => {
          if (INSTANTS.includes(key) && typeof value === 'string') return [key, mendedInstant(value)];
          if (key === 'history' && Array.isArray(value)) return [key, value.map(mendInstants)];
          return [key, value];
        }),
      )
    : record;

/** Until version 12 a pack whose price nobody gave was one that costs nothing. */
const forgetNoPrice: RecordChange = (item) =>
  isObject(item) && isObject(item.pack) && item.pack.price === 0
    ? { ...item, pack: { ...item.pack, price: null } }
    : item;

/** The same change in the formula that a batch holds. */
const inBatch =
  (change: RecordChange): RecordChange =>
  (batch) =>
    isObject(batch) && 'formula' in batch ? { ...batch, formula: change(batch.formula) } : batch;

/** Every step there was, oldest first: see docs/formats.md, "Changing what is kept". */
export const MIGRATIONS: readonly Migration[] = [
  // Who lives in the home, its water and its air, the person's choices where advice differs.
  { from: 1, records: { settings: withDefaults } },
  // The pantry, and the sign of the person's money.
  { from: 2, records: { settings: withDefaults }, newLists: ['pantry'] },
  // Rooms, surfaces, waits, jobs and the log; numbers to call and how waits make themselves known.
  { from: 3, records: { settings: withDefaults }, newLists: ['rooms', 'surfaces', 'timers', 'jobs', 'log'] },
  // A formula's way of use and its kind.
  { from: 4, records: { formula: addUse, batch: inBatch(addUse) } },
  // What is a soak stands in its form alone; why a dwell was over stands in a job by name.
  { from: 5, records: { formula: addSoak, batch: inBatch(addSoak), job: nameEndReason } },
  // Enamel of a bath apart from that of an oven; knives, soapstone and quarry tile rows of their own.
  { from: 6, records: { surface: nameBath } },
  // What a formula is for and kept off, by ids; kettles and machines apart; many more surfaces and soils; jobs and entries of methods that take no mixture.
  { from: 7, records: { formula: addPlaces, batch: inBatch(addPlaces), job: nameMethod, surface: nameMachine } },
  // When a surface was entered; what a part of a job takes and what is to mind at its steps; jobs of one's own.
  {
    from: 8,
    records: {
      surface: addEnteredAt,
      job: (job) => mendInstants(addMind(job)),
      batch: mendInstants,
      timer: mendInstants,
      log: mendInstants,
    },
    newLists: ['plans'],
  },
  // Formulas as they were before they were changed.
  { from: 9, newLists: ['earlier'] },
  // Drops counted by the bottle; what a label says of an item of the cupboard, and since when it is open; what is left in a bottle, and where it stands.
  { from: 10, records: { settings: withDefaults } },
  // Packs of any size, with or without a price; what bottles, batches and uses cost; what was bought, is wanted, or would be bought instead.
  { from: 11, records: { pantry: forgetNoPrice }, newLists: ['purchases', 'wanted', 'instead'] },
];

/** The newest form of records and files that this Biscuit writes and reads. */
export const DATA_VERSION = 1 + MIGRATIONS.length;

/** The version of what was noted or set aside before that said its version. */
export const VERSION_BEFORE_IT_WAS_SAID = 5;

function stepsFrom(version: number, migrations: readonly Migration[]): readonly Migration[] {
  const steps = migrations.filter((m) => m.from >= version);
  if (steps.some((m, i) => m.from !== version + i)) throw new Error(`No migration from version ${version}`);
  return steps;
}

/**
 * One record of an older version in the form of this one.
 * @param from the version it was written by, 1 to DATA_VERSION
 * @throws if a step is missing: our own mistake
 */
export const migrateRecord = (
  kind: RecordKind,
  value: unknown,
  from: number,
  migrations: readonly Migration[] = MIGRATIONS,
): unknown => stepsFrom(from, migrations).reduce((now, { records }) => records?.[kind]?.(now) ?? now, value);

/** A whole home of an older version in the form of this one: each list through the steps of its kind of record. */
export function migrateHome(home: unknown, from: number, migrations: readonly Migration[] = MIGRATIONS): unknown {
  if (!isObject(home)) return home;
  const newLists = stepsFrom(from, migrations).flatMap((m) => m.newLists ?? []);
  const whole: Record<string, unknown> = { ...Object.fromEntries(newLists.map((list) => [list, []])), ...home };
  for (const [kind, list] of Object.entries(LIST_IN_HOME) as [RecordKind, string][]) {
    const records = whole[list];
    if (Array.isArray(records)) whole[list] = records.map((r) => migrateRecord(kind, r, from, migrations));
  }
  if ('settings' in whole) whole.settings = migrateRecord('settings', whole.settings, from, migrations);
  return whole;
}
