import { entryOf } from '@/testing/entry';
import { SURFACES } from '../catalogue/surfaces';
import { JOB_PLANS } from '../catalogue/jobPlans';
import { ROOM_KINDS } from '../catalogue/roomKinds';
import { SOILS } from '../catalogue/soils';
import { STARTER_FORMULAS } from '../formula/starters';
import { DEFAULT_CONTEXT } from '../evaluation/context';
import { guideSteps } from './guide';
import { toleranceOf, questionsAbout, type HomeSurface } from './homeSurface';
import { jointsOf } from './joints';
import {
  atStep,
  indexOfStep,
  isJobFinished,
  nextPart,
  repeatPart,
  statusOf,
  withPart,
  type Job,
  type JobPart,
} from './job';
import { startTimer, type Timer } from './timer';
import { dueSurfaces, isDue, lastBySurface } from './upkeep';
import type { Way } from './way';
import { rankWays, weighSupplies } from './ways';
import { editEntry, NO_RATING, overall, type LogEntry } from './logEntry';

// Rhythms, rooms and the order of parts are common practice, no source.

const AIR = { roomC: 20, humidityPercent: 60 };
const candidates = weighSupplies({ shelf: [], formulas: STARTER_FORMULAS, cupboard: null }, DEFAULT_CONTEXT);
const soil = (id: string) => SOILS.find((s) => s.id === id)!;
const own = (more: Partial<HomeSurface> = {}): HomeSurface => ({
  id: 'mine',
  roomId: 'r',
  name: 'Mine',
  surfaceId: 'glazed-tile',
  sealed: null,
  finish: null,
  ageYears: null,
  enteredAt: null,
  areaM2: 1,
  schools: {},
  upkeep: null,
  ...more,
});
const waysOn = (surface: HomeSurface, off: string): Way[] => [
  ...rankWays(candidates, toleranceOf(surface)!, soil(off), DEFAULT_CONTEXT, AIR).ways,
];
const names = (ways: readonly Way[]): string[] => ways.map((w) => w.name);

