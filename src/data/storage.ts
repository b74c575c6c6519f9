import { createAsyncStorage, type AsyncStorage } from '@react-native-async-storage/async-storage';

/** The part of AsyncStorage that Biscuit stands on; tests put a plain one in its place. */
export type Storage = Pick<AsyncStorage, 'getItem' | 'getMany' | 'setMany' | 'removeMany' | 'getAllKeys'>;

/** A full disk (Storage Standard, WHATWG): AsyncStorage passes on its words, and not its name. */
export class NoRoomError extends Error {
  override readonly name = 'QuotaExceededError';
  constructor() {
    super('This device is full');
  }
}

/** What browsers say of a full disk: Chromium nothing at all, others in words. From memory. */
const FULL = /^$|quota|disk (is )?full|not enough space|no space|out of (disk )?space|storage limit/i;

/** One database of its own in the browser. */
export function openStorage(name: string): Storage {
  const storage = createAsyncStorage(name);
  return {
    getItem: (key) => storage.getItem(key),
    getMany: (keys) => storage.getMany(keys),
    setMany: (entries) => storage.setMany(entries).catch((error: unknown) => Promise.reject(inWords(error))),
    removeMany: (keys) => storage.removeMany(keys),
    getAllKeys: () => storage.getAllKeys(),
  };
}

const inWords = (error: unknown): Error => {
  const known = error instanceof Error ? error : new Error(String(error));
  return FULL.test(known.message) || known.name === 'QuotaExceededError' ? new NoRoomError() : known;
};
