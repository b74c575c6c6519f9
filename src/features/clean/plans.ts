import { JOB_PLANS, type HomeSurface, type JobPlan, type Room } from '@/core';

/** A job of several parts, and the room whose surfaces it is for. */
export interface RoomPlan {
  readonly plan: JobPlan;
  readonly room: Room;
}

/** The surface of a room that each part of a plan is for; null where the room has none. */
export const surfacesOf = (plan: JobPlan, room: Room, surfaces: readonly HomeSurface[]): (HomeSurface | null)[] =>
  plan.parts.map((part) => surfaces.find((s) => s.roomId === room.id && part.materials.includes(s.surfaceId)) ?? null);

/** The jobs of several parts that the rooms of this home have the surfaces for. */
export const plansOf = (rooms: readonly Room[], surfaces: readonly HomeSurface[]): RoomPlan[] =>
  rooms.flatMap((room) =>
    JOB_PLANS.filter((plan) => surfacesOf(plan, room, surfaces).every((s) => s !== null)).map((plan) => ({
      plan,
      room,
    })),
  );
