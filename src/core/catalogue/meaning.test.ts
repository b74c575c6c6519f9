import { meaningsOf } from './meaning';
import { SOILS, soilMeaning } from './soils';
import { SURFACES, surfaceByName, surfaceMeaning } from './surfaces';

const idsOf = (text: string): readonly string[] => {
  const meaning = surfaceMeaning(text);
  return meaning.kind === 'one' ? [meaning.row.id] : meaning.kind === 'several' ? meaning.rows.map((r) => r.id) : [];
};

describe('what a word means among surfaces', () => {
  test('an id and a name mean their own row, and every other word at least that one', () => {
    for (const surface of SURFACES) {
      expect(surfaceByName(surface.id)).toBe(surface);
      expect(surfaceByName(surface.name)).toBe(surface);
      for (const name of surface.names) expect(idsOf(name)).toContain(surface.id);
    }
    for (const soil of SOILS)
      for (const name of [soil.id, soil.name, ...soil.names])
        expect(soilMeaning(name)).toEqual({ kind: 'one', row: soil });
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
    ['my granite worktop', 'granite-sealed'],
  ])('%s is no name, and %s is the nearest', (word, id) => {
    const meaning = surfaceMeaning(word);
    expect(meaning.kind === 'none' && meaning.nearest[0]?.id).toBe(id);
  });

  test('a word that is like nothing has nothing near', () => {
    expect(surfaceMeaning('quixotry')).toEqual({ kind: 'none', nearest: [] });
    expect(surfaceMeaning('')).toEqual({ kind: 'none', nearest: [] });
  });
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
