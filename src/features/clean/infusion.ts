/** The name of a wait for peel in vinegar, and the formula that it is for once strained. */
export const INFUSION_NAME = 'Peel in vinegar';
export const INFUSION_FORMULA = 'starter-peel';
