import { EMPTY_HOME, readHomeFile, writeHomeFile } from '@/core';
import { MemorySyncStorage } from '@/testing/memoryStorage';
import { demoHome } from '../demo/demoHome';
import { createLock } from '../lock';
import { BackupFile, type BackupFileParts, type FileHandle } from './backupFile';
import { BackupLog } from './backupLog';
import { HOME_TASKS } from '../../worker/homeTasks';

const home = demoHome(new Date('2026-11-24T08:00:00Z'));

describe('what is known of copies', () => {
  test('counts what is kept, in all tabs together, and asks to persist once', () => {
    const small = new MemorySyncStorage();
    const asked: string[] = [];
    const [here, there] = ['here', 'there'].map((who) => new BackupLog(small, 'own', () => asked.push(who)));
    expect(here?.state().since).toBeNull();
    expect([here?.written(['formula']), there?.written(['log', 'batch'])]).toEqual([true, true]);
    expect(here?.state()).toMatchObject({ changes: 2, savedAt: null });
    expect(asked).toEqual(['here']);
  });

  test('a wait or a step of a job is no change that a copy must have', () => {
    const backups = new BackupLog(new MemorySyncStorage(), 'own');
    expect([['timer'], ['job', 'timer'], ['aside'], []].map((c) => backups.written(c))).toEqual([
      false,
      false,
      false,
      false,
    ]);
    expect(backups.state().changes).toBe(0);
  });

  test('a copy begins anew; what is broken in the small storage is taken as nothing', () => {
    const small = new MemorySyncStorage();
    const backups = new BackupLog(small, 'own');
    const heard: number[] = [];
    backups.subscribe(() => heard.push(backups.state().changes));
    backups.written(['vessel']);
    backups.saved(1);
    expect(heard).toEqual([1, 0]);
    expect(backups.state().savedAt).not.toBeNull();
    small.setItem('own-backup', '{');
    expect(backups.state()).toMatchObject({ since: null, savedAt: null });
  });
});

describe('a copy', () => {
  test('of everything comes back as it was', async () => {
    const { file, problem } = HOME_TASKS.copyOf({ home, nowISO: '2026-11-24T08:00:00.000Z' });
    expect(problem).toBeNull();
    expect(readHomeFile(await file.text())).toMatchObject({
      ok: true,
      value: { log: home.log, formulas: home.formulas },
    });
  });

  test('that would not come back says so', () => {
    const [batch] = home.batches;
    const broken = { ...home, batches: [{ ...batch!, volumeML: -1 }] };
    expect(HOME_TASKS.copyOf({ home: broken, nowISO: '2026-11-24T08:00:00.000Z' }).problem).toMatch(/volume/i);
  });
});

/** A file in memory, as the browser gives it. */
function fileOf(name = 'pipit.json') {
  const file = { text: '', writes: 0, permission: 'granted' as PermissionState, spoils: false, fails: '' };
  const handle: FileHandle = {
    name,
    createWritable: () => {
      if (file.fails) return Promise.reject(Object.assign(new Error('no'), { name: file.fails }));
      let written = '';
      return Promise.resolve({
        write: (text) => {
          written += text;
          return Promise.resolve();
        },
        close: () => {
          file.text = file.spoils ? written.slice(1) : written;
          file.writes++;
          return Promise.resolve();
        },
      });
    },
    getFile: () => Promise.resolve({ text: () => Promise.resolve(file.text) }),
    queryPermission: () => Promise.resolve(file.permission),
    requestPermission: () => Promise.resolve(file.permission),
  };
  return { file, handle };
}

function backupFileOn(handle: FileHandle, more: Partial<BackupFileParts> = {}) {
  let kept: FileHandle | null = null;
  let soon: (() => void) | null = null;
  /** How much each copy held, and how much there is. */
  const seen = { saved: [] as number[], changes: 0, state: { home: home, aside: 0 } };
  const parts: BackupFileParts = {
    textOf: (home) => Promise.resolve(writeHomeFile(home, new Date().toISOString())),
    handles: {
      get: () => Promise.resolve(kept),
      put: (h) => {
        kept = h;
        return Promise.resolve();
      },
    },
    lock: createLock('copy'),
    home: () => Promise.resolve(seen.state),
    pick: () => Promise.resolve(handle),
    changes: () => seen.changes,
    onSaved: (held) => seen.saved.push(held),
    later: (run) => {
      soon = run;
      return () => (soon = null);
    },
    ...more,
  };
  return {
    seen,
    copy: new BackupFile(parts),
    anew: () => new BackupFile(parts),
    afterQuiet: () => soon?.(),
  };
}

