import { createDesk } from '../worker/desk';
import type { PRESS_TASKS } from './press';

/** Asks for what is set and printed (see `press`). It is there in a worker alone: nothing of it is in the page. */
export const askPress = createDesk<typeof PRESS_TASKS>({
  start: () => (typeof Worker === 'undefined' ? null : new Worker(new URL('./press.worker', import.meta.url))),
  // A label is laid out anew with every size that is tried, and its files follow.
  keepMs: 60_000,
  here: () => Promise.reject(new Error('This browser cannot set a label: it has no workers.')),
});
