import type { RoomKindId } from './roomKinds';

/** How likely a soil is on a surface: shown first, shown below, or offered only when asked for. */
export type Likelihood = 'common' | 'seldom' | 'unlikely';

const EVERY = ['daily-dirt', 'dust'] as const;
const KITCHEN = ['fresh-grease', 'starch-sugar', 'protein', 'tannin'] as const;
const WET = ['limescale', 'soap-scum', 'mould'] as const;

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
  ['limescale', 'soap-scum', 'mould', 'rust', 'soot', 'smell'],
);
const TILE = row([...WET, ...EVERY], [...KITCHEN, 'rust', 'burnt-on', 'sticky', 'smell', 'fingerprints']);
const OVEN = row(['burnt-on', 'fresh-grease', 'starch-sugar'], ['smell', 'rust'], 'the rest');
const BATH = row(['soap-scum', 'limescale', 'daily-dirt', 'dust'], ['rust', 'mould', 'tannin', 'sticky']);
const TAP = row(['limescale', 'soap-scum', 'fingerprints'], ['mould', 'dust', 'daily-dirt']);
const STEEL = row(
  [...EVERY, 'limescale', 'fingerprints', ...KITCHEN],
  ['rust', 'sticky', 'burnt-on', 'soap-scum', 'smell'],
  ['mould'],
);
const FLOOR = row([...EVERY, 'fresh-grease', 'starch-sugar'], ['sticky', 'mould', 'protein', 'tannin', 'smell']);
const WALL = row(
  ['dust', 'fingerprints', 'daily-dirt'],
  ['mould', 'fresh-grease', 'soot', 'sticky', 'tannin'],
  ['limescale'],
);
const PAVING = row(['moss', 'daily-dirt'], ['rust', 'fresh-grease', 'sticky', 'soot', 'mould']);

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
  concrete: row([...EVERY, 'fresh-grease', 'rust'], ['mould', 'moss', 'sticky', 'smell']),
  'glazed-tile': TILE,
  'unglazed-tile': TILE,
  'quarry-tile': TILE,
  'cement-grout': TILE,
  'epoxy-grout': TILE,
  'silicone-sealant': row(['mould', 'soap-scum', 'daily-dirt'], ['limescale', 'fresh-grease', 'smell', 'dust']),
  glass: row(
    ['dust', 'fingerprints', 'limescale', 'soap-scum'],
    ['daily-dirt', 'sticky', 'soot', 'mould', 'fresh-grease'],
  ),
  'stove-glass': row(['soot'], ['dust', 'limescale'], 'the rest'),
  mirror: row(['dust', 'fingerprints', 'daily-dirt'], ['limescale', 'soap-scum', 'sticky']),
  'coated-screen': row(['dust', 'fingerprints'], ['fresh-grease', 'sticky'], 'the rest'),
  'stainless-steel': STEEL,
  knife: STEEL,
  chrome: TAP,
  'shower-head': TAP,
  aluminium: row(
    ['fresh-grease', 'burnt-on', 'daily-dirt', 'dust'],
    ['limescale', 'mould', 'tannin', 'fingerprints', 'moss'],
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
  laminate: row([...EVERY, ...KITCHEN, 'fingerprints'], ['sticky', 'limescale', 'mould', 'smell']),
  rubber: row(['mould', 'soap-scum', 'daily-dirt'], ['limescale', 'fresh-grease', 'smell', 'dust']),
  'varnished-wood': row(['dust', 'daily-dirt', 'fingerprints'], ['fresh-grease', 'sticky', 'tannin']),
  'waxed-wood': row(
    ['dust', 'daily-dirt'],
    ['fresh-grease', 'tannin', 'sticky', 'mould', 'fingerprints'],
    ['limescale', 'soap-scum'],
  ),
  'matt-paint': WALL,
  'gloss-paint': WALL,
  wallpaper: WALL,
  'wool-silk': row(
    ['dust', 'smell', 'tannin', 'fresh-grease', 'protein'],
    ['daily-dirt', 'sticky', 'soot', 'starch-sugar'],
  ),
  cotton: row(
    ['daily-dirt', 'fresh-grease', 'protein', 'tannin'],
    ['rust', 'mould', 'sticky', 'smell', 'soot', 'starch-sugar', 'dust'],
  ),
  carpet: row(
    ['dust', 'daily-dirt', 'tannin', 'fresh-grease'],
    ['sticky', 'soot', 'protein', 'rust', 'smell', 'mould', 'starch-sugar'],
  ),
  leather: row(['dust', 'daily-dirt', 'fresh-grease'], ['mould', 'sticky', 'fingerprints']),
  'machine-inside': row(
    ['limescale', 'smell', 'mould', 'soap-scum', 'fresh-grease', 'tannin'],
    ['rust', 'starch-sugar', 'protein', 'dust', 'daily-dirt'],
  ),
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
  outdoors: ['moss', 'mould'],
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