describe('the file that copies go to by themselves', () => {
  test('is written at once, and again after a series of changes, and read back', async () => {
    const { file, handle } = fileOf();
    const { copy, seen, afterQuiet } = backupFileOn(handle);
    await copy.choose();
    expect(copy.state()).toEqual({ kind: 'on', name: 'pipit.json' });
    expect(readHomeFile(file.text)).toMatchObject({ ok: true, value: { formulas: home.formulas } });
    seen.state = { home: { ...home, formulas: [] }, aside: 0 };
    copy.changed();
    copy.changed();
    afterQuiet();
    await copy.write();
    expect(readHomeFile(file.text)).toMatchObject({ ok: true, value: { formulas: [] } });
    expect([file.writes, seen.saved.length]).toEqual([3, 3]);
  });

  test('is found again by the next page, which may have to ask', async () => {
    const { file, handle } = fileOf();
    const { copy, anew } = backupFileOn(handle);
    await copy.choose();
    file.permission = 'prompt';
    const next = anew();
    await next.start();
    expect(next.state()).toEqual({ kind: 'waits', name: 'pipit.json' });
    await next.allow();
    expect([next.state().kind, file.writes]).toEqual(['waits', 1]);
    file.permission = 'granted';
    await next.allow();
    expect([next.state().kind, file.writes]).toEqual(['on', 2]);
  });

  test('is written by the next page where this one was closed in the quiet after a change', async () => {
    const { file, handle } = fileOf();
    const { copy, anew, seen, afterQuiet } = backupFileOn(handle);
    await copy.choose();
    seen.state = { home: { ...home, formulas: [] }, aside: 0 };
    seen.changes = 1;
    const next = anew();
    await next.start();
    afterQuiet();
    await next.write();
    expect(readHomeFile(file.text)).toMatchObject({ ok: true, value: { formulas: [] } });
    expect(file.writes).toBe(3);
  });

  test('holds what was there when it was begun: what is changed meanwhile is still to come', async () => {
    const { handle } = fileOf();
    const { copy, seen } = backupFileOn(handle, {
      home: () => {
        // Read by now; the next change comes while it is written.
        const now = Promise.resolve(seen.state);
        seen.changes = 3;
        return now;
      },
    });
    seen.changes = 2;
    await copy.choose();
    expect(seen.saved).toEqual([2]);
  });

  test('that takes something else in than was written counts as none', async () => {
    const { file, handle } = fileOf();
    file.spoils = true;
    const { copy, seen } = backupFileOn(handle);
    await copy.choose();
    expect(copy.state()).toMatchObject({ kind: 'failed', why: expect.stringContaining('read back') });
    expect(seen.saved).toEqual([]);
  });

  test('that may not be written to any more is asked for', async () => {
    const { file, handle } = fileOf();
    const { copy } = backupFileOn(handle);
    await copy.choose();
    file.fails = 'NotAllowedError';
    await copy.write();
    expect(copy.state().kind).toBe('waits');
    file.fails = 'NotFoundError';
    await copy.write();
    expect(copy.state().kind).toBe('failed');
  });

  test('keeps what it has where everything was removed, or something stands aside', async () => {
    const { file, handle } = fileOf();
    const { copy, seen } = backupFileOn(handle);
    await copy.choose();
    const before = file.text;
    seen.state = { home: { ...EMPTY_HOME, settings: { ...EMPTY_HOME.settings, roomC: 12 } }, aside: 0 };
    await copy.write();
    seen.state = { home: { ...home, formulas: [] }, aside: 1 };
    await copy.write();
    expect([file.text === before, seen.saved.length]).toEqual([true, 1]);
    expect(copy.state()).toMatchObject({ kind: 'failed', why: expect.stringContaining('stands aside') });
  });

  test('is none where none was chosen, or no longer', async () => {
    const { file, handle } = fileOf();
    const aborted = Object.assign(new Error('The user aborted a request.'), { name: 'AbortError' });
    const { copy } = backupFileOn(handle, { pick: () => Promise.reject(aborted) });
    await copy.choose();
    expect(copy.state()).toEqual({ kind: 'none' });
    const other = backupFileOn(handle);
    await other.copy.choose();
    await other.copy.stop();
    other.copy.changed();
    other.afterQuiet();
    const next = other.anew();
    await next.start();
    expect([other.copy.state().kind, next.state().kind, file.writes]).toEqual(['none', 'none', 1]);
  });
});
