import { spawnSync } from 'node:child_process';
import { STARTER_FORMULAS, writeFormulaFile } from '../src/core';
import { runRead } from './readText';
import { run } from './run';

const FILES: Record<string, string> = {
  'glass.txt': 'Porthole glass\n1 cup white vinegar\n½ cup water\n10 to 15 drops tea tree oil\n',
  'danger.txt': '1/2 cup hydrogen peroxide\n1/2 cup white vinegar\n',
  'soap.txt': '1 tsp castile soap\n1 L water\n',
  'weak.txt': '1 tbsp white vinegar\n1 L water\n',
  'empty.txt': '\n \n',
  'prose.txt': '\nhello there friend of mine\nnothing to see here at all\n',
  'mine.formula.json': writeFormulaFile(STARTER_FORMULAS[0]!),
  'broken.formula.json': '{"format":"biscuit-formula","version":1,"formula":{"name":""}}',
};
interface Printed {
  readonly findings: readonly object[];
  readonly mixture: object;
  readonly lines: readonly { readonly volumeML: number }[];
}

const evaluate = (...args: string[]) =>
  run(args, (file) => {
    const text = FILES[file];
    if (text === undefined) throw new Error('no such file');
    return text;
  });
const printed = (...args: string[]) => JSON.parse(evaluate(...args).stdout) as Printed;

