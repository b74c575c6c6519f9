import { meaningsOf } from './meaning';
import { SOILS, soilMeaning } from './soils';
import { SURFACES, surfaceByName, surfaceMeaning } from './surfaces';

const idsOf = (text: string): readonly string[] => {
  const meaning = surfaceMeaning(text);
  return meaning.kind === 'one' ? [meaning.row.id] : meaning.kind === 'several' ? meaning.rows.map((r) => r.id) : [];
};

const soilIdsOf = (text: string): readonly string[] => {
  const meaning = soilMeaning(text);
  return meaning.kind === 'one' ? [meaning.row.id] : meaning.kind === 'several' ? meaning.rows.map((r) => r.id) : [];
};

describe('what a word means among surfaces', () => {
  test('an id and a name mean their own row, and every other word at least that one', () => {
    for (const surface of SURFACES) {
      expect(surfaceByName(surface.id)).toBe(surface);
      expect(surfaceByName(surface.name)).toBe(surface);
      for (const name of surface.names) expect(idsOf(name)).toContain(surface.id);
    }
    for (const soil of SOILS) for (const name of [soil.name, ...soil.names]) expect(soilIdsOf(name)).toContain(soil.id);
    for (const soil of SOILS) expect(soilMeaning(soil.id)).toEqual({ kind: 'one', row: soil });
  });

  // What the words of a home may mean: common practice, no source.
  test.each([
    ['bath', ['acrylic', 'bath-enamel', 'old-enamel']],
    ['Bathtub', ['acrylic', 'bath-enamel', 'old-enamel']],
    ['window frames', ['aluminium', 'gloss-paint', 'pvc-window-frame', 'varnished-wood']],
    ['cutlery', ['silver', 'stainless-steel']],
    ['glasses', ['coated-screen', 'drinking-glass']],
    ['sink', ['ceramic-sink', 'composite-sink', 'stainless-steel']],
    ['stove', ['enamel', 'gas-hob', 'induction-hob', 'stove-glass']],
    ['chopping board', ['board-plastic', 'board-wood']],
    ['cooker hood', ['extractor-filter-aluminium', 'extractor-filter-steel']],
    ['blinds', ['blind-cloth', 'blind-metal']],
    ['iron', ['cast-iron', 'steam-iron']],
    ['hearth', ['glazed-tile', 'marble', 'slate']],
    ['tap', ['brass', 'chrome', 'coated-tap', 'lacquered-brass']],
    ['parquet', ['varnished-wood', 'waxed-wood']],
  ])('%s may be any of %j', (word, ids) => {
    expect(surfaceByName(word)).toBeNull();
    expect([...idsOf(word)].sort()).toEqual(ids);
  });

  test.each([
    ['Knives', 'knife'],
    ['fridge', 'fridge-inside'],
    ['microwave', 'microwave-inside'],
    ['plughole', 'drain-and-trap'],
    ['kettle', 'kettle'],
    ['sofa', 'upholstery'],
    ['bed', 'mattress'],
    ['radiator', 'painted-metal'],
    ['uPVC', 'pvc-window-frame'],
    ['air fryer', 'non-stick'],
    ['BBQ', 'barbecue-grate'],
    ['sneakers', 'trainers'],
    ['rucksack', 'tent-and-pack'],
    ['bin', 'plastic-pe-pp'],
    ['quarry tiles', 'quarry-tile'],
    ['steatite', 'soapstone'],
    ['sandstone', 'slate'],
    ['enamel bath', 'bath-enamel'],
    ['oven', 'enamel'],
    ['GLAZED  TILE', 'glazed-tile'],
    ['shower-heads', 'shower-head'],
  ])('%s is %s', (word, id) => expect(idsOf(word)).toEqual([id]));

  test.each([
    ['marbel', 'marble'],
    ['stainles steel', 'stainless-steel'],
    ['wardobe mirror', 'mirror'],
  ])('%s is no name, and %s is the nearest', (word, id) => {
    const meaning = surfaceMeaning(word);
    expect(meaning.kind === 'none' && meaning.nearest[0]?.id).toBe(id);
  });

  // A word of the place is passed over; a material and a thing mean what both allow, else what is asked.
  test.each([
    ['kitchen sink', ['ceramic-sink', 'composite-sink', 'stainless-steel']],
    ['my old kettle', ['kettle']],
    ['inside of the oven', ['enamel']],
    ['bathroom tiles', ['glazed-tile']],
    ['brass tap', ['brass']],
    ['oak table', ['varnished-wood', 'waxed-wood']],
    ['marble table', ['marble']],
    ['copper bath', ['brass']],
    ['enamel cooker', ['enamel']],
    ['my kitchen shelves', ['gloss-paint', 'laminate', 'varnished-wood', 'waxed-wood']],
    ['acrylic bathtub', ['acrylic']],
    ['glass kettle', ['glass', 'kettle']],
    ['plastic windows frame', ['pvc-window-frame']],
    ['drinking glasses', ['drinking-glass']],
    ['oven shelves', ['oven-racks']],
    ['plastic', ['acrylic', 'plastic-pe-pp', 'polystyrene', 'soft-touch-plastic']],
    ['bowl', ['drinking-glass', 'glazed-tile', 'toilet-bowl']],
    ['kitchen', []],
    ['brass monkey', []],
  ])('%s: %j', (word, ids) => expect([...idsOf(word)].sort()).toEqual(ids));

  test('two letters that changed places are one slip: marble stands alone', () => {
    const meaning = surfaceMeaning('marbel');
    expect(meaning.kind === 'none' && meaning.nearest.map((r) => r.id)).toEqual(['marble']);
  });

  test('a word that is like nothing has nothing near', () => {
    expect(surfaceMeaning('quixotry')).toEqual({ kind: 'none', nearest: [] });
    expect(surfaceMeaning('')).toEqual({ kind: 'none', nearest: [] });
  });
});

describe('what a word means among soils', () => {
  // Common practice, no source.
  test.each([
    ['coffee stain', ['tannin']],
    ['old dried blood', ['protein']],
    ['stubborn limescale', ['limescale']],
    ['garlic smell', ['smell']],
    ['cat pee smell', ['smell']],
    ['urine smell', ['urine']],
    ['water marks', ['limescale', 'water-ring']],
    ['ash', ['dust', 'soot']],
    ['burnt milk', ['burnt-on']],
    ['germs', []],
    ['paint', []],
  ])('%s: %j', (word, ids) => expect([...soilIdsOf(word)].sort()).toEqual(ids));
});

test('a word on several rows is asked about, an id never', () => {
  const rows = [
    { id: 'a', name: 'One', names: ['thing', 'b'] },
    { id: 'b', name: 'Two', names: ['things'] },
  ];
  const meaning = meaningsOf(rows);
  expect(meaning('Thing')).toEqual({ kind: 'several', rows });
  expect(meaning('b')).toEqual({ kind: 'one', row: rows[1] });
  expect(meaning('two')).toEqual({ kind: 'one', row: rows[1] });
});
