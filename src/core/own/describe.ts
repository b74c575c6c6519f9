import type { SubstanceId } from '../catalogue/substances';
import type { OwnIngredient } from '../formula/formula';
import { nameOnLabel } from './labelNames';
import { labelContents, type LabelPart, type LabelShare } from './readLabel';

/** What a person answers about one thing on a label; what is left out stays as it was read. */
export interface PartAnswer {
  /** What it is; null if it does nothing that has to be judged. */
  readonly is?: SubstanceId | null;
  readonly share?: LabelShare;
}

/** Shares to choose from where a label gives none: the bands of labels (Regulation (EC) No 648/2004, annex VII A), and a trace of what is in a scent. */
export const SHARE_BANDS: readonly LabelShare[] = [
  { low: 0, high: 1, basis: 'w/w' },
  { low: 0, high: 5, basis: 'w/w' },
  { low: 5, high: 15, basis: 'w/w' },
  { low: 15, high: 30, basis: 'w/w' },
  { low: 30, high: 100, basis: 'w/w' },
];

/** The same things with what was answered about them, each by its words. */
export const withAnswers = (parts: readonly LabelPart[], answers: Readonly<Record<string, PartAnswer>>): LabelPart[] =>
  parts.map((part) => ({ ...part, ...answers[part.words] }));

/** What is in it by its label: what nobody could name stays unknown, and is judged with care. */
export function describedBy(parts: readonly LabelPart[]): Pick<OwnIngredient, 'contents' | 'unknown'> {
  const contents = labelContents(parts);
  const unknown = [
    ...parts.flatMap((p) => (p.is === undefined ? [p.words.slice(0, MAX_WORDS)] : [])),
    ...contents.slice(MAX_NAMES).map((c) => nameOnLabel(c.substance)),
  ];
  return {
    contents: contents.slice(0, MAX_NAMES),
    ...(unknown.length > 0 ? { unknown: [...new Set(unknown)].slice(0, MAX_NAMES) } : {}),
  };
}

/** Words of one name that are kept, characters; and so many names of what is known, and of what is not. */
const MAX_WORDS = 80;
const MAX_NAMES = 20;

/** A share in figures: "15–30 %", "under 5 %", "4.5 %". */
export function shareText({ low, high, basis }: LabelShare): string {
  const unit = basis === 'w/w' ? '%' : `% ${basis}`;
  if (low === high) return `${low} ${unit}`;
  if (low === 0) return `< ${high} ${unit}`;
  return high === 100 ? `≥ ${low} ${unit}` : `${low}–${high} ${unit}`;
}

/** What is known of an own ingredient as a label would say it: read again, it is the same. */
export const labelText = ({ contents, unknown = [] }: OwnIngredient): string =>
  [
    ...contents.map((c) =>
      c.low === 0 && c.high === 100 ? nameOnLabel(c.substance) : `${nameOnLabel(c.substance)} ${shareText(c)}`,
    ),
    ...unknown,
  ].join('\n');