describe('what is printed', () => {
  test('a pasted list, scaled to a bottle', () => {
    const result = printed('--text', 'glass.txt', '--bottle', '375mL', '--surface', 'marble');
    expect(result).toMatchObject({
      verdict: 'caution',
      findings: [{ code: 'oil-and-animals' }, { code: 'oil-floats' }, { code: 'handled-strong' }],
      mixture: {
        pH: { value: expect.closeTo(2.5, 0) as number },
        gasML: 0,
        flashPointC: null,
        soapCurdledFraction: null,
      },
      lines: [
        { text: '1 cup white vinegar', ingredient: 'white-vinegar', drops: null, scaled: { drops: null } },
        { text: '½ cup water', ingredient: 'water' },
        { ingredient: 'tea-tree-oil', scaled: { drops: 12 }, measure: [{ tool: 'drop', count: 12 }] },
      ],
      shelfLife: { lowDays: 30, highDays: 60 },
      surface: {
        id: 'marble',
        verdict: 'caution',
        findings: [{ code: 'etches-stone', scope: 'fresh', rulesOut: true }],
      },
    });
  });

  // Every field of the contract stands in every mixture, null where it does not apply.
  test('a mixture has every field', () => {
    expect(Object.keys(printed('--text', 'glass.txt').mixture).sort()).toEqual([
      'abrasiveMohs',
      'aceticAcidPercentWV',
      'acidReserveMmolPerL',
      'alcoholPercentVV',
      'citricAcidPercentWV',
      'closedPressureBar',
      'essentialOilPercentVV',
      'flashPointC',
      'freeAcidPercentAsAcetic',
      'freeChlorinePPM',
      'gasML',
      'hydrogenPeroxidePercentWV',
      'inertSalts',
      'ionicStrengthMolPerL',
      'massG',
      'oilFloatingShare',
      'pH',
      'pHViews',
      'pHWithheld',
      'peraceticAcidMaxPPM',
      'soapCurdledFraction',
      'soapGPerL',
      'soapLostToHardness',
      'surfactantGPerL',
      'undissolvedG',
      'volumeML',
    ]);
  });

  test('a danger ends 0, and is neither scaled nor measured', () => {
    const { code } = evaluate('--text', 'danger.txt', '--bottle', '500mL');
    expect(code).toBe(0);
    const result = printed('--text', 'danger.txt', '--bottle', '500mL');
    expect(result).toMatchObject({
      verdict: 'danger',
      shelfLife: null,
      lines: [
        { scaled: null, measure: [] },
        { scaled: null, measure: [] },
      ],
    });
    expect(result.findings[0]).toMatchObject({ code: 'peracetic-acid', level: 'danger', scope: 'stored' });
  });

  test('a meeting, by name or id, in a scope', () => {
    expect(printed('--meet', 'bleach', 'white-vinegar', '--scope', 'drain')).toMatchObject({
      verdict: 'danger',
      findings: [{ code: 'chlorine-gas', scope: 'drain', subjects: ['chlorine bleach', 'white vinegar'] }],
    });
    expect(printed('--meet', 'vinegar', 'blue stuff')).toMatchObject({ verdict: 'caution' });
  });

  test('a formula file, with its own cup; another cup for a list', () => {
    expect(printed('--formula', 'mine.formula.json')).toMatchObject({ verdict: 'clear' });
    const metric = printed('--text', 'glass.txt', '--cup', 'metric');
    expect(metric.lines[0]?.volumeML).toBe(250);
  });

  test('who lives here raises levels, hard water takes soap', () => {
    expect(printed('--text', 'glass.txt', '--lives', 'cat')).toMatchObject({ verdict: 'danger' });
    expect(printed('--text', 'glass.txt', '--lives', 'dog, cat').findings[0]).toMatchObject({
      code: 'oil-and-animals',
    });
    const soap = printed('--text', 'soap.txt', '--hardness', '300', '--scope', 'fresh');
    expect(soap).toMatchObject({ verdict: 'defeats', findings: [{ code: 'hard-water-soap' }] });
  });

  test('a surface and a soil without a recipe rank the starters, and list what is ruled out', () => {
    const ranked = JSON.parse(evaluate('--surface', 'marble', '--soil', 'fresh-grease').stdout) as {
      unlikely: boolean;
      ways: Record<string, unknown>[];
      ruledOut: { because: string; why: string }[];
    };
    expect(ranked.ways.length).toBeGreaterThan(0);
    expect(ranked.ways.map((w) => w.formula)).not.toContain('starter-everyday');
    const used = new Set(ranked.ways.flatMap((w) => (w.formula === null ? [] : [w.formula])));
    expect(used.size + ranked.ruledOut.length).toBe(STARTER_FORMULAS.length);
    // The first takes no formula; what follows says all that is asked of a way.
    expect(ranked.ways[0]).toMatchObject({
      formula: null,
      name: 'Absorb it',
      method: { id: 'absorb', form: 'absorb', standing: 1, source: 'Common practice, no source' },
      amount: null,
      dwell: { bestMinutes: 10 },
      cautions: [],
    });
    expect(ranked.ways[1]).toMatchObject({
      formula: 'starter-stone-wash',
      use: 'fresh',
      verdict: 'clear',
      method: { form: 'cloth', standing: 2 },
      amount: { massG: null, areaM2: 0.375 },
    });
    expect((ranked.ways[1]?.steps as { key: string }[]).map((s) => s.key)).toContain('make');
    for (const r of ranked.ruledOut) expect(r.why.length).toBeGreaterThan(5);
    expect(ranked.unlikely).toBe(false);
    expect(JSON.parse(evaluate('--surface', 'acrylic', '--soil', 'silver-tarnish').stdout)).toMatchObject({
      unlikely: true,
    });
  });

  test('what a recipe is for decides whether it is strong enough', () => {
    expect(printed('--text', 'soap.txt', '--soil', 'limescale')).toMatchObject({ verdict: 'caution' });
    expect(printed('--text', 'weak.txt', '--soil', 'limescale').findings[0]).toMatchObject({
      code: 'too-weak',
      level: 'defeats',
    });
  });

  test('help', () => {
    expect(evaluate('--help').stdout).toMatch(/--meet A B/);
  });
});

