import type { Amount } from '../quantity/amount';
import { pointRange } from '../quantity/range';
import type { Formula, Line, MadeFor } from './formula';
import type { FormulaKind } from './use';
import type { UseForm } from '../catalogue/useForms';

const parts = (n: number): Amount => ({ kind: 'parts', value: pointRange(n) });
const gramsPerLitre = (n: number): Amount => ({ kind: 'grams-per-litre', value: pointRange(n) });
const dropsPer100ML = (n: number): Amount => ({ kind: 'drops-per-100mL', value: pointRange(n) });
const percent = (n: number): Amount => ({ kind: 'percent', value: pointRange(n), basis: 'v/v' });
const fill: Amount = { kind: 'to-fill' };

const lines = (...rows: readonly (readonly [ingredient: string, amount: Amount])[]): Line[] =>
  rows.map(([id, amount], i) => ({ id: String(i + 1), ingredient: { kind: 'known', id }, amount }));

const STARTER = 'starter-';

/** True for one of Biscuit's own formulas: it is copied, never changed. */
export const isStarter = (formula: Formula): boolean => formula.id.startsWith(STARTER);

const starter = (
  id: string,
  name: string,
  purpose: string,
  never: string,
  use: Formula['use'],
  form: UseForm,
  how: string,
  rows: readonly Line[],
  madeFor: MadeFor,
  keepOff: string,
  kind?: FormulaKind,
): Formula => ({
  id: STARTER + id, name, purpose, never, how, form, ...(kind ? { kind } : {}), ...(madeFor.surfaces.length > 0 && madeFor.soils.length > 0 ? { madeFor } : {}), ...(keepOff === '' ? {} : { keepOff: ids(keepOff) }), use, measures: 'metric', makesML: null, lines: rows,
});

const ids = (text: string): string[] => text.split(' ').filter(Boolean);
/** What a starter is made for: surfaces or classes of them, and soils. */
const made = (surfaces: string, soils: string): MadeFor => ({ surfaces: ids(surfaces), soils: ids(soils) });

/** The stones, tiles and plasters that acid eats; sealed granite and quartz stand by their own limits. */
const ACID_SHY = 'marble limestone travertine terrazzo concrete granite-unsealed slate unglazed-tile brick outdoor-stone cast-iron aluminium class:wood';

/** Formulas for one kind of job. */
export interface StarterFamily {
  readonly name: string;
  readonly formulas: readonly Formula[];
}

