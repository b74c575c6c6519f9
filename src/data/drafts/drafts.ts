import type { Lock } from '../lock';
import type { SyncStorage } from '../browserStorage';
import type { Storage } from '../storage';
import type { Write } from '../write';
import { draftKey, NO_TAB, readDraftKey } from './draftKey';
import type { Tab } from './tab';

/** Unfinished work as it was found. */
export interface FoundDraft {
  readonly value: unknown;
  /** True if another tab, closed since, left it, and this one has taken it up. */
  readonly takenUp: boolean;
}

interface Kept {
  /** When it was kept, ISO 8601; empty where it was not noted. */
  readonly at: string;
  readonly value: unknown;
}

export interface DraftParts {
  readonly storage: Storage;
  readonly lock: Lock;
  readonly tab: Tab;
  /** Small room elsewhere, for when the disk is full; null if there is none. */
  readonly spare: SyncStorage | null;
  /** What the keys in that room begin with. */
  readonly name: string;
  readonly write: (what: Write) => Promise<void>;
  readonly ready: () => Promise<void>;
}

/**
 * Unfinished work, each piece of one tab: two tabs that write on one formula do not write over each other. What a
 * closed or crashed tab left is taken up by the next that opens the same. Where the disk is full it is kept in what
 * room there is; where there is none, the tab says so until it is.
 */
export class Drafts {
  private readonly troubled = new Map<string, unknown>();
  private readonly listeners = new Set<() => void>();

  constructor(private readonly parts: DraftParts) {}

  /** What of this name is unfinished, in this tab or left by a closed one; a value of null is none. */
  async read(name: string): Promise<FoundDraft> {
    const { storage, tab, ready } = this.parts;
    await ready();
    const own = draftKey(await tab.id(), name);
    const kept = this.keptAt(own, await storage.getItem(own));
    if (kept) return { value: kept.value, takenUp: false };
    return { value: await this.takeUp(name, own), takenUp: true };
  }

  /** Other tabs, open now, in which something of this name is unfinished. */
  async openElsewhere(name: string): Promise<readonly string[]> {
    const left = await this.othersOf(name);
    const tabs = left.map(([key]) => readDraftKey(key)?.tab ?? NO_TAB);
    const closed = await this.parts.tab.closed(tabs);
    return tabs.filter((id) => !closed.includes(id));
  }

  /** Calls back when one of these tabs is closed. */
  onClosed(tabs: readonly string[], heard: () => void): () => void {
    return this.parts.tab.onClosed(tabs, heard);
  }

  /**
   * Keeps it; null forgets it. Noted before anything is waited for.
   * @throws the storage's own error where there is no room anywhere
   */
  async keep(name: string, value: unknown): Promise<void> {
    const { tab, write } = this.parts;
    // A page that is being left has no time to wait for who it is.
    const key = draftKey(tab.idNow(), name);
    const kept: Kept | null = value === null ? null : { at: new Date().toISOString(), value };
    try {
      await write({ draft: { key, value: kept } });
      this.unspare(key);
      this.settle(name);
    } catch (error) {
      if (kept === null || this.spare(key, JSON.stringify(kept))) {
        this.settle(name);
        return;
      }
      this.troubled.set(name, value);
      this.listeners.forEach((heard) => heard());
      throw error;
    }
  }

  /** What a page that is gone had noted, and the disk has no room for: true if there is room for it elsewhere. */
  putElsewhere({ key, value }: NonNullable<Write['draft']>): boolean {
    if (value !== null) return this.spare(key, JSON.stringify(value));
    this.unspare(key);
    return false;
  }

  /** Names of what could not be kept anywhere, and is in this page alone. */
  readonly unkept = (): number => this.troubled.size;

  /** Hears when something cannot be kept any more, or can again. */
  readonly subscribe = (heard: () => void): (() => void) => {
    this.listeners.add(heard);
    return () => this.listeners.delete(heard);
  };

  /** Tries once more to keep what could not be kept. */
  async tryAgain(): Promise<void> {
    for (const [name, value] of [...this.troubled]) await this.keep(name, value);
  }

  private settle(name: string): void {
    if (this.troubled.delete(name)) this.listeners.forEach((heard) => heard());
  }

  /** What a closed tab left last, from now on of this one; null if there is none. */
  private async takeUp(name: string, own: string): Promise<unknown> {
    const { storage, lock, tab } = this.parts;
    const left = await this.othersOf(name);
    if (left.length === 0) return null;
    const closed = await tab.closed(left.map(([key]) => readDraftKey(key)?.tab ?? NO_TAB));
    const newestFirst = left
      .filter(([key]) => closed.includes(readDraftKey(key)?.tab ?? NO_TAB))
      .sort(([, a], [, b]) => b.at.localeCompare(a.at));
    for (const [key, kept] of newestFirst) {
      // Under the lock: of two tabs that come at once, one has it.
      const mine = await lock(async () => {
        const still = this.keptAt(key, await storage.getItem(key));
        if (!still) return false;
        try {
          await storage.setMany({ [own]: JSON.stringify(kept) });
          await storage.removeMany([key]);
          this.unspare(key);
        } catch {
          // A full disk: it stays where it is, and is shown all the same.
        }
        return true;
      });
      if (mine) return kept.value;
    }
    return null;
  }

  /** What other tabs have unfinished under this name. */
  private async othersOf(name: string): Promise<(readonly [string, Kept])[]> {
    const { storage, tab } = this.parts;
    const own = draftKey(await tab.id(), name);
    const keys = new Set([...(await storage.getAllKeys()), ...this.sparedKeys()]);
    const others = [...keys].filter((key) => key !== own && readDraftKey(key)?.name === name);
    const raws = others.length === 0 ? {} : await storage.getMany(others);
    return others.flatMap((key) => {
      const kept = this.keptAt(key, raws[key] ?? null);
      return kept ? [[key, kept] as const] : [];
    });
  }

  /** What is kept under a key: in the spare room, which is emptied once there is room on the disk, or on it. */
  private keptAt(key: string, raw: string | null): Kept | null {
    return readKept(this.spared(key)) ?? readKept(raw, readDraftKey(key)?.tab === NO_TAB);
  }

  private spareKey = (key: string): string => `${this.parts.name}-spare/${key}`;

  private spared(key: string): string | null {
    return this.parts.spare?.getItem(this.spareKey(key)) ?? null;
  }

  private sparedKeys(): string[] {
    const { spare } = this.parts;
    const prefix = this.spareKey('');
    return Array.from({ length: spare?.length ?? 0 }, (_, i) => spare?.key(i) ?? '').flatMap((key) =>
      key.startsWith(prefix) ? [key.slice(prefix.length)] : [],
    );
  }

  /** True if it has found room elsewhere. */
  private spare(key: string, raw: string): boolean {
    try {
      this.parts.spare?.setItem(this.spareKey(key), raw);
      return this.parts.spare !== null;
    } catch {
      return false;
    }
  }

  private unspare(key: string): void {
    this.parts.spare?.removeItem(this.spareKey(key));
  }
}

/** @param bare true for what was kept by its name alone, with no time to it */
function readKept(raw: string | null, bare = false): Kept | null {
  try {
    const kept: unknown = JSON.parse(raw ?? 'null');
    if (kept === null) return null;
    if (bare) return { at: '', value: kept };
    return typeof kept === 'object' && 'at' in kept && typeof kept.at === 'string' && 'value' in kept
      ? { at: kept.at, value: kept.value }
      : null;
  } catch {
    return null;
  }
}
