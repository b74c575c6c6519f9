import {
  DATA_VERSION,
  DEFAULT_SETTINGS,
  EMPTY_HOME,
  MIGRATIONS,
  STARTER_FORMULAS,
  writeHomeFile,
  readHomeFile,
  type Formula,
} from '@/core';
import { entryOf } from '@/testing/entry';
import { MemoryStorage } from '@/testing/memoryStorage';
import type { ChangeChannel } from './channel';
import { demoHome } from './demo/demoHome';
import { createLock } from './lock';
import { NewerDataError, readHead } from './opening/head';
import { Store, type StoreParts } from './store';

/** Changes between stores that stand for tabs. */
function tabs(): () => ChangeChannel {
  const all: ((c: readonly string[]) => void)[] = [];
  return () => {
    let mine: ((c: readonly string[]) => void) | null = null;
    return {
      publish: (c) => all.filter((h) => h !== mine).forEach((h) => h(c)),
      onChange: (h) => {
        mine = h;
        all.push(h);
        return () => undefined;
      },
    };
  };
}

const silent: ChangeChannel = { publish: () => undefined, onChange: () => () => undefined };
const storeOn = (storage: MemoryStorage, more: Partial<StoreParts> = {}): Store =>
  new Store({ storage, lock: createLock('t'), channel: silent, ...more });
const formula = (id: string): Formula => ({ ...STARTER_FORMULAS[0]!, id });
const put = (store: Store, id: string): Promise<void> => store.put([{ collection: 'formula', value: formula(id) }]);

describe('records', () => {
  test('a new home is empty, and keeps what is put in it', async () => {
    const storage = new MemoryStorage();
    const store = storeOn(storage);
    expect(await store.home()).toEqual(EMPTY_HOME);
    await put(store, 'b');
    await put(store, 'a');
    expect((await storeOn(storage).all('formula')).map((f) => f.id)).toEqual(['a', 'b']);
  });

  test('one record a key', async () => {
    const storage = new MemoryStorage();
    await put(storeOn(storage), 'a');
    expect([...storage.records.keys()].sort()).toEqual(['1/formula/a', '1/settings/settings', 'head', 'head-copy']);
  });

  test('is changed in its newest form, and removed', async () => {
    const store = storeOn(new MemoryStorage());
    await put(store, 'a');
    await Promise.all([
      store.update('formula', 'a', (f) => ({ ...f, name: `${f.name}1` })),
      store.update('formula', 'a', (f) => ({ ...f, name: `${f.name}2` })),
    ]);
    expect((await store.all('formula'))[0]?.name).toBe('Clear glass12');
    expect(await store.update('formula', 'zzz', (f) => f)).toBeNull();
    await store.remove('formula', 'a');
    expect(await store.all('formula')).toEqual([]);
  });

  test('fields changed at once do not undo each other; of what is gone, nothing comes back', async () => {
    const store = storeOn(new MemoryStorage());
    await put(store, 'a');
    await Promise.all([
      store.write({ change: [{ collection: 'settings', id: 'settings', fields: { roomC: 35 } }] }),
      store.write({ change: [{ collection: 'settings', id: 'settings', fields: { humidityPercent: 10 } }] }),
      store.write({ change: [{ collection: 'formula', id: 'a', fields: { name: 'Renamed' } }] }),
      store.write({ change: [{ collection: 'formula', id: 'gone', fields: { name: 'Renamed' } }] }),
    ]);
    expect(await store.settings()).toEqual({ ...DEFAULT_SETTINGS, roomC: 35, humidityPercent: 10 });
    expect(await store.all('formula')).toEqual([{ ...formula('a'), name: 'Renamed' }]);
  });

  test('a full disk is said, and nothing that was there is lost', async () => {
    const storage = new MemoryStorage();
    const store = storeOn(storage);
    await put(store, 'a');
    const before = new Map(storage.records);
    storage.full = true;
    await expect(put(store, 'b')).rejects.toThrow('full');
    await expect(store.replace(demoHome(new Date(0)))).rejects.toThrow('full');
    expect(storage.records).toEqual(before);
    expect((await store.all('formula')).map((f) => f.id)).toEqual(['a']);
  });
});

