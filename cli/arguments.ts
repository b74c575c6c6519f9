import { readAmount, unitML, type MeasureSystem } from '../src/core';

/** What a person got wrong on the command line: said in one line, ends 2. */
export class Unreadable extends Error {}

/** Gives the text of a file, or of standard input for "-"; throws if it cannot be read. */
export type ReadText = (file: string) => string;

export function contentsOf(file: string, readText: ReadText): string {
  try {
    return readText(file);
  } catch {
    throw new Unreadable(`The file "${file}" cannot be read. Give the path of a text file, or - for standard input.`);
  }
}

export function numberArgument(
  name: string,
  text: string | undefined,
  low: number,
  high: number,
  otherwise: number,
): number {
  if (text === undefined) return otherwise;
  const value = Number(text);
  if (text.trim() === '' || !(value >= low && value <= high)) {
    throw new Unreadable(`--${name} "${text}" is not a number from ${low} to ${high}.`);
  }
  return value;
}

export function oneOf<T extends string>(
  name: string,
  text: string | undefined,
  accepted: readonly T[],
  otherwise: T,
): T {
  if (text === undefined) return otherwise;
  const found = accepted.find((a) => a === text);
  if (!found) throw new Unreadable(`--${name} "${text}" is not known. Accepted: ${accepted.join(', ')}.`);
  return found;
}

export function bottleML(text: string, cup: MeasureSystem): number {
  const amount = readAmount(text)?.amount;
  if (amount?.kind === 'volume') {
    const ML = amount.value.high * unitML(amount.unit, cup);
    if (ML >= 10 && ML <= 100_000) return ML;
  }
  throw new Unreadable(
    `--bottle "${text}" is not a size. Accepted: 10 mL to 100 L, such as 375mL, 0.5L or "16 fl oz".`,
  );
}

/** The entries of a batch file, which holds a JSON array. */
export function batchOf(file: string, readText: ReadText): unknown[] {
  let parsed: unknown;
  try {
    parsed = JSON.parse(contentsOf(file, readText));
  } catch (error) {
    if (error instanceof Unreadable) throw error;
    throw new Unreadable(`--batch "${file}" is not JSON. Accepted: a JSON array.`);
  }
  if (!Array.isArray(parsed)) throw new Unreadable(`--batch "${file}" holds no JSON array.`);
  return parsed as unknown[];
}

export interface Run {
  /** 0 when it could be done, whatever the verdict; 2 when the input cannot be read. */
  readonly code: 0 | 2;
  readonly stdout: string;
  readonly stderr: string;
}

/** What a command prints, or the one line that says what is wrong with what it was given. */
export function ran(work: () => string): Run {
  try {
    return { code: 0, stdout: work(), stderr: '' };
  } catch (error) {
    if (!(error instanceof Unreadable)) throw error;
    return { code: 2, stdout: '', stderr: `${error.message}\n` };
  }
}

/** One JSON object a line, in order; what cannot be read becomes `{ "error" }`. */
export const eachOf = (entries: readonly unknown[], work: (entry: unknown) => object): string =>
  entries
    .map((entry) => {
      try {
        return `${JSON.stringify(work(entry))}\n`;
      } catch (error) {
        if (!(error instanceof Unreadable)) throw error;
        return `${JSON.stringify({ error: error.message })}\n`;
      }
    })
    .join('');
