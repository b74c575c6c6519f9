import fc from 'fast-check';
import { runs } from '../../../testing/runs';
import { INGREDIENTS } from '../../catalogue/lookup';
import { amountText, formulaText, lineText } from '../card';
import { formulaFromReading } from '../fromReading';
import { STARTER_FORMULAS } from '../starters';
import { readAmount } from './readAmount';
import { readRecipe } from './readRecipe';
import type { Corrections, ReadItem } from './reading';

const read = (text: string) => readRecipe(text, { measures: 'us' });
const lines = (text: string): string[] =>
  read(text).items.flatMap((i) => (i.kind === 'line' ? [lineText(i.line)] : []));
const doubts = (text: string): string[] =>
  read(text).items.flatMap((i) =>
    i.kind === 'line' ? i.doubts.map((d) => d.kind) : i.kind === 'unread' ? ['unread'] : [],
  );
/** A list must begin with something that is not a title. */
const among = (text: string): string[] => lines(`1 cup water\n${text}`).slice(1);

describe('one line, as people write it', () => {
  test.each([
    ['1 cup white vinegar', '1 cup white vinegar'],
    ['½ cup (118 ml) water', '½ cup (118 mL) water'],
    ['1 1/2 cups warm water', '1½ cups water'],
    ['1½ cups of vinegar', '1½ cups white vinegar'],
    ['3/4 cup distilled vinegar', '¾ cup white vinegar'],
    ['1,5 L water', '1½ L water'],
    ['1,000 ml water', '1000 mL water'],
    ['.5 l water', '½ L water'],
    ['10 to 15 drops tea-tree oil', '10 to 15 drops tea tree oil'],
    ['10–15 drops of melaleuca', '10 to 15 drops tea tree oil'],
    ['2-3 Tbsp. borax', '2 to 3 tbsp borax'],
    ['2 T borax', '2 tbsp borax'],
    ['1 t salt', '1 tsp salt'],
    ['30g citric acid', '30 g citric acid'],
    ['one cup rubbing alcohol (70%)', '1 cup rubbing alcohol (70 % v/v)'],
    ['1/4 cup 3% hydrogen peroxide', '¼ cup hydrogen peroxide (3 % w/v)'],
    ['100 ml 20 volume peroxide', '100 mL hydrogen peroxide (6 % w/v)'],
    ['1 cup 80 proof vodka', '1 cup vodka (40 % v/v)'],
    ['2 tbsp + 1 tsp castile soap', '34.502 mL liquid castile soap'],
    ['2 tablespoons plus 1 teaspoon borax', '34.502 mL borax'],
    ['Vinegar: 1 cup', '1 cup white vinegar'],
    ['Water — 2 cups', '2 cups water'],
    ['water, 2 cups', '2 cups water'],
    ['Dish Soap (1 Tbsp)', '1 tbsp dish soap'],
    ['- 1 cup water', '1 cup water'],
    ['3. 1 cup water', '1 cup water'],
    ['• 1 cup water', '1 cup water'],
    ['[ ] 1 cup water', '1 cup water'],
    ['half a lemon', 'juice of ½ lemon'],
    ['juice of 2 lemons', 'juice of 2 lemons'],
    ['a squirt of dish soap', 'a squirt dish soap'],
    ['a few drops of lemon oil', 'a few drops lemon oil'],
    ['a dash of washing-up liquid', 'a dash dish soap'],
    ['fill with water', 'water to fill'],
    ['top up with distilled water', 'distilled water to fill'],
    ['to fill: water', 'water to fill'],
    ['to fill up with distilled water', 'distilled water to fill'],
    ['35 g per litre citric acid', '35 g per litre citric acid'],
    ['5 drops per 100 ml lavender oil', '5 drops per 100 mL lavender oil'],
    ['1 imperial pint water', '568.261 mL water'],
    ['heaped tsp bicarb', undefined],
    ['1 heaped tsp bicarb', '1 tsp baking soda'],
  ])('%s', (written, expected) => {
    expect(among(written)[0]).toBe(expected ?? among(written)[0]);
    if (expected) expect(among(written)).toEqual([expected]);
  });

  test('one line may hold several ingredients', () => {
    expect(among('equal parts vinegar and water')).toEqual(['1 part white vinegar', '1 part water']);
    expect(among('1:2 vinegar to water')).toEqual(['1 part white vinegar', '2 parts water']);
    expect(among('vinegar and water 1:1')).toEqual(['1 part white vinegar', '1 part water']);
    expect(among('1 teaspoon each of salt and borax')).toEqual(['1 tsp salt', '1 tsp borax']);
    expect(among('2 cups warm water + 1/4 cup washing soda')).toEqual(['2 cups water', '¼ cup washing soda']);
    expect(among('1 cup vinegar and bleach')).toEqual(['1 cup white vinegar', 'some chlorine bleach']);
  });

  test('percentages that come to 100 are shares; a lone one is a strength', () => {
    expect(lines('60% alcohol\n40% water')).toEqual(['60 % v/v rubbing alcohol', '40 % v/v water']);
    expect(lines('1 cup water\n6% hydrogen peroxide')).toEqual(['1 cup water', 'some hydrogen peroxide (6 % w/v)']);
  });
});

