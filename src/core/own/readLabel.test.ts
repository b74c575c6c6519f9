import { ingredientById } from '../catalogue/lookup';
import { SUBSTANCES } from '../catalogue/substances';
import { LABEL_NAMES } from './labelNames';
import { labelContents, isCasNumber, readLabel } from './readLabel';

const read = (text: string) =>
  readLabel(text).map(({ words, is, share }) => [words, is, share && [share.low, share.high, share.basis]]);

// The bands are those of Regulation (EC) No 648/2004 on detergents, annex VII A.
test.each<[string, unknown]>([
  ['15–30 % anionic surfactants', [['anionic surfactants', 'surfactant', [15, 30, 'w/w']]]],
  ['15-30 % anionic surfactants', [['anionic surfactants', 'surfactant', [15, 30, 'w/w']]]],
  ['anionic surfactants 5-15%', [['anionic surfactants', 'surfactant', [5, 15, 'w/w']]]],
  ['0.1-1 % 2-propanol', [['2-propanol', 'isopropanol', [0.1, 1, 'w/w']]]],
  ['15 % or over but less than 30 % anionic surfactants', [['anionic surfactants', 'surfactant', [15, 30, 'w/w']]]],
  ['less than 5% non-ionic surfactants', [['non-ionic surfactants', 'surfactant', [0, 5, 'w/w']]]],
  ['Non-ionic surfactants < 5 %', [['Non-ionic surfactants', 'surfactant', [0, 5, 'w/w']]]],
  [
    '30 % and more oxygen-based bleaching agents',
    [['oxygen-based bleaching agents', 'hydrogen-peroxide', [30, 100, 'w/w']]],
  ],
  ['≥ 5 - < 15 % soap', [['soap', 'soap', [5, 15, 'w/w']]]],
  ['Sodium hypochlorite 4,5 %', [['Sodium hypochlorite', 'sodium-hypochlorite', [4.5, 4.5, 'w/w']]]],
  ['Citric acid (5 g/100 ml)', [['Citric acid', 'citric-acid', [5, 5, 'w/v']]]],
  ['Ethanol 70 % vol.', [['Ethanol', 'ethanol', [70, 70, 'v/v']]]],
  ['Acetic acid up to 10 %', [['Acetic acid', 'acetic-acid', [0, 10, 'w/w']]]],
  ['Alcohols, C12-14, ethoxylated', [['Alcohols, C12-14, ethoxylated', 'surfactant', null]]],
])('%j', (text, parts) => {
  expect(read(text)).toEqual(parts);
});

test('one share stands before a row of classes, and not before what follows them', () => {
  expect(read('Contains: <5% anionic surfactants, non-ionic surfactants, perfume, limonene; 5–15 % soap')).toEqual([
    ['anionic surfactants', 'surfactant', [0, 5, 'w/w']],
    ['non-ionic surfactants', 'surfactant', [0, 5, 'w/w']],
    ['perfume', null, null],
    ['limonene', 'sweet-orange-oil', null],
    ['soap', 'soap', [5, 15, 'w/w']],
  ]);
});

test('a share behind a name is of that name alone', () => {
  expect(read('Benzalkonium chloride 0.5 %, alkyl (C12-16) dimethylbenzyl ammonium chloride, CI 19140')).toEqual([
    ['Benzalkonium chloride', 'quaternary-ammonium', [0.5, 0.5, 'w/w']],
    ['alkyl (C12-16) dimethylbenzyl ammonium chloride', 'quaternary-ammonium', null],
    ['CI 19140', null, null],
  ]);
});

// White vinegar of the catalogue is 4 to 6 percent acetic acid: a label of 50 percent vinegar holds half of that.
test('a thing of the kitchen holds what the kitchen’s holds', () => {
  const [vinegar] = labelContents(readLabel('50 % white vinegar'));
  const known = ingredientById('white-vinegar')!.contents[0]!;
  expect(vinegar).toEqual({
    substance: 'acetic-acid',
    low: known.low / 2,
    high: known.high / 2,
    percent: (known.low + known.high) / 4,
    basis: 'w/w',
  });
  // Without a share it is anything from none of it to all of it.
  expect(labelContents(readLabel('white vinegar'))[0]).toMatchObject({ low: 0, high: known.high });
  expect(read('lavender oil 2 %')).toEqual([['lavender oil', 'lavender-oil', [2, 2, 'w/w']]]);
});

test('a stretch of text that is no name is asked about, whatever stands in it', () => {
  const [only, ...more] = read(`Shake it, but keep it away from soap ${'or from any other thing '.repeat(12)}`).slice(
    1,
  );
  expect([only?.slice(1), more]).toEqual([[undefined, null], []]);
});

test('what is no thing is no part', () => {
  expect(read('pH 12.5. Contains potassium hydroxide.')).toEqual([
    ['potassium hydroxide', 'potassium-hydroxide', null],
  ]);
  expect(read('sodium hypochlorite (4.5 g per 100 g)')).toEqual([
    ['sodium hypochlorite', 'sodium-hypochlorite', [4.5, 4.5, 'w/w']],
  ]);
});

test('what it does not know it gives back as not known, with its share', () => {
  expect(read('2 % purple stuff, citric acid 3 %')).toEqual([
    ['purple stuff', undefined, [2, 2, 'w/w']],
    ['citric acid', 'citric-acid', [3, 3, 'w/w']],
  ]);
});

