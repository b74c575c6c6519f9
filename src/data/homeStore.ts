import { fetchPart } from '../loading/shared';
import { askHome } from '../worker/homeDesk';
import { createChannel, type ChangeChannel } from './channel';
import { browserHandles, browserPicker } from './backup/browserFiles';
import { BackupLog } from './backup/backupLog';
import { BackupFile } from './backup/backupFile';
import { DiskWatch } from './diskWatch';
import { createTab } from './drafts/tab';
import { browserSessionStorage, browserSyncStorage } from './browserStorage';
import type { HomeKind } from './homeKind';
import { createJournal } from './journal';
import { browserLocks, createLock } from './lock';
import { openStorage } from './storage';
import { Store } from './store';

/** A home as it is kept, and what guards it. */
export interface HomeOnDisk {
  readonly store: Store;
  readonly kind: HomeKind;
  /** What is known of its copies. */
  readonly backups: BackupLog;
  /** The file that copies go to by themselves. */
  readonly backupFile: BackupFile;
  /** Whether the browser has taken its storage away. */
  readonly disk: DiskWatch;
}

/** Asks the browser not to clear what is kept by itself (Storage Standard, WHATWG); it may say no. */
const askToPersist = (): void => {
  if (typeof navigator === 'undefined') return;
  void (navigator as { storage?: Partial<StorageManager> }).storage?.persist?.().catch(() => undefined);
};

/** Opens a home. Nobody needs a copy of the demo's. */
export function openHome(kind: HomeKind): HomeOnDisk {
  const isOwn = kind === 'own';
  const name = isOwn ? 'biscuit' : 'biscuit-demo';
  const backups = new BackupLog(isOwn ? browserSyncStorage() : null, name, askToPersist);
  const backupFile: BackupFile = new BackupFile({
    handles: browserHandles(name),
    lock: createLock(`${name}-backup`),
    home: async () => ({ home: await store.home(), aside: (await store.quarantined()).length }),
    textOf: (home) => askHome('textOf', { home, nowISO: new Date().toISOString() }),
    pick: isOwn ? browserPicker() : null,
    changes: () => backups.state().changes,
    onSaved: (changes) => backups.saved(changes),
  });
  const tabs = createChannel(name);
  const channel: ChangeChannel = {
    ...tabs,
    publish: (collections) => {
      tabs.publish(collections);
      if (backups.written(collections)) backupFile.changed();
    },
  };
  const store = new Store({
    storage: openStorage(name),
    lock: createLock(name),
    channel,
    journal: createJournal(browserSyncStorage(), name),
    tab: createTab(name, browserSessionStorage(), browserLocks()),
    spare: { storage: browserSyncStorage(), name },
    ...(isOwn ? {} : { seed: async () => (await fetchPart(() => import('./demo/demoHome'))).demoHome(new Date()) }),
  });
  const disk = new DiskWatch(name);
  void backupFile.start().catch(() => undefined);
  void disk.start().catch(() => undefined);
  return { store, kind, backups, backupFile, disk };
}
