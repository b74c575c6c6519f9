import { resolveIngredient, type Formula, type Have } from '@/core';
import {
  BOTTLES_RANGE,
  MAX_BATCH_ML,
  type TargetBasis,
  type TargetKind,
  type TargetProblem,
  type TargetRequest,
} from '@/core/doors/bench';
import { typedMeasureIn, typedQuantityIn } from '@/devices';
import { formatNumber, massText, volumeText } from '@/ui';

/** What was typed for each way of saying how much; kept side by side, so that going back loses nothing. */
export interface TargetChoice {
  readonly kind: TargetKind;
  readonly bottles: string;
  readonly have: Readonly<Record<string, string>>;
  readonly times: string;
  /** So much, with its unit: "250 mL", "80 g". */
  readonly amount: string;
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
  amount: '',
  areaM2: '',
  round: false,
  lengthCM: '',
  widthCM: '',
  depthCM: '',
  displacedML: '',
};

const inMM = (cm: string): number => 10 * typedMeasureIn(cm);

/** What a person has of each line, as typed; solids in g unless a unit says otherwise. */
const havesOf = (choice: TargetChoice, formula: Formula): Have[] =>
  formula.lines.flatMap((line): Have[] => {
    const { form } = resolveIngredient(line.ingredient);
    const usual = form === 'powder' || form === 'solid' ? 'g' : 'mL';
    const typed = typedQuantityIn(choice.have[line.id] ?? '', usual, formula.measures);
    return typed && typed.value > 0 ? [{ lineId: line.id, ...typed }] : [];
  });

/** What was typed as an amount; mL unless a unit says otherwise, NaN where it is none. */
function amountIn(text: string, formula: Formula): { readonly value: number; readonly unit: 'mL' | 'g' } {
  const typed = typedQuantityIn(text, 'mL', formula.measures);
  return typed ? { value: typed.value, unit: typed.unit } : { value: NaN, unit: 'mL' };
}

/** What is asked for, in numbers. */
export function requestOf(choice: TargetChoice, formula: Formula): TargetRequest {
  switch (choice.kind) {
    case 'fill':
      return { kind: 'fill' };
    case 'several':
      return { kind: 'several', bottles: typedMeasureIn(choice.bottles) };
    case 'have':
      return { kind: 'have', haves: havesOf(choice, formula) };
    case 'concentrate':
      return { kind: 'concentrate', times: typedMeasureIn(choice.times) };
    case 'amount':
      return { kind: 'amount', ...amountIn(choice.amount, formula) };
    case 'area':
      return { kind: 'area', areaM2: typedMeasureIn(choice.areaM2) };
    case 'cover':
      return {
        kind: 'cover',
        floor: choice.round
          ? { kind: 'round', diameterMM: inMM(choice.lengthCM) }
          : { kind: 'box', lengthMM: inMM(choice.lengthCM), widthMM: inMM(choice.widthCM) },
        depthMM: inMM(choice.depthCM),
        displacedML: choice.displacedML.trim() === '' ? 0 : typedMeasureIn(choice.displacedML),
      };
  }
}

const ON: Record<Extract<TargetBasis, { kind: 'area' }>['application'], string> = {
  film: 'sprayed or wiped on',
  paste: 'as a paste 1 to 2 mm thick',
  soak: 'on a wet cloth',
  dry: 'strewn',
};

/** How it came to the amount, in a sentence or two. */
export function basisText(basis: TargetBasis): string {
  switch (basis.kind) {
    case 'several':
      return `${volumeText(basis.batchML)} mixed in a jug or bowl, then ${volumeText(basis.eachML)} into each of ${basis.bottles} bottles.`;
    case 'have':
      return `It makes ${volumeText(basis.batchML)}: the ${basis.limitedBy} runs out first.`;
    case 'concentrate':
      return `${formatNumber(basis.times)} times as strong. To use: 1 part of it, made up with ${basis.dilutedWith} to ${formatNumber(basis.makeUpToParts)} parts. At most ${formatNumber(Math.floor(basis.maxTimes * 10) / 10)} times.`;
    case 'amount':
      return basis.massG === null
        ? `${volumeText(basis.batchML)}, and no more.`
        : `${massText(basis.massG)}, about ${volumeText(basis.batchML)}.`;
    case 'area':
      return `${volumeText(basis.batchML)} for ${formatNumber(basis.areaM2)} m², ${ON[basis.application]}: about ${formatNumber(basis.perM2ML)} mL to a square metre.`;
    case 'cover':
      return `${volumeText(basis.batchML)} stands ${formatNumber(basis.depthMM / 10)} cm deep.`;
  }
}

/** What a person is asked for where nothing, or no number, is typed yet. */
const ASKED: Record<Exclude<TargetKind, 'fill'>, string> = {
  several: `Give how many bottles, from ${BOTTLES_RANGE.low} to ${BOTTLES_RANGE.high}.`,
  have: 'Give how much you have of at least one thing, in mL, or in g for what is dry: 250 or 40 g.',
  concentrate: 'Give how many times as strong.',
  amount: 'Give how much, in mL, or in g with its unit: 250 or 80 g.',
  area: 'Give the area in m², for example 2.5.',
  cover: 'Give the tub’s inside and how deep it should stand, in cm: for example 40, 30 and 8.',
};

/** Why there is no amount yet, and what would be accepted. */
export function problemText(kind: TargetKind, problem: TargetProblem): string {
  switch (problem.kind) {
    case 'not-given':
      return kind === 'fill' ? '' : ASKED[kind];
    case 'too-much':
      return kind === 'several'
        ? `That is more than ${volumeText(MAX_BATCH_ML)}: take fewer bottles.`
        : `That is ${volumeText(problem.batchML)}: more than the ${volumeText(MAX_BATCH_ML)} Biscuit plans at once.`;
    case 'refused':
      return problem.message;
  }
}
