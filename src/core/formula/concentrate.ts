import { rootOfRising } from '../quantity/root';
import { pointRange } from '../quantity/range';
import type { Formula, Line } from './formula';
import { freeLineId } from './change';
import { mixedVolume } from './mixedVolume';
import { ok, err, type Result } from './result';
import { scaleTo, type Portion, type ResolvedFormula } from './resolveAmounts';
import { resolveIngredient } from './resolveIngredient';

/** A formula made stronger, to be diluted with water later. */
export interface Concentrate {
  readonly formula: Formula;
  /** One part of it, made up with water to so many parts in all, gives back the formula. */
  readonly makeUpToParts: number;
}

/** Less strengthening than this is none. */
const MIN_TIMES = 1.1;

const isWater = (portion: Portion): boolean => portion.ingredient.water !== null;

/** How many times stronger a formula can be made by leaving out its water; 1 if it has none. */
export function maxTimes({ portions, batchML }: ResolvedFormula): number {
  const restML = mixedVolume(portions.filter((p) => !isWater(p))).volumeML;
  return restML <= 0 || restML >= batchML ? 1 : batchML / restML;
}

/** A portion as a line that says its amount outright: grams of what is solid, mL of the rest. */
function asLine({ line, ingredient, volumeML, massG }: Portion): Line {
  const solid = ingredient.form === 'powder' || ingredient.form === 'solid';
  const { also: _, ...rest } = line;
  return {
    ...rest,
    amount: solid
      ? { kind: 'mass', value: pointRange(massG), unit: 'g' }
      : { kind: 'volume', value: pointRange(volumeML), unit: 'mL' },
  };
}

const asMuch = (portion: Portion, volumeML: number): Portion => ({
  ...portion,
  volumeML,
  massG: volumeML * portion.ingredient.densityGPerML,
});

/** A litre: the size a concentrate is written down at. */
const WRITTEN_ML = 1000;

/**
 * The formula `times` as strong, as a formula of its own: the same but for water left out. What it is
 * (fire, burns, what no longer dissolves) is for the evaluation of it to say.
 *
 * @param times more than 1, at most {@link maxTimes}
 */
export function concentrated(formula: Formula, resolved: ResolvedFormula, times: number): Result<Concentrate> {
  const most = maxTimes(resolved);
  const rounded = Math.floor(most * 10) / 10;
  if (most < MIN_TIMES) {
    return err({ where: 'times', message: 'There is no water in it to leave out: it is as strong as it can be.' });
  }
  if (!(times >= MIN_TIMES && times <= most + 1e-9)) {
    return err({
      where: 'times',
      message: `Give a number from ${MIN_TIMES} to ${rounded}: with all its water left out it is ${rounded} times as strong.`,
    });
  }
  const { portions, batchML } = scaleTo(resolved, WRITTEN_ML);
  const waterML = portions.filter(isWater).reduce((sum, p) => sum + p.volumeML, 0);
  const water = portions.find(isWater);
  const rest = portions.filter((p) => !isWater(p));
  // So much of the water stays that the whole comes to its share: alcohol and water lose volume on mixing.
  const overML = (keptWaterML: number): number =>
    mixedVolume(water ? [...rest, asMuch(water, keptWaterML)] : rest).volumeML - batchML / times;
  const keptML = water ? rootOfRising(overML, 0, waterML, 1e-6) : 0;
  const lines = portions.filter((p) => !isWater(p)).map(asLine);
  const name = ` (${Number(times.toFixed(1))} × concentrate)`;
  return ok({
    makeUpToParts: times,
    formula: {
      ...formula,
      name: formula.name.slice(0, 80 - name.length) + name,
      makesML: null,
      lines:
        water && keptML > 1e-6
          ? [
              ...lines,
              {
                id: lines.some((l) => l.id === water.line.id) ? freeLineId(formula) : water.line.id,
                ingredient: water.line.ingredient,
                amount: { kind: 'volume', value: pointRange(keptML), unit: 'mL' },
              },
            ]
          : lines,
    },
  });
}

/** Names of the waters that a concentrate is diluted with; "water" where the formula has none. */
export const dilutedWith = (formula: Formula): string => {
  const water = formula.lines.map((l) => resolveIngredient(l.ingredient)).find((i) => i.water !== null);
  return water?.name ?? 'water';
};
