import type { Storage } from '../storage';

/** Which records count. Records of other generations are leftovers of an import or a migration. */
export interface Head {
  /** The version of the records' form. */
  readonly schema: number;
  readonly generation: number;
  /** The first generation of this home: an import begins another one. Left out by heads of before it was kept. */
  readonly since?: number;
}

export const HEAD_KEY = 'head';
/** The same once more, written with it: the way back where one of the two is broken. */
export const HEAD_COPY_KEY = 'head-copy';

/** The records were written by a newer Biscuit: nothing is read or written. */
export class NewerDataError extends Error {
  constructor(readonly version: number) {
    super('This home was last opened with a newer Biscuit. Update this one; nothing here has been touched.');
  }
}

/** Records had a count of versions of their own before they shared that of the files. */
const VERSION_OF_OLD_SCHEMA: Readonly<Record<number, number>> = { 1: 4, 2: 5 };

/** The version of the records' form that a head names. */
export const versionOf = ({ schema }: Head): number => VERSION_OF_OLD_SCHEMA[schema] ?? schema;

const isCount = (value: unknown): value is number => typeof value === 'number' && Number.isInteger(value) && value > 0;

/** A head as kept; null if it is missing or broken. */
export function readHead(raw: string | null): Head | null {
  try {
    const { schema, generation, since } = JSON.parse(raw ?? 'null') as Record<string, unknown>;
    if (!isCount(schema) || !isCount(generation)) return null;
    return isCount(since) && since <= generation ? { schema, generation, since } : { schema, generation };
  } catch {
    return null;
  }
}

/** A head as it is kept, twice. */
export const headEntries = (head: Head): Record<string, string> => {
  const raw = JSON.stringify(head);
  return { [HEAD_KEY]: raw, [HEAD_COPY_KEY]: raw };
};

const GENERATION_OF_KEY = /^(\d+)\//;

/** The generation that a key belongs to; null for what is no record. */
export const generationOfKey = (key: string): number | null => {
  const digits = GENERATION_OF_KEY.exec(key)?.[1];
  return digits === undefined ? null : Number(digits);
};

/**
 * The head there is. A broken one is written anew: from its copy, or, if that is broken too, by the highest
 * generation, which stands complete since a generation and its head are written in one transaction. Null for a
 * home that was never opened.
 * @param version the version of this Biscuit: what both are lost of is taken to be of it
 * @throws NewerDataError
 */
export async function findHead(storage: Storage, version: number): Promise<Head | null> {
  const kept = readHead(await storage.getItem(HEAD_KEY));
  const head = kept ?? (await recoverHead(storage, version));
  if (head && versionOf(head) > version) throw new NewerDataError(versionOf(head));
  return head;
}

async function recoverHead(storage: Storage, version: number): Promise<Head | null> {
  const copy = readHead(await storage.getItem(HEAD_COPY_KEY));
  const generations = copy ? [] : (await storage.getAllKeys()).map((k) => generationOfKey(k) ?? 0);
  const highest = Math.max(0, ...generations);
  const head = copy ?? (highest > 0 ? { schema: version, generation: highest } : null);
  if (head) await storage.setMany(headEntries(head));
  return head;
}