describe('what is doubtful is asked', () => {
  test.each([
    ['1 cup soap', 'which-ingredient'],
    ['1 cup alcohol', 'which-ingredient'],
    ['2 tbsp soda', 'which-ingredient'],
    ['1 tsp castile soap or dish soap', 'which-ingredient'],
    ['1 tsp bakng soda', 'spelling'],
    ['2 oz vodka', 'which-unit'],
    ['lavender oil', 'how-much'],
    ['some salt', 'how-much'],
    ['a squirt of dish soap', 'vague'],
    ['3 tbsp magic powder', 'unknown-ingredient'],
    ['qwer asdf zxcv', 'unread'],
  ])('%s: %s', (written, doubt) => {
    expect(doubts(`1 cup water\n${written}`)).toContain(doubt);
  });

  test('ounces of a powder are by weight, of a liquid by volume', () => {
    expect(among('4 oz washing soda')).toEqual(['4 oz washing soda']);
    expect(among('4 oz vodka')).toEqual(['4 fl oz vodka']);
  });

  test('a correction answers it, and stays with its line', () => {
    const corrections = { '1 cup soap': { ingredient: { kind: 'known', id: 'dish-soap' } as const } };
    const item = readRecipe('1 cup water\n1 cup soap', { measures: 'us', corrections }).items[1];
    expect(item).toMatchObject({
      kind: 'line',
      doubts: [],
      corrected: true,
      line: { ingredient: { id: 'dish-soap' } },
    });
    const moved = readRecipe('1 cup soap\n1 cup water', { measures: 'us', corrections }).items[0];
    expect(moved).toMatchObject({ line: { ingredient: { id: 'dish-soap' } } });
  });

  test('a correction keeps the strength that the line states, and reads its ounces anew', () => {
    const corrected = (text: string, id: string) => {
      const corrections = { [text]: { ingredient: { kind: 'known', id } as const } };
      const item = readRecipe(`1 cup water\n${text}`, { measures: 'us', corrections }).items[1]!;
      return item.kind === 'line' ? lineText(item.line) : item.kind;
    };
    expect(corrected('1 cup alcohol (90%)', 'isopropyl-alcohol')).toBe('1 cup rubbing alcohol (90 % v/v)');
    expect(corrected('1 cup pxroxyd 12%', 'hydrogen-peroxide')).toBe('1 cup hydrogen peroxide (12 % w/v)');
    expect(corrected('4 oz soda', 'washing-soda')).toBe('4 oz washing soda');
    expect(corrected('4 oz soap', 'soap-flakes')).toBe('4 oz soap flakes');
  });

  test('a correction can say how much, and that it is a note', () => {
    const amount = readAmount('30 mL')!.amount;
    const items = readRecipe('1 cup water\nlavender oil\nqwer asdf zxcv', {
      measures: 'us',
      corrections: { 'lavender oil': { amount }, 'qwer asdf zxcv': { isNote: true } },
    }).items;
    expect(items.map((i) => i.kind)).toEqual(['line', 'line', 'note']);
    expect(items[1]).toMatchObject({ doubts: [], line: { amount } });
  });
});

