import { isSame, EMPTY_HOME, type Home } from '../../core';
import type { Lock } from '../lock';

/** A file the person chose, as the browser gives it (File System Access, WICG). */
export interface FileHandle {
  readonly name: string;
  readonly createWritable: () => Promise<{
    readonly write: (text: string) => Promise<void>;
    readonly close: () => Promise<void>;
  }>;
  readonly getFile: () => Promise<{ readonly text: () => Promise<string> }>;
  readonly queryPermission?: (asked: { mode: 'readwrite' }) => Promise<PermissionState>;
  readonly requestPermission?: (asked: { mode: 'readwrite' }) => Promise<PermissionState>;
}

/** Where the file that was chosen is remembered. */
export interface HandleMemory {
  readonly get: () => Promise<FileHandle | null>;
  readonly put: (handle: FileHandle | null) => Promise<void>;
}

export type BackupFileState =
  | { readonly kind: 'none' }
  | { readonly kind: 'on'; readonly name: string }
  /** The browser wants the person to allow it again. */
  | { readonly kind: 'waits'; readonly name: string }
  | { readonly kind: 'failed'; readonly name: string; readonly why: string };

export interface BackupFileParts {
  readonly handles: HandleMemory;
  readonly lock: Lock;
  /** The home as it is, and how many records stand aside and would be missing in a copy. */
  readonly home: () => Promise<{ readonly home: Home; readonly aside: number }>;
  /** A home as the text of a file. */
  readonly textOf: (home: Home) => Promise<string>;
  /** Asks the person for a file; null where the browser cannot. */
  readonly pick: (() => Promise<FileHandle>) | null;
  /** How much was changed since a copy was last written: something, for a page that was closed in the quiet after it. */
  readonly changes: () => number;
  /** A copy was written and read back; it holds so many of the changes. */
  readonly onSaved: (changes: number) => void;
  /** Runs a little later; returns how to put it off. For tests. */
  readonly later?: (run: () => void) => () => void;
}

/** So long after the last of a series of changes the file is written, ms. */
const QUIET_MS = 3000;

const afterQuiet = (run: () => void): (() => void) => {
  const timer = setTimeout(run, QUIET_MS);
  return () => clearTimeout(timer);
};

const READ_WRITE = { mode: 'readwrite' } as const;

/** Keeps a copy of the home in a file the person chose once: written after every change, and read back. */
export class BackupFile {
  private handle: FileHandle | null = null;
  private now: BackupFileState = { kind: 'none' };
  private putOff: (() => void) | null = null;
  private readonly listeners = new Set<() => void>();

  constructor(private readonly parts: BackupFileParts) {}

  readonly state = (): BackupFileState => this.now;

  readonly subscribe = (heard: () => void): (() => void) => {
    this.listeners.add(heard);
    return () => this.listeners.delete(heard);
  };

  /** True where the browser can write to a file by itself. */
  get isPossible(): boolean {
    return this.parts.pick !== null;
  }

  /** Takes up the file that was chosen before. */
  async start(): Promise<void> {
    if (!this.isPossible) return;
    this.handle = await this.parts.handles.get().catch(() => null);
    if (!this.handle) return;
    const allowed = (await this.handle.queryPermission?.(READ_WRITE)) ?? 'granted';
    this.become(allowed === 'granted' ? 'on' : 'waits');
    if (this.parts.changes() > 0) this.changed();
  }

  /** Asks for a file and writes to it at once; nothing where the person chose none. */
  async choose(): Promise<void> {
    try {
      const handle = await this.parts.pick?.();
      if (!handle) return;
      this.handle = handle;
    } catch (error) {
      if (error instanceof Error && error.name === 'AbortError') return;
      throw error;
    }
    // Not remembered is no reason not to write to it now.
    await this.parts.handles.put(this.handle).catch(() => undefined);
    await this.write();
  }

  /** Asks the browser to be allowed again, and writes. */
  async allow(): Promise<void> {
    const allowed = (await this.handle?.requestPermission?.(READ_WRITE)) ?? 'granted';
    if (allowed === 'granted') await this.write();
    else this.become('waits');
  }

  /** No longer writes to it; the file stays as it is. */
  async stop(): Promise<void> {
    this.putOff?.();
    this.handle = null;
    this.set({ kind: 'none' });
    await this.parts.handles.put(null).catch(() => undefined);
  }

  /** Something was written here: the file follows soon. */
  changed(): void {
    if (this.now.kind === 'none' || this.now.kind === 'waits') return;
    this.putOff?.();
    this.putOff = (this.parts.later ?? afterQuiet)(() => void this.write());
  }

  /** Writes all there is to the file and reads it back. */
  async write(): Promise<void> {
    const { handle } = this;
    if (!handle) return;
    this.putOff?.();
    try {
      await this.parts.lock(() => this.writeTo(handle));
      if (this.handle === handle) this.become('on');
    } catch (error) {
      if (this.handle !== handle) return;
      if (error instanceof Error && error.name === 'NotAllowedError') this.become('waits');
      else this.set({ kind: 'failed', name: handle.name, why: error instanceof Error ? error.message : String(error) });
    }
  }

  private async writeTo(handle: FileHandle): Promise<void> {
    const changes = this.parts.changes();
    const { home, aside } = await this.parts.home();
    // Nothing is no copy: a home that was just removed must not take the last one with it.
    if (isSame({ ...home, settings: EMPTY_HOME.settings }, EMPTY_HOME)) return;
    if (aside > 0)
      throw new Error('what stands aside would be missing in it, so it keeps what it had. See what stands aside below');
    const text = await this.parts.textOf(home);
    const writable = await handle.createWritable();
    await writable.write(text);
    await writable.close();
    if ((await (await handle.getFile()).text()) !== text) throw new Error('what was read back is not what was written');
    this.parts.onSaved(changes);
  }

  private become(kind: 'on' | 'waits'): void {
    this.set({ kind, name: this.handle?.name ?? '' });
  }

  private set(state: BackupFileState): void {
    if (isSame(state, this.now)) return;
    this.now = state;
    this.listeners.forEach((heard) => heard());
  }
}
