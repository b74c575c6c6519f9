import { MINUTE_MS } from '../quantity/time';
/** What is waited for. All run by the same means: a stored start, and what follows from it. */
export const TIMER_KINDS = ['dwell', 'soak', 'steam', 'spot-test', 'infusion', 'own'] as const;
export type TimerKind = (typeof TIMER_KINDS)[number];

/** Why a wait was ended. */
export const END_REASONS = ['done', 'looks-done', 'reacts', 'dried-out', 'no-time'] as const;
export type EndReason = (typeof END_REASONS)[number];

/** A wait. Everything about it follows from instants in UTC: it does not know how often the page was open. */
export interface Timer {
  readonly id: string;
  readonly kind: TimerKind;
  readonly name: string;
  /** Where: "Shower tray". */
  readonly place: string;
  /** ISO 8601, UTC. */
  readonly startedAt: string;
  /** Minutes from the start: of use from, best at, off by. useful ≤ best ≤ longest. */
  readonly usefulMinutes: number;
  readonly bestMinutes: number;
  readonly longestMinutes: number;
  /** True if it must come off by the longest (the surface suffers); false if more merely adds nothing. */
  readonly mustComeOff: boolean;
  readonly rewetEveryMinutes: number | null;
  /** When it was last wetted; at first the start. ISO 8601, UTC. */
  readonly wettedAt: string;
  /** How often it was wetted again. */
  readonly rewets: number;
  /** To be told again then. ISO 8601, UTC; null if not put off. */
  readonly snoozedUntil: string | null;
  /** Keys of what has been told: nothing is told twice, in whatever tab. */
  readonly told: readonly string[];
  /** The job and its part it belongs to; null for one of its own. */
  readonly jobId: string | null;
  readonly partId: string | null;
  readonly endedAt: string | null;
  readonly endReason: EndReason | null;
}

/** Where a wait stands. */
export type Phase = 'early' | 'useful' | 'best' | 'over';

export interface TimerNow {
  /** ms since the start; 0 if the clock stands before it. */
  readonly elapsedMs: number;
  readonly phase: Phase;
  /** The next of the three marks, and how long until it; null past the last. */
  readonly next: { readonly mark: 'useful' | 'best' | 'off'; readonly inMs: number } | null;
  /** ms until it wants wetting, negative if it is late; null if it stays wet, or has reached its best. */
  readonly rewetInMs: number | null;
  /** True if the clock stands before the start: it was set back. */
  readonly clockWentBack: boolean;
}

/** What a wait has to say, at an instant. */
export interface TimerEvent {
  readonly key: string;
  readonly what: 'useful' | 'best' | 'off' | 'rewet' | 'again';
  readonly atMs: number;
}

const at = (iso: string, minutes = 0): number => Date.parse(iso) + minutes * MINUTE_MS;

/** Where a wait stands at an instant; one that was ended stands where it ended. */
export function timerAt(timer: Timer, nowMs: number): TimerNow {
  const until = timer.endedAt === null ? nowMs : Math.min(nowMs, Date.parse(timer.endedAt));
  const elapsed = until - Date.parse(timer.startedAt);
  const elapsedMs = Math.max(0, elapsed);
  const marks = [
    ['useful', timer.usefulMinutes],
    ['best', timer.bestMinutes],
    ['off', timer.longestMinutes],
  ] as const;
  const next = marks.find(([, minutes]) => elapsedMs < minutes * MINUTE_MS);
  const past = (minutes: number): boolean => elapsedMs >= minutes * MINUTE_MS;
  const phase: Phase = past(timer.longestMinutes)
    ? 'over'
    : past(timer.bestMinutes)
      ? 'best'
      : past(timer.usefulMinutes)
        ? 'useful'
        : 'early';
  const wets = timer.rewetEveryMinutes !== null && timer.endedAt === null && !past(timer.bestMinutes);
  return {
    elapsedMs,
    phase,
    next: next ? { mark: next[0], inMs: next[1] * MINUTE_MS - elapsedMs } : null,
    rewetInMs: wets ? at(timer.wettedAt, timer.rewetEveryMinutes) - until : null,
    clockWentBack: elapsed < 0,
  };
}