describe('the whole text', () => {
  const text = `Galley glass spray

For the bottle:
1 cup white vinegar
½ cup water
Shake well before use.
Never mix with bleach.
qwer asdf`;

  test('title, lines, notes and what could not be read', () => {
    const reading = read(text);
    expect(reading.title).toBe('Galley glass spray');
    expect(reading.items.map((i: ReadItem) => i.kind)).toEqual([
      'title',
      'note',
      'line',
      'line',
      'note',
      'note',
      'unread',
    ]);
    expect(reading.items.filter((i) => i.kind === 'unread').map((i) => i.text)).toEqual(['qwer asdf']);
  });

  test('an instruction that puts something in is an ingredient, not a note', () => {
    expect(lines('1 cup vinegar\nThen add bleach and shake')).toEqual(['1 cup white vinegar', 'some chlorine bleach']);
    expect(lines('1 cup vinegar\nNever add bleach')).toEqual(['1 cup white vinegar']);
  });

  test('a title named after its job is a title; alone, or plainly an ingredient, it is an ingredient', () => {
    for (const title of ['Oven cleaner', 'Hand soap', 'Toilet bowl cleaner', 'Galley glass']) {
      expect(read(`${title}\n1 cup water`)).toMatchObject({ title, items: [{ kind: 'title' }, { kind: 'line' }] });
    }
    expect(lines('bleach\n1 cup vinegar')).toEqual(['some chlorine bleach', '1 cup white vinegar']);
    expect(lines('vinegar and bleach')).toEqual(['some white vinegar', 'some chlorine bleach']);
    expect(read('Oven cleaner').items[0]?.kind).toBe('line');
  });

  // The ways a second ingredient hides in a sentence; a lost one could be the bleach.
  test.each([
    'Add 1/4 cup of bleach to 1 gallon of vinegar.',
    'mix 2 cups of vinegar with 1 cup bleach',
    '1 cup vinegar (then a splash of bleach)',
    '1 cup vinegar mixed with enough bleach to turn it pale',
    'Mould: 1 tsp bleach in 2 cups vinegar',
    '3 parts vinegar to 1 part bleach',
    '1 cup vinegar\nPour in bleach until it foams',
    'Spray bottle full of vinegar\n1 tsp household bleach',
    '1 cup vinegar/bleach',
    '1 cup vinegar & some javel water',
    '1 cup vinegar; 1 cup blech',
  ])('both are found in %j', (text) => {
    const ids = read(text).items.flatMap((i) => {
      if (i.kind !== 'line') return [];
      const asked = i.doubts.flatMap((d) => (d.kind === 'which-ingredient' || d.kind === 'spelling' ? d.choices : []));
      return [i.line.ingredient.kind === 'known' ? i.line.ingredient.id : '', ...asked.map((c) => c.id)];
    });
    expect(ids).toEqual(expect.arrayContaining(['white-vinegar', 'chlorine-bleach']));
  });

  test('a name before a colon, and what it makes', () => {
    expect(read('Carpet freshener: 2 cups baking soda, 20 drops lavender').title).toBe('Carpet freshener');
    expect(lines('Carpet freshener: 2 cups baking soda, 20 drops lavender')).toEqual([
      '2 cups baking soda',
      '20 drops lavender oil',
    ]);
    const made = read('Floor wash (makes 4 litres)\n60 ml meths\ntop up with water');
    expect([made.title, made.header.makesML]).toEqual(['Floor wash', 4000]);
    expect(read('Glass\n1 part water\nMakes: 2 cups').header.makesML).toBeCloseTo(473.18, 1);
  });

  test('nothing a person pastes makes it throw', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 400, unit: 'binary' }), (anything) => {
        expect(Array.isArray(read(anything).items)).toBe(true);
      }),
      { numRuns: runs(300) },
    );
  });

  test('text without an ingredient makes no formula', () => {
    expect(formulaFromReading(read('hello there\nqwer'), 'x', 'My recipe', 'us')).toBeNull();
    expect(formulaFromReading(read(''), 'x', 'My recipe', 'us')).toBeNull();
  });
});

describe('a formula as text is read back', () => {
  test.each(STARTER_FORMULAS.map((f) => [f.name, f] as const))('%s', (_, formula) => {
    const reading = readRecipe(formulaText(formula), { measures: formula.measures });
    const back = formulaFromReading(reading, formula.id, '', formula.measures)!;
    expect(back.lines.map((l) => [l.ingredient, l.amount])).toEqual(formula.lines.map((l) => [l.ingredient, l.amount]));
    expect({ ...back, lines: [] }).toEqual({ ...formula, lines: [] });
  });

  test('amounts are written as they are read', () => {
    for (const written of [
      '½ cup',
      '10 to 15 drops',
      '2⅓ tbsp',
      '30 mL',
      '1 fl oz',
      '40 g',
      '3 parts',
      '5 drops per 100 mL',
      '12 g per litre',
      'a squirt',
      'a few drops',
    ]) {
      const found = readAmount(written)!;
      expect(amountText(found.amount)).toBe(written);
    }
  });
});

