import type { Range } from './range';
import { scaleRange } from './range';
import type { MassUnit, MeasureSystem, VolumeUnit } from './units';
import { unitML } from './units';

/** What a percentage is of: mass of mass, mass (g) in volume (100 mL), volume of volume. */
export const PERCENT_BASES = ['w/w', 'w/v', 'v/v'] as const;
export type PercentBasis = (typeof PERCENT_BASES)[number];

interface VagueRow {
  readonly word: string;
  /** As a card writes it, and reads it back. */
  readonly one: string;
  /** After a number; left out where none can stand before it. */
  readonly many?: string;
  readonly lowML: number;
  readonly highML: number;
  /** True if its size is anybody's guess: how much is meant is asked. */
  readonly asked?: boolean;
  /** Spellings, lower case; `one` and `many` are read too. */
  readonly names?: readonly string[];
}

/**
 * Words people use instead of a unit, and how they are read, in mL. Common practice, no source; shown to
 * the person, who may change it. "A few drops" is 3 to 5 drops at 20 drops per mL.
 */
export const VAGUE_AMOUNTS = [
  { word: 'dash', one: 'a dash', many: 'dashes', lowML: 0.5, highML: 1 },
  { word: 'pinch', one: 'a pinch', many: 'pinches', lowML: 0.3, highML: 0.6 },
  { word: 'few-drops', one: 'a few drops', lowML: 0.15, highML: 0.25 },
  { word: 'squirt', one: 'a squirt', many: 'squirts', lowML: 3, highML: 7, names: ['squeeze', 'squeezes', 'pump', 'pumps', 'squidge'] },
  { word: 'splash', one: 'a splash', many: 'splashes', lowML: 5, highML: 20 },
  { word: 'glug', one: 'a glug', many: 'glugs', lowML: 20, highML: 50, names: ['slosh', 'sloshes', 'slug', 'slugs', 'swig', 'swigs'] },
  { word: 'sprig', one: 'a sprig', many: 'sprigs', lowML: 2, highML: 6 },
  { word: 'handful', one: 'a handful', many: 'handfuls', lowML: 30, highML: 60 },
  { word: 'some', one: 'some', lowML: 5, highML: 60, asked: true },
  { word: 'plenty', one: 'plenty of', lowML: 60, highML: 2000, asked: true },
  { word: 'capful', one: 'a capful', many: 'capfuls', lowML: 5, highML: 30, asked: true, names: ['cap', 'caps', 'lidful', 'lidfuls'] },
  { word: 'dollop', one: 'a dollop', many: 'dollops', lowML: 5, highML: 30, asked: true, names: ['blob', 'blobs', 'gob', 'drizzle', 'drizzles', 'knob', 'smidgen', 'smidge', 'touch', 'lick', 'tot', 'tots', 'trickle', 'spot', 'hint', 'drop or two'] },
  { word: 'scoop', one: 'a scoop', many: 'scoops', lowML: 15, highML: 100, asked: true, names: ['spoon', 'spoons', 'spoonful', 'spoonfuls', 'ladle', 'ladles', 'ladleful'] },
  { word: 'shot', one: 'a shot', many: 'shots', lowML: 25, highML: 50, asked: true, names: ['jigger', 'jiggers', 'shot glass', 'egg cup', 'eggcup', 'eggcupful'] },
  { word: 'glass', one: 'a glass', many: 'glasses', lowML: 100, highML: 350, asked: true, names: ['glassful', 'mug', 'mugs', 'mugful', 'tumbler', 'tumblers', 'teacup', 'teacups', 'tea cup'] },
  { word: 'bottle', one: 'a bottle', many: 'bottles', lowML: 250, highML: 5000, asked: true, names: ['jar', 'jars', 'can', 'cans', 'jug', 'jugs', 'jugful', 'carton', 'cartons', 'container', 'containers', 'tin', 'tins', 'kettle', 'kettles', 'kettleful', 'flask', 'bottleful'] },
  { word: 'pack', one: 'a pack', many: 'packs', lowML: 50, highML: 2000, asked: true, names: ['box', 'boxes', 'packet', 'packets', 'package', 'packages', 'bag', 'bags', 'tub', 'tubs', 'sachet', 'sachets', 'pouch', 'pouches', 'bar', 'bars', 'block', 'blocks', 'tablet', 'tablets', 'tab', 'tabs', 'stick', 'sticks', 'cube', 'cubes', 'pod', 'pods', 'piece', 'pieces', 'chunk', 'chunks'] },
  { word: 'bucket', one: 'a bucket', many: 'buckets', lowML: 4000, highML: 12000, asked: true, names: ['bucketful', 'pail', 'pails', 'sinkful', 'basin', 'basins', 'bowl', 'bowls', 'bowlful', 'washbowl'] },
] as const satisfies readonly VagueRow[];

