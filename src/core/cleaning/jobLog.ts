import type { Soil } from '../catalogue/soils';
import { DEFAULT_CONTEXT } from '../evaluation/context';
import { evaluate } from '../evaluation/evaluate';
import { formulaText } from '../formula/card';
import type { Formula, OwnRef } from '../formula/formula';
import type { HomeSurface, Room } from './homeSurface';
import { repeatPart, withPart, type DwellEndReason, type Job, type JobPart } from './job';
import { NO_RATING, type LogEntry, type LogOutcome, type Took, type Used } from './logEntry';
import { usedFormula } from './usedFormula';

/** Why a dwell was over before its best, as the log says it; nothing where it was not. */
export const DWELL_END_WORDS: Readonly<Record<DwellEndReason, string>> = {
  done: '',
  'looks-done': 'it looks done already',
  reacts: 'the surface reacts',
  'dried-out': 'it dried out',
  'no-time': 'no more time',
  'spot-test-failed': 'the spot test failed',
};

/** A formula as what was used, as it is now; its name alone where its amounts cannot be brought together. */
export function usedOf(formula: Formula): Used {
  const result = evaluate(formula, { ...DEFAULT_CONTEXT, scope: formula.use });
  return result.ok ? usedFormula(formula, result.value.state) : { kind: 'bought', id: null, name: formula.name };
}

/** A cleaner that the person has described, as what was used: with what its label says today. */
export function usedOwn(own: OwnRef): Used {
  const alone: Formula = {
    id: own.id,
    name: own.name,
    purpose: '',
    never: '',
    how: '',
    use: 'stored',
    measures: 'metric',
    makesML: null,
    lines: [{ id: '1', ingredient: own, amount: { kind: 'parts', value: { low: 1, high: 1 } } }],
  };
  return { kind: 'bought', id: null, name: own.name.slice(0, MAX_NAME), card: formulaText(alone) };
}

/** So long may a name be in the log, characters. */
const MAX_NAME = 80;

/** What was done with no mixture, as what was used: dry, with plain water, with heat or cold. */
const usedMethod = ({ method }: JobPart): Used => ({
  kind: 'method',
  id: method?.id ?? '',
  name: method?.name ?? '',
});

/** What a person noted; numbers as typed are for the schema to check. */
export interface NotedAtEnd {
  readonly rating: LogEntry['rating'];
  readonly workMinutes: unknown;
  readonly strokes: unknown;
  readonly notes: string;
  readonly rinsed: boolean;
  /** How much it took; null where that is not known. */
  readonly took: Took | null;
}

/** The fields that the schema of log entries is to check: what was typed may be anything. */
export type UncheckedEntry = { readonly [K in keyof LogEntry]: unknown };

/** What came of a part of a job, for the log. */
export function entryOfPart(
  part: JobPart,
  outcome: LogOutcome,
  noted: NotedAtEnd,
  id: string,
  atISO: string,
): UncheckedEntry {
  const { place, soil, dwelt } = part;
  return {
    id,
    at: atISO,
    room: { id: place.roomId, name: place.roomName },
    surface: { id: place.surfaceId, name: place.name, material: place.material },
    soil,
    used: part.formula ? usedOf(part.formula) : usedMethod(part),
    dwell: dwelt && {
      plannedMinutes: part.dwell?.bestMinutes ?? 0,
      tookMinutes: dwelt.tookMinutes,
      rewets: dwelt.rewets,
      endedBecause: DWELL_END_WORDS[dwelt.endReason],
    },
    ...(noted.took ? { took: noted.took } : {}),
    rinsedAt: noted.rinsed ? (part.rinsedAt ?? atISO) : null,
    outcome,
    rating: noted.rating,
    workMinutes: noted.workMinutes,
    strokes: noted.strokes,
    notes: noted.notes.trim(),
    history: [],
  };
}

/** Something that was used on a surface of the home without the guide, for the log. */
export function entryOfUse(
  { surface, room, soil }: { readonly surface: HomeSurface; readonly room: Room | null; readonly soil: Soil | null },
  used: Used,
  { rinsed, notes }: { readonly rinsed: boolean; readonly notes: string },
  id: string,
  atISO: string,
): UncheckedEntry {
  return {
    id,
    at: atISO,
    room: { id: surface.roomId, name: room?.name ?? '' },
    surface: { id: surface.id, name: surface.name, material: surface.surfaceId },
    soil: { id: soil?.id ?? null, name: soil?.name ?? '' },
    used,
    dwell: null,
    rinsedAt: rinsed ? atISO : null,
    outcome: 'done',
    rating: NO_RATING,
    workMinutes: null,
    strokes: null,
    notes: notes.trim(),
    history: [],
  };
}

/** The job once a part of it is in the log: begun again from the wetting on, or done. */
export const jobAfterEntry = (job: Job, partId: string, outcome: LogOutcome): Job =>
  withPart(job, partId, (p) => (outcome === 'repeat' ? repeatPart(p) : { ...p, state: 'done', timerId: null }));
