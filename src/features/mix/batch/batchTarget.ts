import {
  amountForArea,
  concentrated,
  coverML,
  dilutedWith,
  evaluate,
  fromWhatThereIs,
  maxTimes,
  resolveIngredient,
  type EvaluationContext,
  type Formula,
  type Have,
  type Vessel,
} from '@/core';
import { typedMeasureIn } from '@/devices';
import { formatNumber, volumeText } from '@/ui';

/** How much to make, as the person says it. */
export type TargetKind = 'fill' | 'several' | 'have' | 'concentrate' | 'area' | 'cover';

/** What was typed for each way of saying it; kept side by side, so that going back loses nothing. */
export interface TargetChoice {
  readonly kind: TargetKind;
  readonly bottles: string;
  readonly have: Readonly<Record<string, string>>;
  readonly times: string;
  readonly areaM2: string;
  readonly round: boolean;
  readonly lengthCM: string;
  readonly widthCM: string;
  readonly depthCM: string;
  readonly displacedML: string;
}

export const FULL_BOTTLE: TargetChoice = {
  kind: 'fill',
  bottles: '2',
  have: {},
  times: '',
  areaM2: '',
  round: false,
  lengthCM: '',
  widthCM: '',
  depthCM: '',
  displacedML: '',
};

/** What is made, of what, and in words how it came to that. */
export interface BatchTarget {
  readonly formula: Formula;
  /** Null where it is simply the bottle full. */
  readonly pourTarget: { readonly batchML: number; readonly bottles: number } | null;
  /** False where it is made in a tub or jug of any kind: then no bottle is drawn. */
  readonly inBottle: boolean;
  readonly saying: string | null;
  readonly problem: string | null;
}

const MAX_BATCH_ML = 100_000;

/** What a person is asked for where nothing, or no number, is typed yet. */
const ASKED: Record<Exclude<TargetKind, 'fill'>, string> = {
  several: 'Give how many bottles, from 2 to 50.',
  have: 'Give how much you have of at least one thing, in mL, or in g for what is dry: 250 or 40 g.',
  concentrate: 'Give how many times as strong.',
  area: 'Give the area in m², for example 2.5.',
  cover: 'Give the tub’s inside and how deep it should stand, in cm: for example 40, 30 and 8.',
};

/** Works out how much is to be made. What cannot be worked out yet is asked for; the bottle is full meanwhile. */
export function batchTarget(
  setting: TargetChoice,
  formula: Formula,
  vessel: Vessel,
  fullML: number,
  context: EvaluationContext,
): BatchTarget {
  const plain: BatchTarget = { formula, pourTarget: null, inBottle: true, saying: null, problem: null };
  if (setting.kind === 'fill') return plain;
  const no = (problem: string): BatchTarget => ({ ...plain, problem });
  const judged = evaluate(formula, context);
  if (!judged.ok) return plain;
  const { resolved: quantified, state } = judged.value;
  const some = (batchML: number, saying: string): BatchTarget => {
    if (!(batchML > 0)) return no(ASKED[setting.kind as Exclude<TargetKind, 'fill'>]);
    if (batchML > MAX_BATCH_ML)
      return no(`That is ${volumeText(batchML)}: more than the ${volumeText(MAX_BATCH_ML)} Biscuit plans at once.`);
    return batchML <= vessel.capacityML * 0.97
      ? { ...plain, pourTarget: { batchML, bottles: 1 }, saying }
      : { ...plain, pourTarget: { batchML, bottles: 1 }, inBottle: false, saying };
  };
  switch (setting.kind) {
    case 'several': {
      const bottles = typedMeasureIn(setting.bottles);
      if (!(Number.isInteger(bottles) && bottles >= 2 && bottles <= 50)) return no(ASKED.several);
      if (bottles * fullML > MAX_BATCH_ML)
        return no(`That is more than ${volumeText(MAX_BATCH_ML)}: take fewer bottles.`);
      return {
        ...plain,
        pourTarget: { batchML: bottles * fullML, bottles },
        saying: `${volumeText(bottles * fullML)} mixed in a jug or bowl, then ${volumeText(fullML)} into each of ${bottles} bottles.`,
      };
    }
    case 'have': {
      const haves = formula.lines.flatMap((line): Have[] => {
        const text = setting.have[line.id] ?? '';
        const value = typedMeasureIn(text);
        const { form } = resolveIngredient(line.ingredient);
        const grams = /g\s*$/i.test(text) || (!/l\s*$/i.test(text) && (form === 'powder' || form === 'solid'));
        const times = /kg\s*$/i.test(text) || /(^|[^m])l\s*$/i.test(text) ? 1000 : 1;
        return value > 0 ? [{ lineId: line.id, value: value * times, unit: grams ? 'g' : 'mL' }] : [];
      });
      const made = fromWhatThereIs(quantified, haves);
      if (!made) return no(ASKED.have);
      const limit = formula.lines.find((l) => l.id === made.limitedBy);
      const name = limit ? resolveIngredient(limit.ingredient).name : '';
      return some(made.batchML, `It makes ${volumeText(made.batchML)}: the ${name} runs out first.`);
    }
    case 'concentrate': {
      const most = maxTimes(quantified);
      const times = typedMeasureIn(setting.times);
      const made = concentrated(formula, quantified, times);
      if (!made.ok) return no(made.problems[0]?.message ?? ASKED.concentrate);
      return {
        ...plain,
        formula: made.value.formula,
        saying: `${formatNumber(times)} times as strong. To use: 1 part of it, made up with ${dilutedWith(formula)} to ${formatNumber(made.value.makeUpToParts)} parts. At most ${formatNumber(Math.floor(most * 10) / 10)} times.`,
      };
    }
    case 'area': {
      const areaM2 = typedMeasureIn(setting.areaM2);
      if (!(areaM2 > 0)) return no(ASKED.area);
      const need = amountForArea(formula, state, areaM2);
      const how = {
        film: 'sprayed or wiped on',
        paste: 'as a paste 2 mm thick',
        soak: 'on a wet cloth',
        dry: 'strewn',
      };
      return some(
        need.volumeML,
        `${volumeText(need.volumeML)} for ${formatNumber(areaM2)} m², ${how[need.application]}: about ${formatNumber(need.perM2ML)} mL to a square metre.`,
      );
    }
    case 'cover': {
      const length = 10 * typedMeasureIn(setting.lengthCM);
      const width = 10 * typedMeasureIn(setting.widthCM);
      const depth = 10 * typedMeasureIn(setting.depthCM);
      const displaced = setting.displacedML.trim() === '' ? 0 : typedMeasureIn(setting.displacedML);
      if (!(length > 0 && depth > 0 && (setting.round || width > 0) && displaced >= 0)) return no(ASKED.cover);
      const floor = setting.round
        ? { kind: 'round' as const, diameterMM: length }
        : { kind: 'box' as const, lengthMM: length, widthMM: width };
      const batchML = coverML(floor, depth, displaced);
      return {
        ...some(batchML, `${volumeText(batchML)} stands ${formatNumber(depth / 10)} cm deep.`),
        inBottle: false,
      };
    }
  }
}
