import { combinationsOf } from './combinations';
import { checkCompatibilityByName, possibleIngredientsFor } from './compatibilityByName';

// Which kinds go by one name: labels and data sheets of bought products, from memory.
test.each([
  ['vinegar', ['white-vinegar'], true, false],
  ['white-vinegar', ['white-vinegar'], true, false],
  ['toilet cleaner', ['chlorine-bleach', 'acid-toilet-cleaner'], true, true],
  ['bleech', ['chlorine-bleach'], false, false],
  ['bleach gel', ['chlorine-bleach'], false, false],
  ['green stuff', [], false, false],
])('%s may be %j', (name, ids, understood, unknownKind) => {
  const thing = possibleIngredientsFor(name);
  expect(thing).toMatchObject({ understood, unknownKind });
  expect(thing.choices.map((c) => c.id)).toEqual(ids);
});

test('every combination of what names may mean is held together; with too many, each is varied by itself', () => {
  const two = combinationsOf(['toilet cleaner', 'soap'].map((name) => possibleIngredientsFor(name).choices));
  expect(two.map((c) => c.map((i) => i.id))).toEqual(
    ['chlorine-bleach', 'acid-toilet-cleaner'].flatMap((a) =>
      ['castile-soap', 'dish-soap', 'soap-flakes'].map((b) => [a, b]),
    ),
  );
  const many = Array.from({ length: 4 }, () => possibleIngredientsFor('all-purpose cleaner').choices);
  const varied = combinationsOf(many);
  expect(varied).toHaveLength(20);
  expect(varied.every((c) => c.length === 4)).toBe(true);
});

test('the worst of the kinds is the verdict, whatever it meets', () => {
  for (const other of ['vinegar', 'bleach']) {
    const met = checkCompatibilityByName(['toilet cleaner', other], 'sequence');
    expect(met.verdict).toBe('danger');
    expect(met.findings.map((f) => f.code)).toEqual(expect.arrayContaining(['chlorine-gas', 'of-unknown-kind']));
  }
});

test('the worst counts below a danger, too', () => {
  // Soap of oil curdles with vinegar, dish soap does not.
  expect(checkCompatibilityByName(['soapy water', 'vinegar'], 'fresh').verdict).toBe('defeats');
});

test('a name that is only close is judged as what it may be, and never clear', () => {
  expect(checkCompatibilityByName(['vinegr', 'water'], 'sequence').findings.map((f) => f.code)).toContain(
    'unknown-ingredient',
  );
  expect(checkCompatibilityByName(['bleech', 'vinegar'], 'sequence').verdict).toBe('danger');
  expect(checkCompatibilityByName(['vinegar', 'water'], 'sequence').verdict).toBe('clear');
});
