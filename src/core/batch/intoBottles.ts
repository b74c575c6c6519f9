import type { Vessel } from '../catalogue/vessels';
import type { PourPlan } from '../evaluation/pourPlan';
import { ingredientOfLine } from '../formula/resolveIngredient';
import type { Portion } from '../formula/resolveAmounts';
import { standsIn, type Batch } from '../shelf-life/batch';

/** The number at the end of a bottle's name: "Sprayer 2". */
const NUMBERED = /^(.*?)(?: (\d+))?$/;

/** True if two bottles are alike in all that what is in them depends on. */
const isLike = (a: Vessel, b: Vessel): boolean =>
  a.shape === b.shape &&
  a.capacityML === b.capacityML &&
  a.material === b.material &&
  a.opaque === b.opaque &&
  (a.heldFood ?? false) === (b.heldFood ?? false);

/** A name that no bottle has yet, counted up. */
function nextName(name: string, taken: ReadonlySet<string>): string {
  const [, stem = name, number] = NUMBERED.exec(name) ?? [];
  for (let n = number === undefined ? 2 : Number(number) + 1; ; n++) {
    const next = `${stem.slice(0, 60 - String(n).length - 1)} ${n}`;
    if (!taken.has(next)) return next;
  }
}

/**
 * The bottles that a batch is poured into, each a thing of its own: the one that was chosen, then others like it
 * that stand empty, then new ones, named on from it.
 */
export function bottlesFor(
  count: number,
  chosen: Vessel,
  own: readonly Vessel[],
  batches: readonly Batch[],
  newId: () => string,
): readonly Vessel[] {
  const empty = own.filter((v) => v.id !== chosen.id && isLike(v, chosen) && standsIn(v.id, batches).length === 0);
  const bottles = [chosen, ...empty].slice(0, count);
  const taken = new Set([...own, chosen].map((v) => v.name));
  while (bottles.length < count) {
    const { place: _, ...like } = chosen;
    const name = nextName(bottles.at(-1)?.name ?? chosen.name, taken);
    taken.add(name);
    bottles.push({ ...like, id: newId(), name });
  }
  return bottles;
}

/**
 * What was really poured, line by line.
 * @param poured mL of lines whose amount was noted; of the others it is taken that it went as planned
 */
export const pouredPortions = (
  plan: Pick<PourPlan, 'lines'>,
  poured: Readonly<Record<string, number>> = {},
): Portion[] =>
  plan.lines.map(({ line, volumeML }) => {
    const ingredient = ingredientOfLine(line);
    const reallyML = poured[line.id] ?? volumeML;
    return { line, ingredient, volumeML: reallyML, massG: reallyML * ingredient.densityGPerML };
  });
