import { useCallback, useEffect, useRef, useState, useSyncExternalStore } from 'react';
import { isSame } from '../core';
import { useHome } from './HomeProvider';

/** How long typing may go on before a draft is written, ms. */
const WRITE_AFTER_MS = 250;

/** What is set but not written yet: another screen that opens the same draft meanwhile finds it here. */
const unwritten = new Map<string, unknown>();

export interface Draft<T> {
  readonly value: T;
  readonly set: (value: T) => void;
  /** The same without drawing anything again yet: kept at once, to be `set` when there is time. */
  readonly keep: (value: T) => void;
  /** Forgets what was kept: the work is finished. */
  readonly clear: () => void;
  /** False until what was left unfinished has been read: what is begun before that would take its place, so nothing is shown to begin on. */
  readonly ready: boolean;
  /** True if it was left unfinished in a tab that is closed, and stands here as it was left there. */
  readonly takenUp: boolean;
}

/**
 * Unfinished work that survives a reload: like useState, kept under a name. `ready` is false until what
 * was kept has been read. What is kept but does not pass `accepts` is left out.
 */
export function useDraft<T>(name: string, initial: T, accepts: (value: unknown) => value is T): Draft<T> {
  const { store, kind } = useHome();
  const [state, setState] = useState<{ name: string; value: T; takenUp: boolean } | null>(null);
  const timer = useRef<ReturnType<typeof setTimeout> | null>(null);
  const pending = useRef<{ readonly write: () => void } | null>(null);
  const accept = useRef({ accepts, initial });
  /** The name under which something was begun here. */
  const begun = useRef('');

  useEffect(() => {
    let stale = false;
    let stopWaiting = (): void => undefined;
    const { accepts, initial } = accept.current;
    const settle = (value: T, takenUp: boolean): void => {
      if (!stale) setState((now) => (now?.name === name ? now : { name, value, takenUp }));
    };
    /** What another tab has unfinished is taken up when that is closed, unless something was begun here by then. */
    const waitForOthers = async (): Promise<void> => {
      const tabs = await store.drafts.openElsewhere(name);
      if (stale || tabs.length === 0) return;
      stopWaiting = store.drafts.onClosed(tabs, () => void read(true));
    };
    const read = async (anew: boolean): Promise<void> => {
      if (anew && (stale || begun.current === name)) return;
      const { value, takenUp } = await store.drafts.read(name);
      const found = value !== null && accepts(value);
      if (found && anew && !stale && begun.current !== name) setState({ name, value, takenUp });
      settle(found ? value : initial, found && takenUp);
      if (!found) await waitForOthers();
    };
    const unwrittenKey = `${kind}/${name}`;
    if (unwritten.has(unwrittenKey)) {
      const value = unwritten.get(unwrittenKey);
      settle(accepts(value) ? value : initial, false);
    } else read(false).catch(() => settle(initial, false));
    return () => {
      stale = true;
      stopWaiting();
    };
  }, [store, kind, name]);

  // What is not written yet is written when the screen or the page is left; the store notes it before it waits.
  useEffect(() => {
    const flush = (): void => pending.current?.write();
    if (typeof window === 'undefined' || typeof window.addEventListener !== 'function') return flush;
    window.addEventListener('pagehide', flush);
    return () => {
      window.removeEventListener('pagehide', flush);
      flush();
    };
  }, [kind, name]);

  const keep = useCallback(
    (value: T) => {
      if (timer.current) clearTimeout(timer.current);
      const write = (): void => {
        if (timer.current) clearTimeout(timer.current);
        pending.current = null;
        const forget = (): void => {
          if (unwritten.get(`${kind}/${name}`) === value) unwritten.delete(`${kind}/${name}`);
        };
        // What could not be kept stays here, and is said (`useUnkeptDrafts`).
        // What is as it was at first is nothing unfinished, and stands in no other tab's way.
        const unfinished = isSame(value, accept.current.initial) ? null : value;
        store.drafts.keep(name, unfinished).then(forget, () => undefined);
      };
      begun.current = name;
      unwritten.set(`${kind}/${name}`, value);
      pending.current = { write };
      timer.current = setTimeout(write, WRITE_AFTER_MS);
    },
    [store, kind, name],
  );

  const set = useCallback(
    (value: T) => {
      setState({ name, value, takenUp: false });
      keep(value);
    },
    [keep, name],
  );

  const clear = useCallback(() => {
    if (timer.current) clearTimeout(timer.current);
    pending.current = null;
    unwritten.delete(`${kind}/${name}`);
    void store.drafts.keep(name, null).catch(() => undefined);
  }, [store, kind, name]);

  const ready = state?.name === name;
  return { value: ready ? state.value : initial, set, keep, clear, ready, takenUp: ready && state.takenUp };
}

/** How many drafts can be kept nowhere, and how to try once more. */
export function useUnkeptDrafts(): { readonly count: number; readonly tryAgain: () => void } {
  const { drafts } = useHome().store;
  const count = useSyncExternalStore(drafts.subscribe, drafts.unkept, drafts.unkept);
  return { count, tryAgain: () => void drafts.tryAgain().catch(() => undefined) };
}