/** Everything a wait has to say, in the order of time. What falls on one instant is said once, by the last. */
export function timerEvents(timer: Timer): TimerEvent[] {
  const events: TimerEvent[] = [
    { key: 'useful', what: 'useful', atMs: at(timer.startedAt, timer.usefulMinutes) },
    { key: 'best', what: 'best', atMs: at(timer.startedAt, timer.bestMinutes) },
    { key: 'off', what: 'off', atMs: at(timer.startedAt, timer.longestMinutes) },
  ];
  const bestMs = at(timer.startedAt, timer.bestMinutes);
  if (timer.rewetEveryMinutes !== null) {
    const atMs = at(timer.wettedAt, timer.rewetEveryMinutes);
    if (atMs < bestMs) events.push({ key: `rewet@${timer.wettedAt}`, what: 'rewet', atMs });
  }
  if (timer.snoozedUntil !== null)
    events.push({ key: `again@${timer.snoozedUntil}`, what: 'again', atMs: at(timer.snoozedUntil) });
  return events
    .filter((e) => e.atMs > at(timer.startedAt) || e.what === 'off')
    .sort((a, b) => a.atMs - b.atMs)
    .filter((e, i, all) => all[i + 1]?.atMs !== e.atMs || e.what === 'rewet');
}

/** What is due to be told and was not: in the order of time. Nothing of a wait that was ended. */
export const dueEvents = (timer: Timer, nowMs: number): TimerEvent[] =>
  timer.endedAt === null ? timerEvents(timer).filter((e) => e.atMs <= nowMs && !timer.told.includes(e.key)) : [];

/** When the next thing is due to be told, ms; null if nothing is left. */
export function nextEventMs(timer: Timer, nowMs: number): number | null {
  if (timer.endedAt !== null) return null;
  return timerEvents(timer).find((e) => e.atMs > nowMs)?.atMs ?? null;
}

/** Marks what is due as told. */
export const markNotified = (timer: Timer, nowMs: number): Timer => ({
  ...timer,
  told: [...timer.told, ...dueEvents(timer, nowMs).map((e) => e.key)],
});

/** Wetted again: the next reminder counts from now. */
export const recordRewet = (timer: Timer, nowISO: string): Timer => ({
  ...timer,
  wettedAt: nowISO,
  rewets: timer.rewets + 1,
});

/** To be told again in so many minutes. */
export const snoozeTimer = (timer: Timer, nowISO: string, minutes: number): Timer => ({
  ...timer,
  snoozedUntil: new Date(at(nowISO, minutes)).toISOString(),
});

/** The shortest wait that can be set, minutes. */
export const MIN_MINUTES = 1;

/**
 * The best time moved by so many minutes, within what is left: never sooner than a minute from the start,
 * never past the longest where it must come off by then. Marks that lie ahead again will be told again.
 */
export function adjustTimer(timer: Timer, byMinutes: number, nowMs: number): Timer {
  const wanted = Math.max(MIN_MINUTES, timer.bestMinutes + byMinutes);
  const bestMinutes = timer.mustComeOff ? Math.min(wanted, timer.longestMinutes) : wanted;
  const moved: Timer = {
    ...timer,
    bestMinutes,
    usefulMinutes: Math.min(timer.usefulMinutes, bestMinutes),
    longestMinutes: Math.max(timer.longestMinutes, bestMinutes),
  };
  const ahead = timerEvents(moved)
    .filter((e) => e.atMs > nowMs)
    .map((e) => e.key);
  return { ...moved, told: timer.told.filter((key) => !ahead.includes(key)) };
}

/** Ended, with its reason. One that is ended already stays as it is. */
export const endTimer = (timer: Timer, nowISO: string, endReason: EndReason): Timer =>
  timer.endedAt === null ? { ...timer, endedAt: nowISO, endReason } : timer;

/** Minutes it has been on, to a tenth. */
export const tookMinutes = (timer: Timer, nowMs: number): number =>
  Math.round(timerAt(timer, nowMs).elapsedMs / (MINUTE_MS / 10)) / 10;

/** The wait of a part of a job, or of one's own, from its times. */
export function startTimer(
  of: Pick<Timer, 'id' | 'kind' | 'name' | 'place' | 'usefulMinutes' | 'bestMinutes' | 'longestMinutes'> &
    Partial<Pick<Timer, 'mustComeOff' | 'rewetEveryMinutes' | 'jobId' | 'partId'>>,
  nowISO: string,
): Timer {
  return {
    mustComeOff: false,
    rewetEveryMinutes: null,
    jobId: null,
    partId: null,
    ...of,
    startedAt: nowISO,
    wettedAt: nowISO,
    rewets: 0,
    snoozedUntil: null,
    told: [],
    endedAt: null,
    endReason: null,
  };
}
