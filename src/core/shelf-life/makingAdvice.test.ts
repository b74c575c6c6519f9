import type { AdvicePreferences } from '../catalogue/disputedAdvice';
import { DEFAULT_CONTEXT } from '../evaluation/context';
import { mixtureOf } from '../evaluation/evaluate';
import { formulaFromReading } from '../formula/fromReading';
import { readRecipe } from '../formula/reader/readRecipe';
import { makingAdvice } from './makingAdvice';
import { DEFAULT_STORAGE } from './shelfLife';

// Where careful people differ; which stands until the person chooses (common practice, no source).
const advice = (text: string, choices: AdvicePreferences = {}, use: 'stored' | 'fresh' = 'stored') => {
  const formula = formulaFromReading(readRecipe(text, { measures: 'us' }), 'f', 'F', 'us')!;
  const said = makingAdvice(mixtureOf(formula, DEFAULT_CONTEXT)!, { ...DEFAULT_STORAGE, use }, choices);
  return Object.fromEntries(said.map(({ question, says }) => [question, says]));
};
const VINEGAR = '1 cup vinegar\n1 cup water';
const SCENTED = '1 cup vodka\n10 drops lavender oil\n1 cup distilled water';

describe('which water', () => {
  test('distilled where it is kept beyond two weeks, by default', () => {
    expect(advice(VINEGAR)['which-water']).toMatch(/^Distilled water, if it is kept beyond two weeks/);
    expect(advice(SCENTED)['which-water']).toBeUndefined();
    expect(advice('1 cup vodka')['which-water']).toBeUndefined();
  });

  test.each([
    ['distilled', VINEGAR, /^Distilled water in place of tap water/],
    ['tap', VINEGAR, /^Tap water, made small/],
    ['tap', SCENTED, /^Tap water will do in place of distilled/],
  ])('%s', (choice, text, says) => {
    expect(advice(text, { 'which-water': choice })['which-water']).toMatch(says);
  });
});

describe('which bottle', () => {
  const STRONG = '1 cup vodka\n2 tsp lavender oil';
  test('by strength: dilute oils say nothing, from 1 % they want glass', () => {
    expect(advice(SCENTED)['which-bottle']).toBeUndefined();
    expect(advice(STRONG)['which-bottle']).toMatch(/glass/);
  });
  test('glass for any oil, or plastic while it is dilute; what eats plastic wants glass whatever is held', () => {
    expect(advice(SCENTED, { 'which-bottle': 'glass' })['which-bottle']).toMatch(/glass/);
    expect(advice(SCENTED, { 'which-bottle': 'plastic' })['which-bottle']).toMatch(/HDPE or PET/);
    expect(advice(STRONG, { 'which-bottle': 'plastic' })['which-bottle']).toMatch(/glass/);
    expect(advice(VINEGAR, { 'which-bottle': 'glass' })['which-bottle']).toBeUndefined();
  });
});

describe('scent and batch', () => {
  test('by count, or to the nose and never above what is written', () => {
    expect(advice(SCENTED).scent).toMatch(/count the drops/);
    expect(advice(SCENTED, { scent: 'nose' }).scent).toMatch(/half the drops.*never above what is written/);
    expect(advice(VINEGAR).scent).toBeUndefined();
  });

  test('as much as is used while it keeps, little and often, or a stock of what keeps', () => {
    // Acid in tap water keeps one to two months.
    expect(advice(VINEGAR)['batch-size']).toBe('As much as is used in 60 days.');
    expect(advice(VINEGAR, { 'batch-size': 'small' })['batch-size']).toBe('A small batch, and often.');
    expect(advice(VINEGAR, { 'batch-size': 'big' })['batch-size']).toMatch(/^A big batch: it keeps 60 days/);
    expect(advice('1 cup lemon juice\n1 cup water', { 'batch-size': 'big' })['batch-size']).toMatch(/^No big batch/);
  });
});

test('what is used at once, or holds what is not known, is told nothing of keeping', () => {
  expect(advice('1 cup baking soda\n1/2 cup peroxide', {}, 'fresh')).toEqual({});
  const formula = formulaFromReading(readRecipe(VINEGAR, { measures: 'us' }), 'f', 'F', 'us')!;
  const unknown = { ...mixtureOf(formula, DEFAULT_CONTEXT)!, holdsUnknown: true };
  expect(makingAdvice(unknown, { ...DEFAULT_STORAGE, use: 'stored' }, {})).toEqual([]);
});
