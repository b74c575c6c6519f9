/** English word endings and lists, by the platform's own rules (Unicode CLDR). */

const AND = new Intl.ListFormat('en-GB', { type: 'conjunction' });
const NUMBER = new Intl.PluralRules('en-GB');

/** "a", "a and b", "a, b and c". */
export const listOf = (names: readonly string[]): string => AND.format(names);

/** The form of a word that goes with a count. */
export const plural = (count: number, one: string, other: string): string =>
  NUMBER.select(count) === 'one' ? one : other;

/** A count with its word: "one thing" is "1 thing", then "2 things". */
export const counted = (count: number, one: string, other: string): string => `${count} ${plural(count, one, other)}`;

/** A name that is many by itself: soap flakes, granules, herbs. */
const MANY = /[^su]s$/i;

/** True if what is named takes the verb of many. */
export const isPlural = (names: readonly string[]): boolean =>
  NUMBER.select(names.length) !== 'one' || MANY.test(names[0] ?? '');
