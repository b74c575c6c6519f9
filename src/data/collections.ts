import { checkRecord, LIST_IN_HOME, type Home, type RecordTypes, type Result } from '../core';

/** What is kept one a key, by collection; the log is kept apart, by months (see `log/`). */
export type Records = Omit<RecordTypes, 'log'>;

export type CollectionName = keyof Records;

/** Collections of many records: all but the settings. */
export type ListName = Exclude<CollectionName, 'settings'>;

export const LISTS = Object.keys(LIST_IN_HOME).filter((name) => name !== 'log') as readonly ListName[];

/** The records of one collection in a home. */
export const recordsIn = <N extends ListName>(home: Home, name: N): readonly Records[N][] =>
  home[LIST_IN_HOME[name]] as readonly unknown[] as readonly Records[N][];

/** Everything that can change, by the names that reads are kept under. */
export const COLLECTIONS: readonly string[] = [...LISTS, 'settings', 'log'];

export const isCollection = (name: unknown): name is CollectionName =>
  name === 'settings' || LISTS.some((list) => list === name);

/** Settings are one record under this id. */
export const SETTINGS_ID = 'settings';

const idOf = (value: Records[CollectionName]): string => ('id' in value ? value.id : SETTINGS_ID);

/** The key of a record: `generation/collection/id`. */
export const keyOf = <N extends CollectionName>(generation: number, name: N, value: Records[N]): string =>
  `${generation}/${name}/${idOf(value)}`;

/** A record as read from storage, or what is wrong with it. */
export function readRecord<N extends CollectionName>(name: N, raw: string): Result<Records[N]> {
  try {
    return checkRecord(name, JSON.parse(raw));
  } catch {
    return { ok: false, problems: [{ where: 'record', message: 'It is not JSON.' }] };
  }
}
