import { spawnSync } from 'node:child_process';
import { STARTER_FORMULAS, writeFormulaFile } from '../src/core';
import { run } from './run';

const FILES: Record<string, string> = {
  'glass.txt': 'Porthole glass\n1 cup white vinegar\n½ cup water\n10 to 15 drops tea tree oil\n',
  'danger.txt': '1/2 cup hydrogen peroxide\n1/2 cup white vinegar\n',
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
      verdict: 'clear',
      findings: [],
      mixture: { pH: null, gasML: 0, flashPointC: null, soapCurdledFraction: null },
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
      'aceticAcidPercentWV',
      'alcoholPercentVV',
      'citricAcidPercentWV',
      'closedPressureBar',
      'essentialOilPercentVV',
      'flashPointC',
      'freeChlorinePPM',
      'gasML',
      'hydrogenPeroxidePercentWV',
      'massG',
      'pH',
      'peraceticAcidMaxPPM',
      'soapCurdledFraction',
      'soapGPerL',
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
    expect(printed('--formula', 'mine.formula.json')).toMatchObject({ verdict: 'caution' });
    const metric = printed('--text', 'glass.txt', '--cup', 'metric');
    expect(metric.lines[0]?.volumeML).toBe(250);
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
