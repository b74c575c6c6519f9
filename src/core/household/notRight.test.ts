import type { HouseholdMember } from '../catalogue/household';
import { becauseOfHousehold } from '../evaluation/becauseOfHousehold';
import { contextOf, type HomeFacts } from '../evaluation/context';
import { contextIn } from '../evaluation/context';
import { evaluate } from '../evaluation/evaluate';
import type { Vessel } from '../catalogue/vessels';
import type { Job, JobPart } from '../cleaning/job';
import { startTimer, type Timer } from '../cleaning/timer';
import type { Formula } from '../formula/formula';
import { formulaFromReading } from '../formula/fromReading';
import { readRecipe } from '../formula/reader/readRecipe';
import type { Batch } from '../shelf-life/batch';
import { labelOf } from '../shelf-life/label';
import { notRightHere, notRightOfBatch, relabelled, type HomeThings } from './notRight';

const NOW = '2026-11-26T10:00:00.000Z';
const home = (...lives: HouseholdMember[]): HomeFacts => ({
  dropsPerML: 20,
  lives,
  hardnessMgPerL: null,
  schools: {},
});
const recipe = (name: string, text: string): Formula => ({
  ...formulaFromReading(readRecipe(text, { measures: 'us' }), name, name, 'us')!,
  id: name,
});

const SPRAYER: Vessel = {
  id: 'v',
  name: 'Sprayer',
  shape: 'straight-spray',
  capacityML: 500,
  material: 'hdpe',
  opaque: true,
};

/** A bottle made today in a home where these live. */
function bottleOf(formula: Formula, made: HomeFacts): Batch {
  const evaluation = evaluate(formula, contextIn(SPRAYER, formula.use, made));
  if (!evaluation.ok) throw new Error('no evaluation');
  return {
    id: `bottle-${formula.id}`,
    formula,
    vessel: SPRAYER,
    label: labelOf(formula, evaluation.value),
    volumeML: 400,
    madeAt: NOW,
    state: 'kept',
    endedAt: null,
  };
}

const TEA_TREE = recipe('tea tree spray', '1 cup water\n1 tsp dish soap\n20 drops tea tree oil');
const VINEGAR = recipe('vinegar spray', '1 cup white vinegar\n1 cup water');
const SUDS = recipe('suds', '1 cup water\n1 tsp dish soap');
const BORAX = recipe('borax wash', '1 litre hot water\n1 tbsp borax');
const NOTHING: HomeThings = { batches: [], timers: [], jobs: [], formulas: [] };

const part = (formula: Formula | null): JobPart => ({
  id: 'p',
  place: { surfaceId: null, roomId: null, roomName: '', name: 'Shower', material: 'glazed-tile', areaM2: 1 },
  soil: { id: 'daily-dirt', name: 'Daily dirt' },
  formula,
  method: null,
  from: 'shelf',
  application: 'film',
  amount: null,
  dwell: null,
  steps: [{ key: 'apply', text: 'On.', minutes: null, mind: [], tip: null }],
  at: 0,
  timerId: null,
  dwelt: null,
  rinsedAt: null,
  afterId: null,
  state: 'open',
});
const job = (formula: Formula | null, change: Partial<JobPart> = {}): Job => ({
  id: 'j',
  name: 'Shower',
  startedAt: NOW,
  parts: [{ ...part(formula), ...change }],
});
const wait = (of: Partial<Timer>): Timer => ({
  ...startTimer(
    { id: 't', kind: 'dwell', name: 'Dwell', place: '', usefulMinutes: 5, bestMinutes: 10, longestMinutes: 20 },
    NOW,
  ),
  ...of,
});

describe('because of who lives here', () => {
  // Poison-centre lists name tea tree among the oils that poison cats (from memory); borates: EU CLP, toxic for reproduction.
  test.each<[Formula, HouseholdMember[], string[]]>([
    [TEA_TREE, [], []],
    [TEA_TREE, ['cat'], ['oil-and-animals danger']],
    [TEA_TREE, ['bird'], ['oil-and-animals danger']],
    [VINEGAR, ['cat', 'dog', 'septic'], []],
    [VINEGAR, ['asthma'], ['oil-and-lungs caution', 'spray-and-lungs caution']],
    [BORAX, ['infant'], ['borax-exposure caution']],
    [SUDS, ['cat', 'dog', 'bird', 'infant', 'asthma', 'septic'], []],
  ])('%#', (formula, lives, expected) => {
    const found = becauseOfHousehold(formula, contextOf(formula.use, home(...lives)));
    expect(found.map((f) => `${f.code} ${f.level}`).sort()).toEqual(expected);
  });

  test('what is found anyway, and is worse for them, is their doing', () => {
    const anyway = evaluate(TEA_TREE, contextOf('stored', home()));
    const found = becauseOfHousehold(TEA_TREE, contextOf('stored', home('dog')));
    expect(anyway.ok && anyway.value.findings.map((f) => [f.code, f.level])).toContainEqual([
      'oil-and-animals',
      'caution',
    ]);
    expect(found.map((f) => [f.code, f.level])).toEqual([['oil-and-animals', 'danger']]);
  });

  test('what is found of it anyway is not their doing', () => {
    const anyway = evaluate(BORAX, contextOf('stored', home('cat')));
    expect(anyway.ok && anyway.value.findings.map((f) => f.code)).toContain('borax-exposure');
    expect(becauseOfHousehold(BORAX, contextOf('stored', home('cat')))).toEqual([]);
  });
});

