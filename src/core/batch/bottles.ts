import { vesselShape, type Vessel } from '../catalogue/vessels';
import type { JobPart } from '../cleaning/job';
import type { Formula } from '../formula/formula';
import { DAY_MS } from '../quantity/time';
import { isExpired, isLastOfIt, isUsable, leftML, withUsed, type Batch } from '../shelf-life/batch';

/** True if a formula is used out of a bottle of that shape: sprays under a trigger, pastes and powders in a jar (common practice, no source). */
export function suitsForm({ form }: Formula, { shape }: Pick<Vessel, 'shape'>): boolean {
  const { top, id } = vesselShape(shape);
  switch (form) {
    case 'spray':
    case 'cloth':
      return top === 'trigger';
    case 'paste':
    case 'dry':
    case 'strew':
    case 'pieces':
      return id === 'wide-jar';
    default:
      return top !== 'pipette';
  }
}

/**
 * The bottle that a job's mixture comes out of: one that stands in the room before the others, then the one that is
 * begun already; none where it was made for the job.
 * @param roomName as the job has it, in the person's words
 */
function bottleInUse(batches: readonly Batch[], formulaId: string, roomName: string, nowISO: string): Batch | null {
  const good = batches.filter((b) => b.formula.id === formulaId && isUsable(b, nowISO));
  const isHere = ({ vessel }: Batch): boolean => roomName !== '' && sameWords(vessel.place ?? '', roomName);
  return (
    good.toSorted(
      (a, b) => Number(isHere(b)) - Number(isHere(a)) || leftML(a) / a.volumeML - leftML(b) / b.volumeML,
    )[0] ?? null
  );
}

/**
 * The bottle that a part of a job was done with, as it stands after it; null where none stands on the shelf, or where
 * it is not known how much it took.
 */
export function bottleAfterUse(
  { formula, usesML, place }: Pick<JobPart, 'formula' | 'usesML' | 'place'>,
  batches: readonly Batch[],
  nowISO: string,
): Batch | null {
  const bottle = formula && usesML !== undefined ? bottleInUse(batches, formula.id, place.roomName, nowISO) : null;
  return bottle && withUsed(bottle, usesML ?? 0);
}

const sameWords = (a: string, b: string): boolean => a.trim().toLowerCase() === b.trim().toLowerCase();

/** So long it is said that something has run out, days. */
const SAID_FOR_DAYS = 30;

/**
 * What there is little or nothing left of, each formula once, the newest first: a bottle on its last, or the last one
 * that was emptied, where no other stands on the shelf.
 */
export function runOut(batches: readonly Batch[], nowISO: string): Batch[] {
  const from = Date.parse(nowISO) - SAID_FOR_DAYS * DAY_MS;
  const hasMore = (b: Batch): boolean =>
    batches.some(
      (o) =>
        o.id !== b.id && o.formula.id === b.formula.id && o.state === 'kept' && !isLastOfIt(o) && !isExpired(o, nowISO),
    );
  const ended = (b: Batch): boolean => b.state === 'emptied' && Date.parse(b.endedAt ?? '') >= from;
  const found = batches
    .filter((b) => (ended(b) || isLastOfIt(b)) && !hasMore(b))
    .toSorted((a, b) => b.madeAt.localeCompare(a.madeAt));
  return found.filter((b, i) => found.findIndex((o) => o.formula.id === b.formula.id) === i);
}
