import { isAnyBusy, Versions, whenNoneIsBusy, holdBusy, type Workers } from './versions';

/** A browser's service workers, moved by hand. */
class FakeWorkers {
  controller: object | null = null;
  readonly posted: unknown[] = [];
  updates = 0;
  private readonly heard = new Map<string, () => void>();
  private readonly steps = new Set<() => void>();
  readonly registration = {
    active: null as object | null,
    waiting: null as { postMessage: (message: unknown) => void } | null,
    installing: null as { addEventListener: (type: string, heard: () => void) => void } | null,
    addEventListener: (type: string, heard: () => void) => this.heard.set(type, heard),
    update: () => {
      this.updates++;
      return Promise.resolve();
    },
  };

  register = (): Promise<typeof this.registration> => Promise.resolve(this.registration);
  addEventListener = (type: string, heard: () => void): void => void this.heard.set(type, heard);

  /** A worker is fetched and put in place. */
  install(): void {
    this.registration.installing = { addEventListener: (_, heard) => void this.steps.add(heard) };
    this.heard.get('updatefound')?.();
    this.registration.waiting = { postMessage: (message) => this.posted.push(message) };
    this.steps.forEach((step) => step());
  }

  /** The one that waits takes over. */
  activate(): void {
    this.registration.active = this.registration.waiting;
    this.registration.waiting = null;
    this.steps.forEach((step) => step());
    this.takeOver();
  }

  /** The active one takes over the page. */
  takeOver(): void {
    this.controller = this.registration.active;
    this.heard.get('controllerchange')?.();
  }
}

const versionsOf = (workers: FakeWorkers, loadAnew = (): void => undefined): Versions =>
  new Versions(workers as unknown as Workers, loadAnew);

// Service Workers (W3C): a first worker takes over what it was built with; a later one waits for the pages of the one before.
test('the first visit is kept, and nothing is loaded anew', async () => {
  const workers = new FakeWorkers();
  let anew = 0;
  const versions = versionsOf(workers, () => anew++);
  expect(versions.state()).toEqual({ isKept: false, isNewerReady: false });
  await versions.start();
  workers.install();
  workers.activate();
  expect(versions.state()).toEqual({ isKept: true, isNewerReady: false });
  expect(anew).toBe(0);
});

test('a newer one is told of once it is here whole, takes over when told, and the page is loaded anew', async () => {
  const workers = new FakeWorkers();
  workers.controller = workers.registration.active = { state: 'activated' };
  let anew = 0;
  let heard = 0;
  const versions = versionsOf(workers, () => anew++);
  await versions.start();
  const stop = versions.subscribe(() => heard++);
  workers.install();
  expect(versions.state()).toEqual({ isKept: true, isNewerReady: true });
  expect(heard).toBeGreaterThan(0);
  versions.take();
  expect(workers.posted).toEqual([{ type: 'SKIP_WAITING' }]);
  stop();
  workers.activate();
  expect(anew).toBe(1);
});

test('one that was ready before the page was opened is told of at once', async () => {
  const workers = new FakeWorkers();
  workers.controller = workers.registration.active = { state: 'activated' };
  workers.registration.waiting = { postMessage: () => undefined };
  const versions = versionsOf(workers);
  await versions.start();
  expect(versions.state().isNewerReady).toBe(true);
});

test('a page loaded past its worker is kept all the same, and hears of what takes over', async () => {
  const workers = new FakeWorkers();
  workers.registration.active = { state: 'activated' };
  let anew = 0;
  const versions = versionsOf(workers, () => anew++);
  await versions.start();
  expect(versions.state().isKept).toBe(true);
  workers.install();
  workers.activate();
  expect(anew).toBe(1);
});

test('the first one, just becoming active as the page asks for it, loads nothing anew', async () => {
  const workers = new FakeWorkers();
  workers.registration.active = { state: 'activating' };
  let anew = 0;
  const versions = versionsOf(workers, () => anew++);
  await Promise.all([versions.start(), versions.start()]);
  expect(versions.state().isKept).toBe(false);
  workers.takeOver();
  expect([versions.state().isKept, anew]).toEqual([true, 0]);
});

test('it looks for a newer one at most once an hour', async () => {
  const workers = new FakeWorkers();
  const versions = versionsOf(workers);
  await versions.start();
  for (const minute of [61, 62, 120, 122]) versions.look(minute * 60_000);
  expect(workers.updates).toBe(2);
});

test.each([
  ['none', null],
  ['blocked', Object.assign(new FakeWorkers(), { register: () => Promise.reject(new Error('blocked')) })],
  ['answered with nothing', Object.assign(new FakeWorkers(), { register: () => Promise.resolve(undefined) })],
])('without service workers nothing is kept, and nothing breaks: %s', async (_, workers) => {
  const versions = new Versions(workers as unknown as Workers | null, () => undefined);
  await versions.start();
  versions.look(99 * 60_000 * 60);
  versions.take();
  expect(versions.state()).toEqual({ isKept: false, isNewerReady: false });
});

/** Locks as browsers give them (Web Locks, W3C): shared together, alone once all have let go, in turn. */
function fakeLocks(): LockManager {
  let held: { name: string; mode: LockMode }[] = [];
  let waiting: (() => void)[] = [];
  return {
    query: () => Promise.resolve({ held }),
    request: async (name: string, options: LockOptions, work: () => unknown) => {
      const mode = options.mode ?? 'exclusive';
      while (mode === 'exclusive' && held.length > 0) await new Promise<void>((go) => waiting.push(go));
      const lock = { name, mode };
      held = [...held, lock];
      await work();
      held = held.filter((one) => one !== lock);
      waiting.forEach((go) => go());
      waiting = [];
    },
  } as unknown as LockManager;
}

test('any tab that is busy is known of, and waited for', async () => {
  const locks = fakeLocks();
  expect(await isAnyBusy(locks)).toBe(false);
  const [one, two] = [holdBusy(locks), holdBusy(locks)];
  expect(await isAnyBusy(locks)).toBe(true);
  let free = false;
  const waited = whenNoneIsBusy(undefined, locks).then(() => (free = true));
  one();
  // All that could follow at once has followed.
  await new Promise((resolve) => setImmediate(resolve));
  expect(free).toBe(false);
  two();
  await waited;
  expect(free).toBe(true);
  expect(await isAnyBusy(locks)).toBe(false);
});

test('a browser without locks has nobody who is busy', async () => {
  holdBusy(null)();
  expect(await isAnyBusy(null)).toBe(false);
  await whenNoneIsBusy(undefined, null);
});
