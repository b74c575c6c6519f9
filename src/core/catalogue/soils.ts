import { meaningsOf, rowsMeant } from './meaning';
import { SMELL_WORDS, STATE_WORDS, wordsForSoil } from './soilWords';
import type { SourceKey } from './sources';

/** What in a mixture does the lifting; how strong it is comes from the mixture's state. */
export type CleaningAgentId =
  /** Free acid, percent as acetic. */
  | 'acid'
  /** Alkali of pH 10 and more, mmol/L to pH 7. */
  | 'alkali'
  /** Mild alkali, pH 8 to 10, mmol/L to pH 7. */
  | 'mild-alkali'
  /** Soap that has not curdled and synthetic surfactant, g/L. */
  | 'surfactant'
  /** Synthetic surfactant alone, g/L: dish soap, and no true soap. */
  | 'detergent'
  /** Percent v/v. */
  | 'alcohol'
  /** Peroxide, percent w/v. */
  | 'oxidiser'
  /** Loose grains, percent of the mass. */
  | 'grains'
  /** Dry powder that drinks grease and smells, percent of the mass. */
  | 'absorbent'
  /** Oils that dissolve gum and glue, percent v/v. */
  | 'oil'
  /** Acid with salt: percent of acid as acetic where salt is there. */
  | 'acid-salt'
  /** Water, percent of the mass. */
  | 'water';

/** Minutes of contact: from when it is of use, when it is best, and when more adds nothing. */
export interface DwellMinutes {
  readonly useful: number;
  readonly best: number;
  readonly longest: number;
}

/** One thing that lifts a soil: from which strength it is of use, at which it is at its best. */
export interface SoilMechanism {
  readonly by: CleaningAgentId;
  readonly from: number;
  readonly good: number;
  readonly minutes: DwellMinutes;
  /** How well at its best: 1 helps, 2 works, 3 is the way. */
  readonly power: 1 | 2 | 3;
  /** Strokes and scraping that remain: 1 a wipe, 2 a brush, 3 hard work. */
  readonly effort: 1 | 2 | 3;
  readonly why: string;
  /** True where it has to be scoured in: not on cloth. */
  readonly hardOnly: boolean;
}

/** What does nothing for a soil, or makes it worse. */
export interface Useless {
  readonly by: CleaningAgentId;
  readonly why: string;
  /** True where it sets the soil for good. */
  readonly sets: boolean;
}

export interface Soil {
  readonly id: string;
  readonly name: string;
  readonly names: readonly string[];
  readonly mechanisms: readonly SoilMechanism[];
  readonly useless: readonly Useless[];
  /** What comes before any cleaner. */
  readonly first: string;
  /** When it is not a matter for home cleaning. */
  readonly beyond: string | null;
  readonly source: SourceKey;
}

type MinutesRow = readonly [useful: number, best: number, longest: number];

const mechanism = (
  by: CleaningAgentId,
  from: number,
  good: number,
  [useful, best, longest]: MinutesRow,
  power: SoilMechanism['power'],
  effort: SoilMechanism['effort'],
  why: string,
): SoilMechanism => ({ by, from, good, minutes: { useful, best, longest }, power, effort, why, hardOnly: false });
const onHard = (of: SoilMechanism): SoilMechanism => ({ ...of, hardOnly: true });
const useless = (by: CleaningAgentId, why: string): Useless => ({ by, why, sets: false });
const sets = (by: CleaningAgentId, why: string): Useless => ({ by, why, sets: true });

interface Row {
  readonly names?: readonly string[];
  readonly lifts: readonly SoilMechanism[];
  readonly useless?: readonly Useless[];
  readonly first: string;
  readonly beyond?: string;
  readonly source?: SourceKey;
}

const soil = (id: string, name: string, row: Row): Soil => ({
  id,
  name,
  names: [...(row.names ?? []), ...wordsForSoil(id)],
  mechanisms: row.lifts,
  useless: row.useless ?? [],
  first: row.first,
  beyond: row.beyond ?? null,
  source: row.source ?? 'common-practice',
});

