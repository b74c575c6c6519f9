import { ingredientById } from '../catalogue/lookup';
import type { AfterStep, Method } from '../catalogue/methods';
import type { Soil } from '../catalogue/soils';
import type { Surface } from '../catalogue/surface';
import type { UseForm } from '../catalogue/useForms';
import type { Way } from './way';

/** What the steps of a guide say, by the form of a method, the surface and the soil. Common practice, no source. */

/** What each form is, where a method does not say it in its own words. */
const APPLY: Readonly<Record<UseForm, string>> = {
  dry: 'Dry, from the top down.',
  cloth: 'Put it on the cloth, wring it, and wipe.',
  spray: 'Spray it on evenly, and leave it.',
  bucket: 'Wring the mop or cloth well, and wipe.',
  paste: 'Spread it where the soil is, 1 to 2 mm thick.',
  strew: 'Strew it evenly, a thin layer.',
  absorb: 'Strew it thick on the spot.',
  blot: 'Dab it on with a white cloth, from the edge inward; no rubbing.',
  soak: 'Lay it in until it is under.',
  fill: 'Fill it to above the mark.',
  bag: 'Wrap it round with paper or a cloth wet with it.',
  steam: 'A bowl of boiling water, the door shut.',
  machine: 'Into the empty machine, and run it.',
  pour: 'Pour it in.',
  foil: 'Foil in a bowl, the piece on it, and pour it over hot.',
  heat: 'Warm it through a dry cloth.',
  cold: 'Ice in a bag on it.',
  hand: 'Rub it in with a cloth.',
  air: 'Set it out.',
  pieces: 'Drop it in.',
};

/** Cloth that lies where it is and is not put into the wash. */
const PILE = ['wool-silk', 'carpet', 'upholstery', 'mattress', 'blind-cloth'];
const FLOORS = [
  'vinyl-floor',
  'linoleum',
  'quarry-tile',
  'unglazed-tile',
  'terrazzo',
  'concrete',
  'sealed-concrete',
  'cork-floor',
  'bamboo-floor',
];
/** What goes under a tap. */
const UNDER_A_TAP = [
  'knife',
  'board-wood',
  'board-plastic',
  'drinking-glass',
  'silver',
  'jewellery',
  'non-stick',
  'cast-iron',
  'oven-racks',
  'extractor-filter-steel',
  'extractor-filter-aluminium',
];

/** What is done with what is wiped off at once, and with what is left on. */
const AT_ONCE: Readonly<Partial<Record<UseForm, string>>> = { paste: 'Rub it on with a damp cloth.' };
const LEFT_ON: Readonly<Partial<Record<UseForm, string>>> = { cloth: 'Wet a cloth with it, and wipe it on.' };

/** What is done to put it on. @param isAtOnce true for what is not waited for */
export const applyWords = ({ does, form }: Method, isAtOnce: boolean): string =>
  does ?? (isAtOnce ? AT_ONCE : LEFT_ON)[form] ?? APPLY[form];

/** What lies ready for a form beside what is used up. */
const TOOLS: Readonly<Partial<Record<UseForm, readonly string[]>>> = {
  cloth: ['a soft cloth'],
  hand: ['a soft cloth'],
  spray: ['a sponge or cloth'],
  paste: ['a spoon or brush to spread it', 'a soft cloth'],
  blot: ['white cloths', 'a bowl of clear water'],
  soak: ['a tub or sink it fits into'],
  bag: ['a bag and a rubber band, or kitchen paper'],
  foil: ['a bowl', 'aluminium foil'],
  cold: ['ice in a bag', 'a plastic scraper'],
};

const isPaved = (id: string): boolean => id === 'concrete' || id === 'outdoor-stone' || id === 'brick';

/** What lies ready where the surface decides it. */
function toolsFor({ form, does }: Method, { group, id }: Surface): readonly string[] {
  if (form === 'hand' && does !== null) return [];
  if (form === 'bucket') {
    const by = isPaved(id) ? 'a stiff broom' : group === 'outdoors' ? 'a brush' : 'a mop or cloth';
    return ['a bucket', by];
  }
  if (form === 'bag' && id === 'silicone-sealant') return ['kitchen paper'];
  if (form === 'soak' && id === 'jewellery') return ['a bowl'];
  return TOOLS[form] ?? [];
}

