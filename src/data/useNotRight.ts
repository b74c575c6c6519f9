import { useEffect, useMemo, useState } from 'react';
import type { Formula, HomeFacts } from '../core';
import { notRightHere, type NotRightHere } from '../core/doors/household';
import { useBatches, useFormulas, useJobs, useSettings, useTimers } from './queries';

/** So many formulas are judged at once; then the screen has its turn. */
const AT_ONCE = 8;

const NONE: readonly NotRightHere[] = [];

/** Formulas of one's own judged a few at a time, so that a screen with many of them opens at once. */
function useNotRightFormulas(formulas: readonly Formula[] | undefined, home: HomeFacts): readonly NotRightHere[] {
  const [found, setFound] = useState<{ readonly of: HomeFacts; readonly all: readonly NotRightHere[] } | null>(null);
  useEffect(() => {
    if (!formulas || home.lives.length === 0) return undefined;
    let next = 0;
    let all: readonly NotRightHere[] = [];
    let turn: ReturnType<typeof setTimeout>;
    const judge = (): void => {
      const some = formulas.slice(next, next + AT_ONCE);
      all = [...all, ...notRightHere({ batches: [], timers: [], jobs: [], formulas: some }, home, '')];
      next += AT_ONCE;
      if (next < formulas.length) turn = setTimeout(judge);
      else setFound({ of: home, all });
    };
    turn = setTimeout(judge);
    return () => clearTimeout(turn);
  }, [formulas, home]);
  return found?.of === home ? found.all : NONE;
}

/**
 * What of the home is no longer right for who lives there, judged anew whenever they or the things change.
 * @param nowISO to the minute is enough: bottles past their day are left out
 */
export function useNotRight(nowISO: string): readonly NotRightHere[] {
  const { dropsPerML, counted, lives, hardnessMgPerL, schools } = useSettings();
  const home = useMemo<HomeFacts>(
    () => ({ dropsPerML, counted, lives, hardnessMgPerL, schools }),
    [dropsPerML, counted, lives, hardnessMgPerL, schools],
  );
  const batches = useBatches().data;
  const timers = useTimers().data;
  const jobs = useJobs().data;
  const inUse = useMemo(
    () => notRightHere({ batches: batches ?? [], timers: timers ?? [], jobs: jobs ?? [], formulas: [] }, home, nowISO),
    [batches, timers, jobs, home, nowISO],
  );
  const formulas = useNotRightFormulas(useFormulas().data, home);
  return useMemo(() => [...inUse, ...formulas], [inUse, formulas]);
}
