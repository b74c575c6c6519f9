/** The tool and the stroke that a surface is worked with, whatever is on it. Common practice, no source. */

const SOFT_SPONGE = 'A soft sponge, in circles.';
const SOFT_CLOTH = 'A soft cloth; nothing that scours.';
const STIFF_BRUSH = 'A stiff brush, along the joints.';
const NO_METAL = 'A soft cloth or a plastic scraper; no metal.';
const PRESSED = 'From the edge inward: pressed, not rubbed.';
const WITH_GRAIN = 'With the grain.';
const PAINT = 'From the bottom up, light strokes.';
const MOP = 'From the far corner to the door.';

const STROKES: Readonly<Record<string, string>> = {
  travertine: 'A soft cloth, a soft brush in its holes; nothing that scours.',
  terrazzo: MOP,
  concrete: STIFF_BRUSH,
  slate: 'A soft brush along its layers.',
  'glazed-tile': 'From the top down, in sections.',
  'unglazed-tile': 'A soft brush, then a wrung cloth.',
  'quarry-tile': MOP,
  'cement-grout': 'A narrow brush along the line.',
  'epoxy-grout': 'A narrow brush along the line.',
  'silicone-sealant': 'A soft brush along the joint.',
  glass: 'From the top down, in S-strokes.',
  'shower-door': 'From the top down, in S-strokes.',
  'stove-glass': 'In circles; no steel wool.',
  mirror: 'From the top down, off the edges.',
  'coated-screen': 'Without pressing.',
  'induction-hob': 'A soft pad.',
  'stainless-steel': 'Along the grain; no steel wool.',
  'shower-head': 'A soft brush over the jets.',
  'cast-iron': 'A brush or a wooden scraper.',
  knife: 'Along the blade, its edge away from you.',
  brass: 'Straight strokes.',
  'lacquered-brass': 'Straight strokes.',
  silver: 'Straight strokes.',
  enamel: NO_METAL,
  'oven-door-glass': NO_METAL,
  'oven-racks': 'A brush along the bars.',
  'bath-enamel': SOFT_SPONGE,
  'old-enamel': SOFT_SPONGE,
  acrylic: SOFT_SPONGE,
  polystyrene: SOFT_SPONGE,
  'ceramic-sink': SOFT_SPONGE,
  'composite-sink': SOFT_SPONGE,
  'fridge-inside': 'Into the grooves of the seal, too.',
  'vinyl-floor': MOP,
  linoleum: MOP,
  'sealed-concrete': MOP,
  'cork-floor': MOP,
  'bamboo-floor': WITH_GRAIN,
  laminate: 'Off the seams.',
  rubber: 'Into the folds.',
  'varnished-wood': WITH_GRAIN,
  'waxed-wood': WITH_GRAIN,
  'board-wood': 'With the grain, both sides.',
  'board-plastic': 'A brush along the cuts.',
  'garden-teak': 'A soft brush, with the grain.',
  'garden-plastic': 'A brush.',
  wicker: 'A soft brush into the weave.',
  'matt-paint': PAINT,
  'gloss-paint': PAINT,
  wallpaper: 'Without rubbing.',
  'wool-silk': PRESSED,
  carpet: PRESSED,
  upholstery: PRESSED,
  mattress: PRESSED,
  'blind-cloth': PRESSED,
  leather: 'From seam to seam.',
  'car-leather': 'From seam to seam.',
  'toilet-bowl': 'The brush, all round and under the rim.',
  sockets: 'Round it, never into it.',
  brick: STIFF_BRUSH,
  'outdoor-stone': STIFF_BRUSH,
  'barbecue-grate': 'A scraper or a ball of foil along the bars; no wire brush.',
  'gas-hob': 'A soft pad; the ports dry.',
  'blind-metal': 'Closed one way, then the other.',
  thermos: 'A bottle brush.',
  'drinking-glass': 'By hand, a soft brush.',
};

/** How a surface is worked once something is on it. */
export const strokeOn = (surfaceId: string): string => STROKES[surfaceId] ?? SOFT_CLOTH;
