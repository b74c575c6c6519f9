import { usePathname } from 'expo-router';
import { useEffect, useState, useSyncExternalStore } from 'react';
import { nextEventMs, HOUR_MS } from '@/core';
import { useTimers } from '@/data';
import { holdBusy, isAnyBusy, versions } from '@/devices';
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
  const [others, setOthers] = useState(true);
  const [later, setLater] = useState(false);
  useEffect(() => void versions.start(), []);
  useEffect(() => versions.look(nowMs), [nowMs]);
  useEffect(() => (busy ? holdBusy() : undefined), [busy]);
  useEffect(() => {
    if (isNewerReady && !busy) void isAnyBusy().then(setOthers, () => setOthers(false));
  }, [isNewerReady, busy, nowMs]);
  if (!isNewerReady || busy || others || later) return null;
  return (
    <Alert tone="caution" live="polite" testID="new-version">
      <Body>A new version of Biscuit is ready.</Body>
      <Action title="Load it" onPress={() => versions.take()} testID="take-version" />
      <Action title="Later" weight="quiet" onPress={() => setLater(true)} />
    </Alert>
  );
}