describe('what is known of a surface of the home', () => {
  test('unsealed grout bears no acid; sealed grout a brief one (surfaces table)', () => {
    const acid = (sealed: boolean | null) =>
      waysOn(own({ surfaceId: 'cement-grout', sealed }), 'rust').filter((w) => w.method.id === 'rust-grout');
    expect(names(acid(true))).toContain('Everyday vinegar');
    expect(acid(false)).toEqual([]);
    // Not looked at counts as not sealed.
    expect(acid(null)).toEqual([]);
  });

  // surfaces table, cement grout: acid brief, dilute, on sealed grout only; wet it first.
  describe('the joints between tiles', () => {
    const onTile = (grout: readonly HomeSurface[], off = 'limescale'): Way[] => [
      ...rankWays(candidates, toleranceOf(own())!, soil(off), DEFAULT_CONTEXT, AIR, {
        joints: jointsOf('glazed-tile', grout),
      }).ways,
    ];
    const everyday = (ways: readonly Way[]): Way => ways.find((w) => w.candidate?.formula.id === 'starter-everyday')!;
    const codes = (way: Way): string[] => way.cautions.map((f) => f.code);

    test('sealed cement sets how long acid stays on the tile', () => {
      const alone = everyday(waysOn(own(), 'rust'));
      const sealed = everyday(onTile([own({ surfaceId: 'cement-grout', sealed: true })], 'rust'));
      expect(alone.dwell?.limitedBy).toBe('soil');
      // Fifteen minutes at 2.5 % acetic, less a fifth for safety.
      expect(sealed.dwell).toMatchObject({ limitedBy: 'surface', longestMinutes: 12 });
      expect(sealed.cautions.find((f) => f.code === 'runs-into-joints')?.figures.minutes).toBe(15);
    });

    test('unsealed cement, or grout not entered, is to be wetted first and kept clear of', () => {
      for (const grout of [[own({ surfaceId: 'cement-grout', sealed: false })], []]) {
        expect(everyday(onTile(grout, 'rust')).dwell).toMatchObject({ limitedBy: 'surface', longestMinutes: 12 });
        const way = everyday(onTile(grout));
        expect(codes(way)).toContain('runs-into-joints');
        const apply = guideSteps(way, toleranceOf(own())!, soil('limescale')).find((s) => s.key === 'apply');
        expect(apply?.text).toMatch(/^First wet the joints with plain water\. Then spray it on evenly/);
      }
    });

    test('epoxy bears it, soap harms neither, and what has no joints has none', () => {
      expect(codes(everyday(onTile([own({ surfaceId: 'epoxy-grout' })])))).not.toContain('runs-into-joints');
      const soaps = onTile([], 'daily-dirt').filter((w) => w.candidate?.formula.id === 'starter-worktop');
      expect(soaps).toHaveLength(1);
      expect(codes(soaps[0]!)).not.toContain('runs-into-joints');
      expect(soaps[0]!.wetFirst).toBeNull();
      expect(jointsOf('acrylic', [own({ surfaceId: 'cement-grout' })])).toEqual([]);
    });
  });

  test.each([
    [{ surfaceId: 'granite-sealed', sealed: false }, 'granite-unsealed'],
    [{ surfaceId: 'granite-sealed', sealed: true }, 'granite-sealed'],
    [{ surfaceId: 'varnished-wood', sealed: false }, 'waxed-wood'],
    [{ surfaceId: 'brass', finish: 'lacquered' }, 'lacquered-brass'],
    [{ surfaceId: 'brass', finish: 'bare' }, 'brass'],
    [{ surfaceId: 'enamel', ageYears: 45 }, 'old-enamel'],
    [{ surfaceId: 'enamel', ageYears: 12 }, 'enamel'],
    [{ surfaceId: 'enamel' }, 'enamel'],
  ] as const)('%j is taken for %s', (known, becomes) => {
    expect(toleranceOf(own(known))?.id).toBe(becomes);
  });

  // Common practice, no source: an hour of neat vinegar on plate, renewed; none at all on a coloured finish.
  test('a chrome shower head bears an hour of neat vinegar, a coloured one no acid', () => {
    const withVinegar = (finish: string) =>
      waysOn(own({ surfaceId: 'shower-head', finish }), 'limescale').find(
        (w) => w.candidate?.formula.id === 'starter-neat',
      );
    expect(withVinegar('chrome')?.dwell?.longestMinutes).toBe(60);
    expect(withVinegar('painted')).toBeUndefined();
    expect(names(waysOn(own({ surfaceId: 'shower-head', finish: 'painted' }), 'limescale'))[0]).toBe('Dish-soap spray');
  });

  test('every question belongs to a material there is, and is asked only there', () => {
    expect(questionsAbout('glass')).toEqual({ sealed: false, finishes: [], age: false });
    const asked = SURFACES.filter((s) => {
      const q = questionsAbout(s.id);
      return q.sealed || q.age || q.finishes.length > 0;
    });
    expect(asked.map((s) => s.id).sort()).toEqual(
      ['bath-enamel', 'brass', 'cement-grout', 'enamel', 'granite-sealed', 'shower-head', 'varnished-wood'].sort(),
    );
  });

  test('a material that is not known has no envelope', () => {
    expect(toleranceOf(own({ surfaceId: 'moon-rock' }))).toBeNull();
  });
});

describe('tables of rooms and jobs', () => {
  test('every usual surface names a material and a soil that there are, each name once a room', () => {
    for (const kind of ROOM_KINDS) {
      expect(new Set(kind.surfaces.map((s) => s.name)).size).toBe(kind.surfaces.length);
      for (const s of kind.surfaces) {
        expect(SURFACES.some((x) => x.id === s.surfaceId)).toBe(true);
        expect(SOILS.some((x) => x.id === s.soilId)).toBe(true);
      }
    }
  });

  test('every usual surface with a rhythm has a way for its soil, unless it is only kept clear', () => {
    for (const kind of ROOM_KINDS) {
      for (const s of kind.surfaces.filter((x) => x.everyDays !== null)) {
        const surface = SURFACES.find((x) => x.id === s.surfaceId)!;
        const { ways } = rankWays(candidates, surface, soil(s.soilId), DEFAULT_CONTEXT, AIR);
        if (ways.length === 0) expect(['dust', 'daily-dirt', 'moss']).toContain(s.soilId);
      }
    }
  });

  test('every part of a job names materials, a soil, and only an earlier part to wait for', () => {
    for (const plan of JOB_PLANS) {
      plan.parts.forEach((part, i) => {
        for (const m of part.materials) expect(SURFACES.some((s) => s.id === m)).toBe(true);
        expect(SOILS.some((s) => s.id === part.soilId)).toBe(true);
        for (const before of part.after) expect(before).toBeLessThan(i);
      });
    }
  });
});

