import { NO_BACKUP, withChange, withBackup, withQuiet, type BackupState } from '../../core';
import type { SyncStorage } from '../browserStorage';

/** What changes on its own course, and need not be in a copy to the hour. */
const NOT_COUNTED: readonly string[] = ['timer', 'job', 'earlier', 'aside'];

const isState = (value: unknown): value is BackupState =>
  typeof value === 'object' && value !== null && 'changes' in value && typeof value.changes === 'number';

/**
 * What is known of the copies of this home: in the browser's small storage, shared by all tabs. Where that is lost,
 * so is the knowledge of a copy: it is asked for again.
 */
export class BackupLog {
  private readonly listeners = new Set<() => void>();
  private last: { readonly raw: string | null; readonly state: BackupState } = { raw: null, state: NO_BACKUP };

  /** @param keepAsked called when the first thing is kept: the browser is asked not to clear it by itself */
  constructor(
    private readonly storage: SyncStorage | null,
    private readonly name: string,
    private readonly keepAsked: () => void = () => undefined,
  ) {}

  readonly state = (): BackupState => {
    const raw = this.storage?.getItem(this.key()) ?? null;
    if (raw !== this.last.raw) this.last = { raw, state: read(raw) };
    return this.last.state;
  };

  readonly subscribe = (heard: () => void): (() => void) => {
    this.listeners.add(heard);
    return () => this.listeners.delete(heard);
  };

  /** Something of these collections was written, here; true if a copy should have it. */
  written(collections: readonly string[]): boolean {
    if (collections.every((c) => NOT_COUNTED.includes(c))) return false;
    const before = this.state();
    if (before.since === null) this.keepAsked();
    this.put(withChange(before, new Date().toISOString()));
    return true;
  }

  /** A copy was saved, begun when so many changes were counted: what came while it was written is not in it. */
  saved(held: number): void {
    this.put(withBackup(this.state(), new Date().toISOString(), held));
  }

  /** The person does not want to hear of it now. */
  quiet(): void {
    this.put(withQuiet(this.state(), Date.now()));
  }

  private key = (): string => `${this.name}-backup`;

  private put(state: BackupState): void {
    try {
      this.storage?.setItem(this.key(), JSON.stringify(state));
    } catch {
      // A full disk: it is asked for a little later than it might.
    }
    this.listeners.forEach((heard) => heard());
  }
}

function read(raw: string | null): BackupState {
  try {
    const value: unknown = JSON.parse(raw ?? 'null');
    return isState(value) ? { ...NO_BACKUP, ...value } : NO_BACKUP;
  } catch {
    return NO_BACKUP;
  }
}
