/** What the first load asks for, before chemistry and checks are there: first steps, and lengths of time. */
export { FIRST_STEPS, type Accident } from '../findings/firstAid';
export { MINUTE_MS } from '../quantity/time';