const AFTER_TOOLS: Readonly<Partial<Record<AfterStep, string>>> = {
  'damp-cloth': 'a cloth for clear water',
  dry: 'a dry cloth',
  buff: 'a dry microfibre',
};

/** What has to be at hand before it is begun; empty where it is nothing that the step itself does not name. */
export function atHand({ method, candidate }: Way, surface: Surface): readonly string[] {
  const own = candidate?.from === 'shelf' ? [`your ${candidate.formula.name}`] : [];
  const brought = method.brings.flatMap((id) => ingredientById(id)?.name.toLowerCase() ?? []);
  const tools = toolsFor(method, surface);
  const isWiped = method.form === 'cloth' || method.form === 'spray' || method.form === 'paste';
  const after = isWiped ? method.after.flatMap((a) => AFTER_TOOLS[a] ?? []) : [];
  const stroke = /scraper/i.test(method.stroke ?? '')
    ? ['a plastic scraper']
    : /brush/i.test(method.stroke ?? '')
      ? ['a brush']
      : [];
  return [...own, ...brought, ...tools, ...stroke, ...after];
}

function rinseWords({ form }: Method, { id, group }: Surface): string {
  if (id === 'litter-tray') return 'Rinse it with plain water, into the toilet.';
  if (form === 'fill') return 'Pour it out, and rinse twice with plain water.';
  if (form === 'pour') return 'Flush with plenty of water.';
  if (id === 'cotton') return 'Rinse it through with cool water.';
  if (form === 'soak' || UNDER_A_TAP.includes(id)) return 'Rinse it under running water.';
  if (group === 'outdoors' || id === 'concrete') return 'Rinse with plain water, away from the plants.';
  if (form === 'paste') return 'Wipe with a wet cloth, rinsed often, until nothing white is left.';
  return 'Rinse with plain water, or wipe twice with a wet cloth.';
}

function dryWords({ form }: Method, { id, group }: Surface): string {
  if (PILE.includes(id)) return 'Press it dry with a towel; then moving air, until it is dry right through.';
  if (id === 'leather' || id === 'car-leather') return 'Dry it with a soft cloth, away from heat.';
  if (id === 'trainers' || id === 'tent-and-pack') return 'Let it dry in the air, away from heat.';
  if (id === 'cast-iron') return 'Dry it over low heat at once.';
  if (id === 'board-wood') return 'Stand it on edge to dry.';
  if (id === 'shower-curtain') return 'Hang it up, drawn out.';
  if (form === 'fill' && id !== 'stainless-steel') return 'Let it dry, open.';
  if (form === 'bucket' || (FLOORS.includes(id) && form === 'cloth')) return 'Let it dry before anyone walks on it.';
  if (group === 'outdoors') return 'Let it dry.';
  if (id.startsWith('extractor-filter') || id === 'oven-racks') return 'Dry it well before it goes back.';
  if (group === 'wood') return 'Dry it at once with a clean cloth.';
  return 'Dry it with a clean cloth.';
}

function airWords({ id, group }: Surface): string {
  if (id === 'cotton') return 'Hang it up to dry in the air.';
  if (id === 'shower-curtain') return 'Hang it up, drawn out.';
  if (group === 'appliance' || id === 'fridge-inside') return 'Leave the door ajar until it is dry.';
  return 'Leave it open to the air until it is dry.';
}

/** What follows, on this surface. */
export function afterWords(after: AfterStep, method: Method, surface: Surface): string {
  switch (after) {
    case 'rinse':
      return rinseWords(method, surface);
    case 'damp-cloth':
      return PILE.includes(surface.id)
        ? 'Dab with a cloth wrung out of clear water.'
        : 'Wipe with a cloth wrung out of clear water.';
    case 'suds':
      return 'Wash it off with soapy water, then plain.';
    case 'flush':
      return 'Flush.';
    case 'boil':
      return 'Boil once with plain water, and pour it away.';
    case 'wash':
      return 'Then the wash, by its label.';
    case 'vacuum':
      return 'Vacuum up what is left, or wipe it off dry.';
    case 'dry':
      return dryWords(method, surface);
    case 'buff':
      return 'Buff with a dry microfibre washed without softener.';
    case 'oil':
      return surface.group === 'wood' || surface.id === 'soapstone'
        ? 'Once it is dry, a thin wipe of mineral oil.'
        : 'A thin wipe of oil while it is warm.';
    case 'air':
      return airWords(surface);
  }
}

