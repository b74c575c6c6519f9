import type { RoomKindId } from './roomKinds';

/** How likely a soil is on a surface: shown first, shown below, or offered only when asked for. */
export type Likelihood = 'common' | 'seldom' | 'unlikely';

const EVERY = ['daily-dirt', 'dust'] as const;
const KITCHEN = ['fresh-grease', 'starch-sugar', 'protein', 'tannin', 'turmeric'] as const;
const WET = ['limescale', 'soap-scum', 'mould'] as const;
const ANIMAL = ['urine', 'vomit'] as const;
const OUT = ['moss', 'mud', 'bird-droppings', 'pollen', 'tar'] as const;

interface Row {
  readonly common: readonly string[];
  readonly seldom: readonly string[];
  /** What no room brings to it. */
  readonly never: readonly string[] | 'the rest';
}

const row = (common: readonly string[], seldom: readonly string[] = [], never: Row['never'] = []): Row => ({
  common,
  seldom,
  never,
});

const STONE = row(
  [...EVERY, ...KITCHEN, 'fingerprints', 'sticky'],
  ['limescale', 'soap-scum', 'mould', 'rust', 'soot', 'smell', 'ink', 'vomit', 'crayon'],
);
const TILE = row(
  [...WET, ...EVERY, 'mud'],
  [...KITCHEN, 'rust', 'burnt-on', 'sticky', 'smell', 'fingerprints', 'hair-dye', 'nicotine', ...ANIMAL, 'crayon'],
);
const OVEN = row(['burnt-on', 'fresh-grease', 'starch-sugar'], ['smell', 'rust'], 'the rest');
const BATH = row(
  ['soap-scum', 'limescale', 'daily-dirt', 'dust'],
  ['rust', 'mould', 'tannin', 'sticky', 'hair-dye', 'make-up'],
);
const TAP = row(['limescale', 'soap-scum', 'fingerprints'], ['mould', 'dust', 'daily-dirt', 'slime']);
const STEEL = row(
  [...EVERY, 'limescale', 'fingerprints', ...KITCHEN],
  ['rust', 'sticky', 'burnt-on', 'soap-scum', 'smell'],
  ['mould'],
);
const FLOOR = row(
  [...EVERY, 'fresh-grease', 'starch-sugar'],
  ['mud', 'sticky', 'mould', 'protein', 'tannin', 'smell', 'tar', 'ink', 'nail-varnish', ...ANIMAL, 'scuffs', 'crayon'],
);
const WALL = row(
  ['dust', 'fingerprints', 'daily-dirt'],
  ['scuffs', 'mould', 'crayon', 'ink', 'fresh-grease', 'nicotine', 'soot', 'sticky', 'tannin'],
  ['limescale'],
);
const PAVING = row(
  ['moss', 'mud', 'daily-dirt', 'bird-droppings'],
  ['rust', 'fresh-grease', 'sticky', 'soot', 'mould', 'tar'],
);

