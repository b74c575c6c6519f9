/** What is known of the Biscuit in this browser: whether it is kept for when there is no connection, and a newer one. */
export interface VersionState {
  /** True once all of it is kept here, and this page answers without a connection. */
  readonly isKept: boolean;
  /** True if a newer one is here, and waits to be told to take over. */
  readonly isNewerReady: boolean;
}

/** The part of the browser's service workers that is stood on; a test hands in its own. */
export type Workers = Pick<ServiceWorkerContainer, 'controller' | 'register' | 'addEventListener'>;

/** Asks, at most so often, whether there is a newer one while the page stays open, ms. */
const LOOK_AGAIN_MS = 60 * 60_000;

/** Keeps the app in the browser (Service Workers, W3C), and hears of a newer one; nothing happens where that is not to be had. */
export class Versions {
  private now: VersionState;
  private registration: ServiceWorkerRegistration | null = null;
  private isStarted = false;
  private lookedMs = 0;
  private readonly listeners = new Set<() => void>();

  /**
   * @param workers null where the browser has none, or blocks them
   * @param loadAnew loads the page anew: called when a newer one has taken over, here or in another tab
   */
  constructor(
    private readonly workers: Workers | null,
    private readonly loadAnew: () => void,
  ) {
    this.now = { isKept: (workers?.controller ?? null) !== null, isNewerReady: false };
  }

  readonly state = (): VersionState => this.now;

  readonly subscribe = (heard: () => void): (() => void) => {
    this.listeners.add(heard);
    return () => this.listeners.delete(heard);
  };

  /** Begins to keep the app here. What the browser refuses is no failure: Biscuit then needs its server. */
  async start(): Promise<void> {
    const { workers } = this;
    if (!workers || this.isStarted) return;
    this.isStarted = true;
    let hadOne = workers.controller !== null;
    workers.addEventListener('controllerchange', () => {
      this.set({ isKept: true });
      // The first one takes over a page that was built with the same files.
      if (hadOne) this.loadAnew();
      hadOne = true;
    });
    // Private windows may answer with nothing.
    const registration = (await workers.register('/sw.js', { updateViaCache: 'none' }).catch(() => null)) ?? null;
    if (!registration) return;
    this.registration = registration;
    // A page that was loaded past it, by a hard reload, has no controller, and is kept all the same. One that is only
    // just becoming active will take over this page, as the first.
    if (registration.active?.state === 'activated') {
      hadOne = true;
      this.set({ isKept: true });
    }
    registration.addEventListener('updatefound', () => this.watch(registration.installing));
    this.watch(registration.installing);
    this.heardOfWaiting();
  }

  /** Looks for a newer one: when the page is seen again. */
  look(nowMs: number): void {
    if (!this.registration || nowMs - this.lookedMs < LOOK_AGAIN_MS) return;
    this.lookedMs = nowMs;
    void this.registration.update().catch(() => undefined);
  }

  /** Lets the newer one take over: every page of Biscuit is then loaded anew. */
  take(): void {
    this.registration?.waiting?.postMessage({ type: 'SKIP_WAITING' });
  }

  /** A worker that is being put in place: once it is, it waits. */
  private watch(coming: ServiceWorker | null): void {
    coming?.addEventListener('statechange', () => this.heardOfWaiting());
  }

  private heardOfWaiting(): void {
    // The first worker waits for nobody.
    if (this.registration?.waiting && this.registration.active) this.set({ isNewerReady: true });
  }

  private set(change: Partial<VersionState>): void {
    this.now = { ...this.now, ...change };
    this.listeners.forEach((heard) => heard());
  }
}

const browserWorkers = (): Workers | null =>
  typeof navigator !== 'undefined' && 'serviceWorker' in navigator ? navigator.serviceWorker : null;

/** A page that is not to be interrupted holds this lock with others (Web Locks, W3C): all tabs see that one does. */
const BUSY_LOCK = 'biscuit-busy';

/** The locks of the browser, as far as they are asked for. */
const browserBusyLocks = (): LockManager | null =>
  typeof navigator !== 'undefined' && 'locks' in navigator ? navigator.locks : null;

/** Says to all tabs that this one is not to be interrupted; gives back what ends that. */
export function holdBusy(locks: LockManager | null = browserBusyLocks()): () => void {
  let end = (): void => undefined;
  const until = new Promise<void>((resolve) => (end = resolve));
  void locks?.request(BUSY_LOCK, { mode: 'shared' }, () => until).catch(() => undefined);
  return end;
}

/** True if some tab, this one or another, is not to be interrupted. */
export async function isAnyBusy(locks: LockManager | null = browserBusyLocks()): Promise<boolean> {
  const { held = [] } = (await locks?.query()) ?? {};
  return held.some(({ name, mode }) => name === BUSY_LOCK && mode === 'shared');
}

/**
 * Once no tab is busy any more; at once where the browser has no locks.
 * @param signal ends the waiting: then it is broken off
 */
export async function whenNoneIsBusy(
  signal?: AbortSignal,
  locks: LockManager | null = browserBusyLocks(),
): Promise<void> {
  // Alone, it is given once all who share it have let go.
  await locks?.request(BUSY_LOCK, signal ? { signal } : {}, () => undefined);
}

/** The Biscuit of this browser. A newer one that takes over loads the page anew, but never in the middle of something. */
export const versions = new Versions(
  browserWorkers(),
  () => void whenNoneIsBusy().finally(() => window.location.reload()),
);
