import { ThemeProvider } from '@rneui/themed/dist/config';
import { act, render } from '@testing-library/react-native';
import type { QueryClient } from '@tanstack/react-query';
import type { ReactElement } from 'react';
import { EMPTY_HOME, type Home } from '@/core';
import { useSettings, useWriteFailures } from '@/data';
import { createClient, HomeProvider } from '@/data/HomeProvider';
import { BackupLog } from '@/data/backup/backupLog';
import { BackupFile } from '@/data/backup/backupFile';
import { DiskWatch } from '@/data/diskWatch';
import type { Journal } from '@/data/journal';
import { createLock } from '@/data/lock';
import { Store } from '@/data/store';
import { elementsTheme, NoticeBar, NoticeProvider, useNotice } from '@/ui';
import { MemoryStorage, MemorySyncStorage } from './memoryStorage';

/** The client of the screen that is rendered. */
let current: QueryClient | null = null;

/** A turn of the event loop: all that was ready to run has run. */
const turn = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 0));

/** So many calm turns in a row are the end: a read may begin in the turn after a write. */
const CALM_TURNS = 10;

/** Waits until nothing is read or written any more. */
export const settle = (): Promise<void> =>
  act(async () => {
    for (let calm = 0; calm < CALM_TURNS;) {
      await turn();
      calm = (current?.isFetching() ?? 0) + (current?.isMutating() ?? 0) === 0 ? calm + 1 : 0;
    }
  });

/** All is read anew, with a write still under way. */
export const readAnew = (): Promise<void> => act(async () => current?.invalidateQueries());

/** Something was written in another tab: all is read anew. */
export async function elsewhere(): Promise<void> {
  await readAnew();
  await settle();
}

/** As the frame does it: failed writes are said, and the settings are read. */
function WriteFailures() {
  useWriteFailures(useNotice());
  useSettings();
  return null;
}

/** What guards a home, where nothing is at stake. */
function guardsIn(small: MemorySyncStorage) {
  return {
    backups: new BackupLog(small, 'test'),
    backupFile: new BackupFile({
      handles: { get: () => Promise.resolve(null), put: () => Promise.resolve() },
      lock: createLock('test-backup'),
      home: () => Promise.resolve({ home: EMPTY_HOME, aside: 0 }),
      textOf: () => Promise.resolve(''),
      pick: null,
      changes: () => 0,
      onSaved: () => undefined,
    }),
    disk: new DiskWatch('test'),
  };
}

/** Renders a screen in a home kept in memory, and waits until it has read what it needs. */
export async function renderIn(
  screen: ReactElement,
  home?: Home,
  journal?: Journal,
  backups = new MemorySyncStorage(),
) {
  const storage = new MemoryStorage();
  const store = new Store({
    storage,
    lock: createLock('test'),
    channel: { publish: () => undefined, onChange: () => () => undefined },
    ...(home ? { seed: () => home } : {}),
    ...(journal ? { journal } : {}),
  });
  const guards = guardsIn(backups);
  const client = createClient();
  current = client;
  const opening = { home: { ...guards, store, kind: 'own' as const }, failure: null, tryAgain: () => undefined };
  const view = render(
    <ThemeProvider theme={elementsTheme}>
      <HomeProvider opening={opening} client={client}>
        <NoticeProvider>
          <WriteFailures />
          {screen}
          <NoticeBar />
        </NoticeProvider>
      </HomeProvider>
    </ThemeProvider>,
  );
  await settle();
  return { ...view, storage, store };
}
