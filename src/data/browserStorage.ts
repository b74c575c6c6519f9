/** The part of the browser's storage that the data stand on. */
export type SyncStorage = Pick<globalThis.Storage, 'getItem' | 'setItem' | 'removeItem' | 'key' | 'length'>;

/** The synchronous storage of the browser; null where it is missing or forbidden. */
export const browserSyncStorage = (): SyncStorage | null => given(() => globalThis.localStorage);

/** The same of this tab alone. */
export const browserSessionStorage = (): SyncStorage | null => given(() => globalThis.sessionStorage);

function given(storage: () => SyncStorage | undefined): SyncStorage | null {
  try {
    return storage() ?? null;
  } catch {
    return null;
  }
}
