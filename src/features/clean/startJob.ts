import { guideSteps, type Job, type JobPart, type Soil, type Way } from '@/core';
import type { ChosenPlace } from './place';

/** One part of a job, at its first step. */
export function partFrom(
  id: string,
  chosen: ChosenPlace,
  soil: Soil,
  way: Way,
  { steam = false, afterId = null }: { readonly steam?: boolean; readonly afterId?: string | null } = {},
): JobPart {
  // What comes if it was not enough is chosen when it has been looked at: it is no step of its own.
  const steps = guideSteps(way, chosen.surface, soil, chosen.place.areaM2, null, steam).filter(
    (s) => s.key !== 'step-up',
  );
  return {
    id,
    place: chosen.place,
    soil: { id: soil.id, name: soil.name },
    formula: way.candidate.formula,
    from: way.candidate.from,
    application: way.application,
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
