import type { SyncStorage } from '@/data/browserStorage';
import type { Storage } from '@/data/storage';

/** A storage in memory that can be told to fail, as a full disk does. */
export class MemoryStorage implements Storage {
  readonly records = new Map<string, string>();
  full = false;

  getItem(key: string): Promise<string | null> {
    return Promise.resolve(this.records.get(key) ?? null);
  }

  getMany(keys: string[]): Promise<Record<string, string | null>> {
    return Promise.resolve(Object.fromEntries(keys.map((k) => [k, this.records.get(k) ?? null])));
  }

  setMany(entries: Record<string, string>): Promise<void> {
    if (this.full) return Promise.reject(new DOMException('The disk is full', 'QuotaExceededError'));
    for (const [key, value] of Object.entries(entries)) this.records.set(key, value);
    return Promise.resolve();
  }

  removeMany(keys: string[]): Promise<void> {
    keys.forEach((k) => this.records.delete(k));
    return Promise.resolve();
  }

  getAllKeys(): Promise<string[]> {
    return Promise.resolve([...this.records.keys()]);
  }
}

/** The browser's synchronous storage, in memory; holds so many characters. */
export class MemorySyncStorage implements SyncStorage {
  readonly kept = new Map<string, string>();

  constructor(private readonly room = Infinity) {}

  get length(): number {
    return this.kept.size;
  }

  key(index: number): string | null {
    return [...this.kept.keys()][index] ?? null;
  }

  getItem(key: string): string | null {
    return this.kept.get(key) ?? null;
  }

  setItem(key: string, value: string): void {
    if (value.length > this.room) throw new Error('The quota has been exceeded');
    this.kept.set(key, value);
  }

  removeItem(key: string): void {
    this.kept.delete(key);
  }
}