describe('a broken record', () => {
  test.each([
    ['{"id":', 'not JSON'],
    ['{"id":"x"}', 'required'],
  ])('%s is set aside and reported; the rest loads', async (raw, reason) => {
    const storage = new MemoryStorage();
    const store = storeOn(storage);
    await put(store, 'a');
    storage.records.set('1/formula/x', raw);
    expect((await store.all('formula')).map((f) => f.id)).toEqual(['a']);
    const [aside] = await store.quarantined();
    expect(aside).toMatchObject({ key: '1/formula/x', raw });
    expect(aside?.reason).toContain(reason);
    expect(storage.records.has('1/formula/x')).toBe(false);
  });
});

describe('replacing everything', () => {
  const home = demoHome(new Date('2026-11-24T08:00:00Z'));

  test('export, clear, import gives the same home', async () => {
    const store = storeOn(new MemoryStorage(), { seed: () => home });
    const file = writeHomeFile(await store.home(), '2026-11-24T08:00:00.000Z');
    await store.replace(EMPTY_HOME);
    expect((await store.home()).batches).toEqual([]);
    const read = readHomeFile(file);
    if (!read.ok) throw new Error(read.problems[0]?.message);
    await store.replace(read.value);
    expect(writeHomeFile(await store.home(), '2026-11-24T08:00:00.000Z')).toBe(file);
  });

  test('leaves no leftovers, and an interrupted one is swept at the next opening', async () => {
    const storage = new MemoryStorage();
    const store = storeOn(storage);
    await put(store, 'old');
    await store.replace(home);
    expect([...storage.records.keys()].filter((k) => k.startsWith('1/'))).toEqual([]);
    storage.records.set('1/formula/leftover', '{}');
    expect((await storeOn(storage).all('formula')).map((f) => f.id)).not.toContain('leftover');
    expect(storage.records.has('1/formula/leftover')).toBe(false);
  });

  test('leftovers of a generation that never came to be are swept too', async () => {
    const storage = new MemoryStorage();
    await put(storeOn(storage), 'a');
    storage.records.set('9/formula/z', '{}');
    expect((await storeOn(storage).all('formula')).map((f) => f.id)).toEqual(['a']);
    expect(storage.records.has('9/formula/z')).toBe(false);
  });

  test('a head that says its home began after it is taken without that', () => {
    expect(readHead('{"schema":6,"generation":2,"since":3}')).toEqual({ schema: 6, generation: 2 });
    expect(readHead('{"schema":6,"generation":2,"since":2}')).toEqual({ schema: 6, generation: 2, since: 2 });
  });

  test('a failure to open is not remembered: the next call tries again', async () => {
    const storage = new MemoryStorage();
    const getItem = storage.getItem.bind(storage);
    storage.getItem = () => Promise.reject(new Error('The storage is away'));
    const store = storeOn(storage);
    await expect(store.all('formula')).rejects.toThrow('away');
    storage.getItem = getItem;
    expect(await store.all('formula')).toEqual([]);
  });

  test('another tab sees it, and writes into the new home', async () => {
    const storage = new MemoryStorage();
    const tab = tabs();
    const one = storeOn(storage, { channel: tab() });
    const two = storeOn(storage, { channel: tab() });
    const heard: string[] = [];
    two.listen((c) => heard.push(...c));
    await two.all('formula');
    await one.replace(home);
    expect(heard).toContain('batch');
    await put(two, 'late');
    expect((await one.all('formula')).map((f) => f.id)).toContain('late');
  });
});

