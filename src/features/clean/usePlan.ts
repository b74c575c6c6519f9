import { useMemo } from 'react';
import { JOB_PLANS, partsFor, partsStillThere, type HomeSurface, type OwnPlan, type PartToDo, type Room } from '@/core';
import { useDraft, usePlans, useRooms, useSurfaces } from '@/data';

/** What is being planned, kept through a reload. */
interface PlanDraft {
  readonly parts: readonly PartToDo[];
  /** The ways chosen, by surface and soil; the best where none is. */
  readonly picked: Readonly<Record<string, string>>;
  /** The job of one's own as it was when the change began. */
  readonly base?: OwnPlan;
}

const isPlanDraft = (value: unknown): value is PlanDraft | null =>
  value === null || (typeof value === 'object' && 'parts' in value && 'picked' in value && Array.isArray(value.parts));

/** Which job an address means: one of Biscuit's own in a room or the home, one the person keeps, or a new one. */
export interface PlanAddress {
  readonly plan: string;
  readonly room: string;
  readonly own: string;
}

export interface PlanInHand {
  readonly name: string;
  readonly why: string;
  /** The one the person keeps; null for Biscuit's own and for a new one. */
  readonly kept: OwnPlan | null;
  /** The same as it was when the change began. */
  readonly base: OwnPlan | null;
  readonly room: Room | null;
  readonly draft: PlanDraft;
  readonly isChanged: boolean;
  readonly set: (change: Partial<PlanDraft>) => void;
  readonly clear: () => void;
  readonly rooms: readonly Room[];
  readonly surfaces: readonly HomeSurface[];
}

const NO_ROOMS: readonly Room[] = [];
const NO_SURFACES: readonly HomeSurface[] = [];
const NEW_JOB = 'A job of your own';

/** What an address means in a home; null if there is no such job. */
function meant(
  { plan: planId, room: roomId, own }: PlanAddress,
  rooms: readonly Room[],
  surfaces: readonly HomeSurface[],
  plans: readonly OwnPlan[],
): (Pick<PlanInHand, 'name' | 'why' | 'kept' | 'room'> & { readonly parts: readonly PartToDo[] }) | null {
  if (own !== '') {
    const kept = plans.find((p) => p.id === own);
    return kept ? { name: kept.name, why: '', kept, room: null, parts: partsStillThere(kept.parts, surfaces) } : null;
  }
  if (planId === '') return { name: NEW_JOB, why: '', kept: null, room: null, parts: [] };
  const plan = JOB_PLANS.find((p) => p.id === planId);
  const room = rooms.find((r) => r.id === roomId) ?? null;
  if (!plan || (plan.scope === 'room' && !room)) return null;
  const parts = partsFor(plan, room ? [room] : rooms, surfaces);
  return { name: plan.name, why: plan.why, kept: null, room, parts };
}

/** The job that is planned; null if there is no such job, undefined while it is read. */
export function usePlan(address: PlanAddress): PlanInHand | null | undefined {
  const rooms = useRooms();
  const surfaces = useSurfaces();
  const plans = usePlans();
  const { plan, room, own } = address;
  const draft = useDraft<PlanDraft | null>(`plan/${own}/${plan}/${room}`, null, isPlanDraft);
  const found = useMemo(
    () =>
      rooms.data && surfaces.data && plans.data
        ? meant({ plan, room, own }, rooms.data, surfaces.data, plans.data)
        : undefined,
    [plan, room, own, rooms.data, surfaces.data, plans.data],
  );
  const value = useMemo((): PlanDraft | null => {
    if (!found) return null;
    const { parts, picked } = draft.value ?? { parts: found.parts, picked: {} };
    const base = draft.value?.base ?? found.kept;
    return { parts: partsStillThere(parts, surfaces.data ?? NO_SURFACES), picked, ...(base ? { base } : {}) };
  }, [found, draft.value, surfaces.data]);
  if (found === undefined || !draft.ready) return undefined;
  if (found === null || value === null) return null;
  return {
    ...found,
    base: value.base ?? null,
    draft: value,
    isChanged: draft.value !== null,
    set: (change) => draft.set({ ...value, ...change }),
    clear: draft.clear,
    rooms: rooms.data ?? NO_ROOMS,
    surfaces: surfaces.data ?? NO_SURFACES,
  };
}
