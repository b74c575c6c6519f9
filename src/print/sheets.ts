/** Every sheet that prints, in one file that loads when the first is opened. */
export { CardSheet } from './CardSheet';
export { LabelSheet } from './LabelSheet';
export { LabelsSheet } from './LabelsSheet';
