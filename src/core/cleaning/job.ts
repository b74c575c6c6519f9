import type { UseForm } from '../catalogue/useForms';
import type { Formula } from '../formula/formula';
import type { Application } from './application';
import type { Dwell } from './dwell';
import { waitingFor, type GuideStep } from './guide';
import { END_REASONS, timerAt, type Timer } from './timer';
import type { WayAmount } from './howMuch';
import type { SupplySource } from './way';

/** Where a part of a job is done. */
export interface JobPlace {
  /** The home's surface and room; null for a place that is not of the home. */
  readonly surfaceId: string | null;
  readonly roomId: string | null;
  readonly roomName: string;
  readonly name: string;
  /** The catalogue's id of the material. */
  readonly material: string;
  /** m², more than 0. */
  readonly areaM2: number;
}

/** Why a dwell came to its end: as its wait did, or because it was never begun. */
export const DWELL_END_REASONS = [...END_REASONS, 'spot-test-failed'] as const;
export type DwellEndReason = (typeof DWELL_END_REASONS)[number];

/** One part of a job: a surface, a soil, a way, and how far it is. */
export interface JobPart {
  readonly id: string;
  readonly place: JobPlace;
  readonly soil: { readonly id: string; readonly name: string };
  /** What it is done with; null where no mixture is needed. */
  readonly formula: Formula | null;
  /** The method, by its id, in words, and how it is put on; null in a part begun before there were methods. */
  readonly method: { readonly id: string; readonly name: string; readonly form: UseForm } | null;
  readonly from: SupplySource;
  readonly application: Application;
  /** How much is made for it; null for what takes no mixture, and in a part begun before this was kept. */
  readonly amount: WayAmount | null;
  /** mL that go out of the bottle; left out for what is weighed, and in a part begun before this was kept. */
  readonly usesML?: number;
  /** Null for what is done at once. */
  readonly dwell: Dwell | null;
  readonly steps: readonly GuideStep[];
  /** The step it stands at, an index of `steps`. */
  readonly at: number;
  /** The wait of the step it stands at; null if none was started. */
  readonly timerId: string | null;
  /** How the dwell went, once it is over. */
  readonly dwelt: { readonly tookMinutes: number; readonly rewets: number; readonly endReason: DwellEndReason } | null;
  readonly rinsedAt: string | null;
  /** Another part that must be done first: the tub stays dry until the tiles are rinsed. */
  readonly afterId: string | null;
  readonly state: 'open' | 'done' | 'left';
}

/** A job under way: one part, or several whose waits overlap. */
export interface Job {
  readonly id: string;
  readonly name: string;
  readonly startedAt: string;
  readonly parts: readonly JobPart[];
}

/** The part of a job changed. */
export const withPart = (job: Job, partId: string, change: (part: JobPart) => JobPart): Job => ({
  ...job,
  parts: job.parts.map((p) => (p.id === partId ? change(p) : p)),
});

/** The step a part stands at. */
export const stepOf = (part: JobPart): GuideStep | null => part.steps[part.at] ?? null;

/** The part at another step, its wait left behind. Out of range stays at the nearest end. */
export const atStep = (part: JobPart, at: number): JobPart => ({
  ...part,
  at: Math.min(part.steps.length - 1, Math.max(0, at)),
  timerId: null,
});

/** The index of a step by its key; -1 if it has none. */
export const indexOfStep = (part: JobPart, key: GuideStep['key']): number => part.steps.findIndex((s) => s.key === key);

/** The index of the first of some steps that a part has; 0 if it has none of them. */
export const firstOf = (part: JobPart, ...keys: readonly GuideStep['key'][]): number =>
  keys.map((key) => indexOfStep(part, key)).find((at) => at >= 0) ?? 0;

/** The part with another time for its dwell. @param minutes within what the dwell allows */
export const withDwellOf = (part: JobPart, minutes: number): JobPart => ({
  ...part,
  dwell: part.dwell && { ...part.dwell, bestMinutes: minutes },
  steps: part.steps.map((s) => waitingFor(s, minutes)),
});

/** Once more: from the making where it is used up at once, else from the wetting on. What was waited for is forgotten. */
export const repeatPart = (part: JobPart): JobPart => ({
  ...atStep(
    part,
    Math.max(0, part.formula?.use === 'fresh' ? firstOf(part, 'make', 'apply') : indexOfStep(part, 'apply')),
  ),
  dwelt: null,
  rinsedAt: null,
});

/** What a part wants of the person. */
export type PartStatus =
  /** Its surface suffers if it stays on. */
  | 'off-now'
  /** It has waited as long as is best. */
  | 'ready'
  /** Its film is drying. */
  | 'rewet'
  /** A step is next. */
  | 'hands'
  /** Nothing for now. */
  | 'waits'
  /** Nothing until another part is done. */
  | 'blocked'
  | 'done';

const URGENT: readonly PartStatus[] = ['off-now', 'rewet', 'ready', 'hands', 'waits', 'blocked', 'done'];

/** What a part wants at an instant. */
export function statusOf(part: JobPart, job: Job, timers: readonly Timer[], nowMs: number): PartStatus {
  if (part.state !== 'open') return 'done';
  const before = job.parts.find((p) => p.id === part.afterId);
  if (before?.state === 'open') return 'blocked';
  const timer = timers.find((t) => t.id === part.timerId);
  if (timer?.endedAt !== null) return 'hands';
  const now = timerAt(timer, nowMs);
  if (now.phase === 'over') return timer.mustComeOff ? 'off-now' : 'ready';
  if (now.phase === 'best') return 'ready';
  return now.rewetInMs !== null && now.rewetInMs <= 0 ? 'rewet' : 'waits';
}

/** The part that wants hands the most, with what it wants; null if all are done. The order of parts decides between equals. */
export function nextPart(
  job: Job,
  timers: readonly Timer[],
  nowMs: number,
): { readonly part: JobPart; readonly wants: PartStatus } | null {
  const all = job.parts.map((part) => ({ part, wants: statusOf(part, job, timers, nowMs) }));
  const first = [...all].sort((a, b) => URGENT.indexOf(a.wants) - URGENT.indexOf(b.wants))[0];
  return first && first.wants !== 'done' ? first : null;
}

/** True if every part is done or left. */
export const isJobFinished = (job: Job): boolean => job.parts.every((p) => p.state !== 'open');
