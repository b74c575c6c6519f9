import { useEffect, useMemo, useSyncExternalStore, type ComponentType } from 'react';
import type { HomeOpening } from '@/data/HomeProvider';
import { homeKind } from '@/data/homeKind';
import { fetchPart } from '@/loading/shared';

/** What watches over an open home comes with what opens it: there is no home open whose waits do not ring. */
type State = Pick<HomeOpening, 'home' | 'failure'> & { readonly Watch: ComponentType | null };

const CLOSED: State = { home: null, failure: null, Watch: null };

/** The home of this page: opened once, however often the frame is drawn anew; a page is one tab among others. */
let now = CLOSED;
let underWay = false;
const listeners = new Set<() => void>();

const become = (next: State): void => {
  now = next;
  listeners.forEach((heard) => heard());
};

/** Fetches what opens a home and watches over it, and opens it. */
function open(): void {
  if (underWay || now.home) return;
  underWay = true;
  if (now.failure) become(CLOSED);
  fetchPart(() => import('./opened'))
    .then(
      ({ openHome, Watch }) => become({ home: openHome(homeKind()), failure: null, Watch }),
      (why: unknown) => become({ ...CLOSED, failure: why instanceof Error ? why : new Error(String(why)) }),
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

/** The home of this page, which is begun to be opened after the first screen is drawn, and what watches over it. */
export function useOpening(): { readonly opening: HomeOpening; readonly Watch: ComponentType | null } {
  const state = useSyncExternalStore(subscribe, read, read);
  useEffect(open, []);
  const { home, failure, Watch } = state;
  const opening = useMemo(() => ({ home, failure, tryAgain: open }), [home, failure]);
  return { opening, Watch };
}
