import { useMemo } from 'react';
import {
  applicationOf,
  contextOf,
  fullML,
  isUsedAtOnce,
  leftML,
  MINUTE_MS,
  mixtureOf,
  standsIn,
  suitsForm,
  toppedUp,
  vesselShape,
  type Batch,
  type Formula,
  type IntoUse,
  type PourPlan,
  type Vessel,
} from '@/core';
import { useBatches, useSettings, useVessels } from '@/data';
import { useNow } from '@/ui';
import { bottleFor, bowlFor, FIRST_BOTTLE, OPEN_BOWL, vesselOf, type BenchBottle } from './BottleChoice';

/** How a mixture is used that nobody has said it of, by how it goes on. */
const FORM_OF = { film: 'spray', paste: 'paste', dry: 'dry', soak: 'soak' } as const;

const NONE: readonly Vessel[] = [];
const NO_BATCHES: readonly Batch[] = [];

const FALLBACK: Vessel = (() => {
  const first = vesselOf(FIRST_BOTTLE, []);
  if ('problem' in first) throw new Error(first.problem);
  return first.vessel;
})();

/**
 * Which bottle stands on the bench: the one chosen, or one that suits what the formula is and stands empty.
 * @param takesML what a job takes of it; null where no job asks
 */
export function useBottle(formula: Formula, bottle: BenchBottle | null, takesML: number | null) {
  const settings = useSettings();
  const vessels = useVessels();
  const onShelf = useBatches();
  const own = vessels.data ?? NONE;
  const batches = onShelf.data ?? NO_BATCHES;
  // What gives gas or breaks down is never closed: a bottle with a cap is not proposed for it.
  const { atOnce, used } = useMemo(() => {
    const state = mixtureOf(formula, contextOf(formula.use, settings));
    // Where nobody has said how it is used, what it is tells: what leaves a film is sprayed.
    const form = formula.form ?? (state && FORM_OF[applicationOf(formula, state)]);
    return {
      atOnce: state !== null && isUsedAtOnce(state, formula.use),
      used: form ? { ...formula, form } : formula,
    };
  }, [formula, settings]);
  const chosen = useMemo((): BenchBottle => {
    if (bottle) return bottle;
    // What a job uses at once goes into a bowl, whatever stands on the shelf.
    if (atOnce && takesML !== null) return bowlFor(takesML);
    const full = new Set(batches.filter((b) => b.state === 'kept').map((b) => b.vessel.id));
    const fit = own.filter(
      (v) => vesselShape(v.shape).closes !== atOnce && !full.has(v.id) && fullML(v) >= (takesML ?? 0),
    );
    const proposed = fit.find((v) => atOnce || suitsForm(used, v));
    if (proposed) return { kind: 'own', id: proposed.id };
    return atOnce ? OPEN_BOWL : bottleFor(takesML ?? 0, used);
  }, [bottle, atOnce, takesML, batches, own, used]);
  const found = useMemo(() => vesselOf(chosen, own), [chosen, own]);
  const fallback = own[0] ?? FALLBACK;
  // Before all of it is read a bottle that is full would be proposed as one that is empty.
  const isRead = !vessels.isPending && !onShelf.isPending;
  return { own, batches, isRead, atOnce, chosen, found, vessel: 'vessel' in found ? found.vessel : fallback };
}

/** What stands in a bottle of one's own, and what was said is to become of it. */
export function useInIt(vessel: Vessel | null, said: IntoUse | null) {
  const batches = useBatches().data ?? NO_BATCHES;
  const onto = useMemo(() => (vessel ? (standsIn(vessel.id, batches)[0] ?? null) : null), [vessel, batches]);
  return { onto, into: onto !== null && said?.batchId === onto.id ? said : null };
}

/** What stands in the bottle with this on it; null where nothing does, or nothing is planned. */
export function useToppedUp(
  onto: Batch | null,
  formula: Formula,
  plan: PourPlan | null,
  vessel: Vessel,
  into: IntoUse | null,
) {
  const settings = useSettings();
  const now = new Date(useNow(MINUTE_MS)).toISOString();
  const plannedML = plan?.fillML ?? 0;
  return useMemo(() => {
    if (!onto || plannedML <= 0) return null;
    // Before it is chosen it is looked at with as much as there is room for.
    const roomML = Math.max(1, fullML(vessel) - leftML(onto));
    const volumeML = into?.how === 'top-up' ? plannedML : Math.min(plannedML, roomML);
    return toppedUp(onto, { formula, volumeML }, vessel, settings, now);
  }, [onto, formula, plannedML, vessel, into, settings, now]);
}

/** Another bottle of about the size that stands empty; one of that size where none does. */
export function emptyLike(vessel: Vessel, own: readonly Vessel[], batches: readonly Batch[]): BenchBottle {
  const empty = own.find((v) => v.id !== vessel.id && v.shape === vessel.shape && standsIn(v.id, batches).length === 0);
  return empty
    ? { kind: 'own', id: empty.id }
    : { kind: 'typed', sizeText: String(vessel.capacityML), shape: vessel.shape };
}
