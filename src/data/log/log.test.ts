import { startTimer, markNotified, type LogEntry } from '@/core';
import { entryOf } from '@/testing/entry';
import { MemoryStorage } from '@/testing/memoryStorage';
import type { ChangeChannel } from '../channel';
import { demoHome } from '../demo/demoHome';
import { createLock } from '../lock';
import { Store } from '../store';

const silent: ChangeChannel = { publish: () => undefined, onChange: () => () => undefined };
const storeOn = (storage: MemoryStorage): Store => new Store({ storage, lock: createLock('log'), channel: silent });

const entry = (id: string, at: string, more: Partial<LogEntry> = {}): LogEntry => entryOf({ id, at, ...more });
const NOV = '2026-11-20T10:00:00.000Z';
const NOV_LATE = '2026-11-24T10:00:00.000Z';
const OCT = '2026-10-05T10:00:00.000Z';
const write = (store: Store, put: readonly LogEntry[], remove: readonly LogEntry[] = []): Promise<void> =>
  store.write({ log: { put, remove } });
const idsOf = async (store: Store): Promise<string[]> => (await store.log()).entries.map((e) => e.id);

describe('the log', () => {
  test('is kept by months, one key each, newest first', async () => {
    const storage = new MemoryStorage();
    const store = storeOn(storage);
    await write(store, [entry('a', NOV), entry('b', OCT)]);
    await write(store, [entry('c', NOV_LATE)]);
    expect([...storage.records.keys()].filter((k) => k.includes('/log/')).sort()).toEqual([
      '1/log/2026-10',
      '1/log/2026-11',
    ]);
    expect(await idsOf(storeOn(storage))).toEqual(['c', 'a', 'b']);
  });

  test('of one instant, the greater id comes first, whatever the order they were written in', async () => {
    const store = storeOn(new MemoryStorage());
    await write(store, [entry('a', NOV), entry('c', NOV)]);
    await write(store, [entry('b', NOV)]);
    expect(await idsOf(store)).toEqual(['c', 'b', 'a']);
  });

  test('says what there is as soon as the newest month is read', async () => {
    const store = storeOn(new MemoryStorage());
    await write(store, [entry('a', NOV), entry('b', OCT)]);
    const heard: (readonly [number, boolean])[] = [];
    const whole = await store.log(({ entries, complete }) => heard.push([entries.length, complete]));
    expect(heard).toEqual([[1, false]]);
    expect(whole).toMatchObject({ complete: true });
    expect(whole.entries).toHaveLength(2);
  });

  test('what was done of late is read without the rest', async () => {
    const storage = new MemoryStorage();
    const store = storeOn(storage);
    await write(store, [entry('a', NOV), entry('b', OCT), entry('c', NOV_LATE)]);
    const read: string[] = [];
    const getItem = storage.getItem.bind(storage);
    storage.getItem = (key) => {
      read.push(key);
      return getItem(key);
    };
    expect((await store.logSince('2026-11-22T00:00:00.000Z')).map((e) => e.id)).toEqual(['c']);
    expect(read).not.toContain('1/log/2026-10');
  });

  test('an entry changed stands once, and moves when its day moves', async () => {
    const store = storeOn(new MemoryStorage());
    await write(store, [entry('a', NOV), entry('b', OCT)]);
    await write(store, [entry('a', NOV, { notes: 'changed' })]);
    expect((await store.log()).entries.map((e) => [e.id, e.notes])).toEqual([
      ['a', 'changed'],
      ['b', ''],
    ]);
    await write(store, [entry('a', '2026-10-06T10:00:00.000Z')], [entry('a', NOV)]);
    expect(await idsOf(store)).toEqual(['a', 'b']);
    expect((await store.log()).entries[0]?.at).toBe('2026-10-06T10:00:00.000Z');
  });

  test('taken out and put back by undo, exactly as it was', async () => {
    const store = storeOn(new MemoryStorage());
    const one = entry('a', NOV, { notes: 'as it was' });
    await write(store, [one, entry('b', NOV_LATE)]);
    await write(store, [], [one]);
    expect(await idsOf(store)).toEqual(['b']);
    await write(store, [one]);
    expect((await store.log()).entries).toEqual([entry('b', NOV_LATE), one]);
  });

  test('an entry that cannot be read stands aside alone; nothing of it is lost, whoever writes next', async () => {
    const storage = new MemoryStorage();
    await write(storeOn(storage), [entry('a', NOV)]);
    const spoilt = JSON.stringify([entry('a', NOV), { id: 'x', at: NOV, notes: 'precious' }]);
    storage.records.set('1/log/2026-11', spoilt);
    const reader = storeOn(storage);
    expect(await idsOf(reader)).toEqual(['a']);
    expect((await reader.quarantined()).map((a) => a.raw).join()).toContain('precious');
    // A writer that has not read the page before keeps it as well.
    storage.records.set('1/log/2026-10', '[{"id":"y","notes":"precious too"}]');
    const writer = storeOn(storage);
    await write(writer, [entry('c', OCT)]);
    expect(await idsOf(writer)).toEqual(['a', 'c']);
    expect((await writer.quarantined()).map((a) => a.raw).join()).toContain('precious too');
    storage.records.set('1/log/2026-09', '[{"id":');
    expect(await idsOf(storeOn(storage))).toEqual(['a', 'c']);
  });

  test('a full disk is said, and nothing that was there is lost', async () => {
    const storage = new MemoryStorage();
    const store = storeOn(storage);
    await write(store, [entry('a', NOV)]);
    storage.full = true;
    await expect(write(store, [entry('b', NOV)])).rejects.toThrow('full');
    storage.full = false;
    expect(await idsOf(storeOn(storage))).toEqual(['a']);
  });

  test('two writers of one month lose nothing of each other’s', async () => {
    const storage = new MemoryStorage();
    const [one, two] = [storeOn(storage), storeOn(storage)];
    const lock = createLock('both');
    const tab = (): Store => new Store({ storage, lock, channel: silent });
    const [a, b] = [tab(), tab()];
    await Promise.all(Array.from({ length: 20 }, (_, i) => write(i % 2 ? a : b, [entry(`e${i}`, NOV)])));
    expect((await idsOf(one)).length).toBe(20);
    expect((await idsOf(two)).length).toBe(20);
  });

  test('ten thousand entries come back, and an unchanged month is not checked again', async () => {
    const store = storeOn(new MemoryStorage());
    const many = Array.from({ length: 10_000 }, (_, i) =>
      entry(`e${i}`, new Date(Date.UTC(2022, 0, 1) + i * 4 * 3_600_000).toISOString()),
    );
    await write(store, many);
    const first = await store.log();
    expect(first.entries).toHaveLength(10_000);
    const again = await store.log();
    // The very same objects: nothing was read anew.
    expect(again.entries.every((e, i) => e === first.entries[i])).toBe(true);
  });
});

