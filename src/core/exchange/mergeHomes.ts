import { LIST_IN_HOME, type RecordTypes } from './collections';
import type { Home } from './home';
import { isSame } from './threeWay';

/** A home and a file of one brought together: what is new comes in, the newer of two holds, nothing here is lost. */

type ListKind = keyof typeof LIST_IN_HOME;
type ListName = (typeof LIST_IN_HOME)[ListKind];

/** What becomes of the records of a list. */
export interface MergedList {
  /** In the file alone: they come in. */
  readonly added: number;
  /** Newer in the file: they take the place of those here. */
  readonly newer: number;
  /** Of one name and not the same, and nobody can say which is newer: the one of the file comes in beside it. */
  readonly both: number;
  /** Not the same, and the one here stays. */
  readonly stays: number;
}

export interface MergedHomes {
  readonly home: Home;
  readonly lists: Readonly<Record<ListName, MergedList>>;
}

const latest = (...instants: readonly (string | null | undefined)[]): number =>
  Math.max(-Infinity, ...instants.flatMap((iso) => (iso ? [Date.parse(iso)] : [])));

/** How new a record is, ms or steps; null for what says nothing of when it was changed. */
const NEWNESS: { readonly [K in ListKind]?: (record: RecordTypes[K]) => number } = {
  log: (e) => latest(e.at, e.history.at(-1)?.at),
  batch: (b) => latest(b.madeAt, b.endedAt),
  timer: (t) => latest(t.startedAt, t.wettedAt, t.endedAt, t.snoozedUntil),
  // A job says when it was begun, not when it went on: the one that is further is the newer.
  job: (j) => j.parts.reduce((sum, p) => sum + (p.state === 'open' ? p.at : p.steps.length), 0),
};

const FROM_FILE = ' (from the file)';
const MAX_NAME = 80;

interface Named {
  readonly id: string;
}

function mergeList<R extends Named>(
  here: readonly R[],
  file: readonly R[],
  newness: ((record: R) => number) | undefined,
  asCopy: ((record: R) => R) | null,
): { readonly list: readonly R[]; readonly merged: MergedList } {
  const list = new Map(here.map((r) => [r.id, r]));
  let [added, newer, both, stays] = [0, 0, 0, 0];
  for (const record of file) {
    const own = list.get(record.id);
    if (!own) {
      list.set(record.id, record);
      added++;
    } else if (isSame(own, record)) continue;
    else if (newness && newness(record) > newness(own)) {
      list.set(record.id, record);
      newer++;
    } else if (!newness && asCopy) {
      const copy = asCopy(record);
      list.set(copy.id, copy);
      both++;
    } else stays++;
  }
  return { list: [...list.values()], merged: { added, newer, both, stays } };
}

/**
 * Brings a file into a home. Settings stay those of the home. A formula that is not the same here and there comes in
 * beside the one that is here.
 * @param newId gives the copy of such a formula its id
 */
export function mergeHomes(here: Home, file: Home, newId: () => string): MergedHomes {
  const home: Record<string, unknown> = { ...here };
  const lists: Partial<Record<ListName, MergedList>> = {};
  for (const [kind, name] of Object.entries(LIST_IN_HOME) as [ListKind, ListName][]) {
    const newness = NEWNESS[kind] as ((record: Named) => number) | undefined;
    const asCopy =
      kind === 'formula'
        ? (record: Named): Named => {
            const { name: called } = record as RecordTypes['formula'];
            const copy = {
              ...record,
              id: newId(),
              name: `${called.slice(0, MAX_NAME - FROM_FILE.length)}${FROM_FILE}`,
            };
            return copy;
          }
        : null;
    const { list, merged } = mergeList<Named>(here[name], file[name], newness, asCopy);
    home[name] = list;
    lists[name] = merged;
  }
  return { home: home as unknown as Home, lists: lists as Record<ListName, MergedList> };
}