// Invented sheets in the layout of Regulation (EU) 2020/878, annex II, section 3.2: numbers, then concentration, then classes.
const BLEACH_SHEET = `SECTION 3: Composition/information on ingredients
3.2 Mixtures
Sodium hypochlorite, solution ... % Cl active
CAS 7681-52-9  EC 231-668-3  Index 017-011-00-1  REACH 01-2119488154-34-0000
2.5 - < 5 %
Skin Corr. 1B, H314; Aquatic Acute 1, H400 (M = 10); EUH031: C ≥ 5 %
Sodium hydroxide
CAS 1310-73-2  EC 215-185-5
< 1 %
Skin Corr. 1A, H314; Met. Corr. 1, H290`;
const ACID_SHEET = `Name | CAS | EC | % | Classification
Hydrochloric acid | 7647-01-0 | 231-595-7 | 9 - 10 | Skin Corr. 1B H314, STOT SE 3 H335
Alcohols, C12-14, ethoxylated | 68439-50-9 | 500-213-3 | 0.5 - 1.5 | Eye Dam. 1 H318
Somethingol | 50-00-0 | 200-001-8 | < 0.1 | Carc. 1B H350`;

test('section 3 of a safety sheet: by its numbers, each with its own share', () => {
  expect(read(BLEACH_SHEET).map(([, is, share]) => [is, share])).toEqual([
    ['sodium-hypochlorite', [2.5, 5, 'w/w']],
    ['sodium-hydroxide', [0, 1, 'w/w']],
  ]);
  expect(read(ACID_SHEET)).toEqual([
    ['Hydrochloric acid', 'hydrogen-chloride', [9, 10, 'w/w']],
    ['Alcohols, C12-14, ethoxylated', 'surfactant', [0.5, 1.5, 'w/w']],
    ['Somethingol', undefined, [0, 0.1, 'w/w']],
  ]);
});

test.each([
  [
    'a share before each number, a line each',
    'Citric acid 5 - 10 % 77-92-9 201-069-1\nSodium hydroxide 1 - 2 % 1310-73-2',
  ],
  ['all in one line, before', 'Citric acid 5 - 10 % 77-92-9, Sodium hydroxide 1 - 2 % 1310-73-2 215-185-5'],
  ['all in one line, after', 'Citric acid (CAS 77-92-9) 5 - 10 %, Sodium hydroxide (CAS 1310-73-2) 1 - 2 %'],
  ['names above, shares below', 'Citric acid\nCAS 77-92-9\n5 - 10 %\nSodium hydroxide\nCAS 1310-73-2\n1 - 2 %'],
  ['a table, a column missing', '77-92-9\t201-069-1\t5 - 10 %\n1310-73-2\t\t1 - 2 %'],
])('section 3, %s', (_, sheet) => {
  expect(read(sheet).map(([, is, share]) => [is, share])).toEqual([
    ['citric-acid', [5, 10, 'w/w']],
    ['sodium-hydroxide', [1, 2, 'w/w']],
  ]);
});

test('what a sheet names without a number is not lost', () => {
  expect(
    read('Citric acid 77-92-9 5 - 10 %\nTrade secret scent 1 - 5 %\nConcentration 5 - 10 %\nH319: C >= 20 %'),
  ).toEqual([
    ['Citric acid', 'citric-acid', [5, 10, 'w/w']],
    ['Trade secret scent', undefined, [1, 5, 'w/w']],
  ]);
  // Its share may stand beside its name, above its number: it is one thing.
  expect(read('Citric acid 5 - 10 %\nCAS 77-92-9 EC 201-069-1')).toEqual([
    ['Citric acid', 'citric-acid', [5, 10, 'w/w']],
  ]);
});

test('in a row its name is what stands before its number, or above it; failing both, its number', () => {
  expect(read('Wibblethane\nCAS 50-00-0\n2 %')).toEqual([['Wibblethane', undefined, [2, 2, 'w/w']]]);
  expect(read('Wibblethane, EC No 200-001-8, CAS 50-00-0, 2 %')[0]?.[0]).toMatch(/^Wibblethane/);
  expect(read('50-00-0 2 %')[0]?.[0]).toBe('50-00-0');
  // A name that is known, without a register's number that is.
  expect(read('Citric acid 50-00-0 2 %')[0]?.[1]).toBe('citric-acid');
});

test('shares of one substance are added up, and no more than all of it', () => {
  expect(labelContents(readLabel('15–30 % anionic surfactants\n< 5 % non-ionic surfactants\nperfume'))).toEqual([
    { substance: 'surfactant', percent: 25, low: 15, high: 35, basis: 'w/w' },
  ]);
  expect(labelContents(readLabel('≥ 60 % anionic surfactants\n60 % soap'))[0]).toMatchObject({ low: 60, high: 100 });
});

test('every number of the table has the right check digit, and every name one meaning', () => {
  for (const { cas, is } of LABEL_NAMES) {
    expect(cas.filter((number) => !isCasNumber(number))).toEqual([]);
    if (is !== null) expect(SUBSTANCES.map((s) => s.id)).toContain(is);
  }
  const names = LABEL_NAMES.flatMap((n) => n.names);
  expect(names.filter((name, i) => names.indexOf(name) !== i)).toEqual([]);
  const numbers = LABEL_NAMES.flatMap((n) => n.cas);
  expect(numbers.filter((number, i) => numbers.indexOf(number) !== i)).toEqual([]);
  // Water is 7732-18-5: 8·1 + 1·2 + 2·3 + 3·4 + 7·5 + 7·6 = 105.
  expect(isCasNumber('7732-18-5')).toBe(true);
  expect(isCasNumber('7732-18-4')).toBe(false);
});
