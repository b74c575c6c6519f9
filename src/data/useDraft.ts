import { useCallback, useEffect, useRef, useState } from 'react';
import { useHome } from './HomeProvider';

/** How long typing may go on before a draft is written, ms. */
const WRITE_AFTER_MS = 250;

export interface Draft<T> {
  readonly value: T;
  readonly set: (value: T) => void;
  /** Forgets what was kept: the work is finished. */
  readonly clear: () => void;
  readonly ready: boolean;
}

/**
 * Unfinished work that survives a reload: like useState, kept under a name. `ready` is false until what
 * was kept has been read. What is kept but does not pass `accepts` is left out.
 */
export function useDraft<T>(name: string, initial: T, accepts: (value: unknown) => value is T): Draft<T> {
  const { store } = useHome();
  const [state, setState] = useState<{ name: string; value: T } | null>(null);
  const timer = useRef<ReturnType<typeof setTimeout> | null>(null);
  const pending = useRef<(() => void) | null>(null);
  const accept = useRef({ accepts, initial });

  useEffect(() => {
    let stale = false;
    const settle = (value: T): void => {
      if (!stale) setState((now) => (now?.name === name ? now : { name, value }));
    };
    store.draft(name).then(
      (kept) => settle(accept.current.accepts(kept) ? kept : accept.current.initial),
      () => settle(accept.current.initial),
    );
    return () => {
      stale = true;
    };
  }, [store, name]);

  // What is not written yet is written when the page is left.
  useEffect(() => {
    const flush = (): void => pending.current?.();
    if (typeof window === 'undefined' || typeof window.addEventListener !== 'function') return flush;
    window.addEventListener('pagehide', flush);
    return () => {
      window.removeEventListener('pagehide', flush);
      flush();
    };
  }, []);

  const set = useCallback(
    (value: T) => {
      setState({ name, value });
      if (timer.current) clearTimeout(timer.current);
      pending.current = () => {
        if (timer.current) clearTimeout(timer.current);
        pending.current = null;
        void store.putDraft(name, value).catch(() => undefined);
      };
      timer.current = setTimeout(() => pending.current?.(), WRITE_AFTER_MS);
    },
    [store, name],
  );

  const clear = useCallback(() => {
    if (timer.current) clearTimeout(timer.current);
    pending.current = null;
    void store.putDraft(name, null).catch(() => undefined);
  }, [store, name]);

  const ready = state?.name === name;
  return { value: ready ? state.value : initial, set, clear, ready };
}
