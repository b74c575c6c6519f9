import { demoHome } from '../demo/demoHome';
import { NO_JOURNAL, createJournal } from '../journal';
import { createLock } from '../lock';
import { Store } from '../store';
import { MemoryStorage, MemorySyncStorage } from '@/testing/memoryStorage';
import { createTab, type Tab } from './tab';

/** Unfinished work is of a tab; what a closed tab left is found by the next. Web Locks API: a page that is gone lets go of its locks. */

/** Tabs that are open or closed as the test says. */
class Browser {
  readonly open = new Set<string>();
  private waiting: { readonly ids: readonly string[]; readonly heard: () => void }[] = [];

  tab(id: string): Tab {
    this.open.add(id);
    return {
      id: () => Promise.resolve(id),
      idNow: () => id,
      closed: (ids) => Promise.resolve(ids.filter((other) => !this.open.has(other))),
      onClosed: (ids, heard) => {
        const one = { ids, heard };
        this.waiting.push(one);
        return () => (this.waiting = this.waiting.filter((w) => w !== one));
      },
    };
  }

  close(id: string): void {
    this.open.delete(id);
    this.waiting.filter((w) => w.ids.includes(id)).forEach((w) => w.heard());
  }
}

let locks = 0;
function homeIn(browser = new Browser(), storage = new MemoryStorage(), shelf = new MemorySyncStorage()) {
  const lock = createLock(`drafts-${locks++}`);
  const store = (id: string): Store =>
    new Store({
      storage,
      lock,
      channel: { publish: () => undefined, onChange: () => () => undefined },
      journal: NO_JOURNAL,
      tab: browser.tab(id),
      spare: { storage: shelf, name: 'home' },
    });
  return { browser, storage, shelf, store };
}

test('each tab has its own, through a reload; an import leaves it alone', async () => {
  const { store } = homeIn();
  const [a, b] = [store('a'), store('b')];
  await a.drafts.keep('paste', { text: 'of a' });
  expect(await b.drafts.read('paste')).toEqual({ value: null, takenUp: true });
  await b.drafts.keep('paste', { text: 'of b' });
  await b.replace(demoHome(new Date(0)));
  expect(await store('a').drafts.read('paste')).toEqual({ value: { text: 'of a' }, takenUp: false });
  expect(await store('b').drafts.read('paste')).toEqual({ value: { text: 'of b' }, takenUp: false });
});

test('what a closed tab left is taken up by one other, the newest first, and stays with it', async () => {
  const { store, storage } = homeIn();
  storage.records.set('draft/@a/paste', JSON.stringify({ at: '2026-11-01T11:00:00.000Z', value: 'newer' }));
  storage.records.set('draft/@b/paste', JSON.stringify({ at: '2026-11-01T10:00:00.000Z', value: 'older' }));
  const [c, d, e] = [store('c'), store('d'), store('e')];
  expect(await c.drafts.read('paste')).toEqual({ value: 'newer', takenUp: true });
  expect(await d.drafts.read('paste')).toEqual({ value: 'older', takenUp: true });
  expect((await e.drafts.read('paste')).value).toBeNull();
  expect(await c.drafts.read('paste')).toEqual({ value: 'newer', takenUp: false });
});

test('of two tabs that come at once, one takes it up', async () => {
  const { store, browser } = homeIn();
  await store('a').drafts.keep('edit/1', 'left');
  browser.close('a');
  const both = await Promise.all([store('b').drafts.read('edit/1'), store('c').drafts.read('edit/1')]);
  expect(both.map((f) => f.value).sort()).toEqual(['left', null]);
});

test('another tab that has it open is known, and heard when it is closed', async () => {
  const { store, browser } = homeIn();
  await store('a').drafts.keep('edit/1', 'under way');
  const b = store('b');
  expect(await b.drafts.openElsewhere('edit/1')).toEqual(['a']);
  expect(await b.drafts.openElsewhere('edit/2')).toEqual([]);
  const heard = jest.fn();
  b.drafts.onClosed(['a'], heard);
  expect(heard).not.toHaveBeenCalled();
  browser.close('a');
  expect(heard).toHaveBeenCalledTimes(1);
  expect(await b.drafts.read('edit/1')).toEqual({ value: 'under way', takenUp: true });
});

test('what was kept before drafts were of a tab is taken up; forgotten, nothing is left of it', async () => {
  const { store, storage } = homeIn();
  storage.records.set('draft/paste', JSON.stringify({ text: 'old' }));
  storage.records.set('draft/edit/1', 'null');
  storage.records.set('draft/bake', '{');
  const a = store('a');
  expect(await a.drafts.read('paste')).toEqual({ value: { text: 'old' }, takenUp: true });
  expect((await a.drafts.read('edit/1')).value).toBeNull();
  expect((await a.drafts.read('bake')).value).toBeNull();
  await a.drafts.keep('paste', null);
  expect([...storage.records.keys()].filter((k) => k.includes('paste'))).toEqual([]);
});

test('where the disk is full it is kept in what room there is, also for the next tab, and on the disk once that has room', async () => {
  const { store, storage, shelf, browser } = homeIn();
  const a = store('a');
  await a.drafts.keep('paste', 'first');
  storage.full = true;
  await a.drafts.keep('paste', 'second');
  expect(await store('a').drafts.read('paste')).toEqual({ value: 'second', takenUp: false });
  browser.close('a');
  const b = store('b');
  expect(await b.drafts.read('paste')).toEqual({ value: 'second', takenUp: true });
  expect(b.drafts.unkept()).toBe(0);
  storage.full = false;
  await b.drafts.keep('paste', 'third');
  expect([...shelf.kept.keys()].filter((k) => k.includes('/@b/'))).toEqual([]);
  expect(await store('b').drafts.read('paste')).toEqual({ value: 'third', takenUp: false });
});

