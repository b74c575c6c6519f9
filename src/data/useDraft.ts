import { useCallback, useEffect, useRef, useState } from 'react';
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
  readonly ready: boolean;
}

/**
 * Unfinished work that survives a reload: like useState, kept under a name. `ready` is false until what
 * was kept has been read. What is kept but does not pass `accepts` is left out.
 */
export function useDraft<T>(name: string, initial: T, accepts: (value: unknown) => value is T): Draft<T> {
  const { store, kind } = useHome();
  const [state, setState] = useState<{ name: string; value: T } | null>(null);
  const timer = useRef<ReturnType<typeof setTimeout> | null>(null);
  const pending = useRef<{ readonly write: () => void } | null>(null);
  const accept = useRef({ accepts, initial });

  useEffect(() => {
    let stale = false;
    const settle = (value: T): void => {
      if (!stale) setState((now) => (now?.name === name ? now : { name, value }));
    };
    const unwrittenKey = `${kind}/${name}`;
    if (unwritten.has(unwrittenKey)) {
      const value = unwritten.get(unwrittenKey);
      settle(accept.current.accepts(value) ? value : accept.current.initial);
      return () => {
        stale = true;
      };
    }
    store.draft(name).then(
      (kept) => settle(accept.current.accepts(kept) ? kept : accept.current.initial),
      () => settle(accept.current.initial),
    );
    return () => {
      stale = true;
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
        store.putDraft(name, value).then(forget, forget);
      };
      unwritten.set(`${kind}/${name}`, value);
      pending.current = { write };
      timer.current = setTimeout(write, WRITE_AFTER_MS);
    },
    [store, kind, name],
  );

  const set = useCallback(
    (value: T) => {
      setState({ name, value });
      keep(value);
    },
    [keep, name],
  );

  const clear = useCallback(() => {
    if (timer.current) clearTimeout(timer.current);
    pending.current = null;
    unwritten.delete(`${kind}/${name}`);
    void store.putDraft(name, null).catch(() => undefined);
  }, [store, kind, name]);

  const ready = state?.name === name;
  return { value: ready ? state.value : initial, set, keep, clear, ready };
}
