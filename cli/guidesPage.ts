import { guideSteps, soilByName, surfaceByName, type GuideStep, type Way } from '../src/core';
import { starterWays } from './starterWays';

/**
 * The guides of varied pairs, step by step, as a person meets them: to be read as someone who cleans for a living
 * reads them, and held against the file by a test. A third word names a form or a route where the first way of the
 * pair is not the one meant.
 */
export const GUIDE_PAIRS: readonly string[] = [
  'enamel burnt-on quick',
  'enamel burnt-on overnight',
  'oven-racks burnt-on',
  'oven-door-glass burnt-on',
  'enamel fingerprints',
  'induction-hob burnt-on',
  'induction-hob starch-sugar',
  'induction-hob fresh-grease',
  'gas-hob burnt-on',
  'stainless-steel burnt-on',
  'stainless-steel limescale',
  'stainless-steel fingerprints',
  'cast-iron burnt-on',
  'cast-iron rust',
  'non-stick burnt-on',
  'aluminium burnt-on',
  'knife rust',
  'microwave-inside fresh-grease',
  'kettle limescale',
  'coffee-machine limescale',
  'coffee-machine protein',
  'dishwasher limescale',
  'washing-machine smell',
  'washing-machine mould',
  'extractor-filter-steel fresh-grease',
  'extractor-filter-aluminium fresh-grease',
  'fridge-inside smell',
  'fridge-inside daily-dirt',
  'drain-and-trap smell',
  'drain-and-trap slime',
  'thermos tannin',
  'glazed-tile tannin',
  'board-wood smell',
  'shower-head limescale',
  'chrome limescale',
  'coated-tap limescale',
  'glazed-tile limescale',
  'glazed-tile soap-scum',
  'acrylic soap-scum',
  'acrylic limescale',
  'bath-enamel soap-scum',
  'bath-enamel rust',
  'shower-door soap-scum',
  'shower-curtain mould',
  'cement-grout mould',
  'cement-grout soap-scum',
  'silicone-sealant mould',
  'toilet-bowl bowl-ring',
  'toilet-bowl daily-dirt',
  'mirror fingerprints',
  'mirror limescale',
  'glass fingerprints',
  'glass daily-dirt',
  'stove-glass soot',
  'sockets dust',
  'sockets daily-dirt',
  'coated-screen fingerprints',
  'blind-metal dust',
  'marble fresh-grease',
  'marble tannin poultice',
  'marble limescale',
  'granite-sealed daily-dirt',
  'engineered-quartz ink',
  'laminate tannin',
  'vinyl-floor daily-dirt',
  'vinyl-floor scuffs',
  'waxed-wood daily-dirt',
  'varnished-wood water-ring',
  'matt-paint mould',
  'matt-paint soot',
  'gloss-paint nicotine',
  'wallpaper daily-dirt',
  'wool-silk tannin',
  'wool-silk protein',
  'carpet urine',
  'carpet smell',
  'carpet sticky',
  'upholstery fresh-grease',
  'mattress urine',
  'cotton protein',
  'cotton deodorant',
  'cotton turmeric',
  'leather daily-dirt',
  'outdoor-stone moss',
  'outdoor-stone daily-dirt',
  'garden-teak daily-dirt',
  'barbecue-grate burnt-on',
  'brass tarnish',
  'silver silver-tarnish',
  'door-handle fingerprints',
  'trainers mud',
  'litter-tray smell',
  'jewellery daily-dirt',
  'glass bird-droppings',
  'glass sticky',
];

/** The way of a pair that is meant. @throws if there is none: our own mistake */
function wayOf(pair: string): { readonly title: string; readonly steps: readonly GuideStep[] } {
  const [surfaceId = '', soilId = '', meant = ''] = pair.split(' ');
  const surface = surfaceByName(surfaceId);
  const soil = soilByName(soilId);
  if (!surface || !soil) throw new Error(`No such pair: ${pair}`);
  const { ways } = starterWays(surface, soil);
  const isMeant = ({ method }: Way): boolean =>
    meant === '' || method.route === meant || method.form === meant || method.id.endsWith(meant);
  const way = ways.find(isMeant);
  if (!way) throw new Error(`No such way: ${pair}`);
  const route = way.method.route === null ? '' : `, ${way.method.route}`;
  return {
    title: `${surface.name}, ${soil.name.toLowerCase()}: ${way.name}${route} (${way.method.form})`,
    steps: guideSteps(way, surface, soil, ways[ways.indexOf(way) + 1] ?? null),
  };
}

function stepLines({ key, text, mind, tip }: GuideStep, i: number): string[] {
  return [
    `${i + 1}. **${key}** ${text}`,
    ...mind.map((m) => `   - Mind: ${m}`),
    ...(tip === null ? [] : [`   - ${tip}`]),
  ];
}

/** The whole page. */
export const guidesPage = (): string =>
  [
    '# Guides, step by step',
    '',
    `The guides of ${GUIDE_PAIRS.length} pairs of surface and soil, from Biscuit’s own formulas alone, on the usual area, with every ingredient at hand. Made by \`UPDATE_PAGES=1 npx jest cli/guidesPage\`; a test holds it.`,
    '',
    ...GUIDE_PAIRS.flatMap((pair) => {
      const { title, steps } = wayOf(pair);
      return [`## ${title}`, '', ...steps.flatMap(stepLines), ''];
    }),
  ].join('\n');