describe('a job of several parts', () => {
  const NOW = Date.parse('2026-11-25T10:00:00.000Z');
  const iso = (minutes: number): string => new Date(NOW + minutes * 60_000).toISOString();
  const part = (id: string, surfaceId: string, soilId: string, more: Partial<JobPart> = {}): JobPart => {
    const surface = SURFACES.find((s) => s.id === surfaceId)!;
    const way = rankWays(candidates, surface, soil(soilId), DEFAULT_CONTEXT, AIR).ways[0]!;
    return {
      id,
      place: { surfaceId: null, roomId: null, roomName: '', name: surface.name, material: surfaceId, areaM2: 1 },
      soil: { id: soilId, name: soil(soilId).name },
      formula: way.candidate?.formula ?? null,
      method: { id: way.method.id, name: way.method.name, form: way.method.form },
      from: 'cupboard',
      application: way.application,
      amount: way.amount,
      dwell: way.dwell,
      steps: guideSteps(way, surface, soil(soilId)),
      at: 0,
      timerId: null,
      dwelt: null,
      rinsedAt: null,
      afterId: null,
      state: 'open',
      ...more,
    };
  };
  const racks = part('racks', 'oven-racks', 'burnt-on');
  const oven = part('oven', 'enamel', 'burnt-on');
  const job: Job = { id: 'j', name: 'Oven', startedAt: iso(0), parts: [racks, oven] };
  const soak = (more: Partial<Timer> = {}): Timer => ({
    ...startTimer(
      { id: 't', kind: 'soak', name: 'Soak', place: 'Racks', usefulMinutes: 30, bestMinutes: 240, longestMinutes: 720 },
      iso(0),
    ),
    ...more,
  });

  test('the oven is steamed before its paste, cold and switched off after', () => {
    const steam = oven.steps.find((s) => s.key === 'steam')!;
    expect(steam.minutes).toBe(20);
    expect(steam.text).toMatch(/boiling water.*splash/i);
    expect(oven.steps[indexOfStep(oven, 'steam') + 1]).toMatchObject({ key: 'cool', minutes: 30 });
    expect(racks.steps.some((s) => s.key === 'steam')).toBe(false);
    expect(indexOfStep(oven, 'steam')).toBeLessThan(indexOfStep(oven, 'apply'));
  });

  test('while the racks soak, the oven wants hands; when they are ready, they come first', () => {
    const soaking = withPart(job, 'racks', (p) => ({ ...atStep(p, indexOfStep(p, 'dwell')), timerId: 't' }));
    expect(nextPart(job, [], NOW)?.part.id).toBe('racks');
    expect(nextPart(soaking, [soak()], NOW + 60_000)).toMatchObject({ part: { id: 'oven' }, wants: 'hands' });
    expect(nextPart(soaking, [soak()], NOW + 241 * 60_000)).toMatchObject({ part: { id: 'racks' }, wants: 'ready' });
  });

  test('what harms its surface comes before all else; what dries before what is ready', () => {
    const soaking = withPart(job, 'racks', (p) => ({ ...p, timerId: 't' }));
    const wants = (timer: Timer, minutes: number) =>
      statusOf(soaking.parts[0]!, soaking, [timer], NOW + minutes * 60_000);
    expect(wants(soak({ mustComeOff: true }), 721)).toBe('off-now');
    expect(wants(soak(), 721)).toBe('ready');
    expect(wants(soak({ rewetEveryMinutes: 10 }), 11)).toBe('rewet');
    expect(wants(soak({ endedAt: iso(5) }), 11)).toBe('hands');
    expect(nextPart(soaking, [soak({ mustComeOff: true })], NOW + 721 * 60_000)?.part.id).toBe('racks');
  });

  test('the tub stays dry until the tiles are done', () => {
    const tiles = part('tiles', 'glazed-tile', 'limescale');
    const tub = part('tub', 'acrylic', 'soap-scum', { afterId: 'tiles' });
    const both: Job = { ...job, parts: [tiles, tub] };
    expect(statusOf(tub, both, [], NOW)).toBe('blocked');
    const rinsed = withPart(both, 'tiles', (p) => ({ ...p, state: 'done' }));
    expect(statusOf(tub, rinsed, [], NOW)).toBe('hands');
    expect(isJobFinished(rinsed)).toBe(false);
    expect(isJobFinished(withPart(rinsed, 'tub', (p) => ({ ...p, state: 'left' })))).toBe(true);
    expect(
      nextPart(
        withPart(rinsed, 'tub', (p) => ({ ...p, state: 'left' })),
        [],
        NOW,
      ),
    ).toBeNull();
  });

  test('once more begins with the wetting of what is kept, with the making of what is used up; steps stay in range', () => {
    const again = repeatPart({
      ...racks,
      at: racks.steps.length - 1,
      dwelt: { tookMinutes: 5, rewets: 0, endReason: 'done' },
    });
    expect(again.steps[again.at]?.key).toBe('make');
    expect(again.dwelt).toBeNull();
    const kept = repeatPart({ ...racks, formula: { ...racks.formula!, use: 'stored' }, at: racks.steps.length - 1 });
    expect(kept.steps[kept.at]?.key).toBe('apply');
    const dry = part('fan', 'sockets', 'dust');
    expect(repeatPart(dry).steps[repeatPart(dry).at]?.key).toBe('apply');
    expect(atStep(racks, 99).at).toBe(racks.steps.length - 1);
    expect(atStep(racks, -1).at).toBe(0);
  });
});