describe('what was set aside', () => {
  const raw = JSON.stringify(formula('x'));

  test('is put back by itself at the next opening, once it can be read and its place is free', async () => {
    const storage = new MemoryStorage();
    await put(storeOn(storage), 'a');
    storage.records.set('aside/1/formula/x', JSON.stringify({ key: '1/formula/x', reason: 'once', raw }));
    storage.records.set('aside/1/formula/a', JSON.stringify({ key: '1/formula/a', reason: 'taken', raw }));
    storage.records.set('aside/1/formula/y', JSON.stringify({ key: '1/formula/y', reason: 'broken', raw: '{"id":' }));
    const store = storeOn(storage);
    expect((await store.all('formula')).map((f) => f.id)).toEqual(['a', 'x']);
    expect((await store.quarantined()).map((q) => q.reason).sort()).toEqual(['broken', 'taken']);
  });

  test('of the log goes back to its month', async () => {
    const storage = new MemoryStorage();
    const store = storeOn(storage);
    const [one, two] = [
      entryOf({ id: 'one', at: '2026-11-20T10:00:00.000Z' }),
      entryOf({ id: 'two', at: '2026-11-21T10:00:00.000Z' }),
    ];
    await store.write({ log: { put: [one], remove: [] } });
    const aside = { key: '1/log/2026-11/0-9', reason: 'once', raw: JSON.stringify(two) };
    storage.records.set('aside/1/log/2026-11/0-9', JSON.stringify(aside));
    await store.restoreQuarantined();
    expect((await store.log()).entries).toEqual([two, one]);
    expect(await store.quarantined()).toEqual([]);
  });

  test('of a home that an import has replaced waits to be asked for', async () => {
    const storage = new MemoryStorage();
    await storeOn(storage).replace(EMPTY_HOME);
    storage.records.set('aside/1/formula/x', JSON.stringify({ key: '1/formula/x', reason: 'once', raw, version: 5 }));
    const store = storeOn(storage);
    expect(await store.all('formula')).toEqual([]);
    await store.restoreQuarantined();
    expect((await store.all('formula')).map((f) => f.id)).toEqual(['x']);
  });

  test('itself broken, is shown as it is', async () => {
    const storage = new MemoryStorage();
    const store = storeOn(storage);
    await store.all('formula');
    storage.records.set('aside/1/formula/x', '{');
    expect(await store.quarantined()).toEqual([{ key: '1/formula/x', reason: 'It is not JSON.', raw: '{' }]);
  });

  test('is not set aside where another tab has written it meanwhile', async () => {
    const storage = new MemoryStorage();
    const store = storeOn(storage);
    await put(store, 'a');
    storage.records.set('1/formula/x', '{');
    const getMany = storage.getMany.bind(storage);
    let reads = 0;
    storage.getMany = async (keys) => {
      const read = await getMany(keys);
      if (reads++ === 0) storage.records.set('1/formula/x', raw);
      return read;
    };
    expect((await store.all('formula')).map((f) => f.id)).toEqual(['a']);
    expect(await store.quarantined()).toEqual([]);
    expect((await store.all('formula')).map((f) => f.id)).toEqual(['a', 'x']);
  });

  test('settings that a change is written over are kept', async () => {
    const storage = new MemoryStorage();
    const store = storeOn(storage);
    await store.all('formula');
    storage.records.set('1/settings/settings', '{"roomC":');
    await store.write({ change: [{ collection: 'settings', id: 'settings', fields: { roomC: 12 } }] });
    expect(await store.settings()).toEqual({ ...DEFAULT_SETTINGS, roomC: 12 });
    expect((await store.quarantined()).map((q) => q.raw)).toEqual(['{"roomC":']);
  });
});

describe('the head', () => {
  const cases: [string, (records: Map<string, string>) => void][] = [
    ['broken', (r) => r.set('head', '{"schema":')],
    ['gone', (r) => r.delete('head')],
    ['of nonsense', (r) => r.set('head', '{"schema":"5","generation":-1}')],
    ['gone with its copy', (r) => ['head', 'head-copy'].forEach((k) => r.delete(k))],
    ['broken with its copy', (r) => ['head', 'head-copy'].forEach((k) => r.set(k, '{}'))],
  ];
  test.each(cases)(
    '%s: the records are found all the same, before a page opens and while it is open',
    async (_, harm) => {
      const storage = new MemoryStorage();
      const open = storeOn(storage);
      await open.replace(EMPTY_HOME);
      await put(open, 'a');
      for (const store of [open, storeOn(storage, { seed: () => demoHome(new Date(0)) })]) {
        harm(storage.records);
        expect((await store.all('formula')).map((f) => f.id)).toEqual(['a']);
        expect(JSON.parse(storage.records.get('head')!)).toMatchObject({ schema: DATA_VERSION, generation: 2 });
      }
    },
  );
});

