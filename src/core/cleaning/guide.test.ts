import { SOILS } from '../catalogue/soils';
import { SURFACES } from '../catalogue/surfaces';
import { DEFAULT_CONTEXT } from '../evaluation/context';
import { STARTER_FORMULAS } from '../formula/starters';
import { dwellChoices, guideSteps, waitingFor, type GuideStep, type GuideStepKey } from './guide';
import { jointsOf } from './joints';
import type { Way } from './way';
import { candidateOf, rankWays, weighSupplies } from './ways';

// What a working cleaner does in which order: common practice, no source.

const AIR = { roomC: 20, humidityPercent: 60 };
const CANDIDATES = weighSupplies({ shelf: [], formulas: STARTER_FORMULAS, cupboard: null }, DEFAULT_CONTEXT);
const surface = (id: string) => SURFACES.find((s) => s.id === id)!;
const soil = (id: string) => SOILS.find((s) => s.id === id)!;
const waysOf = (on: string, off: string): readonly Way[] =>
  rankWays(CANDIDATES, surface(on), soil(off), DEFAULT_CONTEXT, AIR, { joints: jointsOf(on, []) }).ways;
const guideOf = (way: Way, on: string, off: string): GuideStep[] => guideSteps(way, surface(on), soil(off));
const steps = (on: string, off: string, is: (way: Way) => boolean = () => true): GuideStep[] =>
  guideOf(waysOf(on, off).find(is)!, on, off);
const keys = (...of: Parameters<typeof steps>): GuideStepKey[] => steps(...of).map((s) => s.key);
const textOf = (key: GuideStepKey, ...of: Parameters<typeof steps>): string | undefined =>
  steps(...of).find((s) => s.key === key)?.text;
const isOvernight = ({ method }: Way): boolean => method.route === 'overnight';

describe('the order', () => {
  test('is that of careful work', () => {
    expect(keys('glazed-tile', 'limescale')).toEqual([
      'clear',
      'first',
      'make',
      'spot-test',
      'apply',
      'dwell',
      'agitate',
      'rinse',
      'dry',
      'inspect',
      'step-up',
    ]);
  });

  test('says only what is true for the way: no bottle, no dwell and no rinse for dusting a fan', () => {
    expect(keys('sockets', 'dust')).toEqual(['clear', 'apply', 'inspect', 'step-up']);
    expect(textOf('clear', 'sockets', 'dust')).toMatch(/Power off at the breaker/);
    expect(keys('outdoor-stone', 'moss')).toEqual(['apply', 'inspect', 'step-up']);
  });

  test('the oven is steamed on the quick route alone, cools to hand-warm, and its paste is made while it cools', () => {
    const quick = keys('enamel', 'burnt-on');
    expect(quick.slice(0, 6)).toEqual(['clear', 'first', 'steam', 'cool', 'make', 'spot-test']);
    expect(textOf('clear', 'enamel', 'burnt-on')).toMatch(/nothing covered/);
    expect(textOf('cool', 'enamel', 'burnt-on')).toMatch(/Off at the wall.*hand-warm/);
    expect(keys('enamel', 'burnt-on', isOvernight)).not.toContain('steam');
    expect(textOf('dwell', 'enamel', 'burnt-on', isOvernight)).toBe('Leave it 12 hours, cold: it may dry.');
  });

  test('what was rated here before is not tried out of sight again; a little soap on what is hard never is', () => {
    const [way] = waysOf('glazed-tile', 'limescale');
    const rated = guideOf({ ...way!, went: { mean: 7, times: 1 } }, 'glazed-tile', 'limescale');
    expect(rated.map((s) => s.key)).not.toContain('spot-test');
    expect(keys('acrylic', 'soap-scum')).not.toContain('spot-test');
    expect(keys('wool-silk', 'tannin')).toContain('spot-test');
  });
});

describe('what is made', () => {
  test('a bowl, a bucket or the tub for what is used at once; a label for what is kept alone', () => {
    expect(textOf('make', 'enamel', 'burnt-on')).toMatch(/^Make 300 mL of Soapy oven paste in a bowl/);
    expect(textOf('make', 'vinyl-floor', 'daily-dirt')).toMatch(/^Make 2 L of Floor wash in a bucket/);
    expect(textOf('make', 'oven-racks', 'burnt-on')).toMatch(/^Make 10 L of Rack soak in the tub/);
    expect(textOf('make', 'glazed-tile', 'soap-scum')).toMatch(/^Label a bottle/);
  });

  test('one thing by itself is measured out, not made', () => {
    expect(textOf('make', 'shower-head', 'limescale')).toBe('Measure out 150 mL of white vinegar.');
    expect(textOf('make', 'carpet', 'smell')).toMatch(/^Weigh out \d+ g of baking soda\.$/);
  });

  test('a bottle on the shelf is taken, and nothing is made', () => {
    const [way] = waysOf('glazed-tile', 'limescale');
    const shelf = { ...way!, candidate: candidateOf(way!.candidate!.formula, way!.candidate!.evaluation) };
    const guide = guideOf(shelf, 'glazed-tile', 'limescale');
    expect(guide.some((s) => s.key === 'make')).toBe(false);
    expect(guide[0]?.text).toContain(`your ${way!.name}`);
  });

  test('what cannot be kept is said where it is made, and what must not wait too long where it waits', () => {
    const grout = steps('cement-grout', 'mould');
    expect(grout.find((s) => s.key === 'make')?.mind.join(' ')).toMatch(/cannot be kept/);
    expect(grout.find((s) => s.key === 'apply')?.mind.join(' ')).not.toMatch(/cannot be kept/);
    const chrome = steps('chrome', 'limescale').find((s) => s.key === 'dwell');
    expect(chrome?.mind.join(' ')).toMatch(/up to about 33 minutes/);
  });
});

