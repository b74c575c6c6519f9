import { ThemeProvider } from '@rneui/themed';
import { act, render } from '@testing-library/react-native';
import type { ReactElement } from 'react';
import type { Home } from '@/core';
import { createClient, HomeProvider, useWriteFailures } from '@/data';
import type { Journal } from '@/data/journal';
import { createLock } from '@/data/lock';
import { Store } from '@/data/store';
import { elementsTheme, NoticeBar, NoticeProvider, useNotice } from '@/ui';
import { MemoryStorage } from './memoryStorage';

/** Lets what was begun (reads, writes) come to its end. */
export const settle = (): Promise<void> =>
  act(async () => {
    for (let i = 0; i < 10; i++) await new Promise((resolve) => setTimeout(resolve, 3));
  });

/** As the frame does it: failed writes are said. */
function WriteFailures() {
  useWriteFailures(useNotice());
  return null;
}

/** Renders a screen in a home kept in memory, and waits until it has read what it needs. */
export async function renderIn(screen: ReactElement, home?: Home, journal?: Journal) {
  const storage = new MemoryStorage();
  const store = new Store({
    storage,
    lock: createLock('test'),
    channel: { publish: () => undefined, onChange: () => () => undefined },
    ...(home ? { seed: () => home } : {}),
    ...(journal ? { journal } : {}),
  });
  const view = render(
    <ThemeProvider theme={elementsTheme}>
      <HomeProvider home={{ store, kind: 'own' }} client={createClient()}>
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
