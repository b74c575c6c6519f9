import { useMemo, useState } from 'react';
import type { MoneyReport, ToReckon } from '@/core/doors/money';
import {
  useBatches,
  useFormulas,
  useInstead,
  useLog,
  usePantry,
  usePurchases,
  useReckoned,
  useRooms,
  useSettings,
  useSurfaces,
  useVessels,
} from '@/data';

export interface Money {
  /** Null until it is reckoned. */
  readonly report: MoneyReport | null;
  readonly failed: boolean;
  readonly again: () => void;
  /** True where the cupboard holds no price at all. */
  readonly hasNoPrice: boolean;
}

/** What the home's money comes to, reckoned beside the page. */
export function useMoney(): Money {
  const settings = useSettings();
  const rooms = useRooms().data;
  const surfaces = useSurfaces().data;
  const log = useLog().data;
  const batches = useBatches().data;
  const vessels = useVessels().data;
  const formulas = useFormulas().data;
  const pantry = usePantry().data;
  const purchases = usePurchases().data;
  const instead = useInstead().data;
  const [now] = useState(() => new Date());
  const input = useMemo((): ToReckon | null => {
    // What is still being read of the log would make a claim of a part of it.
    if (!rooms || !surfaces || !log?.complete || !batches || !vessels || !formulas || !pantry || !purchases || !instead)
      return null;
    const from = new Date(now.getFullYear() - 1, 0, 1).toISOString();
    return {
      rooms,
      surfaces,
      pantry,
      facts: settings,
      log: log.entries.filter((e) => e.at >= from),
      batches,
      vessels,
      formulas,
      purchases,
      instead,
      nowISO: now.toISOString(),
    };
  }, [rooms, surfaces, log, batches, vessels, formulas, pantry, purchases, instead, settings, now]);
  const { data, isError, refetch } = useReckoned('moneyReport', input);
  return {
    report: data ?? null,
    failed: isError,
    again: () => void refetch(),
    hasNoPrice: pantry?.every((p) => (p.pack?.price ?? null) === null) === true,
  };
}
