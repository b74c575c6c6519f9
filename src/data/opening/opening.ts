import type { Home, Migration } from '../../core';
import { putBack } from '../quarantine';
import type { Storage } from '../storage';
import { generationOf, nextGeneration } from './generation';
import { findHead, generationOfKey, versionOf, type Head } from './head';

/** What opening a home needs. */
export interface OpeningParts {
  readonly storage: Storage;
  /** What a home that was never opened starts with. */
  readonly seed: () => Home | Promise<Home>;
  /** The version this Biscuit writes and reads, and the steps that lead to it. */
  readonly version: number;
  readonly migrations: readonly Migration[];
}

/**
 * Makes the records of a home ready, under the lock: first start, migration, and what was set aside and can be
 * read by now.
 * @param finish carries out what an earlier page noted and did not finish: it is of the form that the head names
 * @returns the collections that something was put back into
 * @throws NewerDataError: then nothing has been touched
 */
export async function openRecords(parts: OpeningParts, finish: () => Promise<unknown>): Promise<readonly string[]> {
  const { storage, seed, version, migrations } = parts;
  const head = await findHead(storage, version);
  if (head === null) {
    await storage.setMany(await generationOf({ schema: version, generation: 1, since: 1 }, await seed()));
    await finish();
    return [];
  }
  await finish();
  if (versionOf(head) < version) await migrateAll(storage, head, version, migrations);
  const now = (await findHead(storage, version)) ?? head;
  return putBack({ storage, generation: now.generation, version, migrations }, now.since ?? now.generation);
}

async function migrateAll(
  storage: Storage,
  head: Head,
  version: number,
  migrations: readonly Migration[],
): Promise<void> {
  const keys = (await storage.getAllKeys()).filter((k) => generationOfKey(k) === head.generation);
  await storage.setMany(nextGeneration(head, await storage.getMany(keys), version, migrations));
}

/** Removes what older generations left, under the lock. Losing power in between only leaves leftovers for the next time. */
export async function sweep(storage: Storage, generation: number): Promise<void> {
  const leftovers = (await storage.getAllKeys()).filter((k) => {
    const of = generationOfKey(k);
    return of !== null && of !== generation;
  });
  if (leftovers.length > 0) await storage.removeMany(leftovers);
}
