import { formulaFromReading } from '../formula/fromReading';
import { readRecipe } from '../formula/reader/readRecipe';
import { neverMeets } from './neverMeets';

const written = (text: string) => {
  const formula = formulaFromReading(readRecipe(text, { measures: 'metric' }), 'f', 'Test', 'metric');
  if (!formula) throw new Error(text);
  return formula;
};

describe('what it must never meet', () => {
  // Incompatibilities: NIOSH, household bleach labels.
  test.each([
    ['1 part vinegar\n1 part water', ['chlorine bleach', 'peroxide'], ['ammonia']],
    ['1 part peroxide', ['chlorine bleach', 'vinegar or any acid'], ['peroxide']],
    ['1 part castile soap\n9 parts water', ['chlorine bleach'], ['peroxide']],
  ])('%j: %j, and not %j', (text, must, mustNot) => {
    const named = neverMeets(written(text));
    for (const one of must) expect(named).toContain(one);
    for (const one of mustNot) expect(named).not.toContain(one);
  });
});
