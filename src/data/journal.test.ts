import fc from 'fast-check';
import { runs } from '../testing/runs';
import { DEFAULT_SETTINGS, STARTER_FORMULAS, type Formula } from '@/core';
import { MemorySyncStorage, MemoryStorage } from '@/testing/memoryStorage';
import { createJournal } from './journal';
import { createLock } from './lock';
import { Store } from './store';
import { readNote, type Write } from './write';

const formula = (id: string, name: string): Formula => ({ ...STARTER_FORMULAS[0]!, id, name });
const putting = (id: string, name: string): Write => ({
  put: [{ collection: 'formula', value: formula(id, name) }],
});

let locks = 0;
/** A page on a home: its transactions come to no end once it is `left`. */
function pageOn(storage: MemoryStorage, shelf: MemorySyncStorage, lock = createLock(`page-${locks++}`)) {
  let left = false;
  const journal = createJournal(shelf, 'home');
  const store = new Store({
    storage: {
      getItem: (k) => storage.getItem(k),
      getMany: (k) => storage.getMany(k),
      getAllKeys: () => storage.getAllKeys(),
      removeMany: (k) => storage.removeMany(k),
      setMany: (e) => (left ? new Promise<void>(() => undefined) : storage.setMany(e)),
    },
    // The browser frees the locks of a page that is gone: each page of these tests has its own.
    lock,
    channel: { publish: () => undefined, onChange: () => () => undefined },
    journal: {
      ...journal,
      remove: (mark) => {
        if (!left) journal.remove(mark);
      },
    },
  });
  return { store, leave: () => (left = true) };
}
/** A page that has written one record and was left, with what it still began. */
async function leftWith(...begun: readonly Write[]) {
  const storage = new MemoryStorage();
  const shelf = new MemorySyncStorage();
  const page = pageOn(storage, shelf);
  await page.store.write(putting('a', 'one'));
  page.leave();
  begun.forEach((write) => void page.store.write(write));
  return { storage, shelf, page };
}
const names = async (store: Store): Promise<string[]> => (await store.all('formula')).map((f) => f.name);

test('notes of several pages keep their order within a millisecond, and when the clock is set back', () => {
  const shelf = new MemorySyncStorage();
  const pages = [createJournal(shelf, 'home'), createJournal(shelf, 'home'), createJournal(shelf, 'home')];
  const clock = jest.spyOn(Date, 'now');
  for (const [i, instant] of [1_000_000, 1_000_000, 1_000_000, 999_000, 1_000_000, 2_000_000].entries()) {
    clock.mockReturnValue(instant);
    pages[i % 2 === 0 ? 0 : 1 + ((i >> 1) % 2)]?.append(putting('a', String(i)));
  }
  clock.mockRestore();
  const noted = pages[0]?.pending().map(({ raw }) => {
    const note = readNote(raw);
    return note.kind === 'write' ? (note.write.put?.[0]?.value as Formula).name : note.kind;
  });
  expect(noted).toEqual(['0', '1', '2', '3', '4', '5']);
});

test('a write that is carried out leaves no note', async () => {
  const shelf = new MemorySyncStorage();
  const { store } = pageOn(new MemoryStorage(), shelf);
  const done = store.write(putting('a', 'one'));
  expect(shelf.length).toBe(1);
  await done;
  expect(shelf.length).toBe(0);
  expect(await names(store)).toEqual(['one']);
});

test('what a page began and did not finish, the next one does, in the order it was begun', async () => {
  const { storage, shelf } = await leftWith(
    putting('a', 'two'),
    putting('b', 'new'),
    { put: [{ collection: 'settings', value: { ...DEFAULT_SETTINGS, dropsPerML: 25 } }] },
    putting('a', 'three'),
    { draft: { key: 'draft/@lone/paste', value: { at: '2026-11-01T10:00:00.000Z', value: { text: 'half a word' } } } },
  );
  const next = pageOn(storage, shelf).store;
  expect(await names(next)).toEqual(['three', 'new']);
  expect((await next.settings()).dropsPerML).toBe(25);
  expect((await next.drafts.read('paste')).value).toEqual({ text: 'half a word' });
  expect(shelf.length).toBe(0);
});

