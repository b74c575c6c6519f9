import { atStep, indexOfStep, withPart, type JobPart } from '@/core';
import { useChangeJob, useJobs } from '@/data';

/** A step of a job that sent a person here to make something, and wants them back. */
export interface GuidePart {
  readonly part: JobPart;
  /** Where the guide goes on. */
  readonly back: `/clean/job?id=${string}`;
  /** What is added to an address of this place, so that the guide is not forgotten on the way. */
  readonly query: string;
  /** Says that it is made: the guide stands at the next step. */
  readonly made: () => void;
}

/** The job and the part that an address names; empty where it names none. */
export interface AskedBy {
  readonly job?: string | undefined;
  readonly part?: string | undefined;
}

/** What a job wants made here; null where nobody was sent by one, undefined while it is read. */
export function useGuidePart({ job: jobId = '', part: partId = '' }: AskedBy): GuidePart | null | undefined {
  const jobs = useJobs();
  const change = useChangeJob();
  if (jobId === '') return null;
  if (!jobs.isSuccess) return undefined;
  const part = jobs.data.find((j) => j.id === jobId)?.parts.find((p) => p.id === partId);
  if (!part?.formula) return null;
  return {
    part,
    back: `/clean/job?id=${jobId}&part=${partId}`,
    query: `&job=${jobId}&part=${partId}`,
    made: () =>
      change.mutate({
        id: jobId,
        change: (job) => withPart(job, partId, (p) => (p.at === indexOfStep(p, 'make') ? atStep(p, p.at + 1) : p)),
      }),
  };
}

/** The name under which a batch that is being mixed is kept: one for a formula by itself, one for each job. */
export const mixingKey = (formulaId: string, guide: GuidePart | null): string =>
  guide ? `make/part/${guide.part.id}` : `make/${formulaId}`;
