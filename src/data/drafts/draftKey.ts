/** Where unfinished work is kept: `draft/@tab/name`, each under the tab it is done in. */

const PREFIX = 'draft/';

/** Of no tab: what was kept before drafts were of a tab, as `draft/name`. */
export const NO_TAB = '';

export const draftKey = (tab: string, name: string): string =>
  tab === NO_TAB ? PREFIX + name : `${PREFIX}@${tab}/${name}`;

export const isDraftKey = (key: unknown): key is string => typeof key === 'string' && key.startsWith(PREFIX);

/** Whose draft a key names, and what it is called; null for what is none. */
export function readDraftKey(key: string): { readonly tab: string; readonly name: string } | null {
  if (!isDraftKey(key)) return null;
  const rest = key.slice(PREFIX.length);
  if (!rest.startsWith('@')) return { tab: NO_TAB, name: rest };
  const end = rest.indexOf('/');
  return end < 0 ? null : { tab: rest.slice(1, end), name: rest.slice(end + 1) };
}
