import { fetchPart } from '../loading/shared';
import { createDesk } from './desk';

/** Asks for what is reckoned of a whole home, beside the page (see `reckonTasks`). */
export const askReckoner = createDesk({
  start: () => (typeof Worker === 'undefined' ? null : new Worker(new URL('./reckon.worker', import.meta.url))),
  // Days, rooms and things are tried one after another.
  keepMs: 30_000,
  here: async () => (await fetchPart(() => import('./reckonTasks'))).RECKON_TASKS,
});
