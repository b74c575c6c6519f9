import type { LogEntry } from '../../core';
import type { Storage } from '../storage';
import { readPage, type LogPage } from './logPages';

/** The log, as far as it has been read. */
export interface LogSoFar {
  /** Newest first. */
  readonly entries: readonly LogEntry[];
  readonly complete: boolean;
}

/** Reads the log month by month, the newest first. */
export class LogReader {
  /** Months as last read: what has not changed is not checked again. */
  private readonly pages = new Map<string, { readonly raw: string; readonly page: LogPage }>();

  /** @param onBroken is told of a month with entries on it that cannot be read */
  constructor(
    private readonly storage: Storage,
    private readonly onBroken: (key: string) => Promise<void>,
  ) {}

  /**
   * The whole log.
   * @param months the keys of its months, the newest first
   * @param heard gets what there is as soon as the newest month is read
   */
  async all(months: readonly string[], heard?: (soFar: LogSoFar) => void): Promise<LogSoFar> {
    const entries: LogEntry[] = [];
    for (const [i, key] of months.entries()) {
      // One month at a time: between them the page can paint and hear a key.
      entries.push(...(await this.page(key)).entries);
      if (i === 0 && months.length > 1) heard?.({ entries: [...entries], complete: false });
    }
    return { entries, complete: true };
  }

  /** What was finished at this instant or after it. */
  async since(months: readonly string[], iso: string): Promise<LogEntry[]> {
    const recent = months.filter((key) => key.slice(key.lastIndexOf('/') + 1) >= iso.slice(0, 7));
    const pages = await Promise.all(recent.map((key) => this.page(key)));
    return pages.flatMap((p) => p.entries).filter((e) => e.at >= iso);
  }

  private async page(key: string): Promise<LogPage> {
    const raw = (await this.storage.getItem(key)) ?? '[]';
    const known = this.pages.get(key);
    if (known?.raw === raw) return known.page;
    const page = readPage(raw);
    if (page.bad.length > 0) await this.onBroken(key);
    this.pages.set(key, { raw, page });
    return page;
  }
}
