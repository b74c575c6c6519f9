import { ROOM_KINDS } from '../catalogue/roomKinds';
import type { HomeSurface, Room } from '../cleaning/homeSurface';
import type { Formula } from '../formula/formula';
import { surfaceOf } from '@/testing/entry';
import { kitFor, kitTasks, kitWith, thingsFor, type HomeTask } from './kitHome';
import { waysInHome } from './homeWays';
import { STARTER_FORMULAS } from '../formula/starters';

const FACTS = { dropsPerML: 20, lives: [], hardnessMgPerL: null, schools: {}, roomC: 20, humidityPercent: 60 };
const room = (id: Room['kind']): Room => ({ id, name: id, kind: id, small: false });
const surface = (id: string, roomId: string, surfaceId: string, soilId: string): HomeSurface =>
  surfaceOf({ id, roomId, name: id, surfaceId, upkeep: { everyDays: 7, soilId, formulaId: null } });
const fitOut = (rooms: readonly Room[], surfaces: readonly HomeSurface[], formulas: readonly Formula[] = []) => ({
  rooms,
  surfaces,
  recent: [],
  facts: FACTS,
  formulas,
});
const BATH = fitOut(
  [room('bathroom')],
  [
    surface('tiles', 'bathroom', 'glazed-tile', 'limescale'),
    surface('bath', 'bathroom', 'acrylic', 'soap-scum'),
    surface('mirror', 'bathroom', 'mirror', 'fingerprints'),
    surface('marble', 'bathroom', 'marble', 'daily-dirt'),
  ],
);
const TASKS = kitTasks(BATH);
const doneBy = (things: readonly string[], tasks: readonly HomeTask[] = TASKS): readonly string[] =>
  kitWith(things, [], tasks, 'well').done;

describe('what is to be done', () => {
  test('is what each surface is kept up for, and what it commonly has there', () => {
    const of = (id: string) => TASKS.filter((t) => t.surfaceId === id).map((t) => t.soilId);
    expect(of('tiles')).toEqual(expect.arrayContaining(['limescale', 'soap-scum', 'mould']));
    expect(TASKS.filter((t) => t.isUpkeep).map((t) => t.id)).toEqual([
      'tiles limescale',
      'bath soap-scum',
      'mirror fingerprints',
      'marble daily-dirt',
    ]);
  });

  test('what nobody should do at home is no task, and of what takes no mixture nothing is wanted', () => {
    const sockets = fitOut([room('hall')], [surface('sockets', 'hall', 'sockets', 'dust')]);
    const tasks = kitTasks(sockets);
    expect(tasks.map((t) => t.soilId)).toContain('dust');
    expect(kitFor(tasks, [], { level: 'well', most: null, without: [] }).things).toEqual([]);
    expect(kitTasks(fitOut([], [surface('s', '', 'sockets', 'limescale')])).some((t) => t.soilId === 'limescale')).toBe(
      false,
    );
  });

  test('a way is what its formula is made of, tap water left out, and no more than is known', () => {
    const suds = STARTER_FORMULAS.find((f) => f.id === 'starter-scum-suds')!;
    const bath = TASKS.find((t) => t.id === 'bath soap-scum')!;
    expect(bath.ways[bath.formulaIds.indexOf(suds.id)]).toEqual(['dish-soap']);
    const odd: Formula = {
      ...suds,
      id: 'odd',
      lines: [...suds.lines, { ...suds.lines[0]!, id: '9', ingredient: { kind: 'unknown', name: 'wonder' } }],
    };
    const with_ = kitTasks({ ...BATH, formulas: [odd] }).find((t) => t.id === 'bath soap-scum');
    expect(with_?.formulaIds).not.toContain('odd');
  });

  test('ways are those that are advised for it, none of them a last resort where there is a better one', () => {
    const ways = waysInHome(BATH, { shelf: [], formulas: STARTER_FORMULAS, cupboard: null });
    for (const task of TASKS) {
      const all = ways(
        BATH.surfaces.find((s) => s.id === task.surfaceId)!,
        task.soilId,
      );
      const best = Math.min(...all.map((w) => w.method.standing));
      for (const [i, id] of task.formulaIds.entries()) {
        const of = all.filter((w) => (w.candidate?.formula.id ?? '') === id);
        expect(of.some((w) => w.method.standing <= Math.max(best, 2))).toBe(true);
        if (task.bestWays.includes(task.ways[i]!)) expect(of.some((w) => w.method.standing === best)).toBe(true);
      }
    }
  });
});

describe('the kit', () => {
  test('of a bathroom: soap and an acid; without either something is left undone', () => {
    const kit = kitFor(TASKS, [], { level: 'well', most: null, without: [] });
    expect(kit.isProven).toBe(true);
    expect(kit.done).toHaveLength(TASKS.length);
    expect(kit.things).toContain('dish-soap');
    for (const id of kit.things) {
      const left = doneBy(kit.things.filter((o) => o !== id));
      expect(TASKS.length - left.length).toBe(kit.missed[id]);
      expect(kit.missed[id]).toBeGreaterThan(0);
    }
  });

  // Against every set of fewer things, tried in turn.
  test.each(['well', 'best'] as const)('is the smallest that does it %s', (level) => {
    const kit = kitFor(TASKS, [], { level, most: null, without: [] });
    const all = thingsFor(TASKS);
    const sets = (size: number, from = 0): string[][] =>
      size === 0 ? [[]] : all.slice(from).flatMap((id, i) => sets(size - 1, from + i + 1).map((rest) => [id, ...rest]));
    for (let size = 0; size < kit.things.length; size++)
      for (const set of sets(size)) expect(kitWith(set, [], TASKS, level).done.length).toBeLessThan(kit.done.length);
  });

  test('of no more than so many does the most that so many can', () => {
    const one = kitFor(TASKS, [], { level: 'well', most: 1, without: [] });
    expect(one.things).toHaveLength(1);
    const most = Math.max(...thingsFor(TASKS).map((id) => doneBy([id]).length));
    expect(one.done).toHaveLength(most);
  });

  test('counts what is there for nothing, and leaves out what is not wanted', () => {
    const there = kitFor(TASKS, ['dish-soap'], { level: 'well', most: null, without: [] });
    expect(there.things).not.toContain('dish-soap');
    const sour = kitFor(TASKS, [], { level: 'well', most: null, without: ['citric-acid'] });
    expect(sour.things).not.toContain('citric-acid');
    expect(sour.done).toHaveLength(TASKS.length);
    const soapless = kitFor(TASKS, ['dish-soap'], {
      level: 'well',
      most: null,
      without: ['dish-soap', 'castile-soap'],
    });
    expect(soapless.done.length).toBeLessThan(TASKS.length);
  });

  test('of every room there is, it does all that can be done', () => {
    const rooms = ROOM_KINDS.map((k) => room(k.id));
    const surfaces = ROOM_KINDS.flatMap((k) =>
      k.surfaces.filter((s) => s.common).map((s, i) => surface(`${k.id}${i}`, k.id, s.surfaceId, s.soilId)),
    );
    const tasks = kitTasks(fitOut(rooms, surfaces));
    expect(tasks.length).toBeGreaterThan(100);
    const kit = kitFor(tasks, [], { level: 'best', most: null, without: [] });
    expect([kit.done.length, kit.isProven]).toEqual([tasks.length, true]);
    // A shelf of them, and no more.
    expect(kit.things.length).toBeLessThanOrEqual(10);
  });
});