describe('what cannot be read ends 2, with one line that says what would be accepted', () => {
  test.each([
    [[], /exactly one of --text FILE, --formula FILE or --meet/],
    [['--text', 'nowhere.txt'], /"nowhere.txt" cannot be read/],
    [['--text', 'empty.txt'], /empty.*such as "1 cup white vinegar"/],
    [['--text', 'prose.txt'], /Line 2: no amount and no known ingredient/],
    [['--formula', 'broken.formula.json'], /required/],
    [['--formula', 'glass.txt'], /not JSON/],
    [['--meet', 'bleach'], /at least two names/],
    [['--text', 'glass.txt', '--bottle', 'big'], /--bottle "big".*375mL/],
    [['--text', 'glass.txt', '--bottle', '5mL'], /10 mL to 100 L/],
    [['--text', 'glass.txt', '--headspace', '120'], /1 to 90/],
    [['--text', 'glass.txt', '--scope', 'cupboard'], /Accepted: stored, fresh, sequence, air, drain/],
    [['--text', 'glass.txt', '--surface', 'cheese'], /Accepted: marble/],
    [['--text', 'glass.txt', '--dwell', 'long'], /--dwell "long" is not a number/],
    [['--text', 'glass.txt', '--cup', 'tea'], /Accepted: us, metric/],
    [['--text', 'glass.txt', '--soil', 'snow'], /Accepted: daily-dirt/],
    [['--surface', 'window frame', '--soil', 'dust'], /may mean several. Say which: aluminium, varnished-wood, /],
    [['--surface', 'marbel', '--soil', 'dust'], /"marbel" is not known. Nearest: marble\. Accepted: marble, /],
    [['--surface', 'marble', '--soil', 'dusst'], /"dusst" is not known. Nearest: dust\. Accepted: daily-dirt, /],
    [['--text', 'glass.txt', '--lives', 'cat,dragon'], /"dragon" is not known. Accepted: cat, dog/],
    [['--text', 'glass.txt', '--hardness', 'hard'], /--hardness "hard" is not a number from 0 to 1000/],
    [['--surface', 'marble'], /--surface ID and --soil ID/],
    [['--nonsense'], /--nonsense/],
  ])('%j', (args, expected) => {
    const result = evaluate(...args);
    expect(result.code).toBe(2);
    expect(result.stdout).toBe('');
    expect(result.stderr).toMatch(expected);
    expect(result.stderr.trim().split('\n')).toHaveLength(1);
  });
});

test('as a command, from standard input', () => {
  const ran = spawnSync('node_modules/.bin/tsx', ['cli/evaluate.ts', '--text', '-'], {
    input: 'bleach and vinegar',
    encoding: 'utf8',
  });
  expect(ran.status).toBe(0);
  expect(JSON.parse(ran.stdout)).toMatchObject({ verdict: 'danger' });
  expect(
    spawnSync('node_modules/.bin/tsx', ['cli/evaluate.ts', '--text', '-'], { input: '', encoding: 'utf8' }).status,
  ).toBe(2);
}, 60_000);

describe('a batch', () => {
  const batch = (entries: unknown): Record<string, unknown>[] => {
    const result = run(['--batch', 'b.json'], (file) => (file === 'b.json' ? JSON.stringify(entries) : 'nothing'));
    expect([result.code, result.stderr]).toEqual([0, '']);
    return result.stdout
      .trim()
      .split('\n')
      .map((line) => JSON.parse(line) as Record<string, unknown>);
  };

  test('gives one object a line, in order; what cannot be read says why, and the rest goes on', () => {
    const out = batch([
      { text: '1 cup vinegar\n1 cup water' },
      { text: '1 capful bleach\n1 cup vinegar', args: ['--scope', 'fresh'] },
      { args: ['--meet', 'bleach gel with lemon', 'ammonia', '--scope', 'sequence'] },
      { text: '' },
      { text: '1 cup water', args: ['--batch', 'x.json'] },
      { args: 'no list' },
      7,
    ]);
    expect(out.map((o) => o.verdict ?? o.error)).toEqual([
      'clear',
      'danger',
      'danger',
      expect.stringContaining('The text is empty'),
      expect.stringContaining('--batch cannot stand'),
      expect.stringContaining('Accepted: { "text"'),
      expect.stringContaining('Give exactly one of'),
    ]);
  });

  test.each([
    ['{"text":"x"}', /no JSON array/],
    ['nonsense', /not JSON/],
  ])('a file that holds %j ends 2', (text, expected) => {
    const result = run(['--batch', 'b.json'], () => text);
    expect(result.code).toBe(2);
    expect(result.stderr).toMatch(expected);
  });
});