test('a change that was under way when the page was left is finished by the next', async () => {
  const { storage, shelf, page } = await leftWith();
  void page.store.update('formula', 'a', (f) => ({ ...f, name: 'changed' }));
  for (let i = 0; i < 20; i++) await Promise.resolve();
  expect(await names(pageOn(storage, shelf).store)).toEqual(['changed']);
});

test('what is shown as changed is noted at once: a page left in the same moment loses nothing', async () => {
  const { storage, shelf, page } = await leftWith();
  const seen = await page.store.all('formula');
  void page.store.update('formula', 'a', (f) => ({ ...f, name: 'changed' }), seen);
  expect(shelf.length).toBe(1);
  expect(await names(pageOn(storage, shelf).store)).toEqual(['changed']);
});

test('a change is of the newest form, whatever was seen; carried out by another page, it is not done twice', async () => {
  const storage = new MemoryStorage();
  const shelf = new MemorySyncStorage();
  const lock = createLock('both');
  const [one, two, unopened] = [1, 2, 3].map(() => pageOn(storage, shelf, lock).store) as [Store, Store, Store];
  const more = (f: Formula): Formula => ({ ...f, name: `${f.name}+` });
  await one.write(putting('a', 'n'));
  const seen = await one.all('formula');
  await two.update('formula', 'a', more);
  expect(await one.update('formula', 'a', more, seen)).toMatchObject({ name: 'n++' });
  // A page that opens carries out all that is noted: its own change too.
  expect(await unopened.update('formula', 'a', more, await one.all('formula'))).toMatchObject({ name: 'n+++' });
  expect(await names(two)).toEqual(['n+++']);
  expect(shelf.length).toBe(0);
});

test('a change that leaves all as it is notes nothing', async () => {
  const shelf = new MemorySyncStorage();
  const { store } = pageOn(new MemoryStorage(), shelf);
  await store.write(putting('a', 'one'));
  const seen = await store.all('formula');
  const done = store.update('formula', 'a', (f) => f, seen);
  expect(shelf.length).toBe(0);
  expect(await done).toBeNull();
});

test('what was left is older than what another page writes after: the newer one stays', async () => {
  const storage = new MemoryStorage();
  const shelf = new MemorySyncStorage();
  const living = pageOn(storage, shelf).store;
  await living.write(putting('a', 'one'));
  const dying = pageOn(storage, shelf);
  await dying.store.all('formula');
  dying.leave();
  void dying.store.write(putting('a', 'from the page that was left'));
  const heard: (readonly string[])[] = [];
  living.listen((collections) => heard.push(collections));
  await living.write(putting('a', 'newest'));
  expect(heard).toContainEqual(['formula']);
  expect(await names(pageOn(storage, shelf).store)).toEqual(['newest']);
  expect(shelf.length).toBe(0);
});

test('a full disk refuses the write, and it does not come back by itself', async () => {
  const storage = new MemoryStorage();
  const shelf = new MemorySyncStorage();
  const { store } = pageOn(storage, shelf);
  await store.write(putting('a', 'one'));
  storage.full = true;
  await expect(store.write(putting('a', 'two'))).rejects.toThrow('full');
  expect(shelf.length).toBe(0);
  storage.full = false;
  expect(await names(pageOn(storage, shelf).store)).toEqual(['one']);
});

test('what could not be finished for want of room waits for room, and holds nothing up', async () => {
  const { storage, shelf } = await leftWith(putting('a', 'two'));
  storage.full = true;
  const next = pageOn(storage, shelf).store;
  expect(await names(next)).toEqual(['one']);
  storage.full = false;
  await next.write(putting('b', 'new'));
  expect(await names(next)).toEqual(['two', 'new']);
});

test('what waits for room is given up where something newer has been written over it', async () => {
  const { storage, shelf } = await leftWith(putting('a', 'too long for the disk'), putting('b', 'too long, too'));
  // The disk takes what is short.
  const setMany = storage.setMany.bind(storage);
  storage.setMany = (entries) =>
    JSON.stringify(entries).includes('too long') ? Promise.reject(new Error('The disk is full')) : setMany(entries);
  const next = pageOn(storage, shelf).store;
  await next.write(putting('a', 'short'));
  storage.setMany = setMany;
  await next.write(putting('c', 'room again'));
  expect(await names(next)).toEqual(['short', 'too long, too', 'room again']);
  expect(shelf.length).toBe(0);
});

