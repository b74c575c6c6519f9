import { createChannel } from './channel';
import { browserSyncStorage, createJournal } from './journal';
import { createLock } from './lock';
import { openStorage } from './storage';
import { Store } from './store';

/** Whose home is open: the person's own, or the demo's. The two never share a database. */
export type HomeKind = 'own' | 'demo';

/** The server says which home to open by an attribute of the page. */
export function homeKind(): HomeKind {
  return typeof document !== 'undefined' && document.documentElement.dataset.home === 'demo' ? 'demo' : 'own';
}

/** Opens the store of a home. */
export function openHome(kind: HomeKind): Store {
  const name = kind === 'demo' ? 'biscuit-demo' : 'biscuit';
  return new Store({
    storage: openStorage(name),
    lock: createLock(name),
    channel: createChannel(name),
    journal: createJournal(browserSyncStorage(), name),
    ...(kind === 'demo' ? { seed: async () => (await import('./demo/demoHome')).demoHome(new Date()) } : {}),
  });
}