describe('read', () => {
  const read = (...args: string[]) =>
    runRead(args, (file) => {
      if (file === 't.txt')
        return 'Glass spray (makes 500 mL)\n½ c. vinegar\n1 cup balsamic vinegar\nShake. Never add bleach.\nqwer asdf';
      if (file === 'b.json') return JSON.stringify(['1 cup vinegar', '', 3]);
      throw new Error('no such file');
    });

  test('shows how a text is read, every character in an entry', () => {
    const out = JSON.parse(read('--text', 't.txt').stdout) as {
      name: string;
      makesML: number;
      lines: { as: string; ingredient: string; doubts: string[]; span: [number, number] }[];
      notes: { text: string }[];
      unread: { text: string; because: string }[];
    };
    expect(out).toMatchObject({
      name: 'Glass spray',
      makesML: 500,
      lines: [
        { text: '½ c. vinegar', as: '½ cup white vinegar', ingredient: 'white-vinegar', doubts: [] },
        { ingredient: 'white-vinegar', doubts: ['other-words'] },
      ],
      unread: [{ text: 'qwer asdf', because: 'not-understood' }],
    });
    expect(out.notes.map((n) => n.text)).toEqual(['Glass spray (makes 500 mL)', 'Shake.', 'Never add bleach.']);
  });

  test('a batch of texts; what is no text, or empty, says so', () => {
    const out = read('--batch', 'b.json')
      .stdout.trim()
      .split('\n')
      .map((l) => JSON.parse(l) as Record<string, unknown>);
    expect(out).toMatchObject([
      { name: null, lines: [{ as: '1 cup white vinegar' }], unread: [] },
      { error: expect.stringContaining('empty') },
      { error: expect.stringContaining('Accepted: a string') },
    ]);
  });

  test.each([
    [[], /exactly one of --text FILE or --batch FILE/],
    [['--text', 'nowhere.txt'], /cannot be read/],
    [['--text', 't.txt', '--cup', 'tea'], /Accepted: us, metric/],
    [['--nonsense'], /--nonsense/],
  ])('%j ends 2', (args, expected) => {
    const result = read(...args);
    expect([result.code, result.stdout]).toEqual([2, '']);
    expect(result.stderr).toMatch(expected);
  });
});

test('two recipes of one name and other spellings meet as what they are', () => {
  // Names that once hid in others: the verdict follows the thing, not a word in it.
  for (const [a, b, code] of [
    ['spirits of salt', 'bleach', 'chlorine-gas'],
    ['bleach scouring powder', 'vinegar', 'chlorine-gas'],
    ['bleach toilet cleaner', 'vinegar', 'chlorine-gas'],
    ['toilet cleaner', 'bleach', 'chlorine-gas'],
    ['toilet cleaner', 'vinegar', 'chlorine-gas'],
    ['bleaching powder', 'vinegar', 'chlorine-gas'],
    ['nitric acid', 'bleach', 'chlorine-gas'],
    ['glacial acetic acid', 'bleach', 'chlorine-gas'],
    ['drain opener', 'vinegar', 'chlorine-gas'],
    ['disinfectant', 'ammonia', 'chloramine-gas'],
  ] as const) {
    const report = printed('--meet', a, b, '--scope', 'drain') as unknown as {
      verdict: string;
      findings: { code: string }[];
    };
    expect([a, b, report.verdict]).toEqual([a, b, 'danger']);
    expect(report.findings.map((f) => f.code)).toContain(code);
  }
});
