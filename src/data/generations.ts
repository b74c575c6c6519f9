import { migrate, type Home, type Migration } from '../core';
import { LIST_IN_HOME, LISTS, SETTINGS_ID, type CollectionName, type Records } from './collections';
import { byMonth, writePage } from './logPages';

/** Which records count. Records of other generations are leftovers of an import or a migration. */
export interface Head {
  readonly schema: number;
  readonly generation: number;
}

export const HEAD_KEY = 'head';

/** The key of a record: `generation/collection/id`. */
export function keyOf<N extends CollectionName>(generation: number, name: N, value: Records[N]): string {
  return `${generation}/${name}/${'id' in value ? value.id : SETTINGS_ID}`;
}

/** A whole home as the records of a generation, together with the head that names it. */
export function generationOf(head: Head, home: Home): Record<string, string> {
  const entries: Record<string, string> = { [HEAD_KEY]: JSON.stringify(head) };
  const add = <N extends CollectionName>(name: N, values: readonly Records[N][]): void =>
    values.forEach((value) => (entries[keyOf(head.generation, name, value)] = JSON.stringify(value)));
  LISTS.forEach((name) => add(name, home[LIST_IN_HOME[name]]));
  add('settings', [home.settings]);
  for (const [month, page] of byMonth(home.log)) entries[`${head.generation}/log/${month}`] = writePage(page);
  return entries;
}

/**
 * The records of the next generation: every one through every step. One that a step chokes on goes along
 * unchanged, to be set aside when read.
 *
 * @param raws the records of the generation that `from` names, by key
 */
export function nextGeneration(
  from: Head,
  raws: Readonly<Record<string, string | null>>,
  schema: number,
  migrations: readonly Migration[],
): Record<string, string> {
  const head: Head = { schema, generation: from.generation + 1 };
  const entries: Record<string, string> = { [HEAD_KEY]: JSON.stringify(head) };
  const prefix = `${from.generation}/`;
  for (const [key, kept] of Object.entries(raws)) {
    const raw = kept ?? '';
    const rest = key.slice(prefix.length);
    try {
      const value = { collection: rest.split('/')[0], value: JSON.parse(raw) as unknown };
      const next = migrate(value, from.schema, schema, migrations) as { value: unknown };
      entries[`${head.generation}/${rest}`] = JSON.stringify(next.value);
    } catch (error) {
      if (!(error instanceof SyntaxError)) throw error;
      entries[`${head.generation}/${rest}`] = raw;
    }
  }
  return entries;
}