describe('versions', () => {
  test('records of a newer Biscuit are not touched', async () => {
    const storage = new MemoryStorage();
    storage.records.set('head', JSON.stringify({ schema: DATA_VERSION + 1, generation: 3 }));
    storage.records.set('3/formula/a', '{"new":"shape"}');
    const before = new Map(storage.records);
    const store = storeOn(storage);
    await expect(store.all('formula')).rejects.toThrow(NewerDataError);
    await expect(put(store, 'b')).rejects.toThrow(/newer Biscuit/);
    expect(storage.records).toEqual(before);
  });

  test('nor by a page that was open before the newer one came', async () => {
    const storage = new MemoryStorage();
    const old = storeOn(storage);
    await put(old, 'a');
    const newer = storeOn(storage, {
      version: DATA_VERSION + 1,
      migrations: [...MIGRATIONS, { from: DATA_VERSION, records: { formula: () => ({ new: 'shape' }) } }],
    });
    await newer.quarantined();
    const before = new Map(storage.records);
    await expect(old.all('formula')).rejects.toThrow(NewerDataError);
    await expect(old.log()).rejects.toThrow(NewerDataError);
    await expect(old.update('formula', 'a', (f) => ({ ...f, name: 'older' }))).rejects.toThrow(NewerDataError);
    await expect(put(old, 'b')).rejects.toThrow(NewerDataError);
    await expect(old.restoreQuarantined()).rejects.toThrow(NewerDataError);
    expect(storage.records).toEqual(before);
    expect(storage.records.get('2/formula/a')).toBe('{"new":"shape"}');
  });

  test('older records go through every step, into a new generation, in one write', async () => {
    const storage = new MemoryStorage();
    await put(storeOn(storage, { version: 6 }), 'a');
    await storeOn(storage, { version: 6 }).write({ log: { put: [entryOf({ id: 'e' })], remove: [] } });
    storage.records.set('1/formula/broken', '{"id":');
    const named = (to: string) => (value: unknown) => ({
      ...(value as Formula),
      name: `${(value as Formula).name} ${to}`,
    });
    const noted = (value: unknown) => ({ ...(value as object), notes: 'moved' });
    const migrations = [
      { from: 6, records: { formula: named('one'), log: noted } },
      { from: 7, records: { formula: named('two') } },
    ];
    const later = storeOn(storage, { version: 8, migrations });
    expect((await later.all('formula')).map((f) => f.name)).toEqual(['Clear glass one two']);
    expect((await later.log()).entries.map((e) => e.notes)).toEqual(['moved']);
    expect((await later.quarantined()).map((a) => a.raw)).toEqual(['{"id":']);
    expect(JSON.parse(storage.records.get('head')!)).toEqual({ schema: 8, generation: 2, since: 1 });
    // Once is enough: opening again changes nothing more.
    const again = storeOn(storage, { version: 8, migrations });
    expect((await again.all('formula')).map((f) => f.name)).toEqual(['Clear glass one two']);
  });

  test('version 5 gives formulas the way of use and the kind that their words say, in batches too', async () => {
    const storage = new MemoryStorage();
    const [plain] = STARTER_FORMULAS;
    const { form: _form, kind: _kind, ...old } = { ...plain!, kind: undefined };
    storage.records.set('head', JSON.stringify({ schema: 1, generation: 1 }));
    const formulas = [
      { ...old, id: 'a', name: 'Hand soap', how: 'A squirt on wet hands.' },
      { ...old, id: 'b', name: 'Galley spray', how: 'Wipe.' },
      { ...old, id: 'c', name: 'Paste', how: 'Rub on.' },
      { ...old, id: 'd', name: 'Spray', how: '', form: 'cloth' },
    ];
    for (const f of formulas) storage.records.set(`1/formula/${f.id}`, JSON.stringify(f));
    const use = (await storeOn(storage).all('formula')).map(({ id, form, kind }) => [id, form, kind]);
    expect(use.sort()).toEqual([
      ['a', undefined, 'hand-soap'],
      ['b', 'spray', undefined],
      ['c', undefined, undefined],
      ['d', 'cloth', undefined],
    ]);
  });
});

describe('the demo home', () => {
  const home = demoHome(new Date('2026-11-24T08:00:00Z'));

  test('passes the same check as any home', () => {
    const read = readHomeFile(writeHomeFile(home, '2026-11-24T08:00:00.000Z'));
    expect(read).toEqual({ ok: true, value: home });
  });

  test('lies in the past and holds something of each', () => {
    expect(home.batches.every((b) => b.madeAt < '2026-11-24T08:00:00.000Z')).toBe(true);
    expect(new Set(home.batches.map((b) => b.state))).toEqual(new Set(['kept', 'emptied', 'discarded']));
    expect(home.formulas.length).toBeGreaterThanOrEqual(3);
    expect(home.vessels.every((v) => v.capacityML <= 500 || v.shape === 'tub')).toBe(true);
  });
});