describe('when a cat moves in', () => {
  const things: HomeThings = {
    batches: [bottleOf(TEA_TREE, home()), bottleOf(VINEGAR, home()), bottleOf(SUDS, home())],
    timers: [],
    jobs: [],
    formulas: [TEA_TREE, SUDS],
  };

  test('nothing is said while nobody is said to live here', () => {
    expect(notRightHere(things, home(), NOW)).toEqual([]);
  });

  test('the bottle and the formula with tea tree are no longer right, with what to do', () => {
    const found = notRightHere(things, home('cat'), NOW);
    expect(found.map((f) => [f.kind, f.id])).toEqual([
      ['batch', 'bottle-tea tree spray'],
      ['formula', 'tea tree spray'],
    ]);
    expect(found[0]!.whatToDo).toMatch(/Pour it away/);
    expect(found[1]!.whatToDo).toMatch(/Leave out/);
    expect(found.every((f) => f.findings[0]!.level === 'danger')).toBe(true);
  });

  test('a bottle that is emptied, or past its day, is not named', () => {
    const gone = [
      { ...bottleOf(TEA_TREE, home()), state: 'emptied' as const },
      { ...bottleOf(TEA_TREE, home()), madeAt: '2020-01-01T10:00:00.000Z' },
    ];
    expect(notRightHere({ ...NOTHING, batches: gone }, home('cat'), NOW)).toEqual([]);
  });

  test('a label that says it already does not undo a danger', () => {
    const made = bottleOf(TEA_TREE, home('cat'));
    expect(notRightOfBatch(made, home('cat')).map((f) => f.level)).toEqual(['danger']);
    const again = relabelled(made, home('cat'));
    expect(again.ok && notRightOfBatch(again.value, home('cat'))).toHaveLength(1);
  });
});

test('a caution is asked for on the label until it stands there', () => {
  const bottle = bottleOf(VINEGAR, home());
  const found = notRightHere({ ...NOTHING, batches: [bottle] }, home('asthma'), NOW);
  expect(found).toHaveLength(1);
  expect(found[0]!.whatToDo).toMatch(/label anew/);
  const anew = relabelled(bottle, home('asthma'));
  if (!anew.ok) throw new Error('no label');
  expect(anew.value.label.cautions.join(' ')).toMatch(/lungs of someone with asthma/);
  expect({ ...anew.value, label: { ...anew.value.label, cautions: bottle.label.cautions } }).toEqual(bottle);
  expect(notRightHere({ ...NOTHING, batches: [anew.value] }, home('asthma'), NOW)).toEqual([]);
  // Someone else moves in: it is judged again.
  expect(notRightHere({ ...NOTHING, batches: [anew.value] }, home('asthma', 'bird'), NOW)).toHaveLength(1);
});

describe('what runs', () => {
  test('a wait of a job names what it is done with; its part is not named twice', () => {
    const running = wait({ jobId: 'j', partId: 'p' });
    const found = notRightHere({ ...NOTHING, timers: [running], jobs: [job(TEA_TREE)] }, home('cat'), NOW);
    expect(found.map((f) => [f.kind, f.id])).toEqual([['job', 'j']]);
    expect(found[0]!.whatToDo).toMatch(/Take it off now/);
    const ended = { ...running, endedAt: NOW };
    expect(notRightHere({ ...NOTHING, timers: [ended], jobs: [job(TEA_TREE)] }, home('cat'), NOW)).toMatchObject([
      { kind: 'job', id: 'j', name: 'tea tree spray, Shower' },
    ]);
  });

  // By hand one level milder (common practice, no source): nobody is told to rinse off what is said to be fine.
  test('a part is judged by the way it is put on', () => {
    const by = (form: 'spray' | 'cloth') =>
      notRightHere({ ...NOTHING, jobs: [job(TEA_TREE, { method: { id: 'm', name: 'M', form } })] }, home('bird'), NOW);
    expect(by('spray')).toHaveLength(1);
    expect(by('cloth')).toEqual([]);
  });

  test('a part that is done, or takes no mixture, is right', () => {
    expect(notRightHere({ ...NOTHING, jobs: [job(TEA_TREE, { state: 'done' })] }, home('cat'), NOW)).toEqual([]);
    expect(notRightHere({ ...NOTHING, jobs: [job(null)] }, home('cat'), NOW)).toEqual([]);
  });

  // Oil of citrus peel is among those that poison cats (poison-centre lists, from memory).
  test('peel in vinegar, and a jar whose words name what is in it', () => {
    const peel = wait({ kind: 'infusion', name: 'Peel in vinegar' });
    const jar = (place: string) => wait({ kind: 'infusion', name: 'Jar', place });
    const named = (timer: Timer, ...lives: HouseholdMember[]) =>
      notRightHere({ ...NOTHING, timers: [timer] }, home(...lives), NOW).map((f) => f.whatToDo);
    expect(named(peel, 'cat')).toEqual([expect.stringMatching(/Strain it off/)]);
    expect(named(peel, 'septic')).toEqual([]);
    expect(named(jar('lemon peel in vodka, locker'), 'cat')).toHaveLength(1);
    expect(named(jar('the big jar'), 'cat')).toEqual([]);
    expect(named(wait({ place: 'lemon peel' }), 'cat')).toEqual([]);
  });
});

test('what runs stands first, and a danger before what wants a label', () => {
  const found = notRightHere(
    {
      batches: [bottleOf(VINEGAR, home()), bottleOf(TEA_TREE, home())],
      timers: [wait({ kind: 'infusion', name: 'Peel in vinegar' })],
      jobs: [],
      formulas: [TEA_TREE],
    },
    home('cat', 'asthma'),
    NOW,
  );
  expect(found.map((f) => [f.kind, f.findings[0]!.level])).toEqual([
    ['timer', 'danger'],
    ['batch', 'danger'],
    ['formula', 'danger'],
    ['batch', 'caution'],
  ]);
});
