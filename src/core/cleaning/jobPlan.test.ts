import { JOB_PLANS } from '../catalogue/jobPlans';
import { ROOM_KINDS, type RoomKindId } from '../catalogue/roomKinds';
import { SOILS } from '../catalogue/soils';
import { SURFACES } from '../catalogue/surfaces';
import { DEFAULT_CONTEXT } from '../evaluation/context';
import { STARTER_FORMULAS } from '../formula/starters';
import type { HomeSurface, Room } from './homeSurface';
import { partsFor, partsStillThere, plansHere, withoutPart, withPartEarlier, type PartToDo } from './jobPlan';
import { rankWays, weighSupplies } from './ways';

// Which jobs there are, their parts and their order are common practice, no source.

const room = (id: string, kind: RoomKindId): Room => ({ id, name: id, kind, small: false });
const surface = (roomId: string, surfaceId: string, soilId: string | null = null): HomeSurface => ({
  id: `${roomId} ${surfaceId}`,
  roomId,
  name: surfaceId,
  surfaceId,
  sealed: null,
  finish: null,
  ageYears: null,
  areaM2: 1,
  schools: {},
  upkeep: soilId === null ? null : { everyDays: 7, soilId, formulaId: null },
  enteredAt: null,
});
const plan = (id: string) => JOB_PLANS.find((p) => p.id === id)!;
const partWords = (parts: readonly PartToDo[]): string[] =>
  parts.map((p) => `${p.surfaceId}: ${p.soilId}${p.after === null ? '' : ` after ${p.after}`}`);

/** A home with everything that rooms of every kind usually have, and grout in a second bathroom. */
const ROOMS = [...ROOM_KINDS.map((kind) => room(kind.id, kind.id)), room('second', 'bathroom')];
const EVERYTHING: readonly HomeSurface[] = [
  ...ROOM_KINDS.flatMap((kind) =>
    kind.surfaces.map((s) => ({
      ...surface(kind.id, s.surfaceId, s.everyDays === null ? null : s.soilId),
      id: `${kind.id} ${s.name}`,
    })),
  ),
  surface('second', 'cement-grout'),
];

describe('what a job is made of', () => {
  test('an oven: racks and paste side by side, the shine after the paste; what is not there is left out', () => {
    const kitchen = room('k', 'kitchen');
    const oven = ['oven-racks', 'enamel'].map((id) => surface('k', id));
    expect(partWords(partsFor(plan('oven-full'), [kitchen], oven))).toEqual([
      'k oven-racks: burnt-on',
      'k enamel: burnt-on',
      'k enamel: fingerprints after 1',
    ]);
    expect(partsFor(plan('oven-full'), [kitchen], [surface('k', 'oven-racks')])).toEqual([]);
  });

  test('a bathroom: the tub waits for the tiles, the floor for all of them', () => {
    const here = ['vinyl-floor', 'toilet-bowl', 'mirror', 'glazed-tile', 'acrylic'].map((id) => surface('b', id));
    expect(partWords(partsFor(plan('bathroom-weekly'), [room('b', 'bathroom')], here))).toEqual([
      'b vinyl-floor: dust',
      'b toilet-bowl: daily-dirt',
      'b mirror: fingerprints',
      'b glazed-tile: soap-scum',
      'b acrylic: soap-scum after 3',
      'b vinyl-floor: daily-dirt after 4',
    ]);
  });

  test('what is cleaned of whatever it usually has on it goes by its upkeep', () => {
    const here = [surface('b', 'glazed-tile', 'daily-dirt'), surface('b', 'mirror')];
    expect(partWords(partsFor(plan('bathroom-weekly'), [room('b', 'bathroom')], here))).toContain(
      'b glazed-tile: daily-dirt',
    );
  });

  test('a round goes through all rooms, and waits within a room alone', () => {
    const rooms = [room('a', 'bathroom'), room('b', 'bathroom')];
    const here = ['a', 'b'].map((id) => surface(id, 'cement-grout'));
    expect(partWords(partsFor(plan('grout-round'), rooms, here))).toEqual([
      'a cement-grout: mould',
      'b cement-grout: mould',
    ]);
    expect(plansHere(JOB_PLANS, rooms, here).map((p) => [p.plan.id, p.room?.id ?? null])).toEqual([
      ['grout-round', null],
      ['moving-out', null],
    ]);
    // One part alone is no job of several.
    expect(plansHere(JOB_PLANS, rooms, here.slice(0, 1))).toEqual([]);
  });

  test('the ten of them are possible where everything is there, each part after what it waits for', () => {
    const here = plansHere(JOB_PLANS, ROOMS, EVERYTHING);
    expect(new Set(here.map((p) => p.plan.id)).size).toBe(10);
    for (const { plan: one, room: at } of here) {
      const parts = partsFor(one, at ? [at] : ROOMS, EVERYTHING);
      expect(parts.length).toBeLessThanOrEqual(40);
      parts.forEach((p, i) => p.after === null || expect(p.after).toBeLessThan(i));
      // The same thing twice only for another soil.
      const keys = parts.map((p) => `${p.surfaceId} ${p.soilId}`);
      expect(new Set(keys).size).toBe(keys.length);
    }
  });

  test('every part has a way, by the same ranking as a surface by itself', () => {
    const candidates = weighSupplies({ shelf: [], formulas: STARTER_FORMULAS, cupboard: null }, DEFAULT_CONTEXT);
    const pairs = JOB_PLANS.flatMap((p) =>
      p.parts.flatMap((part) => part.materials.map((m) => [m, part.soilId] as const)),
    );
    const none = pairs.filter(([on, off]) => {
      const { ways, beyond } = rankWays(
        candidates,
        SURFACES.find((s) => s.id === on)!,
        SOILS.find((s) => s.id === off)!,
        DEFAULT_CONTEXT,
        { roomC: 20, humidityPercent: 60 },
      );
      return ways.length === 0 && beyond === null;
    });
    expect(none).toEqual([]);
  });
});

describe('changing a job', () => {
  const parts: readonly PartToDo[] = [
    { surfaceId: 'a', soilId: 'dust', after: null },
    { surfaceId: 'b', soilId: 'dust', after: 0 },
    { surfaceId: 'c', soilId: 'dust', after: 1 },
  ];

  test('left out, what waited for it waits for nothing, and the rest keeps what it waits for', () => {
    expect(partWords(withoutPart(parts, 1))).toEqual(['a: dust', 'c: dust']);
    expect(partWords(withoutPart(parts, 0))).toEqual(['b: dust', 'c: dust after 0']);
    expect(withoutPart(parts, 9)).toEqual(parts);
  });

  test('earlier than what it waited for, it waits no more', () => {
    expect(partWords(withPartEarlier(parts, 2))).toEqual(['a: dust', 'c: dust', 'b: dust after 0']);
    expect(partWords(withPartEarlier(parts, 1))).toEqual(['b: dust', 'a: dust', 'c: dust after 0']);
    expect(withPartEarlier(parts, 0)).toEqual(parts);
  });

  test('a kept job leaves out surfaces that are gone', () => {
    const here = ['a', 'c'].map((id) => ({ ...surface('r', 'glass'), id }));
    expect(partWords(partsStillThere(parts, here))).toEqual(['a: dust', 'c: dust']);
  });
});
