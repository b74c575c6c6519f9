import type { Amount } from '../quantity/amount';
import { exactly } from '../quantity/span';
import type { Formula, Line } from './formula';

const parts = (n: number): Amount => ({ kind: 'parts', value: exactly(n) });
const gramsPerLitre = (n: number): Amount => ({ kind: 'grams-per-litre', value: exactly(n) });
const dropsPer100ML = (n: number): Amount => ({ kind: 'drops-per-100mL', value: exactly(n) });
const percent = (n: number): Amount => ({ kind: 'percent', value: exactly(n), basis: 'v/v' });
const fill: Amount = { kind: 'to-fill' };

const lines = (...rows: readonly (readonly [ingredient: string, amount: Amount])[]): Line[] =>
  rows.map(([id, amount], i) => ({ id: String(i + 1), ingredient: { kind: 'known', id }, amount }));

const starter = (
  id: string,
  name: string,
  purpose: string,
  never: string,
  use: Formula['use'],
  rows: readonly Line[],
): Formula => ({ id: `starter-${id}`, name, purpose, never, use, measures: 'metric', makesML: null, lines: rows });

/** Formulas to begin with, in ratio families that are common practice (no source); amounts and words are Biscuit's own. */
export const STARTER_FORMULAS: readonly Formula[] = [
  starter('glass', 'Clear glass', 'Windows, mirrors, chrome: film and fingerprints', 'varnished or waxed wood, acrylic, hot hobs', 'stored',
    lines(['isopropyl-alcohol', parts(1)], ['distilled-water', parts(2)], ['dish-soap', dropsPer100ML(1)])),
  starter('everyday', 'Everyday vinegar', 'Tile, glass, sinks: light scale and film', 'stone, cast iron, aluminium, wood, mirror edges', 'stored',
    lines(['white-vinegar', parts(1)], ['distilled-water', parts(1)])),
  starter('worktop', 'Worktop soap', 'Grease and daily dirt on what bears water', 'waxed or bare wood, screens', 'stored',
    lines(['castile-soap', percent(4)], ['distilled-water', fill])),
  starter('scale', 'Scale lifter', 'Limescale on taps, kettles, glazed tile', 'stone, cement grout, aluminium, cast iron', 'stored',
    lines(['citric-acid', gramsPerLitre(50)], ['water', fill])),
  starter('scour', 'Soda paste', 'Scouring sinks, enamel, burnt-on food', 'acrylic gloss, coated glass, aluminium left long', 'fresh',
    lines(['baking-soda', parts(2)], ['water', parts(1)])),
  starter('cream', 'Scouring cream', 'Tubs, tiles, hobs: soap scum and grease', 'aluminium left long, polished plastic', 'fresh',
    lines(['baking-soda', parts(1)], ['dish-soap', parts(1)])),
  starter('grout', 'Grout whitener', 'Cement grout with mould or tea-coloured stain', 'coloured cloth, wool, brass, stone', 'fresh',
    lines(['baking-soda', parts(2)], ['hydrogen-peroxide', parts(1)])),
  starter('soak', 'Rack soak', 'Oven racks and pans of steel: burnt-on grease, hot water', 'aluminium, varnish, wool, lino', 'fresh',
    lines(['washing-soda', gramsPerLitre(40)], ['water', fill])),
  starter('oxygen', 'Oxygen soak', 'Cotton, cups, bins: tea, wine, mould stain', 'wool, silk, leather, metal', 'fresh',
    lines(['oxygen-bleach', gramsPerLitre(12)], ['water', fill])),
  starter('hands', 'Hand soap', 'Hands, at the basin', 'eyes; hard water leaves a film', 'stored',
    lines(['castile-soap', percent(25)], ['glycerin', percent(2)], ['distilled-water', fill])),
];
