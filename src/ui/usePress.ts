import { useCallback, useRef } from 'react';
import type { GestureResponderEvent } from 'react-native';
import { intentOf, newPresses, withIntent, type Presses, type PressTold } from '../intent/press';

/** What the browser tells of a press; of a press without an event, that it is one by itself, now. */
function toldOf(event: Partial<GestureResponderEvent> | undefined): PressTold {
  const native = event?.nativeEvent as unknown as { detail?: unknown; timeStamp?: unknown } | undefined;
  const detail = native?.detail;
  const at = native?.timeStamp;
  return {
    inSeries: typeof detail === 'number' ? detail : 0,
    atMs: typeof at === 'number' && at > 0 ? at : performance.now(),
  };
}

/** What is done on a press, with its intent: a second press of a series on the same thing writes nothing more. */
export function usePress<E extends Partial<GestureResponderEvent>>(onPress: (event: E) => void): (event: E) => void {
  const presses = useRef<Presses | null>(null);
  presses.current ??= newPresses(performance.now());
  return useCallback(
    (event: E) => {
      const intent = presses.current && intentOf(presses.current, toldOf(event));
      if (intent) withIntent(intent, () => onPress(event));
    },
    [onPress],
  );
}
