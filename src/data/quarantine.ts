import type { LogPage } from './logPages';

/** A record that could not be read, kept as it was. */
export interface QuarantinedRecord {
  readonly key: string;
  readonly reason: string;
  readonly raw: string;
}

/** Where they are kept. */
export const QUARANTINE_PREFIX = 'aside/';

/** Records set aside, as they are kept. */
export const quarantineEntries = (bad: readonly QuarantinedRecord[]): Record<string, string> =>
  Object.fromEntries(bad.map((b) => [QUARANTINE_PREFIX + b.key, JSON.stringify(b)]));

/** What of a page of the log could not be read. */
export const quarantinedOf = (key: string, page: LogPage): QuarantinedRecord[] =>
  page.bad.map(({ reason, raw }, i) => ({ key: `${key}/${i}-${raw.length}`, reason, raw }));
