import { useMemo, useState } from 'react';
import { DAY_MS, itemName, RATED_DAYS, type PantryItem, type Purchase, type Settings, type Wanted } from '@/core';
import { packsText, type ItemNeed, type Needs, type ToShopFor } from '@/core/doors/shopping';
import {
  useBatches,
  useFormulas,
  usePantry,
  usePurchases,
  useReckoned,
  useRecentLog,
  useRooms,
  useSettings,
  useSurfaces,
  useWanted,
} from '@/data';
import { capital, formatNumber, moneyText } from '@/ui';

/** How far ahead may be shopped for, days. */
export const DAYS_AHEAD = [7, 14, 28] as const;

/** A line of the list: an ingredient to buy. */
export interface ShopLine {
  /** The ingredient's id. */
  readonly id: string;
  readonly name: string;
  /** Packs and their price, or how much it comes to. */
  readonly how: string;
  readonly detail: string;
  /** What comes into the cupboard when it is ticked; null where nobody has said how it is sold. */
  readonly packs: Purchase['packs'] | null;
  readonly price: number | null;
  /** What is there is past its day, and goes. */
  readonly replaces: boolean;
  /** As it stands in the cupboard, or would. */
  readonly item: PantryItem;
  /** What is short, as it is counted; 0 for what only runs low. */
  readonly short: number;
}

export interface Shopping {
  readonly settings: Settings;
  /** Null until it is reckoned. */
  readonly needs: Needs | null;
  /** True while other days are being reckoned. */
  readonly isStale: boolean;
  readonly failed: boolean;
  readonly again: () => void;
  readonly toBuy: readonly ShopLine[];
  readonly low: readonly ShopLine[];
  readonly wanted: readonly Wanted[];
  /** What was ticked off within a day. */
  readonly bought: readonly Purchase[];
  /** What the lines to buy cost together, of those that have a price. */
  readonly price: number;
  readonly unpriced: number;
  /** True once it is known that the home has no surface that is kept up. */
  readonly hasNoUpkeep: boolean;
}

const LOW_WORDS = { out: 'used up', past: 'open too long', low: 'running low' } as const;

/** A little more than is wanted, never less; sums carry a grain of error. */
const roundedUp = (value: number): number => (value < 10 ? Math.ceil(value * 10 - 1e-6) / 10 : Math.ceil(value - 1e-6));

const howOf = (packs: Purchase['packs'], price: number | null, currency: string): string =>
  price === null ? packsText(packs) : `${packsText(packs)} · ${moneyText(price, currency)}`;

function lineOf(need: ItemNeed, pantry: readonly PantryItem[], currency: string): ShopLine {
  const { id, name, unit, needs, has, short, isPast, buy, into } = need;
  const item = pantry.find((p) => p.id === id && !p.own?.bought) ?? { id, left: { value: 0, unit }, pack: null };
  const there = isPast
    ? 'what is there is open too long by then'
    : has !== null && has > 0
      ? `${formatNumber(has)} ${unit} there`
      : '';
  return {
    id,
    name: capital(name),
    how: buy ? howOf(buy.packs, buy.price, currency) : `${formatNumber(roundedUp(short))} ${unit}`,
    detail: [`${buy || has ? `${formatNumber(roundedUp(needs))} ${unit} ` : ''}for ${into.join(', ')}`, there]
      .filter(Boolean)
      .join(' · '),
    packs: buy?.packs ?? null,
    price: buy?.price ?? null,
    replaces: isPast,
    item,
    short,
  };
}

function lowLine(
  { id, state, buy }: Needs['low'][number],
  pantry: readonly PantryItem[],
  currency: string,
): ShopLine[] {
  const item = pantry.find((p) => p.id === id);
  if (!item) return [];
  return [
    {
      id,
      name: capital(itemName(item)),
      how: buy ? howOf(buy.packs, buy.price, currency) : '',
      detail: LOW_WORDS[state],
      packs: buy?.packs ?? null,
      price: buy?.price ?? null,
      replaces: state === 'past',
      item,
      short: 0,
    },
  ];
}

/** What some days ask for, and what of it was bought. */
export function useShopping(days: number): Shopping {
  const settings = useSettings();
  const rooms = useRooms().data;
  const surfaces = useSurfaces().data;
  const recent = useRecentLog(RATED_DAYS).data;
  const batches = useBatches().data;
  const formulas = useFormulas().data;
  const pantry = usePantry().data;
  const wanted = useWanted().data;
  const purchases = usePurchases().data;
  // As of when the list was opened: it does not change under the thumb.
  const [nowISO] = useState(() => new Date().toISOString());
  const input = useMemo(
    (): ToShopFor | null =>
      rooms && surfaces && recent && batches && formulas && pantry && wanted
        ? { rooms, surfaces, recent, facts: settings, batches, formulas, pantry, wanted, days, nowISO }
        : null,
    [rooms, surfaces, recent, settings, batches, formulas, pantry, wanted, days, nowISO],
  );
  const reckoned = useReckoned('shoppingNeeds', input);
  const needs = reckoned.data ?? null;
  const { currency } = settings;
  const toBuy = useMemo(
    () => (needs?.items ?? []).filter((i) => i.short > 0).map((i) => lineOf(i, pantry ?? [], currency)),
    [needs, pantry, currency],
  );
  const low = useMemo(
    () => (needs?.low ?? []).flatMap((i) => lowLine(i, pantry ?? [], currency)),
    [needs, pantry, currency],
  );
  const since = new Date(Date.parse(nowISO) - DAY_MS).toISOString();
  return {
    settings,
    needs,
    isStale: reckoned.isPlaceholderData,
    failed: reckoned.isError,
    again: () => void reckoned.refetch(),
    toBuy,
    low,
    wanted: wanted ?? [],
    bought: (purchases ?? []).filter((p) => p.at > since).sort((a, b) => a.name.localeCompare(b.name)),
    price: toBuy.reduce((sum, l) => sum + (l.price ?? 0), 0),
    unpriced: toBuy.filter((l) => l.price === null).length,
    hasNoUpkeep: surfaces?.every((s) => s.upkeep === null) === true,
  };
}
