import { fetchPart } from '../loading/shared';
import { createDesk } from './desk';

/** Asks for what is done with whole homes and logs, beside the page (see `homeTasks`). */
export const askHome = createDesk({
  start: () => (typeof Worker === 'undefined' ? null : new Worker(new URL('./home.worker', import.meta.url))),
  here: async () => (await fetchPart(() => import('./homeTasks'))).HOME_TASKS,
});
