import { browserSyncStorage } from './browserStorage';

/** Whose home is open: the person's own, or the demo's. The two never share a database. */
export type HomeKind = 'own' | 'demo';

/** Where the choice is kept, beside both homes. */
const CHOICE_KEY = 'biscuit-open-home';

const isKind = (value: unknown): value is HomeKind => value === 'own' || value === 'demo';

/** What the page was sent with: the server's default; in development that of the environment. */
function defaultKind(): HomeKind {
  const asked = typeof document === 'undefined' ? undefined : document.documentElement.dataset.home;
  return (asked ?? (__DEV__ ? process.env.EXPO_PUBLIC_HOME : undefined)) === 'demo' ? 'demo' : 'own';
}

/**
 * Which home this browser opens: what was chosen in it. At a first visit that is what the page was sent with, and it is
 * kept from then on: the page itself may come from the browser's own store later, sent with something else.
 */
export function homeKind(storage = browserSyncStorage()): HomeKind {
  const chosen = storage?.getItem(CHOICE_KEY) ?? null;
  if (isKind(chosen)) return chosen;
  const kind = defaultKind();
  // While it is developed, each start says which.
  if (!__DEV__) chooseHome(kind, storage);
  return kind;
}

/** Keeps which home is to be opened from the next start on. */
export function chooseHome(kind: HomeKind, storage = browserSyncStorage()): void {
  try {
    storage?.setItem(CHOICE_KEY, kind);
  } catch {
    // A full disk: the page's own default holds.
  }
}
