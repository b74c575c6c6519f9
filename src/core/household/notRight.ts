import { becauseOfHousehold } from '../evaluation/becauseOfHousehold';
import { contextIn, contextOf, type HomeFacts } from '../evaluation/context';
import { evaluate } from '../evaluation/evaluate';
import { infusionDangers } from '../cleaning/infusion';
import type { UseForm } from '../catalogue/useForms';
import type { Job, JobPart } from '../cleaning/job';
import type { Timer } from '../cleaning/timer';
import { isWorse, type Finding } from '../findings/finding';
import type { Formula } from '../formula/formula';
import { isExpired, type Batch } from '../shelf-life/batch';

import { ok, type Result } from '../formula/result';
import { labelOf } from '../shelf-life/label';

/** What of a home is no longer right once someone else lives in it: asked by Today, by a bottle and by a wait. */

/** What there is in a home to judge again. */
export interface HomeThings {
  readonly batches: readonly Batch[];
  readonly timers: readonly Timer[];
  readonly jobs: readonly Job[];
  /** The person's own formulas. */
  readonly formulas: readonly Formula[];
}

/** One thing of a home that is not right for who lives there. */
export interface NotRightHere {
  readonly kind: 'timer' | 'job' | 'batch' | 'formula';
  readonly id: string;
  readonly name: string;
  /** What is found of it because of who lives here, the worst first; at least one. */
  readonly findings: readonly Finding[];
  readonly whatToDo: string;
}

const isDanger = ({ level }: Finding): boolean => level === 'danger';

/** What a bottle's label does not say and should, because of who lives here; and what makes it a danger, said or not. */
export function notRightOfBatch(batch: Batch, home: HomeFacts): readonly Finding[] {
  const context = contextIn(batch.vessel, batch.formula.use, home);
  return becauseOfHousehold(batch.formula, context).filter(
    (f) => isDanger(f) || !batch.label.cautions.includes(f.happens),
  );
}

/** A bottle with its label as it would be written today: cautions for who lives here now, the days as they were. */
export function relabelled(batch: Batch, home: HomeFacts): Result<Batch> {
  const result = evaluate(batch.formula, contextIn(batch.vessel, batch.formula.use, home));
  if (!result.ok) return result;
  const { cautions } = labelOf(batch.formula, result.value);
  return ok({ ...batch, label: { ...batch.label, cautions } });
}

const dangersOf = (formula: Formula, home: HomeFacts, form: UseForm | null = null): readonly Finding[] =>
  becauseOfHousehold(formula, { ...contextOf(formula.use, home), form }).filter(isDanger);

/** Dangers, because of who lives here, of what a part of a job is done with, by the way it is put on. */
export const notRightOfPart = ({ formula, method, state }: JobPart, home: HomeFacts): readonly Finding[] =>
  formula && state === 'open' ? dangersOf(formula, home, method?.form ?? null) : [];

/** Dangers, because of who lives here, of what is waited for: a part of a job, or a jar. */
export function notRightOfTimer(timer: Timer, jobs: readonly Job[], home: HomeFacts): readonly Finding[] {
  if (timer.endedAt !== null || home.lives.length === 0) return [];
  const part = jobs.find((j) => j.id === timer.jobId)?.parts.find((p) => p.id === timer.partId);
  return part ? notRightOfPart(part, home) : infusionDangers(timer, contextOf('stored', home));
}

const POUR_AWAY =
  'Pour it away by local rules, or give it to a home without them, and leave out next time what is at fault.';
const WRITE_LABEL = 'It may stay: write its label anew, so that it says so.';

/**
 * What of a home is no longer right for those who live in it, what runs at the moment first, then bottles, then
 * formulas; and what to do about each. Nothing where nobody is said to live here.
 * @param nowISO bottles past their day are left out: they are poured away anyway
 */
export function notRightHere(things: HomeThings, home: HomeFacts, nowISO: string): NotRightHere[] {
  if (home.lives.length === 0) return [];
  const found: NotRightHere[] = [];
  const add = (one: NotRightHere): void => {
    if (one.findings.length > 0) found.push(one);
  };
  const takenOff = new Set<string>();
  for (const timer of things.timers) {
    const findings = notRightOfTimer(timer, things.jobs, home);
    if (findings.length > 0 && timer.partId !== null) takenOff.add(timer.partId);
    add({
      ...(timer.jobId === null ? { kind: 'timer', id: timer.id } : { kind: 'job', id: timer.jobId }),
      name: timer.place || timer.name,
      findings,
      whatToDo:
        timer.kind === 'infusion'
          ? 'Strain it off and throw it away, or finish it for a home without them.'
          : 'Take it off now, rinse, open the window, and keep them out until it is dry.',
    });
  }
  for (const job of things.jobs) {
    for (const part of job.parts) {
      if (takenOff.has(part.id)) continue;
      add({
        kind: 'job',
        id: job.id,
        name: `${part.formula?.name ?? job.name}, ${part.place.name}`,
        findings: notRightOfPart(part, home),
        whatToDo: 'If it is on already, rinse it off; then end the job and choose another way.',
      });
    }
  }
  for (const batch of things.batches) {
    if (batch.state !== 'kept' || isExpired(batch, nowISO)) continue;
    const findings = notRightOfBatch(batch, home);
    const whatToDo = findings.some(isDanger) ? POUR_AWAY : WRITE_LABEL;
    add({ kind: 'batch', id: batch.id, name: batch.label.name, findings, whatToDo });
  }
  for (const formula of things.formulas) {
    add({
      kind: 'formula',
      id: formula.id,
      name: formula.name,
      findings: dangersOf(formula, home),
      whatToDo: 'Leave out what is at fault before it is made again.',
    });
  }
  const level = ({ findings: [first] }: NotRightHere) => first?.level ?? 'clear';
  return found.sort((a, b) => (isWorse(level(a), level(b)) ? -1 : isWorse(level(b), level(a)) ? 1 : 0));
}
