import { useEffect, useState } from 'react';

/** The time, ms, again and again: on the second, and at once when the page is seen again. */
export function useNow(everyMs = 1000): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout>;
    const tick = (): void => {
      const ms = Date.now();
      setNow(ms);
      clearTimeout(timer);
      timer = setTimeout(tick, everyMs - (ms % everyMs) + 5);
    };
    timer = setTimeout(tick, everyMs - (Date.now() % everyMs) + 5);
    if (typeof document !== 'undefined') document.addEventListener('visibilitychange', tick);
    return () => {
      clearTimeout(timer);
      if (typeof document !== 'undefined') document.removeEventListener('visibilitychange', tick);
    };
  }, [everyMs]);
  return now;
}