describe('the whole home', () => {
  test('goes out and comes back with rooms, waits and log', async () => {
    const home = demoHome(new Date(NOV_LATE));
    const store = storeOn(new MemoryStorage());
    await store.replace(home);
    const back = await store.home();
    expect(back.log).toHaveLength(home.log.length);
    expect(new Set(back.log)).toEqual(new Set(home.log));
    expect(back.surfaces).toHaveLength(home.surfaces.length);
    expect(back.timers).toHaveLength(home.timers.length);
  });
});

describe('a wait in two tabs', () => {
  test('what is due is told by one of them alone', async () => {
    const storage = new MemoryStorage();
    const lock = createLock('waits');
    const tab = (): Store => new Store({ storage, lock, channel: silent });
    const [a, b] = [tab(), tab()];
    const timer = startTimer(
      { id: 't', kind: 'dwell', name: 'Soak', place: 'Sink', usefulMinutes: 5, bestMinutes: 10, longestMinutes: 20 },
      NOV,
    );
    await a.put([{ collection: 'timer', value: timer }]);
    const due = Date.parse(NOV) + 11 * 60_000;
    const tell = (store: Store): Promise<unknown> =>
      store.update('timer', 't', (t) =>
        markNotified(t, due).told.length === t.told.length ? t : markNotified(t, due),
      );
    const rang = await Promise.all([tell(a), tell(b), tell(a), tell(b)]);
    expect(rang.filter((r) => r !== null)).toHaveLength(1);
    expect((await b.all('timer'))[0]?.told).toEqual(['useful', 'best']);
  });
});
