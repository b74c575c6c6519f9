import { useEffect, useMemo, useSyncExternalStore } from 'react';
import type { HomeOpening } from '@/data/HomeProvider';
import { homeKind } from '@/data/homeKind';
import { fetchPart } from '@/loading/shared';

type State = Pick<HomeOpening, 'home' | 'failure'>;

/** The home of this page: opened once, however often the frame is drawn anew; a page is one tab among others. */
let now: State = { home: null, failure: null };
let underWay = false;
const listeners = new Set<() => void>();

const become = (next: State): void => {
  now = next;
  listeners.forEach((heard) => heard());
};

/** Fetches what opens a home, and opens it. */
function open(): void {
  if (underWay || now.home) return;
  underWay = true;
  if (now.failure) become({ home: null, failure: null });
  fetchPart(() => import('@/data/homeStore'))
    .then(
      ({ openHome }) => become({ home: openHome(homeKind()), failure: null }),
      (why: unknown) => become({ home: null, failure: why instanceof Error ? why : new Error(String(why)) }),
    )
    .finally(() => {
      underWay = false;
    });
}

const subscribe = (heard: () => void): (() => void) => {
  listeners.add(heard);
  return () => listeners.delete(heard);
};

const read = (): State => now;

/** The home of this page, which is begun to be opened after the first screen is drawn. */
export function useOpening(): HomeOpening {
  const state = useSyncExternalStore(subscribe, read, read);
  useEffect(open, []);
  return useMemo(() => ({ ...state, tryAgain: open }), [state]);
}