/** What is looked for at the end, by the soil. */
const LOOK: Readonly<Record<string, string>> = {
  limescale: 'Smooth under a finger, when it is dry?',
  'soap-scum': 'Does a dry finger still squeak or drag?',
  'burnt-on': 'Does a fingernail still catch?',
  'fresh-grease': 'Does a clean finger slide, with no film?',
  fingerprints: 'Any streak when you look along it, against the light?',
  'daily-dirt': 'Does a white cloth stay white?',
  dust: 'Does a finger come away clean?',
  soot: 'Does a white cloth stay white?',
  nicotine: 'Does a white cloth stay white?',
  mould: 'Any speck left in the corners? Is the room drying?',
  smell: 'Smell it again in an hour, dry.',
  urine: 'Smell it again tomorrow, dry.',
  vomit: 'Smell it again tomorrow, dry.',
  sweat: 'Smell it again, dry.',
  moss: 'Any green left in the joints? Does light reach it now?',
  'bowl-ring': 'Smooth under the brush, at the water line?',
  slime: 'Does it still feel slippery?',
  sticky: 'Does a finger still stick?',
  tarnish: 'Even all over? No pink patches?',
  'silver-tarnish': 'Bright all over?',
  mud: 'Anything left once it is dry?',
  rust: 'Is the mark gone, and the surface not dulled?',
};

/** What a stain on cloth or stone only shows when it is dry. */
const WHEN_DRY = 'Look again when it is dry: what is left shows only then.';

/** What is looked for at the end, on this surface. */
export function lookWords({ id, group }: Surface, soil: Pick<Soil, 'id'>): string {
  if (soil.id === 'fingerprints' && (group === 'cloth' || group === 'outdoors' || isPaved(id))) return WHEN_DRY;
  if (soil.id === 'dust' && (group === 'cloth' || FLOORS.includes(id))) return 'Anything left along the edges?';
  if (soil.id === 'limescale' && group === 'appliance') return 'Any white left inside?';
  if (soil.id === 'fresh-grease' && ['cloth', 'stone', 'wood', 'outdoors'].includes(group))
    return 'Any darker spot left once it is dry? Then strew powder on it once more.';
  if (soil.id === 'daily-dirt' && group === 'outdoors') return 'Even in colour, once it is dry?';
  if (soil.id === 'daily-dirt' && group === 'keep-out') return 'Is the mark gone?';
  if (soil.id === 'daily-dirt' && PILE.includes(id)) return 'Is the pile even, with nothing left in it?';
  return LOOK[soil.id] ?? (group === 'cloth' || group === 'stone' ? WHEN_DRY : 'Is the mark gone?');
}

/** What stands upright, or has walls: what is sprayed on it runs down. */
const UPRIGHT = [
  'glazed-tile',
  'epoxy-grout',
  'shower-door',
  'glass',
  'acrylic',
  'bath-enamel',
  'polystyrene',
  'enamel',
  'pvc-window-frame',
];

/** What goes wrong most often while it is put on, and what helps at once; null where nothing does. */
export function tipFor({ form }: Method, { id }: Surface, soil: Pick<Soil, 'id'>): string | null {
  switch (form) {
    case 'paste':
      return 'Too dry to spread? A few drops of water. It runs? Another spoon of powder.';
    case 'spray':
      return UPRIGHT.includes(id) ? 'It runs down? Lay kitchen paper on it and wet that.' : null;
    case 'bag':
      return id === 'silicone-sealant'
        ? 'It lifts? Wet it again, and press it into the corner.'
        : 'It slips? A rubber band, or a second piece of wet paper.';
    case 'blot':
      return 'It spreads? Less water, and a dry cloth pressed on first.';
    case 'cold':
      return 'It smears? It is too warm: ice again.';
    case 'strew':
    case 'absorb':
      return soil.id === 'fresh-grease' ? 'Dark already? Lift it off, and strew again.' : null;
    case 'bucket':
      return FLOORS.includes(id) ? 'Puddles? Wring more: a floor is dry within minutes.' : null;
    default:
      return null;
  }
}
