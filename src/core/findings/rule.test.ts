import type { Finding } from './finding';
import { applyRule, ruleAbout } from './rule';
import { fillIn, gasText, plainNumber } from './message';

const WORDS = { happens: '{subjects} {harms|harm} it.', why: 'Because of {percent} %.', instead: '{rather}' };

const rule = ruleAbout<readonly string[]>()({
  code: 'test',
  description: 'nothing',
  sources: [],
  message: WORDS,
  variants: { milder: { ...WORDS, happens: '{subjects} {is|are} fine.' } },
  check: (subjects) => ({
    level: 'caution',
    subjects,
    figures: { percent: 1.2345 },
    words: { rather: 'leave it' },
    variant: subjects.length > 2 ? 'milder' : undefined,
  }),
});

const happens = (...subjects: string[]): string => applyRule(rule, subjects, 'fresh')[0]!.happens;

test('verbs go with what they are said of', () => {
  expect(happens('vinegar')).toBe('Vinegar harms it.');
  expect(happens('soap flakes')).toBe('Soap flakes harm it.');
  expect(happens('glass')).toBe('Glass harms it.');
  expect(happens('vinegar', 'salt')).toBe('Vinegar and salt harm it.');
  expect(happens('vinegar', 'salt', 'soda')).toBe('Vinegar, salt and soda are fine.');
});

test('a variant that a rule does not have does not compile, and throws', () => {
  const wrong = ruleAbout<null>()({
    code: 'wrong',
    description: 'nothing',
    sources: [],
    message: WORDS,
    variants: { milder: WORDS },
    // @ts-expect-error "mildr" is none of its variants
    check: () => ({ level: 'caution', subjects: [], variant: 'mildr' }),
  });
  expect(() => applyRule(wrong, null, 'fresh')).toThrow('no variant "mildr"');
  ruleAbout<null>()({
    code: 'none',
    description: 'nothing',
    sources: [],
    message: WORDS,
    // @ts-expect-error a rule without variants names none
    check: () => ({ level: 'caution', subjects: [], variant: 'milder' }),
  });
});

test('a field of a hit that nothing reads does not compile', () => {
  const rule = {
    code: 'misspelt',
    description: 'nothing',
    sources: [],
    message: WORDS,
    variants: { milder: WORDS },
  } as const;
  const misspelt = () =>
    ({
      level: 'caution',
      subjects: ['it'],
      figures: { percent: 1 },
      words: { rather: 'leave it' },
      varaint: 'milder',
    }) as const;
  // @ts-expect-error "varaint" would show the first message in silence
  expect(applyRule(ruleAbout<null>()({ ...rule, check: misspelt }), null, 'fresh')).toHaveLength(1);
  // @ts-expect-error the same in a list of hits
  expect(applyRule(ruleAbout<null>()({ ...rule, check: () => [misspelt()] }), null, 'fresh')).toHaveLength(1);
});

test('a figure that a sentence asks for and nobody gives is our mistake, and throws', () => {
  expect(() => fillIn('At {percent} %.', [], {})).toThrow('asks for the figure percent');
  expect(fillIn('At pH {pH}.', [], { pH: 11.756 })).toBe('At pH 11.8.');
});

test('figures are as short as they may be', () => {
  expect([0.1234, 1.26, 12.6, 126, 1264, 0].map(plainNumber)).toEqual(['0.12', '1.3', '13', '126', '1260', '0']);
  expect([12, 950, 1000, 4740, 16_320].map(gasText)).toEqual(['12 mL', '950 mL', '1.0 L', '4.7 L', '16 L']);
});

test('a finding holds only what is known', () => {
  const [found] = applyRule(rule, ['vinegar'], 'sequence') as [Finding];
  expect(found).toMatchObject({ code: 'test', scope: 'sequence', figures: { percent: 1.2345 }, instead: 'Leave it' });
  expect('rulesOut' in found).toBe(false);
});
