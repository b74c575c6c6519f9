import { MINUTE_MS } from '../../core';
import { startTimer, type HomeSurface, type Room, type Timer } from '../../core';

/** The rooms of the narrowboat Pipit, and what is waited for aboard. All invented. */

export const DEMO_ROOMS: readonly Room[] = [
  { id: 'pipit-galley', name: 'Galley', kind: 'kitchen', small: false },
  { id: 'pipit-shower', name: 'Shower room', kind: 'bathroom', small: true },
  { id: 'pipit-saloon', name: 'Saloon', kind: 'living', small: false },
];

/** A surface aboard: what lifts its usual soil, how often, and with what. */
interface Row {
  readonly room: string;
  readonly id: string;
  readonly name: string;
  readonly material: string;
  readonly areaM2: number;
  readonly everyDays: number | null;
  readonly soil: string;
  readonly formula: string;
  /** mL that one time takes. */
  readonly takesML: number;
  readonly sealed?: boolean;
  readonly finish?: string;
  readonly ageYears?: number;
}

export const DEMO_SURFACE_IDS: readonly Row[] = [
  { room: 'galley', id: 'worktop', name: 'Ash worktop', material: 'varnished-wood', areaM2: 1.2, everyDays: 2, soil: 'daily-dirt', formula: 'starter-wood-soap', takesML: 250, sealed: true, ageYears: 9 },
  { room: 'galley', id: 'sink', name: 'Sink', material: 'stainless-steel', areaM2: 0.3, everyDays: 7, soil: 'limescale', formula: 'starter-everyday', takesML: 5 },
  { room: 'galley', id: 'hob', name: 'Hob', material: 'induction-hob', areaM2: 0.2, everyDays: 3, soil: 'fresh-grease', formula: 'starter-dish-spray', takesML: 5 },
  { room: 'galley', id: 'floor', name: 'Floor', material: 'vinyl-floor', areaM2: 3, everyDays: 7, soil: 'daily-dirt', formula: 'starter-floor', takesML: 2000 },
  { room: 'galley', id: 'kettle', name: 'Kettle, inside', material: 'kettle', areaM2: 0.05, everyDays: 30, soil: 'limescale', formula: 'starter-kettle', takesML: 1000 },
  { room: 'shower', id: 'tile', name: 'Wall tiles', material: 'glazed-tile', areaM2: 4, everyDays: 7, soil: 'limescale', formula: 'starter-everyday', takesML: 50 },
  { room: 'shower', id: 'tray', name: 'Shower tray', material: 'acrylic', areaM2: 0.7, everyDays: 7, soil: 'soap-scum', formula: 'starter-scum', takesML: 5, ageYears: 6 },
  { room: 'shower', id: 'grout', name: 'Grout', material: 'cement-grout', areaM2: 0.4, everyDays: 60, soil: 'mould', formula: 'starter-grout', takesML: 150, sealed: false },
  { room: 'shower', id: 'taps', name: 'Taps', material: 'chrome', areaM2: 0.05, everyDays: 7, soil: 'limescale', formula: 'starter-everyday', takesML: 150 },
  { room: 'shower', id: 'head', name: 'Shower head', material: 'shower-head', areaM2: 0.03, everyDays: 30, soil: 'limescale', formula: 'starter-neat', takesML: 150, finish: 'chrome' },
  { room: 'shower', id: 'mirror', name: 'Mirror', material: 'mirror', areaM2: 0.3, everyDays: 7, soil: 'fingerprints', formula: 'pipit-porthole', takesML: 5 },
  { room: 'shower', id: 'sealant', name: 'Sealant', material: 'silicone-sealant', areaM2: 0.05, everyDays: 30, soil: 'mould', formula: 'starter-mould', takesML: 30 },
  { room: 'saloon', id: 'stove', name: 'Stove glass', material: 'stove-glass', areaM2: 0.08, everyDays: 7, soil: 'soot', formula: 'starter-soot-paste', takesML: 250 },
  { room: 'saloon', id: 'brass', name: 'Brass portholes', material: 'brass', areaM2: 0.1, everyDays: 30, soil: 'tarnish', formula: 'starter-brass', takesML: 20, finish: 'bare' },
  { room: 'saloon', id: 'pine', name: 'Pine floor', material: 'waxed-wood', areaM2: 8, everyDays: 7, soil: 'daily-dirt', formula: 'starter-wood-soap', takesML: 250 },
  { room: 'saloon', id: 'frames', name: 'Window frames', material: 'aluminium', areaM2: 0.5, everyDays: 30, soil: 'daily-dirt', formula: 'starter-dish-spray', takesML: 8 },
  { room: 'saloon', id: 'rug', name: 'Wool rug', material: 'wool-silk', areaM2: 2.5, everyDays: null, soil: 'protein', formula: 'starter-dish-spray', takesML: 5 },
];

export const DEMO_SURFACES: readonly HomeSurface[] = DEMO_SURFACE_IDS.map((row) => ({
  id: `pipit-${row.id}`,
  roomId: `pipit-${row.room}`,
  name: row.name,
  surfaceId: row.material,
  sealed: row.sealed ?? null,
  finish: row.finish ?? null,
  ageYears: row.ageYears ?? null,
  areaM2: row.areaM2,
  schools: {},
  upkeep: row.everyDays === null ? null : { everyDays: row.everyDays, soilId: row.soil, formulaId: null },
  enteredAt: null,
}));

const DAY_MINUTES = 24 * 60;

/** A jar of apple-scrap vinegar two weeks on (no peel of citrus: a bird lives aboard), and the shower head in its bag of vinegar since this morning. */
export function demoTimers(now: Date): Timer[] {
  const ago = (minutes: number): string => new Date(now.getTime() - minutes * MINUTE_MS).toISOString();
  return [
    {
      ...startTimer(
        {
          id: 'pipit-jar',
          kind: 'infusion',
          name: 'Jar',
          place: 'Apple-scrap vinegar',
          usefulMinutes: 14 * DAY_MINUTES,
          bestMinutes: 14 * DAY_MINUTES,
          longestMinutes: 28 * DAY_MINUTES,
        },
        ago(15 * DAY_MINUTES + 200),
      ),
      told: ['useful', 'best'],
    },
    {
      ...startTimer(
        {
          id: 'pipit-soak',
          kind: 'soak',
          name: 'Vinegar bag',
          place: 'Shower head',
          usefulMinutes: 60,
          bestMinutes: 480,
          longestMinutes: 720,
        },
        ago(190),
      ),
      told: ['useful'],
    },
  ];
}
