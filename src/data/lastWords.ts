import type { HomeKind } from './homeStore';

/**
 * A page that is being left may not live to finish a transaction. What was typed in its last moment is
 * kept at once in the browser's small synchronous storage, and moved into the home at the next start.
 */
const keyOf = (kind: HomeKind, name: string): string => `biscuit-last-words/${kind}/${name}`;

const shelf = (): globalThis.Storage | null => {
  try {
    return typeof localStorage === 'undefined' ? null : localStorage;
  } catch {
    return null;
  }
};

/** Keeps a draft at once. A full or forbidden storage keeps nothing: the usual way still runs. */
export function keepLastWords(kind: HomeKind, name: string, value: unknown): void {
  try {
    shelf()?.setItem(keyOf(kind, name), JSON.stringify(value));
  } catch {
    // Full: the transaction that is under way may still come through.
  }
}

/** What was kept of a draft in the last moment; undefined if nothing was. */
export function lastWords(kind: HomeKind, name: string): unknown {
  try {
    const raw = shelf()?.getItem(keyOf(kind, name)) ?? null;
    return raw === null ? undefined : (JSON.parse(raw) as unknown);
  } catch {
    return undefined;
  }
}

/** Forgets them: they are in the home now. */
export function forgetLastWords(kind: HomeKind, name: string): void {
  try {
    shelf()?.removeItem(keyOf(kind, name));
  } catch {
    // Nothing was kept.
  }
}
