/** Hands back a limit as it stands, or changed where it is the mutant of this run. */
const CHANGES = { half: (n) => n / 2, double: (n) => n * 2, 'a grain past': (n) => n * (1 + 1e-4) };

globalThis.__limit = (id, value) => (id === process.env.MUTANT ? CHANGES[process.env.MUTANT_CHANGE](value) : value);
