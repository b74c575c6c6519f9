/** What the command line alone asks for. */
export { descaling, type Descaling } from '../cleaning/descaling';
export { mixtureReport } from '../evaluation/report';