/** Words people use for a little of something, each read as a range that the person can change. */
export type VagueWord = (typeof VAGUE_AMOUNTS)[number]['word'];

export const VAGUE_WORDS: readonly VagueWord[] = VAGUE_AMOUNTS.map((v) => v.word);

const VAGUE_ROW = new Map<VagueWord, VagueRow>(VAGUE_AMOUNTS.map((v) => [v.word, v]));

/** How a vague word is written, alone and after a number. */
export function vagueWords(word: VagueWord): { readonly one: string; readonly many: string | null } {
  const row = VAGUE_ROW.get(word);
  return { one: row?.one ?? word, many: row?.many ?? null };
}

/** True if the size that a vague word means has to be asked: nobody's capful is another's. */
export const isAsked = (word: VagueWord): boolean => VAGUE_ROW.get(word)?.asked === true;

/** How much of an ingredient a line asks for. Every kind scales to any bottle. */
export type Amount =
  | { readonly kind: 'volume'; readonly value: Range; readonly unit: VolumeUnit }
  | { readonly kind: 'mass'; readonly value: Range; readonly unit: MassUnit }
  | { readonly kind: 'drops'; readonly value: Range }
  | { readonly kind: 'drops-per-100mL'; readonly value: Range }
  | { readonly kind: 'parts'; readonly value: Range }
  | { readonly kind: 'percent'; readonly value: Range; readonly basis: PercentBasis }
  | { readonly kind: 'grams-per-litre'; readonly value: Range }
  | { readonly kind: 'pieces'; readonly value: Range; readonly juiceML: Range }
  | { readonly kind: 'vague'; readonly word: VagueWord; readonly volumeML: Range }
  | { readonly kind: 'to-fill' };

/** How vague words are read, in mL: the table's own ranges. */
export const VAGUE_ML = Object.fromEntries(
  VAGUE_AMOUNTS.map((v) => [v.word, { low: v.lowML, high: v.highML }]),
) as Record<VagueWord, Range>;

/** Juice of one lemon in mL: about 47 g (USDA FoodData Central, memory), 45 to 50 mL taken. */
export const LEMON_JUICE_ML: Range = { low: 45, high: 50 };

/** An amount's own numbers, whatever its kind; null for "to fill", which has none. */
export function amountRange(amount: Amount): Range | null {
  switch (amount.kind) {
    case 'to-fill':
      return null;
    case 'vague':
      return amount.volumeML;
    default:
      return amount.value;
  }
}

/** The volume in mL that an amount states by itself, or null if it states none (mass, share, fill). */
export function statedML(amount: Amount, system: MeasureSystem, dropsPerML: number): Range | null {
  switch (amount.kind) {
    case 'volume':
      return scaleRange(amount.value, unitML(amount.unit, system));
    case 'drops':
      return scaleRange(amount.value, 1 / dropsPerML);
    case 'pieces':
      return { low: amount.value.low * amount.juiceML.low, high: amount.value.high * amount.juiceML.high };
    case 'vague':
      return amount.volumeML;
    default:
      return null;
  }
}

/** True if the verdict should be run at both ends of this amount because the words were vague. */
export const isVague = (amount: Amount): boolean =>
  amount.kind === 'vague' ||
  amount.kind === 'pieces' ||
  (amountRange(amount)?.low ?? 0) !== (amountRange(amount)?.high ?? 0);