describe('names', () => {
  test.each(INGREDIENTS.map((i) => [i.name, i.id] as const))('%s is found by its own name', (name, id) => {
    const item = readRecipe(`1 cup water\n1 tsp ${name}`, { measures: 'us' }).items.at(-1)!;
    expect(item.kind === 'line' && item.line.ingredient).toEqual({ kind: 'known', id });
  });

  // Spellings people use; common practice, no source.
  test.each([
    ['bicarb', 'baking-soda'],
    ['bicarbonate of soda', 'baking-soda'],
    ['White Vinegar', 'white-vinegar'],
    ['distilled vinegar', 'white-vinegar'],
    ['rubbing alcohol', 'isopropyl-alcohol'],
    ['isopropyl', 'isopropyl-alcohol'],
    ['surgical spirit', 'surgical-spirit'],
    ['tea-tree', 'tea-tree-oil'],
    ['melaleuca', 'tea-tree-oil'],
    ['washing-up liquid', 'dish-soap'],
    ['soda crystals', 'washing-soda-crystals'],
    ['soda ash', 'washing-soda'],
    ['sodium percarbonate', 'oxygen-bleach'],
    ['ammonia', 'household-ammonia'],
    ['household bleach', 'chlorine-bleach'],
    ['castille soap', 'castile-soap'],
    ['hydrogen peroxyde', 'hydrogen-peroxide'],
    ['lavendar oil', 'lavender-oil'],
    ['vinegr', 'white-vinegar'],
    ['citric', 'citric-acid'],
  ])('%s is %s', (written, id) => {
    const item = readRecipe(`1 cup water\n1 tsp ${written}`, { measures: 'us' }).items.at(-1)!;
    expect(item.kind === 'line' && item.line.ingredient).toEqual({ kind: 'known', id });
  });
});

describe('several recipes in one text', () => {
  const text = 'Recipe 1: Window\n1 cup vinegar\n1 cup water\n\nRecipe 2: Mould\n1 cup bleach\n1 gallon water';

  test('are asked about; until then all lines are judged together', () => {
    const reading = read(text);
    expect(reading.recipes).toEqual(['Window', 'Mould']);
    expect(reading.items.filter((i) => i.kind === 'unread')).toMatchObject([
      { because: 'which-recipe', choices: ['Window', 'Mould'] },
      { because: 'which-recipe' },
    ]);
    expect(lines(text)).toContain('1 cup chlorine bleach');
  });

  test('the one that is chosen is read alone, and names it; the other raises nothing', () => {
    const window = readRecipe(text, { measures: 'us', recipe: 0 });
    expect(window).toMatchObject({ title: 'Window', hazards: [] });
    expect(window.items.flatMap((i) => (i.kind === 'line' ? [lineText(i.line)] : []))).toEqual([
      '1 cup white vinegar',
      '1 cup water',
    ]);
    const mould = readRecipe(text, { measures: 'us', recipe: 1 });
    expect(mould.items.flatMap((i) => (i.kind === 'line' ? [lineText(i.line)] : []))).toEqual([
      '1 cup chlorine bleach',
      '1 gallon water',
    ]);
  });
});

describe('what a person answers', () => {
  const ask = (text: string, corrections: Corrections) => readRecipe(text, { measures: 'us', corrections });

  test('a title that is only a name names it, and its hazard is answered for', () => {
    const text = 'Ammonia booster\n1 cup vinegar';
    expect(read(text)).toMatchObject({
      title: null,
      items: [{ kind: 'unread', because: 'title-with-ingredient' }, {}],
    });
    expect(ask(text, { 'Ammonia booster': { isNote: true } })).toMatchObject({ title: 'Ammonia booster', hazards: [] });
  });

  test('saying that a hazard keeps out answers nothing else of its line', () => {
    const text = '1 cup isopropyl alcohol (70% or 91%)';
    const kept = ask(`1 cup water\n${text}`, { [text]: { keepsOut: true } }).items[1];
    expect(kept).toMatchObject({ kind: 'line', doubts: [{ kind: 'how-strong' }] });
  });

  test('a hazard in a title is no other thing of the same word', () => {
    expect(read('Bleach booster\n1 cup oxygen bleach\n1 cup water').title).toBeNull();
    expect(read('Oxygen bleach booster\n1 cup oxygen bleach\n1 cup water').title).toBe('Oxygen bleach booster');
  });

  test('what a step names again is a note; with a word that nobody understands it is asked', () => {
    expect(read('1 cup vinegar\nAdd the vinegar slowly').items.at(-1)).toMatchObject({ kind: 'note' });
    expect(doubts('1 cup vinegar\nAdd the zonk vinegar')).toContain('other-words');
  });

  test('a title that goes in is a line', () => {
    const bleach = { ingredient: { kind: 'known' as const, id: 'chlorine-bleach' } };
    expect(ask('Bleach booster\n1 cup vinegar', { 'Bleach booster': bleach }).items[0]).toMatchObject({
      kind: 'line',
      line: { ingredient: bleach.ingredient },
    });
  });

  test('a hazard in a card’s sentence is asked, until it is said to keep out or a line holds it', () => {
    const text = 'Name: Spray\nHow: add bleach last\n1 cup vinegar';
    expect(read(text).hazards).toMatchObject([{ word: 'bleach', key: 'How: add bleach last' }]);
    expect(ask(text, { 'How: add bleach last': { keepsOut: true } }).hazards).toEqual([]);
    expect(read(`${text}\nbleach`).hazards).toEqual([]);
    expect(read(text.replace('How: add bleach last', 'Never on: bleach stains')).hazards).toEqual([]);
  });
});