test('joints are wetted before the acid, and rinsed after it', () => {
  expect(textOf('apply', 'glazed-tile', 'limescale')).toMatch(/^First wet the joints with plain water\. Then /);
  expect(textOf('rinse', 'glazed-tile', 'limescale')).toMatch(/joints too/);
  expect(textOf('clear', 'glazed-tile', 'limescale')).not.toMatch(/[Jj]oints/);
});

test('the times to choose from where it may be hours, and the words for each', () => {
  const ring = waysOf('toilet-bowl', 'bowl-ring')[0]!;
  expect(dwellChoices(ring.dwell)).toEqual([60, 240, 720]);
  expect(dwellChoices(waysOf('glazed-tile', 'limescale')[0]!.dwell)).toEqual([]);
  expect(dwellChoices(null)).toEqual([]);
  const dwell = steps('toilet-bowl', 'bowl-ring').find((s) => s.key === 'dwell')!;
  expect(dwell).toMatchObject({ text: 'Leave it 4 hours.', minutes: 240 });
  expect(waitingFor(dwell, 60)).toMatchObject({ text: 'Leave it 60 minutes.', minutes: 60 });
  expect(waitingFor(dwell, 720)).toMatchObject({ text: 'Leave it 12 hours.', minutes: 720 });
});

/** Every way of every pair, with its guide. */
const ALL = SURFACES.flatMap((on) =>
  SOILS.flatMap((off) => waysOf(on.id, off.id).map((way) => ({ on, off, way, guide: guideSteps(way, on, off) }))),
);
type Guided = (typeof ALL)[number];
const broken = (holds: (of: Guided) => boolean, of: readonly Guided[] = ALL): string[] => [
  ...new Set(of.filter((g) => !holds(g)).map(({ on, off, way }) => `${on.id} ${off.id} ${way.method.id}`)),
];
const saysOf = ({ guide }: Guided): string => guide.map((s) => s.text).join(' ');
const hasStep = ({ guide }: Guided, key: GuideStepKey): boolean => guide.some((s) => s.key === key);

describe('every way of every pair', () => {
  test('is told in short whole sentences, each step once, nothing said twice', () => {
    expect(
      broken(({ guide }) =>
        guide.every((s) => /[.?]$/.test(s.text) && s.text.length <= 300 && !/ {2}|\.\./.test(s.text)),
      ),
    ).toEqual([]);
    expect(broken(({ guide }) => new Set(guide.map((s) => s.text)).size === guide.length)).toEqual([]);
    expect(broken(({ guide }) => guide.every((s) => new Set(s.mind).size === s.mind.length))).toEqual([]);
    // No step stands twice: what is done twice over is one step.
    expect(broken(({ guide }) => new Set(guide.map((s) => s.key)).size === guide.length)).toEqual([]);
  });

  test('fits into what is kept of a job', () => {
    const fits = (s: GuideStep): boolean =>
      s.text.length <= 600 &&
      (s.tip ?? '').length <= 300 &&
      s.mind.every((m) => m.length <= 600) &&
      s.mind.length <= 12;
    expect(broken(({ guide }) => guide.every(fits) && guide.length <= 30)).toEqual([]);
  });

  test('waits exactly where it has a time that is not over at once', () => {
    expect(
      broken(({ way, guide }) => {
        const waits = (way.dwell?.usefulMinutes ?? 0) > 0;
        const dwell = guide.find((s) => s.key === 'dwell');
        return waits ? dwell?.minutes === way.dwell?.bestMinutes : dwell === undefined;
      }),
    ).toEqual([]);
  });

  test('every condition stands before the first thing that is done', () => {
    expect(
      broken(({ way, guide }) => {
        const before = guide
          .slice(
            0,
            guide.findIndex((s) => s.key === 'apply'),
          )
          .map((s) => s.text);
        return way.conditions.every((c) => c.startsWith('Joints wetted') || before.some((text) => text.includes(c)));
      }),
    ).toEqual([]);
  });

  test('what has to be minded stands in a step', () => {
    expect(
      broken(({ way, guide }) => {
        const minded = guide.flatMap((s) => s.mind).join(' ');
        return way.cautions.filter((f) => f.level !== 'clear').every((f) => minded.includes(f.happens));
      }),
    ).toEqual([]);
  });

  test('a label stands only where it is kept, a spot test only where something is put on', () => {
    expect(broken((g) => !/[Ll]abel a/.test(saysOf(g)) || g.way.candidate?.formula.use === 'stored')).toEqual([]);
    expect(broken((g) => !hasStep(g, 'spot-test') || g.way.candidate !== null)).toEqual([]);
    expect(broken((g) => !hasStep(g, 'make') || g.way.candidate !== null)).toEqual([]);
  });

  test('nobody buffs or polishes paving and carpets, rinses a socket, or rubs a pile', () => {
    const on = (ids: readonly string[]): Guided[] => ALL.filter((g) => ids.includes(g.on.id));
    const rough = on(['outdoor-stone', 'brick', 'concrete', 'carpet', 'wool-silk', 'mattress', 'upholstery']);
    expect(broken((g) => !/[Bb]uff|against the light/.test(saysOf(g)), rough)).toEqual([]);
    expect(broken((g) => !/[Rr]inse/.test(saysOf(g)), on(['sockets', 'wallpaper', 'coated-screen']))).toEqual([]);
    const pile = on(['carpet', 'wool-silk', 'mattress', 'upholstery']);
    expect(broken((g) => !/in circles|scour|under the rim/.test(saysOf(g)), pile)).toEqual([]);
  });
});
