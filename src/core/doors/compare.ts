/** What two formulas side by side ask for. */
export { compare, type Comparison } from '../evaluation/compare';
export { costOf } from '../stock/cost';
