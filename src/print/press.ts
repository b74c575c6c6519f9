/** What sets and prints: heavy, so it stands behind one door and is fetched when it is first needed. */
export { default as LabelSheet } from './LabelSheet';
export { shippedFonts } from './fonts';
export { pagePdf } from './pagePdf';
