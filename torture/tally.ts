/** What became of what was tried. */
export interface Tally {
  /** Things done, files and texts tried. */
  tried: number;
  /** What was said to be done, and is not there. */
  lost: number;
  /** What cannot be read, fails, or is not what it should be. */
  broken: number;
  /** What is there more than once. */
  doubled: number;
}

type Wrong = Exclude<keyof Tally, 'tried'>;

/** Counts, and says each thing that is wrong as it is found. */
export class Count {
  private readonly tally: Tally = { tried: 0, lost: 0, broken: 0, doubled: 0 };
  private readonly begun = Date.now();

  constructor(private readonly part: string) {}

  tried(): void {
    this.tally.tried++;
  }

  wrong(what: Wrong, why: string): void {
    this.tally[what]++;
    process.stderr.write(`${this.part}: ${what}: ${why}\n`);
  }

  /** The tally as it stands, and a line of it. */
  end(): Tally {
    const { tried, lost, broken, doubled } = this.tally;
    const seconds = Math.round((Date.now() - this.begun) / 1000);
    process.stderr.write(
      `${this.part}: ${tried} tried, ${lost} lost, ${broken} broken, ${doubled} doubled, ${seconds} s\n`,
    );
    return this.tally;
  }
}

export const sumOf = (all: readonly Tally[]): Tally =>
  all.reduce((a, b) => ({
    tried: a.tried + b.tried,
    lost: a.lost + b.lost,
    broken: a.broken + b.broken,
    doubled: a.doubled + b.doubled,
  }));
