import {
  alsoByName,
  atStrongest,
  ingredientById,
  ingredientsOfFormula,
  ingredientsUsed,
  isUnknown,
  ownRefs,
  substanceNamed,
  type Batch,
  type Ingredient,
  type LogEntry,
  type NamedSubstance,
  type OwnRef,
  type PantryItem,
} from '@/core';

/** What is asked about, as it stands in the address: a name, a bottle of the shelf, or what a job used. */
const BATCH = 'batch:';
const ENTRY = 'log:';

export const batchKey = (batch: Batch): string => BATCH + batch.id;
export const entryKey = (entry: LogEntry): string => ENTRY + entry.id;

/** The address of the question about one thing. */
export const meetAddress = (...keys: readonly string[]): `/safety/meet?${string}` =>
  `/safety/meet?${keys.map((k) => `with=${encodeURIComponent(k)}`).join('&')}`;

/** What a home has that may be meant. */
export interface Around {
  readonly batches: readonly Batch[];
  readonly log: readonly LogEntry[];
  readonly pantry: readonly PantryItem[];
}

function bottle({ formula }: Batch): NamedSubstance {
  const { readings, known } = ingredientsOfFormula(formula);
  return { name: formula.name, readings, understood: known, unknownKind: false };
}

/** What the person has described, as strong as its label allows. */
function described(own: OwnRef): NamedSubstance {
  const line = { id: own.id, ingredient: own, amount: { kind: 'to-fill' as const } };
  return {
    name: own.name,
    readings: [[atStrongest(line)], ...alsoByName(own.name)],
    understood: !isUnknown(own),
    unknownKind: false,
  };
}

function used(entry: LogEntry): NamedSubstance {
  if (entry.used.kind === 'bought' && entry.used.id === null && entry.used.card === undefined)
    return substanceNamed(entry.used.name);
  const { readings, known } = ingredientsUsed(entry.used);
  return { name: entry.used.name, readings, understood: known, unknownKind: false };
}

/** The thing that stands in the address. One that is not there any more is taken by its words: not known. */
export function thingOf(key: string, { batches, log, pantry }: Around): NamedSubstance {
  if (key.startsWith(BATCH)) {
    const batch = batches.find((b) => batchKey(b) === key);
    if (batch) return bottle(batch);
  }
  if (key.startsWith(ENTRY)) {
    const entry = log.find((e) => entryKey(e) === key);
    if (entry) return used(entry);
  }
  const own = ownRefs(pantry).find((o) => o.id === key || o.name.toLowerCase() === key.trim().toLowerCase());
  if (own) return described(own);
  const byId = ingredientById(key);
  return byId ? { ...substanceNamed(byId.id), name: byId.name } : substanceNamed(key);
}

/** What a name stands for in one of the ways it is meant, to tell two of them apart. */
const readingKey = (ingredients: readonly Ingredient[]): string =>
  JSON.stringify(ingredients.map(({ id, contents }) => [id, contents]));

/** Things of one name as one, that may be meant in any of their ways: two bottles called the same may hold two things. */
function byName(things: readonly NamedSubstance[]): NamedSubstance[] {
  const found = new Map<string, NamedSubstance>();
  for (const thing of things) {
    const before = found.get(thing.name);
    const known = new Set(before?.readings.map(readingKey));
    found.set(thing.name, {
      name: thing.name,
      readings: [...(before?.readings ?? []), ...thing.readings.filter((r) => !known.has(readingKey(r)))],
      understood: thing.understood && (before?.understood ?? true),
      unknownKind: thing.unknownKind || (before?.unknownKind ?? false),
    });
  }
  return [...found.values()];
}

/** Everything that stands about in a home: the cupboard, the bottles of the shelf, and bought products that were used. */
export const thingsInHome = ({ batches, log, pantry }: Around): NamedSubstance[] =>
  byName([
    ...pantry.map((p) => thingOf(p.id, { batches: [], log: [], pantry })),
    ...batches.filter((b) => b.state === 'kept').map(bottle),
    ...log.filter((e) => e.used.kind === 'bought').map(used),
  ]);