test('nor does it come over what a page that was open all along has written since', async () => {
  const storage = new MemoryStorage();
  const shelf = new MemorySyncStorage();
  const { store } = pageOn(storage, shelf);
  await store.write(putting('a', 'one'));
  // Another page noted this and was left.
  createJournal(shelf, 'home').append(putting('a', 'too long for the disk'));
  const setMany = storage.setMany.bind(storage);
  storage.setMany = (entries) =>
    JSON.stringify(entries).includes('too long') ? Promise.reject(new Error('The disk is full')) : setMany(entries);
  await store.write(putting('a', 'short'));
  storage.setMany = setMany;
  await store.write(putting('c', 'room again'));
  expect(await names(store)).toEqual(['short', 'room again']);
  expect(shelf.length).toBe(0);
});

test('a draft noted by an older Biscuit, by its name alone, is still found', async () => {
  const shelf = new MemorySyncStorage();
  shelf.setItem(
    'home-journal/00000000000001-abc',
    JSON.stringify({ version: 9, write: { draft: { name: 'paste', value: { text: 'old' } } } }),
  );
  const { store } = pageOn(new MemoryStorage(), shelf);
  expect(await store.drafts.read('paste')).toEqual({ value: { text: 'old' }, takenUp: true });
  expect(shelf.length).toBe(0);
});

test('a log of years is not noted: it would fill the small storage', () => {
  const shelf = new MemorySyncStorage();
  const journal = createJournal(shelf, 'home');
  expect(journal.append({ draft: { key: 'draft/d', value: 'x'.repeat(199_000) } })).not.toBeNull();
  expect(journal.append({ draft: { key: 'draft/d', value: 'x'.repeat(200_001) } })).toBeNull();
  expect(shelf.length).toBe(1);
});

test('without a synchronous storage, or with a full one, writes go their usual way', async () => {
  for (const shelf of [null, new MemorySyncStorage(10)]) {
    const store = new Store({
      storage: new MemoryStorage(),
      lock: createLock(`no-shelf-${locks++}`),
      channel: { publish: () => undefined, onChange: () => () => undefined },
      journal: createJournal(shelf, 'home'),
    });
    await store.write(putting('a', 'one'));
    expect(await names(store)).toEqual(['one']);
  }
});

test.each([
  ['{broken', 'It is not JSON.'],
  ['{"version":5,"write":{"put":[{"collection":"formula","value":{"id":"a"}}]}}', '"name" is required'],
  ['{"put":[{"collection":"recipe","value":{"id":"a"}}]}', 'There is no collection recipe.'],
  ['{"change":[{"collection":"formula","id":7,"fields":{}}]}', 'It does not say what it changes.'],
  ['{"remove":[{"collection":"formula"}]}', 'It does not say what it changes.'],
  ['{"log":{"put":[],"remove":[{"id":"a"}]}}', 'It does not say which entry goes.'],
  ['{"draft":{"value":1}}', 'It does not say which draft it is.'],
])('a note that cannot be read stands aside, and holds nothing up: %s', async (raw, reason) => {
  const storage = new MemoryStorage();
  const shelf = new MemorySyncStorage();
  shelf.setItem('home-journal/1', raw);
  createJournal(shelf, 'home').append(putting('b', 'after it'));
  const { store } = pageOn(storage, shelf);
  expect(await names(store)).toEqual(['after it']);
  const [aside, ...more] = await store.quarantined();
  expect(more).toEqual([]);
  expect(aside).toMatchObject({ key: 'home-journal/1', raw });
  expect(aside?.reason).toContain(reason);
  expect(shelf.length).toBe(0);
});

