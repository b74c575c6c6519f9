import type { LogPage } from './logPages';

/** A record that could not be read, kept as it was. */
export interface Aside {
  readonly key: string;
  readonly reason: string;
  readonly raw: string;
}

/** Where they are kept. */
export const ASIDE = 'aside/';

/** Records set aside, as they are kept. */
export const kept = (bad: readonly Aside[]): Record<string, string> =>
  Object.fromEntries(bad.map((b) => [ASIDE + b.key, JSON.stringify(b)]));

/** What of a page of the log could not be read. */
export const asidesOf = (key: string, page: LogPage): Aside[] =>
  page.bad.map(({ reason, raw }, i) => ({ key: `${key}/${i}-${raw.length}`, reason, raw }));