/** Which soils a surface can have. Common practice, no source. */
const SOILS_ON: Readonly<Record<string, Row>> = {
  marble: STONE,
  limestone: STONE,
  travertine: STONE,
  terrazzo: STONE,
  'granite-sealed': STONE,
  'granite-unsealed': STONE,
  slate: STONE,
  soapstone: STONE,
  'engineered-quartz': STONE,
  concrete: row([...EVERY, 'fresh-grease', 'rust', 'mud'], ['mould', 'moss', 'sticky', 'smell', 'tar', ...ANIMAL]),
  'sealed-concrete': row([...EVERY, 'fresh-grease', 'rust', 'mud'], ['mould', 'sticky', 'smell', 'tar', ...ANIMAL]),
  'glazed-tile': TILE,
  'unglazed-tile': TILE,
  'quarry-tile': TILE,
  'cement-grout': TILE,
  'epoxy-grout': TILE,
  'silicone-sealant': row(
    ['mould', 'soap-scum', 'slime', 'daily-dirt'],
    ['limescale', 'fresh-grease', 'smell', 'dust', 'hair-dye'],
  ),
  glass: row(
    ['dust', 'fingerprints', 'limescale', 'soap-scum'],
    ['daily-dirt', 'sticky', 'soot', 'mould', 'fresh-grease', 'pollen', 'bird-droppings', 'nicotine', 'tar', 'crayon'],
  ),
  'stove-glass': row(['soot'], ['dust', 'limescale'], 'the rest'),
  mirror: row(['dust', 'fingerprints', 'daily-dirt'], ['limescale', 'soap-scum', 'sticky', 'make-up']),
  'coated-screen': row(['dust', 'fingerprints'], ['fresh-grease', 'sticky'], 'the rest'),
  'stainless-steel': STEEL,
  knife: STEEL,
  chrome: TAP,
  'shower-head': TAP,
  aluminium: row(
    ['fresh-grease', 'burnt-on', 'daily-dirt', 'dust'],
    ['limescale', 'mould', 'tannin', 'fingerprints', 'moss', 'pollen', 'bird-droppings'],
  ),
  'cast-iron': row(
    ['burnt-on', 'rust', 'fresh-grease'],
    ['protein', 'starch-sugar', 'smell', 'limescale'],
    ['mould', 'soap-scum'],
  ),
  brass: row(['tarnish', 'fingerprints'], ['dust', 'limescale', 'sticky', 'daily-dirt'], ['mould']),
  'lacquered-brass': row(['dust', 'fingerprints'], ['daily-dirt']),
  silver: row(['silver-tarnish'], ['protein', 'sticky', 'fingerprints', 'dust'], ['mould', 'limescale', 'soap-scum']),
  enamel: OVEN,
  'oven-racks': OVEN,
  'catalytic-liner': OVEN,
  'oven-element': row(['dust', 'fresh-grease'], [], 'the rest'),
  sockets: row(['dust', 'fresh-grease'], ['daily-dirt', 'fingerprints'], 'the rest'),
  'bath-enamel': BATH,
  'old-enamel': BATH,
  acrylic: BATH,
  'induction-hob': row(
    ['burnt-on', 'fresh-grease', 'starch-sugar', 'fingerprints'],
    ['limescale', 'dust', 'daily-dirt', 'protein'],
    ['mould'],
  ),
  polystyrene: row(
    ['daily-dirt', 'smell', 'tannin', 'sticky', 'fresh-grease', 'starch-sugar', 'protein'],
    ['mould', 'dust'],
  ),
  'vinyl-floor': FLOOR,
  linoleum: FLOOR,
  laminate: row(
    [...EVERY, ...KITCHEN, 'fingerprints'],
    ['sticky', 'limescale', 'mould', 'smell', 'ink', 'nail-varnish', 'crayon', 'scuffs', 'mud'],
  ),
  rubber: row(['mould', 'soap-scum', 'daily-dirt'], ['limescale', 'fresh-grease', 'smell', 'dust']),
  'varnished-wood': row(
    ['dust', 'daily-dirt', 'fingerprints', 'water-ring'],
    ['fresh-grease', 'sticky', 'tannin', 'ink', 'nicotine', 'nail-varnish', 'mud', 'scuffs', 'crayon', ...ANIMAL],
  ),
  'waxed-wood': row(
    ['dust', 'daily-dirt', 'water-ring'],
    ['fresh-grease', 'tannin', 'sticky', 'mould', 'fingerprints', 'ink', 'scuffs', ...ANIMAL],
    ['limescale', 'soap-scum'],
  ),
  'matt-paint': WALL,
  'gloss-paint': WALL,
  wallpaper: WALL,
  'wool-silk': row(
    ['dust', 'smell', 'tannin', 'fresh-grease', 'protein'],
    ['daily-dirt', 'sticky', 'soot', 'starch-sugar', 'sweat', 'ink', 'mud', 'make-up', ...ANIMAL],
  ),
  cotton: row(
    ['daily-dirt', 'fresh-grease', 'protein', 'tannin', 'sweat', 'deodorant', 'make-up', 'mud', 'turmeric'],
    [
      'rust',
      'mould',
      'sticky',
      'smell',
      'soot',
      'starch-sugar',
      'dust',
      'ink',
      'crayon',
      'tar',
      'sunscreen',
      'hair-dye',
      'pollen',
      ...ANIMAL,
    ],
  ),
  carpet: row(
    ['dust', 'daily-dirt', 'tannin', 'fresh-grease', 'mud', ...ANIMAL],
    ['sticky', 'soot', 'protein', 'rust', 'smell', 'mould', 'starch-sugar', 'ink', 'nail-varnish', 'make-up'],
  ),
  leather: row(['dust', 'daily-dirt', 'fresh-grease'], ['mould', 'sticky', 'fingerprints', 'ink', 'mud']),
  'car-leather': row(['dust', 'daily-dirt', 'fresh-grease'], ['sticky', 'fingerprints', 'ink', 'mud']),
  'machine-inside': row(
    ['limescale', 'smell', 'mould', 'soap-scum', 'fresh-grease', 'tannin'],
    ['rust', 'starch-sugar', 'protein', 'dust', 'daily-dirt'],
  ),
  'fridge-inside': row(
    ['daily-dirt', 'starch-sugar', 'protein', 'smell', 'mould'],
    ['tannin', 'sticky', 'slime', 'fresh-grease'],
    ['limescale', 'soap-scum', 'turmeric'],
  ),
  'microwave-inside': row(
    ['fresh-grease', 'starch-sugar', 'protein', 'smell'],
    ['burnt-on', 'turmeric', 'daily-dirt'],
    'the rest',
  ),
  kettle: row(['limescale'], ['smell', 'rust'], 'the rest'),
  'coffee-machine': row(['limescale', 'tannin', 'slime', 'protein'], ['smell'], 'the rest'),
  'washing-machine': row(
    ['smell', 'slime', 'mould', 'limescale', 'soap-scum'],
    ['rust', 'dust', 'daily-dirt', 'ink'],
    'the rest',
  ),
  dishwasher: row(
    ['limescale', 'fresh-grease', 'smell'],
    ['slime', 'starch-sugar', 'rust', 'protein', 'daily-dirt'],
    'the rest',
  ),
  'drain-and-trap': row(['smell', 'slime', 'dust', 'fresh-grease', 'soap-scum'], ['limescale'], 'the rest'),
  'ceramic-sink': row(
    [...EVERY, 'limescale', 'tannin', 'fresh-grease', 'scuffs'],
    ['rust', 'turmeric', 'soap-scum', 'hair-dye', 'make-up'],
  ),
  'composite-sink': row(
    [...EVERY, 'limescale', 'tannin', 'fresh-grease'],
    ['rust', 'turmeric', 'soap-scum', 'starch-sugar', 'protein'],
  ),
  'non-stick': row(['fresh-grease', 'burnt-on'], ['starch-sugar', 'protein', 'limescale', 'smell'], 'the rest'),
  'drinking-glass': row(
    ['limescale', 'fingerprints', 'tannin', 'protein', 'starch-sugar'],
    ['make-up', 'sticky', 'dust'],
    'the rest',
  ),
  thermos: row(['tannin', 'smell'], ['limescale', 'protein', 'mould'], 'the rest'),
  'board-wood': row(
    ['fresh-grease', 'smell', 'tannin', 'turmeric', 'protein'],
    ['mould', 'sticky', 'starch-sugar'],
    ['limescale', 'soap-scum'],
  ),
  'board-plastic': row(
    ['daily-dirt', 'smell', 'tannin', 'turmeric', 'fresh-grease'],
    ['mould', 'slime', 'protein', 'starch-sugar'],
    ['limescale', 'soap-scum'],
  ),
  'plastic-pe-pp': row(
    ['daily-dirt', 'smell', 'tannin', 'turmeric', 'sticky', 'fresh-grease'],
    ['mould', 'slime', 'crayon', 'ink', 'dust', 'protein', 'starch-sugar'],
  ),
  'soft-touch-plastic': row(
    ['fingerprints', 'daily-dirt', 'dust'],
    ['sticky', 'nicotine', 'ink', 'crayon'],
    'the rest',
  ),
  'door-handle': row(['fingerprints', 'daily-dirt', 'dust'], ['sticky', 'nicotine', 'crayon'], 'the rest'),
  'extractor-filter-steel': row(['fresh-grease', 'dust'], ['burnt-on'], 'the rest'),
  'extractor-filter-aluminium': row(['fresh-grease', 'dust', 'burnt-on', 'daily-dirt'], ['limescale'], 'the rest'),
  'gas-hob': row(['burnt-on', 'fresh-grease', 'starch-sugar'], ['rust', 'daily-dirt', 'dust', 'protein'], 'the rest'),
  'oven-door-glass': row(['burnt-on', 'fresh-grease'], ['dust', 'starch-sugar'], 'the rest'),
  'shower-door': row(['limescale', 'soap-scum'], ['mould', 'hair-dye', 'fingerprints', 'daily-dirt'], 'the rest'),
  'shower-curtain': row(['mould', 'soap-scum'], ['limescale', 'hair-dye', 'daily-dirt'], 'the rest'),
  mattress: row(
    ['dust', 'sweat', 'smell', 'protein', 'urine'],
    ['vomit', 'tannin', 'make-up', 'daily-dirt', 'mould'],
    'the rest',
  ),
  upholstery: row(
    ['dust', 'daily-dirt', 'fresh-grease', 'tannin', 'protein'],
    ['ink', 'sticky', 'urine', 'vomit', 'smell', 'make-up', 'mud', 'starch-sugar', 'mould'],
  ),
  trainers: row(['mud', 'daily-dirt', 'smell'], ['sticky', 'fresh-grease', 'mould', 'tar', 'tannin'], 'the rest'),
  'tent-and-pack': row(
    ['mud', 'daily-dirt', 'smell'],
    ['mould', 'bird-droppings', 'tar', 'sweat', 'sunscreen'],
    'the rest',
  ),
  'coated-tap': TAP,
  'blind-metal': row(['dust', 'daily-dirt'], ['fresh-grease', 'nicotine', 'mould', 'fingerprints'], 'the rest'),
  'blind-cloth': row(['dust', 'daily-dirt'], ['fresh-grease', 'nicotine', 'mould'], 'the rest'),
  'painted-metal': row(
    ['dust', 'fingerprints', 'daily-dirt'],
    ['rust', 'nicotine', 'crayon', 'sticky', 'moss', 'bird-droppings', 'fresh-grease'],
  ),
  'pvc-window-frame': row(
    ['daily-dirt', 'dust', 'pollen'],
    ['mould', 'moss', 'bird-droppings', 'nicotine', 'sticky', 'tar', 'fingerprints'],
  ),
  'cork-floor': FLOOR,
  'bamboo-floor': FLOOR,
  'garden-teak': row(
    ['daily-dirt', 'moss', 'bird-droppings', 'pollen', 'dust'],
    ['tannin', 'sticky', 'mould', 'fresh-grease', 'tar'],
    'the rest',
  ),
  'garden-plastic': row(
    ['daily-dirt', 'moss', 'bird-droppings', 'pollen', 'dust'],
    ['tannin', 'sunscreen', 'sticky', 'mould', 'fresh-grease'],
    'the rest',
  ),
  'barbecue-grate': row(['burnt-on', 'fresh-grease'], ['rust', 'bird-droppings', 'starch-sugar'], 'the rest'),
  'litter-tray': row(['urine', 'smell', 'daily-dirt'], ['limescale', 'slime'], 'the rest'),
  jewellery: row(['fresh-grease', 'soap-scum', 'daily-dirt'], ['dust'], 'the rest'),
  wicker: row(['dust', 'daily-dirt'], ['mould', 'sticky', 'bird-droppings'], 'the rest'),
  'steam-iron': row(['limescale'], ['burnt-on'], 'the rest'),
  'toilet-bowl': row(
    ['bowl-ring', 'limescale', 'daily-dirt', 'smell'],
    ['rust', 'mould'],
    ['fresh-grease', 'soap-scum'],
  ),
  brick: PAVING,
  'outdoor-stone': PAVING,
};

/** What a room brings to what its surfaces can have at all. */
const ROOM_BRINGS: Readonly<Partial<Record<RoomKindId, readonly string[]>>> = {
  kitchen: KITCHEN,
  bathroom: WET,
  toilet: ['limescale', 'mould'],
  outdoors: [...OUT, 'mould'],
};

/** The soils that a surface can have, the likeliest first. */
export const soilsOn = (surfaceId: string): readonly string[] => {
  const here = SOILS_ON[surfaceId];
  return here ? [...here.common, ...here.seldom] : [];
};

/**
 * How likely a soil is on a surface. A room makes what it brings common on what can have it at all.
 * @param room the kind of room; null where it is not known
 */
export function likelihoodOf(surfaceId: string, soilId: string, room: RoomKindId | null = null): Likelihood {
  const here = SOILS_ON[surfaceId];
  if (!here) return 'seldom';
  if (here.common.includes(soilId)) return 'common';
  const brought = room !== null && (ROOM_BRINGS[room] ?? []).includes(soilId);
  if (here.seldom.includes(soilId)) return brought ? 'common' : 'seldom';
  return brought && here.never !== 'the rest' && !here.never.includes(soilId) ? 'seldom' : 'unlikely';
}
