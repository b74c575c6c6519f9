/**
 * Once is once: a press carries an intent, and what is written for an intent is written once. A second press of
 * the same thing, by a wet thumb or a double click, is of the same intent as the first.
 */

/** What a person means by a press, or by several in a row on one thing. */
export interface Intent {
  /** What has been begun for it already, by who asked and as the how-manieth in one press. */
  readonly begun: Set<string>;
  /** How much of it is still being done: until then a press on the same thing means the same. */
  underWay: number;
}

interface PressNow {
  readonly intent: Intent;
  /** How often each writer was asked within this press. */
  readonly asked: Map<string, number>;
}

let now: PressNow | null = null;

/** Runs what a press does, for its intent. */
export function withIntent(intent: Intent, run: () => void): void {
  const outer = now;
  now = { intent, asked: new Map() };
  try {
    run();
  } finally {
    now = outer;
  }
}

/** A piece of work that a press begins: it is let go of if it fails, so that it can be tried again. */
export interface Begun {
  readonly letGo: () => void;
  /** It is done, well or not. */
  readonly settled: () => void;
}

/**
 * Begins a piece of work for the press that is going on; null if it has been begun for the same intent already.
 * Outside a press everything is begun.
 * @param writer who asks: the same for both presses
 */
export function beginOnce(writer: string): Begun | null {
  if (now === null) return { letGo: () => undefined, settled: () => undefined };
  const { intent, asked } = now;
  const nth = asked.get(writer) ?? 0;
  asked.set(writer, nth + 1);
  const work = `${writer} ${nth}`;
  if (intent.begun.has(work)) return null;
  intent.begun.add(work);
  intent.underWay++;
  return { letGo: () => intent.begun.delete(work), settled: () => intent.underWay-- };
}

/** Presses on one thing that follow each other so fast are of one intent, ms. */
const ONE_INTENT_WITHIN_MS = 700;

/** A press as the browser tells it. */
export interface PressTold {
  /** Where it is in a series of clicks: 2 is the second of a double click; 0 where that is not told. */
  readonly inSeries: number;
  /** ms of the same clock as performance.now(). */
  readonly atMs: number;
}

/** What one pressable thing remembers: made when it is first shown. */
export interface Presses {
  readonly shownAtMs: number;
  last: { readonly intent: Intent; readonly atMs: number } | null;
}

export const newPresses = (shownAtMs: number): Presses => ({ shownAtMs, last: null });

/** When the press before was, on whatever; for what is shown between two clicks of a series. */
let lastPressAtMs = -Infinity;

/**
 * The intent of a press: that of the press before where it is one of a series on the same thing, else a new one.
 * Null where it was not meant for this thing at all: it stands where another stood at the first click.
 */
export function intentOf(presses: Presses, { inSeries, atMs }: PressTold): Intent | null {
  const before = presses.last;
  const strayed = before === null && inSeries > 1 && presses.shownAtMs > lastPressAtMs;
  lastPressAtMs = atMs;
  if (strayed) return null;
  const follows =
    before !== null && (inSeries > 1 || before.intent.underWay > 0 || atMs - before.atMs < ONE_INTENT_WITHIN_MS);
  const intent = follows ? before.intent : { begun: new Set<string>(), underWay: 0 };
  presses.last = { intent, atMs };
  return intent;
}
