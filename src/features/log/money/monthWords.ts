const short = new Intl.DateTimeFormat('en-GB', { month: 'short', timeZone: 'UTC' });
const long = new Intl.DateTimeFormat('en-GB', { month: 'long', year: 'numeric', timeZone: 'UTC' });

const middleOf = (month: string): Date => new Date(`${month}-15T12:00:00Z`);

/** A month as a word. @param month `2026-11` */
export const monthName = (month: string): string => long.format(middleOf(month));

/** The same in three letters, without its year. */
export const shortMonth = (month: string): string => short.format(middleOf(month));
