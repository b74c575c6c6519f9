import { createAsyncStorage, type AsyncStorage } from '@react-native-async-storage/async-storage';

/** The part of AsyncStorage that Biscuit stands on; tests put a plain one in its place. */
export type Storage = Pick<AsyncStorage, 'getItem' | 'getMany' | 'setMany' | 'removeMany' | 'getAllKeys'>;

/** One database of its own in the browser. */
export const openStorage = (name: string): Storage => createAsyncStorage(name);
