/** The name of a wait for peel in vinegar, and the formula that it is for once strained. */
export const PEEL_IN_VINEGAR = 'Peel in vinegar';
export const PEEL_FORMULA = 'starter-peel';