/** Formulas to begin with, in ratio families that are common practice (no source); amounts and words are Biscuit's own. */
export const STARTER_FAMILIES: readonly StarterFamily[] = [
  {
    name: 'Glass',
    formulas: [
      starter('glass', 'Clear glass', 'Windows, mirrors, chrome: film and fingerprints', 'varnished or waxed wood, acrylic, hobs and stoves', 'stored', 'spray',
        'Spray on the cloth, wipe, and buff dry.',
        lines(['isopropyl-alcohol', parts(1)], ['distilled-water', parts(2)], ['dish-soap', dropsPer100ML(1)]),
        made('glass mirror chrome', 'fingerprints'), 'class:wood acrylic induction-hob stove-glass polystyrene'),
      starter('starch-glass', 'Starch window wash', 'Windows with a greasy haze: shake, wipe, buff', 'mirrors, screens, fine nozzles', 'stored', 'cloth',
        'Shake, wipe on, let it go dull, buff off with a dry cloth.',
        lines(['cornstarch', gramsPerLitre(16)], ['white-vinegar', percent(12)], ['distilled-water', fill]),
        made('glass', 'fingerprints'), 'mirror coated-screen class:cloth class:wood'),
      starter('soot-paste', 'Stove-glass paste', 'Soot and tar on the cold glass of a stove', 'warm glass, aluminium, painted doors', 'fresh', 'paste',
        'On the cold glass: spread, wait 10 minutes, wipe off, rinse and dry before the next fire.',
        lines(['washing-soda', parts(1)], ['water', parts(3)]),
        made('stove-glass', 'soot'), 'aluminium matt-paint gloss-paint'),
    ],
  },
  {
    name: 'General',
    formulas: [
      starter('everyday', 'Everyday vinegar', 'Tile, glass, sinks: light scale and film', 'stone, cast iron, aluminium, wood, mirror edges', 'stored', 'spray',
        'Spray, wait a minute, wipe; rinse chrome.',
        lines(['white-vinegar', parts(1)], ['distilled-water', parts(1)]),
        made('glazed-tile glass stainless-steel ceramic-sink drinking-glass induction-hob silicone-sealant laminate knife mirror', 'limescale fingerprints daily-dirt'), ACID_SHY),
      starter('wall', 'Daily wall spray', 'Glazed tile and chrome after each shower', 'stone, aluminium, cement grout left wet', 'stored', 'spray',
        'Spray down after the shower; leave it.',
        lines(['white-vinegar', parts(1)], ['distilled-water', parts(4)]),
        made('glazed-tile chrome', 'limescale'), `${ACID_SHY} cement-grout`),
      starter('peel', 'Peel vinegar', 'Tile, sinks and taps: light scale and film, with a scent', 'stone, cast iron, aluminium, wood, mirror edges', 'stored', 'spray',
        'From strained peel vinegar: spray, wait a minute, wipe; rinse chrome.',
        lines(['infused-vinegar', parts(1)], ['distilled-water', parts(1)]),
        made('glazed-tile stainless-steel chrome', 'limescale'), `${ACID_SHY} mirror`),
      starter('worktop', 'Worktop soap', 'Grease and daily dirt on what bears water', 'waxed or bare wood, screens', 'stored', 'spray',
        'Spray, wipe with a damp cloth, then dry.',
        lines(['castile-soap', percent(1.5)], ['distilled-water', fill]),
        made('laminate stainless-steel glazed-tile', 'daily-dirt fresh-grease'), 'waxed-wood coated-screen'),
      starter('dish-spray', 'Dish-soap spray', 'Daily dirt and fresh grease nearly everywhere', 'screens, wallpaper', 'stored', 'spray',
        'Spray, wait a minute, wipe; rinse where food is laid.',
        lines(['dish-soap', percent(1)], ['distilled-water', fill]),
        made('class:stone class:tile class:plastic stainless-steel induction-hob enamel bath-enamel old-enamel chrome shower-head fridge-inside', 'daily-dirt fresh-grease soap-scum fingerprints'), 'coated-screen wallpaper'),
      starter('alcohol-wipe', 'Quick-dry wipe', 'Handles, stainless, sinks: film, fingerprints, glue', 'varnish, acrylic, paint, anything hot', 'stored', 'cloth',
        'A little on a cloth, with a window open; no flame near.',
        lines(['isopropyl-alcohol', percent(95)], ['distilled-water', fill]),
        made('stainless-steel', 'fingerprints sticky ink hair-dye'), 'class:wood acrylic polystyrene class:wall induction-hob stove-glass enamel carpet'),
    ],
  },
  {
    name: 'Grease and burnt-on',
    formulas: [
      starter('degreaser', 'Washing-soda degreaser', 'Grease on enamel, tile, extractor covers', 'aluminium, varnish, lino, wool', 'stored', 'spray',
        'Gloves on. Spray, wait 5 minutes, wipe, rinse.',
        lines(['washing-soda', gramsPerLitre(15)], ['dish-soap', percent(0.5)], ['distilled-water', fill]),
        made('enamel glazed-tile stainless-steel oven-racks', 'fresh-grease'), 'aluminium class:wood linoleum wool-silk'),
      starter('scour', 'Soda paste', 'Scouring sinks, enamel, burnt-on food', 'acrylic gloss, coated glass, aluminium left long', 'fresh', 'paste',
        'Rub on with a damp sponge, wait, rinse well: it leaves white dust.',
        lines(['baking-soda', parts(2)], ['water', parts(1)]),
        made('enamel oven-door-glass stainless-steel induction-hob glazed-tile ceramic-sink', 'burnt-on tannin scuffs'), 'acrylic polystyrene aluminium coated-screen'),
      starter('cream', 'Scouring cream', 'Tubs, tiles, hobs: soap scum and grease', 'aluminium left long, polished plastic', 'fresh', 'paste',
        'Rub on with a sponge, wait 5 minutes, rinse.',
        lines(['baking-soda', parts(1)], ['dish-soap', parts(1)]),
        made('bath-enamel glazed-tile cement-grout epoxy-grout', 'soap-scum'), 'aluminium acrylic polystyrene'),
      starter('soak', 'Rack soak', 'Oven racks and pans of steel: burnt-on grease, hot water', 'aluminium, varnish, wool, lino', 'fresh', 'soak',
        'Lay them in, hot, for an hour or overnight; gloves on; brush and rinse.',
        lines(['washing-soda', gramsPerLitre(40)], ['water', fill]),
        made('oven-racks extractor-filter-steel', 'burnt-on fresh-grease'), 'aluminium class:wood wool-silk linoleum'),
    ],
  },
  {
    name: 'Scale and scum',
    formulas: [
      starter('scale', 'Scale lifter', 'Limescale on taps, kettles, glazed tile', 'stone, cement grout, aluminium, cast iron', 'stored', 'spray',
        'Spray or wrap with a wet cloth, wait 15 minutes, rinse.',
        lines(['citric-acid', gramsPerLitre(50)], ['water', fill]),
        made('stainless-steel glass glazed-tile ceramic-sink toilet-bowl oven-racks quarry-tile cotton', 'limescale rust deodorant'), `${ACID_SHY} cement-grout old-enamel`),
      starter('kettle', 'Kettle descaler', 'Limescale inside a kettle: warm, half an hour', 'aluminium and bare copper kettles', 'fresh', 'fill',
        'Fill warm to above the scale, half an hour, not boiled; pour out, rinse, boil once, pour away.',
        lines(['citric-acid', gramsPerLitre(25)], ['water', fill]),
        made('kettle thermos', 'limescale'), 'aluminium brass'),
      starter('machine', 'Machine descaler', 'Limescale in a washing machine or dishwasher: an empty run', 'machines whose maker forbids it', 'stored', 'machine',
        '80 g into the empty machine, 40 to 60 °C, no prewash, no powder with it.',
        lines(['citric-acid', parts(1)]),
        made('washing-machine dishwasher machine-inside', 'limescale smell'), ''),
      starter('tap-wrap', 'Tap and tub descaler', 'Limescale on chrome, acrylic and enamel: weak and brief', 'stone, cement grout, aluminium, old enamel, coloured taps', 'fresh', 'bag',
        'Wet paper with it and wrap it round for ten minutes; on a tub wipe it on for three. Rinse, dry.',
        lines(['citric-acid', gramsPerLitre(12)], ['water', fill]),
        made('chrome acrylic bath-enamel enamel composite-sink shower-door', 'limescale soap-scum rust'), `${ACID_SHY} cement-grout old-enamel`),
      starter('neat', 'Neat vinegar bag', 'Shower heads and aerators, hung in a bag', 'painted or black finishes beyond an hour, stone', 'fresh', 'bag',
        'Tie the bag on for half an hour, brush, rinse.',
        lines(['white-vinegar', parts(1)]),
        made('shower-head', 'limescale'), 'class:stone concrete unglazed-tile brick outdoor-stone'),
      starter('scum', 'Scum spray', 'Soap scum on glazed tile, glass and trays', 'stone, aluminium, cement grout beyond minutes', 'stored', 'spray',
        'Spray, wait 10 minutes, brush, rinse.',
        lines(['citric-acid', gramsPerLitre(20)], ['dish-soap', percent(1)], ['distilled-water', fill]),
        made('glazed-tile glass quarry-tile ceramic-sink', 'soap-scum limescale'), `${ACID_SHY} old-enamel`),
    ],
  },
  {
    name: 'Grout and mould',
    formulas: [
      starter('grout', 'Grout whitener', 'Cement grout with mould or tea-coloured stain', 'coloured cloth, wool, brass, stone', 'fresh', 'paste',
        'Mix what you need, spread on the joints, wait 15 minutes, brush, rinse.',
        lines(['baking-soda', parts(2)], ['hydrogen-peroxide', parts(1)]),
        made('cement-grout epoxy-grout', 'mould tannin'), 'class:cloth brass lacquered-brass'),
      starter('mould', 'Mould peroxide', 'Mould spots on tile and silicone: 10 to 15 minutes', 'coloured cloth, wood, brass', 'stored', 'spray',
        'Spray, wait 10 to 15 minutes, brush, rinse; the window open.',
        lines(['hydrogen-peroxide', parts(1)]),
        made('glazed-tile silicone-sealant epoxy-grout', 'mould'), 'wool-silk carpet leather class:wood brass lacquered-brass'),
      starter('oxygen', 'Oxygen soak', 'Cotton, cups, bins: tea, wine, mould stain', 'wool, silk, leather, metal', 'fresh', 'soak',
        'In warm water, an hour to overnight; stir once; rinse.',
        lines(['oxygen-bleach', gramsPerLitre(12)], ['water', fill]),
        made('cotton drinking-glass stainless-steel thermos plastic-pe-pp shower-curtain', 'tannin mould turmeric'), 'wool-silk leather aluminium brass lacquered-brass silver cast-iron'),
    ],
  },
  {
    name: 'Floors and wood',
    formulas: [
      starter('floor', 'Floor wash', 'Vinyl, tile and laminate with a wrung mop', 'waxed or bare wood', 'fresh', 'bucket',
        'Wring the mop nearly dry; change the water when it is grey.',
        lines(['dish-soap', percent(0.3)], ['water', fill]),
        made('vinyl-floor glazed-tile laminate linoleum quarry-tile unglazed-tile terrazzo concrete', 'daily-dirt'), 'waxed-wood'),
      starter('wood-soap', 'Damp cloth for wood', 'Varnished and waxed wood: a drop of dish soap, nearly dry', 'standing water anywhere on wood', 'fresh', 'cloth',
        'Wring the cloth nearly dry, along the grain, dry after it.',
        lines(['dish-soap', percent(0.2)], ['water', fill]),
        made('varnished-wood waxed-wood', 'daily-dirt fingerprints'), ''),
      starter('polish', 'Oil polish', 'Bare and oiled wood: feed and shine', 'varnish, floors (slippery), heaps of rags', 'stored', 'cloth',
        'A few drops on a cloth, along the grain, buff; spread the rags flat to dry outdoors.',
        lines(['olive-oil', parts(1)]),
        made('waxed-wood', ''), 'varnished-wood class:cloth class:stone class:outdoors class:wall'),
    ],
  },
  {
    name: 'Drains and bowls',
    formulas: [
      starter('bowl', 'Bowl soak', 'Hard-water ring in a toilet bowl, the water lowered first', 'beside any bleach or bought toilet cleaner', 'fresh', 'fill',
        'Pour in, wait an hour or overnight, brush, flush.',
        lines(['citric-acid', gramsPerLitre(100)], ['water', fill]),
        made('toilet-bowl', 'bowl-ring limescale'), ''),
      starter('bin', 'Bin freshener', 'Bins, drains and fridges that smell sour: dry', 'wool, aluminium', 'stored', 'strew',
        'Strew it, leave it overnight, tip or vacuum it out.',
        lines(['baking-soda', parts(1)]),
        made('fridge-inside plastic-pe-pp carpet trainers mattress', 'smell'), 'wool-silk aluminium'),
    ],
  },
  {
    name: 'Metal',
    formulas: [
      starter('silver', 'Silver bath', 'Tarnish on plain everyday silver, on foil', 'glued, hollow, worn or darkened pieces; stones', 'fresh', 'foil',
        'Foil in a bowl, the piece on it, poured over very hot: two to ten minutes, rinse, buff.',
        lines(['baking-soda', gramsPerLitre(40)], ['water', fill]),
        made('silver', 'silver-tarnish'), 'aluminium'),
      starter('brass', 'Brass polish', 'Tarnish on bare brass and copper, a few minutes', 'lacquer, plating, silver, stone', 'fresh', 'paste',
        'Rub on, a few minutes at most, rinse, dry, buff.',
        lines(['lemon-juice', parts(3)], ['salt', parts(1)]),
        made('brass', 'tarnish'), 'lacquered-brass chrome shower-head silver class:stone'),
    ],
  },
  {
    name: 'Hands and cloth',
    formulas: [
      starter('hands', 'Hand soap', 'Hands, at the basin', 'eyes; hard water leaves a film', 'stored', 'hand',
        'A squirt on wet hands; rinse.',
        lines(['castile-soap', percent(25)], ['glycerin', percent(2)], ['distilled-water', fill]),
        made('', ''), '', 'hand-soap'),
      starter('wool-rinse', 'Wine on wool', 'Wine, tea and fruit on wool and carpet: blotted, cool', 'cotton with starch; silk dyed by hand', 'fresh', 'blot',
        'Dab it on with a white cloth, press dry, from the edge inward; plain cool water after it.',
        lines(['white-vinegar', parts(1)], ['water', parts(4)]),
        made('wool-silk carpet upholstery mattress', 'tannin'), ACID_SHY),
      starter('stain-soap', 'Cool stain wash', 'Egg, milk, blood on colourfast cloth: cool', 'wool, silk, leather', 'fresh', 'soak',
        'Cool, half an hour, rub lightly, then the wash.',
        lines(['washing-soda', gramsPerLitre(8)], ['dish-soap', percent(2)], ['water', fill]),
        made('cotton', 'protein sweat'), 'wool-silk leather'),
    ],
  },
  {
    name: 'Dry',
    formulas: [
      starter('tabs', 'Fizzing bowl powder', 'A spoonful in the bowl, after the brush', 'jars with tight lids; anything damp', 'stored', 'strew',
        'A spoonful into the bowl, let it fizz, brush, flush.',
        lines(['baking-soda', parts(2)], ['citric-acid', parts(1)]),
        made('toilet-bowl', 'daily-dirt smell'), '', 'bowl'),
      starter('laundry', 'Plain wash powder', 'White and colourfast cotton', 'wool, silk', 'stored', 'machine',
        'Two tablespoons to a load, 40 °C.',
        lines(['washing-soda', parts(2)], ['oxygen-bleach', parts(1)], ['soap-flakes', parts(2)]),
        made('cotton', 'daily-dirt'), 'wool-silk leather'),
    ],
  },
];

/** Every starter, family by family. */
export const STARTER_FORMULAS: readonly Formula[] = STARTER_FAMILIES.flatMap((f) => f.formulas);
