/** What reads a label, and makes an ingredient of the person's own from it. */
export { describedBy, labelText, SHARE_BANDS, shareText, withAnswers, type PartAnswer } from '../own/describe';
export { labelContents, readLabel, type LabelPart, type LabelShare } from '../own/readLabel';
export { LABEL_NAMES, nameOnLabel } from '../own/labelNames';
export { PICTOGRAMS, SIGNAL_WORDS, type Pictogram, type SignalWord } from '../catalogue/ingredient';
export type { SubstanceId } from '../catalogue/substances';
