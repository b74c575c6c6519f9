import type { Soil } from './soils';

/** What comes before any cleaner where the soil's own word does not hold for a surface. Common practice, no source. */
const CLOTHS = [
  'wool-silk',
  'carpet',
  'upholstery',
  'mattress',
  'blind-cloth',
  'cotton',
  'leather',
  'car-leather',
  'trainers',
  'tent-and-pack',
];

const ROWS: readonly { readonly soil: string; readonly on: readonly string[] | 'elsewhere'; readonly says: string }[] =
  [
    { soil: 'soot', on: ['stove-glass'], says: 'Cold door. Vacuum the loose ash.' },
    { soil: 'soot', on: 'elsewhere', says: 'Loose soot off dry: the vacuum held just off it. Wet, it is ink.' },
    {
      soil: 'limescale',
      on: [
        'kettle',
        'coffee-machine',
        'thermos',
        'steam-iron',
        'drain-and-trap',
        'washing-machine',
        'dishwasher',
        'machine-inside',
      ],
      says: '',
    },
    { soil: 'limescale', on: ['toilet-bowl'], says: 'Block and rim cleaner out; flush twice.' },
    { soil: 'daily-dirt', on: ['toilet-bowl'], says: '' },
    { soil: 'tannin', on: CLOTHS, says: 'Blot; cold water.' },
    { soil: 'tannin', on: 'elsewhere', says: 'Rinse it, or wipe up what is wet with cool water.' },
    {
      soil: 'limescale',
      on: [
        'marble',
        'limestone',
        'travertine',
        'terrazzo',
        'granite-sealed',
        'granite-unsealed',
        'slate',
        'engineered-quartz',
        'concrete',
        'unglazed-tile',
        'cement-grout',
        'old-enamel',
        'aluminium',
        'cast-iron',
      ],
      says: 'Wet it with warm water and let it soften. No acid here.',
    },
    {
      soil: 'sticky',
      on: [
        'drinking-glass',
        'board-wood',
        'garden-teak',
        'garden-plastic',
        'glass',
        'mirror',
        'acrylic',
        'polystyrene',
        'varnished-wood',
        'waxed-wood',
        'matt-paint',
        'gloss-paint',
        'wallpaper',
        'silver',
        'brass',
        'coated-screen',
      ],
      says: 'What is thick off first, softly, with a plastic card. No ice here.',
    },
    { soil: 'fresh-grease', on: ['matt-paint', 'gloss-paint', 'wallpaper'], says: 'Press paper on it; do not rub.' },
    {
      soil: 'fresh-grease',
      on: [
        'machine-inside',
        'dishwasher',
        'drain-and-trap',
        'gas-hob',
        'extractor-filter-steel',
        'extractor-filter-aluminium',
        'non-stick',
        'oven-door-glass',
        'microwave-inside',
        'jewellery',
        'barbecue-grate',
        'oven-element',
        'sockets',
        'catalytic-liner',
        'cast-iron',
        'aluminium',
        'coated-screen',
      ],
      says: 'Wipe off with paper what can be wiped.',
    },
  ];

/** What comes before any cleaner for a soil on a surface; empty where nothing does. */
export function firstHere(surfaceId: string, soil: Pick<Soil, 'id' | 'first'>): string {
  const rows = ROWS.filter((r) => r.soil === soil.id);
  const here = rows.find((r) => r.on !== 'elsewhere' && r.on.includes(surfaceId));
  return (here ?? rows.find((r) => r.on === 'elsewhere'))?.says ?? soil.first;
}