/** Dwell in minutes and what lifts what: common practice, no source, unless one is named. */
export const SOILS: readonly Soil[] = [
  soil('daily-dirt', 'Daily dirt', {
    names: ['fly specks', 'salt stains', 'shoe marks', 'dirt', 'general', 'grime', 'everyday dirt', 'toothpaste'],
    lifts: [
      mechanism('surfactant', 0.3, 3, [1, 3, 10], 3, 1, 'Surfactant loosens what water alone leaves.'),
      mechanism('mild-alkali', 30, 150, [1, 5, 15], 2, 1, 'Mild alkali loosens a greasy film.'),
      mechanism('alcohol', 15, 30, [0, 1, 3], 2, 1, 'Alcohol dissolves a thin film and dries away.'),
      mechanism('acid', 0.3, 2.5, [1, 5, 15], 1, 1, 'Dilute acid lifts the mineral part of the film.'),
      mechanism('water', 50, 99, [1, 2, 5], 1, 1, 'Water and a microfibre take most of it.'),
    ],
    first: 'Dust and crumbs off, dry.',
  }),
  soil('fresh-grease', 'Fresh grease', {
    names: ['oil', 'butter', 'chip fat', 'grease', 'oil splash', 'cooking oil', 'fat', 'greasy film'],
    lifts: [
      mechanism('surfactant', 1, 5, [1, 5, 15], 3, 1, 'Surfactant wraps the grease so that water carries it off.'),
      mechanism('alkali', 50, 400, [2, 5, 20], 2, 1, 'Alkali turns some of the fat to soap.'),
      mechanism('mild-alkali', 100, 500, [5, 15, 20], 2, 2, 'Soda under suds loosens grease.'),
      mechanism('absorbent', 50, 95, [5, 10, 15], 2, 1, 'Dry powder drinks it up before any water.'),
      mechanism('alcohol', 40, 70, [0, 1, 3], 1, 2, 'Strong alcohol thins it.'),
    ],
    useless: [useless('acid', 'Acid alone does not move fat.'), useless('oxidiser', 'Peroxide does little for fat.')],
    first: 'Absorb first: flour, starch or soda on thick grease, then scrape.',
  }),
  soil('burnt-on', 'Baked-on or burnt', {
    names: ['baked-on', 'burnt', 'burnt food', 'carbon', 'burnt on grease', 'oven grease', 'burned'],
    lifts: [
      mechanism('alkali', 150, 700, [30, 240, 720], 3, 2, 'Hot strong alkali turns old fat to soap, given hours.'),
      mechanism(
        'mild-alkali',
        300,
        1000,
        [20, 60, 720],
        2,
        3,
        'Soda paste, kept damp, softens the crust for the scraper.',
      ),
      mechanism('surfactant', 5, 20, [20, 60, 240], 1, 3, 'A long hot soak in suds softens it.'),
    ],
    useless: [
      useless('alcohol', 'A quick spray dries before it does anything.'),
      useless('acid', 'Acid does not touch baked fat.'),
    ],
    first: 'Scrape what comes off softly, cold.',
  }),
  soil('soap-scum', 'Soap scum', {
    names: ['shampoo', 'conditioner', 'scum', 'bath ring', 'shower film', 'tub ring'],
    lifts: [
      mechanism('surfactant', 3, 15, [5, 10, 15], 2, 2, 'Surfactant with soda, rubbed, breaks the film.'),
      mechanism('mild-alkali', 200, 600, [5, 10, 15], 1, 2, 'Soda helps to rub it off.'),
      mechanism('acid', 1, 5, [5, 10, 20], 3, 2, 'Acid takes the calcium out of it.'),
      mechanism('alkali', 80, 400, [5, 15, 30], 2, 2, 'Washing soda draws the calcium out of it.'),
    ],
    useless: [],
    first: 'Hair out, dry; then rinse with warm water.',
  }),
  soil('limescale', 'Limescale and water spots', {
    names: [
      'efflorescence',
      'white salts',
      'scale',
      'water spots',
      'lime',
      'hard water stains',
      'calcium',
      'kettle scale',
    ],
    lifts: [mechanism('acid', 1, 5, [5, 20, 60], 3, 1, 'Acid dissolves it, fizzing; renew it when the fizz stops.')],
    useless: [
      useless('alkali', 'Scale is alkaline itself.'),
      useless('mild-alkali', 'Scale is alkaline itself.'),
      useless('surfactant', 'Soap makes more of it.'),
    ],
    first: 'Wipe off grease and soap: nothing gets through them.',
    source: 'geology',
  }),
  soil('rust', 'Rust', {
    names: ['rust stain', 'iron stain'],
    lifts: [mechanism('acid', 2, 5, [20, 60, 240], 3, 2, 'Acid, citric above all, takes up iron.')],
    useless: [
      sets('oxidiser', 'Bleaches set rust for good.'),
      useless('alkali', 'Alkali does not move rust.'),
      useless('mild-alkali', 'Soda does not move rust.'),
    ],
    first: 'Brush off what is loose, dry.',
  }),
  soil('mould', 'Mould and mildew', {
    names: ['mold', 'mildew', 'black spots', 'mould spots'],
    lifts: [
      mechanism('oxidiser', 1, 3, [5, 10, 15], 3, 1, 'Peroxide bubbles into it and takes the stain.'),
      mechanism('alcohol', 60, 70, [1, 5, 10], 2, 1, 'Strong alcohol reaches it on hard surfaces.'),
      mechanism('acid', 2.5, 5, [15, 60, 60], 1, 2, 'Vinegar slows it.'),
    ],
    useless: [],
    first: 'Find the damp and dry the room: it comes back otherwise. Damp it before wiping: dry brushing spreads it.',
    beyond: 'More than about 1 m², in ducts or after a flood: a professional.',
    source: 'epa-mould-memory',
  }),
  soil('fingerprints', 'Fingerprints and film on glass', {
    names: ['film', 'streaks', 'smears', 'window film', 'finger marks', 'glass film'],
    lifts: [
      mechanism('alcohol', 10, 25, [0, 1, 3], 3, 1, 'Alcohol dissolves the film and leaves no streak.'),
      mechanism('acid', 0.3, 2.5, [0, 1, 5], 2, 1, 'Dilute acid clears the mineral haze.'),
      mechanism('surfactant', 0.1, 0.5, [0, 1, 3], 1, 1, 'A trace of surfactant; more leaves streaks.'),
    ],
    useless: [],
    first: 'Dust off, dry.',
  }),
  soil('soot', 'Soot on stove glass', {
    names: ['soot', 'smoke', 'smoke film', 'stove glass'],
    lifts: [
      mechanism('alkali', 40, 400, [2, 10, 20], 3, 2, 'Alkali, washing soda or damp ash, loosens tar.'),
      mechanism('mild-alkali', 300, 800, [5, 15, 30], 2, 3, 'Soda paste, rubbed softly.'),
      mechanism('surfactant', 3, 15, [2, 10, 20], 1, 3, 'Suds take the loose part.'),
    ],
    useless: [useless('acid', 'Acid does nothing for soot.')],
    first: 'Loose soot off dry.',
  }),
  soil('dust', 'Dust and hair', {
    names: ['pet hair', 'cat hair', 'dog hair', 'hair', 'cobwebs', 'fluff'],
    lifts: [mechanism('water', 50, 99, [0, 1, 2], 1, 1, 'A barely damp microfibre, after the dry one.')],
    useless: [
      useless('surfactant', 'Wetting dust makes mud of it: dry first.'),
      useless('acid', 'Wetting dust makes mud of it: dry first.'),
    ],
    first: 'Dry first: vacuum or microfibre.',
  }),
  soil('protein', 'Egg, milk or blood', {
    names: ['chocolate', 'ice cream', 'gravy', 'blood', 'egg', 'milk', 'protein', 'yoghurt'],
    lifts: [
      mechanism('surfactant', 1, 5, [5, 15, 60], 3, 1, 'Cool water and soap lift it before it sets.'),
      mechanism('alkali', 50, 300, [5, 20, 60], 2, 1, 'Washing soda, cool, loosens protein.'),
      mechanism('oxidiser', 1, 3, [2, 5, 10], 2, 1, 'Peroxide takes what stain is left: test first.'),
      mechanism('mild-alkali', 100, 500, [10, 20, 60], 1, 2, 'Soda helps.'),
    ],
    useless: [sets('acid', 'Acid sets protein.')],
    first: 'Cool water, never hot.',
  }),
  soil('starch-sugar', 'Starch or sugar', {
    names: ['rice', 'pasta', 'dough', 'sugar', 'starch', 'jam', 'syrup', 'honey', 'juice spill'],
    lifts: [
      mechanism('water', 50, 99, [2, 10, 20], 3, 1, 'Warm water dissolves it, given a few minutes.'),
      mechanism('surfactant', 0.3, 3, [2, 5, 15], 2, 1, 'Suds help where it is greasy too.'),
    ],
    first: 'Scrape off the thick of it.',
  }),
  soil('tannin', 'Tea, wine or plant colour', {
    names: [
      'juice',
      'fruit juice',
      'grass stain',
      'beetroot',
      'tea',
      'coffee',
      'wine',
      'tea stain',
      'red wine',
      'fruit stain',
      'grass',
    ],
    lifts: [
      mechanism('oxidiser', 0.1, 1, [5, 20, 60], 3, 1, 'Peroxide and percarbonate undo the colour.'),
      mechanism('acid', 1, 5, [5, 15, 30], 1, 2, 'Acid lightens fresh fruit and tea.'),
      onHard(mechanism('mild-alkali', 300, 800, [2, 10, 20], 1, 2, 'Soda as a paste scours it from cups.')),
    ],
    useless: [sets('surfactant', 'True soap on tannin sets it: dish soap after, not before.')],
    first: 'Blot; cold water.',
  }),
  soil('smell', 'Smell', {
    names: ['odour', 'odor', 'smells', 'stink'],
    lifts: [
      mechanism('absorbent', 50, 95, [60, 480, 1440], 2, 1, 'Soda takes up sour smells.'),
      mechanism('mild-alkali', 50, 300, [5, 15, 60], 2, 1, 'Soda binds sour smells.'),
      mechanism('acid', 1, 5, [5, 15, 60], 2, 1, 'Acid binds fishy and ammonia smells.'),
      mechanism('oxidiser', 0.3, 3, [5, 10, 30], 2, 1, 'Peroxide undoes what smells.'),
    ],
    first: 'Take away the cause, and air. Scent only covers it.',
  }),
  soil('bowl-ring', 'Hard-water ring in a bowl', {
    names: ['toilet ring', 'ring', 'urine scale', 'toilet stain'],
    lifts: [mechanism('acid', 3, 8, [15, 60, 720], 3, 2, 'Acid, after the water is lowered, given time.')],
    useless: [
      useless('oxidiser', 'Bleaches whiten the ring and leave the stone.'),
      useless('mild-alkali', 'Soda does not dissolve stone.'),
    ],
    first: 'Block and rim cleaner out; flush twice.',
  }),
  soil('moss', 'Moss and algae outdoors', {
    names: ['algae', 'green film', 'lichen'],
    lifts: [
      mechanism('mild-alkali', 200, 600, [30, 240, 1440], 2, 2, 'Soda dries moss out.'),
      mechanism('surfactant', 3, 10, [10, 60, 240], 2, 2, 'Soap loosens it for the brush.'),
    ],
    useless: [useless('acid', 'Acid harms stone, soil and what grows beside it.')],
    first: 'Brush it; let in light and air.',
  }),
  soil('sticky', 'Wax, gum or label glue', {
    names: [
      'wax',
      'chewing gum',
      'label',
      'tape residue',
      'tape',
      'candle',
      'glue',
      'gum',
      'label glue',
      'sticker',
      'adhesive',
      'candle wax',
      'resin',
    ],
    lifts: [
      mechanism('oil', 20, 90, [2, 10, 30], 3, 2, 'Oil creeps under glue, where the surface stands it.'),
      mechanism('alcohol', 60, 90, [1, 3, 10], 2, 2, 'Strong alcohol dissolves many glues.'),
      mechanism('surfactant', 5, 20, [15, 60, 240], 1, 3, 'Warm suds soften paper and its paste.'),
    ],
    first: 'Cold makes it brittle: ice, then a plastic scraper.',
  }),
  soil('tarnish', 'Tarnish on brass or copper', {
    names: ['oxidation', 'oxidised brass', 'tarnished brass', 'verdigris', 'dull brass', 'tarnished copper'],
    lifts: [
      mechanism('acid-salt', 1, 4, [1, 5, 10], 3, 2, 'Acid and salt take the brown off bare brass and copper.'),
      mechanism('acid', 2.5, 5, [2, 10, 15], 1, 3, 'Acid alone is slow.'),
    ],
    useless: [useless('grains', 'Grit takes the metal, and all of a plating.')],
    first: 'Make sure it is bare: a drop of water that beads sits on lacquer.',
  }),
  soil('silver-tarnish', 'Tarnish on silver', {
    names: ['tarnished silver', 'black silver'],
    lifts: [
      mechanism('mild-alkali', 100, 500, [2, 5, 10], 3, 1, 'On foil, in hot soda water, the tarnish goes to the foil.'),
    ],
    useless: [useless('grains', 'Grit takes off plate.'), useless('acid', 'Acid dulls silver.')],
    first: 'Plain pieces only: nothing glued, hollow or darkened on purpose.',
  }),

  // What homes also have.
  soil('slime', 'Slime', {
    names: ['biofilm', 'pink slime', 'black slime', 'drain slime'],
    lifts: [mechanism('surfactant', 0.5, 5, [1, 5, 10], 2, 2, 'Suds and a brush take the film.')],
    first: 'Hair and what is loose out first.',
  }),
  soil('turmeric', 'Turmeric or curry', {
    names: ['tomato sauce', 'ketchup', 'tomato', 'curry', 'curry stain', 'saffron'],
    lifts: [mechanism('oxidiser', 0.1, 1, [15, 45, 120], 2, 1, 'Oxygen undoes the colour; so does sunlight.')],
    first: 'Scrape off the thick of it; cool water.',
  }),
  soil('ink', 'Ink or felt pen', {
    names: ['pen', 'ballpoint', 'biro', 'marker', 'felt tip'],
    lifts: [mechanism('alcohol', 40, 70, [0, 1, 5], 2, 1, 'Alcohol, dabbed, carries many inks off.')],
    first: 'Blot it while it is wet; a white cloth.',
  }),
  soil('crayon', 'Crayon', {
    names: ['wax crayon', 'pastel', 'lipstick'],
    lifts: [mechanism('surfactant', 0.5, 10, [1, 3, 10], 2, 2, 'Soap loosens wax and colour.')],
    first: 'What is thick off softly, with a card.',
  }),
  soil('sweat', 'Sweat', {
    names: ['yellowing', 'yellow collar', 'sweat stain', 'body odour', 'yellow armpits'],
    lifts: [mechanism('mild-alkali', 50, 500, [15, 30, 60], 2, 1, 'Soda takes up what is sour.')],
    first: 'Cool water first, never hot.',
  }),
  soil('deodorant', 'Deodorant crust', {
    names: ['antiperspirant', 'white armpit marks', 'deodorant stain'],
    lifts: [mechanism('acid', 1, 5, [15, 30, 60], 3, 1, 'Acid dissolves the aluminium salts of it.')],
    first: 'Turn it inside out.',
  }),
  soil('make-up', 'Make-up', {
    names: ['makeup', 'foundation', 'mascara', 'rouge'],
    lifts: [mechanism('surfactant', 1, 20, [1, 5, 15], 3, 1, 'Dish soap wraps its oils.')],
    first: 'Lift off what is loose, do not rub.',
  }),
  soil('sunscreen', 'Sunscreen', {
    names: ['sun cream', 'sun lotion'],
    lifts: [mechanism('surfactant', 1, 20, [1, 5, 15], 3, 1, 'Dish soap wraps its oils.')],
    useless: [sets('oxidiser', 'Bleaches turn what is left of it orange.')],
    first: 'Dish soap before any wash. Orange marks are rust.',
  }),
  soil('nail-varnish', 'Nail varnish', {
    names: ['nail polish'],
    lifts: [mechanism('grains', 5, 50, [0, 1, 5], 1, 3, 'Only its own solvent dissolves it.')],
    first: 'Let it dry: wet it spreads.',
  }),
  soil('hair-dye', 'Hair dye', {
    names: ['henna', 'hair colour'],
    lifts: [mechanism('alcohol', 40, 70, [0, 2, 5], 2, 1, 'Alcohol carries some of the colour off.')],
    first: 'At once: wipe, then water.',
  }),
  soil('urine', 'Urine', {
    names: ['pet urine', 'cat pee', 'dog pee', 'pee', 'bed wetting'],
    lifts: [mechanism('surfactant', 0.5, 10, [1, 5, 15], 2, 1, 'Cool suds, blotted, take it before it dries.')],
    useless: [],
    first: 'Blot it up at once, cool water. Never bleach: it gives off chloramine.',
  }),
  soil('vomit', 'Vomit', {
    names: ['diarrhoea', 'poo', 'baby poo', 'sick', 'cat sick'],
    lifts: [mechanism('surfactant', 0.5, 10, [1, 5, 15], 2, 1, 'Cool suds, blotted.')],
    useless: [sets('acid', 'It is sour itself: acid sets its protein.')],
    first: 'Gloves; scrape it up; cool water.',
  }),
  soil('droppings', 'Mouse or rat droppings', {
    names: ['mouse droppings', 'rat droppings', 'mice'],
    lifts: [mechanism('surfactant', 1, 10, [5, 10, 15], 1, 1, 'Suds keep the dust of it down.')],
    first: 'Never swept or vacuumed dry: its dust carries disease.',
    beyond:
      'Follow your public health office: aired half an hour, gloves and mask, soaked, taken up wet. An infestation: a professional.',
  }),
  soil('mud', 'Mud', {
    names: ['earth', 'soil', 'clay mud', 'muddy'],
    lifts: [mechanism('surfactant', 0.3, 5, [1, 5, 15], 2, 1, 'Once dry and brushed, suds take what is left.')],
    first: 'Let it dry, then brush it off.',
  }),
  soil('bird-droppings', 'Bird droppings', {
    names: ['bird poo', 'guano', 'pigeon droppings'],
    lifts: [mechanism('water', 50, 99, [2, 5, 20], 2, 1, 'Damp it softens; dry its dust is breathed.')],
    first: 'Damp it first, a mask on: never brushed dry.',
    beyond: 'A heap of it, in a loft or on a ledge: a professional.',
  }),
  soil('pollen', 'Pollen', {
    names: ['flower pollen', 'lily pollen'],
    lifts: [mechanism('water', 50, 99, [0, 1, 2], 1, 1, 'A damp cloth, after the dry way.')],
    first: 'Dry first: wet it stains.',
  }),
  soil('tar', 'Tar or resin', {
    names: ['pitch', 'tree resin', 'asphalt', 'bitumen', 'sap'],
    lifts: [mechanism('oil', 20, 90, [5, 15, 30], 3, 2, 'Oil dissolves it; soap takes the oil.')],
    first: 'Cold, and scraped softly.',
  }),
  soil('nicotine', 'Nicotine', {
    names: ['cigarette smoke', 'smoker film', 'yellow walls', 'tobacco'],
    lifts: [
      mechanism('surfactant', 0.3, 5, [1, 5, 10], 2, 2, 'Suds take the film, again and again.'),
      mechanism('alkali', 40, 400, [1, 5, 10], 3, 2, 'Soda loosens its tar.'),
    ],
    first: 'Dust off, dry. From the bottom up.',
  }),
  soil('water-ring', 'Water ring on wood', {
    names: ['white ring', 'heat mark', 'glass ring'],
    lifts: [mechanism('oil', 20, 100, [0, 5, 60], 1, 1, 'Wax or oil hides what warmth leaves.')],
    first: 'Give it a day: some go as they dry.',
  }),
  soil('scuffs', 'Scuff marks', {
    names: ['scuff', 'rubber marks', 'heel marks', 'black marks'],
    lifts: [mechanism('surfactant', 0.3, 5, [0, 1, 3], 1, 2, 'A trace of soap after the eraser.')],
    first: 'Dust off, dry.',
  }),
];

/** What a word people use means among the soils: one, several to ask about, or none and the nearest. */
export const soilMeaning = meaningsOf(SOILS, { passedOver: STATE_WORDS, endsIn: SMELL_WORDS });

/** The soils that a word or phrase may mean. */
export const soilsMeant = (text: string): readonly Soil[] => rowsMeant(soilMeaning(text));

/** The soil of an id or of a word that means one alone, or null. */
export function soilByName(text: string): Soil | null {
  const meaning = soilMeaning(text);
  return meaning.kind === 'one' ? meaning.row : null;
}
