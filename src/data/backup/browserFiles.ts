import { openDB } from 'idb';
import type { FileHandle, HandleMemory } from './backupFile';

const TABLE = 'handles';
const KEY = 'copy';

/** Remembers the chosen file in a small database of its own: a handle is no text. */
export function browserHandles(name: string): HandleMemory {
  const open = () =>
    openDB(`${name}-backup-file`, 1, {
      upgrade: (db) => {
        db.createObjectStore(TABLE);
      },
    });
  return {
    get: async () => {
      const db = await open();
      const handle = (await db.get(TABLE, KEY)) as FileHandle | undefined;
      db.close();
      return handle ?? null;
    },
    put: async (handle) => {
      const db = await open();
      await (handle ? db.put(TABLE, handle, KEY) : db.delete(TABLE, KEY));
      db.close();
    },
  };
}

type Picker = (options: {
  readonly suggestedName: string;
  readonly types: readonly { readonly description: string; readonly accept: Readonly<Record<string, string[]>> }[];
}) => Promise<FileHandle>;

/** Asks for a file to write to (File System Access, WICG); null where the browser has no such thing. */
export function browserPicker(): (() => Promise<FileHandle>) | null {
  const pick = (globalThis as { readonly showSaveFilePicker?: Picker }).showSaveFilePicker;
  return pick
    ? () =>
        pick({
          suggestedName: 'biscuit.json',
          types: [{ description: 'Biscuit', accept: { 'application/json': ['.json'] } }],
        })
    : null;
}
