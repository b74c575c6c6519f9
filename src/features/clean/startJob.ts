import { guideSteps, toMake, type Job, type JobPart, type Soil, type Way } from '@/core';
import type { ChosenPlace } from './place';

/** One part of a job, at its first step. */
export function partFrom(
  id: string,
  chosen: ChosenPlace,
  soil: Soil,
  way: Way,
  afterId: string | null = null,
): JobPart {
  // What comes if it was not enough is chosen when it has been looked at: it is no step of its own.
  const steps = guideSteps(way, chosen.surface, soil).filter((s) => s.key !== 'step-up');
  return {
    id,
    place: chosen.place,
    soil: { id: soil.id, name: soil.name },
    formula: way.candidate?.formula ?? null,
    method: { id: way.method.id, name: way.method.name, form: way.method.form },
    from: way.candidate?.from ?? 'shelf',
    application: way.application,
    amount: way.amount && way.candidate && toMake(way.amount, way.method, way.candidate.formula),
    ...(way.amount?.volumeML ? { usesML: way.amount.volumeML } : {}),
    dwell: way.dwell,
    steps,
    at: 0,
    timerId: null,
    dwelt: null,
    rinsedAt: null,
    afterId,
    state: 'open',
  };
}

/** A job of its parts, begun now. */
export const jobOf = (id: string, name: string, parts: readonly JobPart[], nowISO: string): Job => ({
  id,
  name,
  startedAt: nowISO,
  parts,
});