test('a note of before versions were noted is carried out; one of a newer Biscuit is left to it', async () => {
  const shelf = new MemorySyncStorage();
  shelf.setItem('home-journal/1', JSON.stringify(putting('a', 'old note')));
  const { form: _, ...plain } = formula('d', 'Cup soak');
  const soak = { ...plain, use: 'fresh' };
  shelf.setItem('home-journal/0', JSON.stringify({ put: [{ collection: 'formula', value: soak }] }));
  const newer = JSON.stringify({ version: 99, write: putting('b', 'new note') });
  shelf.setItem('home-journal/2', newer);
  const { store } = pageOn(new MemoryStorage(), shelf);
  await store.write(putting('c', 'mine'));
  expect(await names(store)).toEqual(['old note', 'mine', 'Cup soak']);
  // Its records are brought to the form of today.
  expect((await store.all('formula'))[2]).toMatchObject({ form: 'soak' });
  expect(shelf.length).toBe(1);
  expect(shelf.getItem('home-journal/2')).toBe(newer);
});

test('another home’s notes are left alone', async () => {
  const shelf = new MemorySyncStorage();
  createJournal(shelf, 'demo').append(putting('a', 'demo'));
  expect(await names(pageOn(new MemoryStorage(), shelf).store)).toEqual([]);
  expect(shelf.length).toBe(1);
});

/** Locks as the browser keeps them (Web Locks API): one holder at a time, and a page that is gone holds nothing. */
class Locks {
  private queue: { readonly page: object; readonly run: () => Promise<unknown> }[] = [];
  private holder: object | null = null;
  private readonly dead = new Set<object>();

  of(page: object): ReturnType<typeof createLock> {
    return (job) =>
      new Promise((resolve, reject) => {
        if (this.dead.has(page)) return; // It asks for nothing any more.
        this.queue.push({ page, run: () => job().then(resolve, reject) });
        this.next();
      });
  }

  gone(page: object): void {
    this.dead.add(page);
    this.queue = this.queue.filter((q) => q.page !== page);
    if (this.holder === page) this.holder = null;
    this.next();
  }

  private next(): void {
    const first = this.holder === null ? this.queue.shift() : undefined;
    if (!first) return;
    this.holder = first.page;
    void first.run().finally(() => {
      if (this.holder === first.page) this.holder = null;
      this.next();
    });
  }
}

test('whatever pages do, and whenever they are left: in the end each record is as it was last written', async () => {
  let now = 1_000_000;
  const clock = jest.spyOn(Date, 'now').mockImplementation(() => ++now);
  const deed = fc.oneof(
    { weight: 5, arbitrary: fc.record({ kind: fc.constant('write' as const), page: fc.nat(1), id: fc.nat(1) }) },
    { weight: 1, arbitrary: fc.record({ kind: fc.constant('leave' as const), page: fc.nat(1), id: fc.nat(0) }) },
    { weight: 3, arbitrary: fc.record({ kind: fc.constant('pause' as const), page: fc.nat(200), id: fc.nat(0) }) },
  );
  await fc.assert(
    fc.asyncProperty(fc.array(deed, { maxLength: 40, size: 'max' }), async (deeds) => {
      const storage = new MemoryStorage();
      const shelf = new MemorySyncStorage();
      const locks = new Locks();
      const open = () => {
        const page = {};
        const opened = pageOn(storage, shelf, locks.of(page));
        return {
          ...opened,
          leave: () => {
            opened.leave();
            locks.gone(page);
          },
        };
      };
      const pages = [open(), open()];
      const last = new Map<string, string>();
      let count = 0;
      for (const { kind, page, id } of deeds) {
        if (kind === 'pause') {
          for (let i = 0; i < page; i++) await Promise.resolve();
        } else if (kind === 'leave') {
          pages[page]!.leave();
          pages[page] = open();
        } else {
          const name = `text ${count++}`;
          last.set(`f${id}`, name);
          void pages[page]!.store.write(putting(`f${id}`, name));
        }
      }
      pages.forEach((p) => p.leave());
      const kept = (await open().store.all('formula')).map((f) => [f.id, f.name]);
      expect(kept).toEqual([...last].sort(([a], [b]) => (a < b ? -1 : 1)));
      expect(shelf.length).toBe(0);
    }),
    { numRuns: runs(300) },
  );
  clock.mockRestore();
});
