import { createChannel } from './channel';
import { createTab } from './drafts/tab';
import { browserSessionStorage, browserSyncStorage, createJournal } from './journal';
import { browserLocks, createLock } from './lock';
import { openStorage } from './storage';
import { Store } from './store';

/** Whose home is open: the person's own, or the demo's. The two never share a database. */
export type HomeKind = 'own' | 'demo';

/** The server says which home to open by an attribute of the page; in development a variable of the environment does. */
export function homeKind(): HomeKind {
  const asked = typeof document === 'undefined' ? undefined : document.documentElement.dataset.home;
  return (asked ?? (__DEV__ ? process.env.EXPO_PUBLIC_HOME : undefined)) === 'demo' ? 'demo' : 'own';
}

/** Opens the store of a home. */
export function openHome(kind: HomeKind): Store {
  const name = kind === 'demo' ? 'biscuit-demo' : 'biscuit';
  return new Store({
    storage: openStorage(name),
    lock: createLock(name),
    channel: createChannel(name),
    journal: createJournal(browserSyncStorage(), name),
    tab: createTab(name, browserSessionStorage(), browserLocks()),
    spare: { storage: browserSyncStorage(), name },
    ...(kind === 'demo' ? { seed: async () => (await import('./demo/demoHome')).demoHome(new Date()) } : {}),
  });
}
