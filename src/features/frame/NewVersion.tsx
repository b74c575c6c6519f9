import { usePathname } from 'expo-router';
import { useEffect, useState, useSyncExternalStore } from 'react';
import { nextEventMs, HOUR_MS } from '@/core';
import { useTimers } from '@/data';
import { holdBusy, isAnyBusy, versions, whenNoneIsBusy } from '@/devices';
import { Action, Alert, Body, useNow } from '@/ui';

/** Screens on which something is being made, written or done. */
const BUSY_SCREENS = ['/clean/job', '/mix/make', '/mix/bake', '/mix/edit', '/mix/paste', '/log/new'];

/** A wait that rings within this is not to be interrupted: a page loaded anew is silent until it is touched. */
const SOON_MS = 2 * HOUR_MS;

const LOOK_MS = 30_000;

/** True in the middle of something: then no newer version is offered, in this tab or another. */
function useBusy(nowMs: number): boolean {
  const path = usePathname();
  const timers = useTimers().data ?? [];
  const ringsSoon = timers.some((t) => {
    const next = nextEventMs(t, nowMs);
    return next !== null && next - nowMs < SOON_MS;
  });
  return ringsSoon || BUSY_SCREENS.includes(path);
}

/** Offers a newer Biscuit, once it is here whole, and never in the middle of a job. */
export function NewVersion() {
  const { isNewerReady } = useSyncExternalStore(versions.subscribe, versions.state, versions.state);
  const nowMs = useNow(LOOK_MS);
  const busy = useBusy(nowMs);
  const [othersBusy, setOthersBusy] = useState(true);
  const [later, setLater] = useState(false);
  useEffect(() => void versions.start(), []);
  useEffect(() => versions.look(nowMs), [nowMs]);
  useEffect(() => (busy ? holdBusy() : undefined), [busy]);
  const asks = isNewerReady && !busy && !later;
  useEffect(() => {
    if (!asks || !othersBusy) return undefined;
    const stop = new AbortController();
    whenNoneIsBusy(stop.signal).then(
      () => setOthersBusy(false),
      () => undefined, // Not waited for any more.
    );
    return () => stop.abort();
  }, [asks, othersBusy]);
  // Another tab may have begun something since.
  useEffect(() => {
    if (asks) void isAnyBusy().then((busyNow) => busyNow && setOthersBusy(true));
  }, [asks, nowMs]);
  if (!asks || othersBusy) return null;
  return (
    <Alert tone="caution" live="polite" testID="new-version">
      <Body>A new version of Biscuit is ready.</Body>
      <Action title="Load it" onPress={() => versions.take()} testID="take-version" />
      <Action title="Later" weight="quiet" onPress={() => setLater(true)} />
    </Alert>
  );
}
