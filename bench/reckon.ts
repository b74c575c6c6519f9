import { EMPTY_HOME, type HomeSurface } from '../src/core';
import { kitFor, kitTasks, shoppingNeeds } from '../src/core/doors/shopping';
import { ROOM_KINDS } from '../src/core/catalogue/roomKinds';
import { bestKit, smallestKit, type KitTask } from '../src/core/shopping/kits';
import { cheapestPacks } from '../src/core/shopping/packs';

/** What is reckoned of a whole home, in a worker: the aim is a second for 40 surfaces and 25 ingredients. */

const SURFACES = 40;
const INGREDIENTS = 25;

function home() {
  const rooms = ROOM_KINDS.map(({ id, name, small }) => ({ id, name, kind: id, small }));
  const surfaces = ROOM_KINDS.flatMap(({ id, surfaces: all }) =>
    all.map((s, i): HomeSurface => ({
      id: `${id}-${i}`,
      roomId: id,
      name: s.name,
      surfaceId: s.surfaceId,
      sealed: null,
      finish: null,
      ageYears: null,
      areaM2: s.areaM2,
      schools: {},
      upkeep: { everyDays: s.everyDays ?? 30, soilId: s.soilId, formulaId: null },
      enteredAt: null,
    })),
  );
  return { rooms, surfaces: surfaces.slice(0, SURFACES), recent: [], facts: EMPTY_HOME.settings, formulas: [] };
}

/** Tasks that no table thought of, the same every time: three soils to a surface, up to five ways of up to three things. */
function hardTasks(): KitTask[] {
  let seed = 1;
  const random = (): number => {
    seed = (seed * 1103515245 + 12345) & 0x7fffffff;
    return seed / 0x7fffffff;
  };
  const thing = (): string => `thing-${Math.floor(random() ** 1.5 * INGREDIENTS)}`;
  return Array.from({ length: 3 * SURFACES }, (_, i) => ({
    id: String(i),
    ways: Array.from({ length: 1 + Math.floor(random() * 5) }, () =>
      Array.from({ length: 1 + Math.floor(random() * 3) }, thing),
    ),
  }));
}

const msOf = (work: () => unknown): number => {
  const start = performance.now();
  work();
  return performance.now() - start;
};

/** Each figure by its name, ms. */
export function reckonFigures(): readonly (readonly [string, number])[] {
  const of = home();
  const tasks = kitTasks(of);
  const hard = hardTasks();
  const packs = [250, 500, 750, 1000, 5000].map((value, i) => ({ value, price: 1 + i * 0.93, unit: 'mL' as const }));
  return [
    [`${SURFACES} surfaces against every formula`, msOf(() => kitTasks(of))],
    ['the smallest kit for them', msOf(() => kitFor(tasks, [], { level: 'best', most: null, without: [] }))],
    ['the best ten things for them', msOf(() => kitFor(tasks, [], { level: 'best', most: 10, without: [] }))],
    [`the smallest kit, ${hard.length} random tasks of ${INGREDIENTS} things`, msOf(() => smallestKit(hard))],
    [`the best ten of ${INGREDIENTS}, ${hard.length} random tasks`, msOf(() => bestKit(hard, 10))],
    ['packs for 20 L from five sizes', msOf(() => cheapestPacks(20_000, packs))],
    [
      `two weeks' needs of ${SURFACES} surfaces`,
      msOf(() =>
        shoppingNeeds({ ...of, batches: [], pantry: [], wanted: [], days: 14, nowISO: '2026-11-28T10:00:00.000Z' }),
      ),
    ],
  ];
}