test('what a page noted and did not live to keep is found on a full disk too', async () => {
  const { storage, shelf, browser, store } = homeIn();
  await store('a').drafts.keep('paste', 'first');
  const journal = createJournal(shelf, 'home');
  journal.append({ draft: { key: 'draft/@a/paste', value: { at: '2026-11-27T10:00:00.000Z', value: 'last' } } });
  storage.full = true;
  const next = new Store({
    storage,
    lock: createLock('drafts-noted'),
    channel: { publish: () => undefined, onChange: () => () => undefined },
    journal,
    tab: browser.tab('a'),
    spare: { storage: shelf, name: 'home' },
  });
  expect(await next.drafts.read('paste')).toEqual({ value: 'last', takenUp: false });
  expect(journal.pending()).toEqual([]);
});

test('where there is no room at all it says so, and once there is some it can be tried again', async () => {
  const { store, storage } = homeIn(new Browser(), new MemoryStorage(), new MemorySyncStorage(10));
  const a = store('a');
  await a.drafts.read('paste');
  storage.full = true;
  const heard = jest.fn();
  a.drafts.subscribe(heard);
  await expect(a.drafts.keep('paste', 'a long text')).rejects.toThrow('full');
  expect([a.drafts.unkept(), heard.mock.calls.length]).toEqual([1, 1]);
  await expect(a.drafts.tryAgain()).rejects.toThrow('full');
  storage.full = false;
  await a.drafts.tryAgain();
  expect([a.drafts.unkept(), heard.mock.calls.length]).toEqual([0, 3]);
  expect((await store('a').drafts.read('paste')).value).toBe('a long text');
});

/** The part of the Web Locks API that a tab uses: one holder a name, the next waits; a page that is gone lets go. */
class Locks {
  private readonly held = new Map<string, { readonly page: number }>();
  private queue: { readonly page: number; readonly name: string; readonly run: () => void }[] = [];

  of(page: number): LockManager {
    return {
      query: () => Promise.resolve({ held: [...this.held.keys()].map((name) => ({ name })), pending: [] }),
      request: (name: string, { signal }: { signal: AbortSignal }, run: () => Promise<unknown>) =>
        new Promise((resolve, reject) => {
          const take = (): void => {
            this.held.set(name, { page });
            void Promise.resolve(run()).then((value) => {
              this.held.delete(name);
              this.next();
              resolve(value);
            });
          };
          const one = { page, name, run: take };
          signal.addEventListener('abort', () => {
            if (!this.queue.includes(one)) return;
            this.queue = this.queue.filter((q) => q !== one);
            reject(new Error('aborted'));
          });
          this.queue.push(one);
          this.next();
        }),
    } as unknown as LockManager;
  }

  leave(page: number): void {
    this.queue = this.queue.filter((q) => q.page !== page);
    for (const [name, lock] of this.held) if (lock.page === page) this.held.delete(name);
    this.next();
  }

  private next(): void {
    const free = this.queue.find((q) => !this.held.has(q.name));
    if (!free) return;
    this.queue = this.queue.filter((q) => q !== free);
    free.run();
    this.next();
  }
}

describe('a tab', () => {
  test('is the same after a reload, and known to others as long as it is open', async () => {
    const locks = new Locks();
    const session = new MemorySyncStorage();
    const one = createTab('home', session, locks.of(1));
    const other = createTab('home', new MemorySyncStorage(), locks.of(2));
    const id = await one.id();
    expect(await other.id()).not.toBe(id);
    expect(await other.closed([id, 'gone'])).toEqual(['gone']);
    const heard = jest.fn();
    other.onClosed([id], heard);
    locks.leave(1);
    await Promise.resolve();
    expect(heard).toHaveBeenCalledTimes(1);
    expect(await createTab('home', session, locks.of(3)).id()).toBe(id);
  });

  test('that is copied with its storage is another one', async () => {
    const locks = new Locks();
    const session = new MemorySyncStorage();
    const id = await createTab('home', session, locks.of(1)).id();
    let timeIsUp = (): void => undefined;
    const copy = createTab('home', session, locks.of(2), (run) => {
      timeIsUp = run;
    });
    timeIsUp();
    expect(await copy.id()).not.toBe(id);
    expect(copy.idNow()).toBe(await copy.id());
  });

  test('where the browser has no locks is alone', async () => {
    const tab = createTab('home', null, undefined);
    expect(await tab.closed(['x'])).toEqual(['x']);
  });

  test('notes what it keeps before it knows for sure who it is', async () => {
    const shelf = new MemorySyncStorage();
    const locks = new Locks();
    const storage = new MemoryStorage();
    const session = new MemorySyncStorage();
    const storeOf = (page: number): Store =>
      new Store({
        storage,
        lock: createLock('page'),
        channel: { publish: () => undefined, onChange: () => () => undefined },
        journal: createJournal(shelf, 'home'),
        tab: createTab('home', session, locks.of(page)),
      });
    void storeOf(1).drafts.keep('paste', 'last word');
    expect(shelf.length).toBe(1);
    locks.leave(1);
    expect(await storeOf(2).drafts.read('paste')).toEqual({ value: 'last word', takenUp: false });
  });
});