describe('upkeep', () => {
  const NOW = '2026-11-25T10:00:00.000Z';
  const entry = (surfaceId: string, at: string): LogEntry =>
    entryOf({ id: `${surfaceId} ${at}`, at, surface: { id: surfaceId, name: surfaceId, material: null } });
  const surface = (id: string, everyDays: number | null): HomeSurface =>
    own({ id, upkeep: everyDays === null ? null : { everyDays, soilId: 'daily-dirt', formulaId: null } });

  test('the most overdue by its own rhythm comes first; what was never done counts from when it was entered', () => {
    const surfaces = [
      surface('hob', 3),
      surface('oven', 90),
      surface('sink', 7),
      surface('wall', null),
      surface('unknown', 7),
      { ...surface('new', 7), enteredAt: '2026-11-23T10:00:00.000Z' },
      { ...surface('older', 2), enteredAt: '2026-11-22T10:00:00.000Z' },
    ];
    const entries = [
      entry('hob', '2026-11-10T10:00:00.000Z'),
      entry('hob', '2026-11-19T10:00:00.000Z'),
      entry('hob', '2026-11-12T10:00:00.000Z'),
      entry('oven', '2026-08-01T10:00:00.000Z'),
      entry('sink', '2026-11-22T10:00:00.000Z'),
      entry('wall', '2020-01-01T10:00:00.000Z'),
    ];
    const due = dueSurfaces(surfaces, lastBySurface(entries), NOW);
    // Six days since, every three: three over. 116 since, every 90: 26 over. Three since, every seven: four to go.
    // Entered three days ago, every two: one over. Where nobody knows since when, its day is today.
    expect(due.map((d) => [d.surface.id, d.lateDays])).toEqual([
      ['hob', 3],
      ['older', 1],
      ['oven', 26],
      ['unknown', 0],
      ['sink', -4],
      ['new', -5],
    ]);
    expect(due.filter(isDue).map((d) => d.surface.id)).toEqual(['hob', 'older', 'oven', 'unknown']);
    const [toldOf] = dueSurfaces(
      [{ ...surface('new', 7), enteredAt: '2026-11-01T10:00:00.000Z' }],
      lastBySurface([entry('new', '2026-11-24T10:00:00.000Z')]),
      NOW,
    );
    // Once it was done, that counts.
    expect(toldOf?.lateDays).toBe(-6);
  });
});

describe('an entry of the log', () => {
  const base: LogEntry = {
    id: 'e',
    at: '2026-11-25T10:00:00.000Z',
    room: { id: null, name: '' },
    surface: { id: null, name: 'Sink', material: null },
    soil: { id: null, name: '' },
    used: { kind: 'bought', id: null, name: 'soap' },
    dwell: null,
    rinsedAt: null,
    outcome: 'done',
    rating: NO_RATING,
    workMinutes: null,
    strokes: null,
    notes: 'first',
    history: [],
  };

  test('changed, it keeps what it said before', () => {
    const once = editEntry(base, { notes: 'second', rating: { ...NO_RATING, touch: 8 } }, '2026-11-26T10:00:00.000Z');
    const twice = editEntry(once, { notes: 'third' }, '2026-11-27T10:00:00.000Z');
    expect(twice.notes).toBe('third');
    expect(twice.history.map((h) => h.was)).toEqual([{ notes: 'first', rating: NO_RATING }, { notes: 'second' }]);
  });

  test('a change of nothing is none', () => {
    expect(editEntry(base, { notes: 'first', rating: { ...NO_RATING } }, '2026-11-26T10:00:00.000Z')).toBe(base);
  });

  test('the rating is the mean of what was rated', () => {
    expect(overall(NO_RATING)).toBeNull();
    expect(overall({ touch: 8, look: 6, smell: null, effort: 10 })).toBe(8);
  });
});
