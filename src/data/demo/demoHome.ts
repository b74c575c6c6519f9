import type { StockUnit } from '../../core';
import { DAY_MS } from '../../core';
import {
  DEFAULT_SETTINGS,
  evaluate,
  formulaFromReading,
  labelOf,
  readRecipe,
  STARTER_FORMULAS,
  DEFAULT_CONTEXT,
  vesselFacts,
  type Batch,
  type BoughtInstead,
  type Formula,
  type Home,
  type MeasureSystem,
  type OwnIngredient,
  type PantryItem,
  type Purchase,
  type Settings,
  type Vessel,
} from '../../core';
import { labelContents, readLabel } from '../../core/doors/label';
import { costOfPortions, scaledPortions } from '../../core/doors/money';
import { demoLog } from './demoLog';
import { DEMO_ROOMS, DEMO_SURFACES, demoTimers } from './demoRooms';

/** The narrowboat Pipit: an invented home, to look round in. */

const vesselsOf = (dayAgo: (days: number) => string): readonly Vessel[] => [
  {
    id: 'pipit-375',
    name: 'Galley spray',
    shape: 'straight-spray',
    capacityML: 375,
    material: 'hdpe',
    opaque: true,
    place: 'Galley',
    bought: { price: 1.2, at: dayAgo(112) },
  },
  {
    id: 'pipit-500',
    name: 'Brown glass spray',
    shape: 'round-shoulder',
    capacityML: 500,
    material: 'glass',
    opaque: true,
    place: 'Shower room',
    bought: { price: 2.4, at: dayAgo(96) },
  },
  {
    id: 'pipit-250',
    name: 'Sink squeezer',
    shape: 'squeeze',
    capacityML: 250,
    material: 'pet',
    opaque: false,
    place: 'Galley',
  },
  { id: 'pipit-jar', name: 'Locker jar', shape: 'wide-jar', capacityML: 350, material: 'glass', opaque: false },
  { id: 'pipit-bucket', name: 'Deck bucket', shape: 'tub', capacityML: 5000, material: 'hdpe', opaque: true },
];

/** A formula of the boat's, as it was once written down. */
function written(id: string, measures: MeasureSystem, text: string): Formula {
  const formula = formulaFromReading(readRecipe(text, { measures }), id, '', measures);
  if (!formula) throw new Error(`The demo's formula ${id} holds no line`);
  return formula;
}

/** A budgerigar aboard, a holding tank for grey water, tank water moderately hard, and a river's damp. */
const SETTINGS: Settings = {
  ...DEFAULT_SETTINGS,
  // What the invented boat is paid for in, whoever looks on.
  currency: '£',
  lives: ['bird', 'septic'],
  hardnessMgPerL: 110,
  roomC: 18,
  humidityPercent: 68,
  emergencyNumber: '112',
  // From the range kept free for invented people (Ofcom, numbers for drama use).
  poisonNumber: '01632 960 160',
};

const inLocker = (id: string, left: number, price: number, pack: number, unit: StockUnit): PantryItem => ({
  id,
  left: { value: left, unit },
  pack: { price, value: pack, unit },
});

/** From the label of a canister that a chandler fills: no such thing is sold. */
const REED_SUDS: OwnIngredient = {
  name: 'Reed suds',
  form: 'liquid',
  densityGPerML: 1.02,
  contents: labelContents(readLabel('5–15 % anionic surfactants, < 5 % soap, perfume')),
  warning: { signalWord: 'warning', pictograms: ['harmful'] },
};

/** The galley locker. Prices are made up. */
const pantryOf = (dayAgo: (days: number) => string): readonly PantryItem[] => [
  { ...inLocker('white-vinegar', 620, 0.95, 1000, 'mL'), alsoSold: [{ price: 3.6, value: 5000, unit: 'mL' }] },
  inLocker('distilled-water', 2600, 1.9, 5000, 'mL'),
  { ...inLocker('dish-soap', 240, 1.6, 500, 'mL'), alsoSold: [{ price: 2.6, value: 1000, unit: 'mL' }] },
  { ...inLocker('castile-soap', 90, 7.5, 500, 'mL'), openedAt: dayAgo(150) },
  inLocker('isopropyl-alcohol', 310, 6.4, 500, 'mL'),
  inLocker('baking-soda', 380, 1.4, 500, 'g'),
  inLocker('washing-soda', 900, 1.7, 1000, 'g'),
  { ...inLocker('citric-acid', 26, 3.2, 250, 'g'), alsoSold: [{ price: 7.8, value: 1000, unit: 'g' }] },
  inLocker('lemon-juice', 12, 0.75, 250, 'mL'),
  inLocker('salt', 400, 0.6, 750, 'g'),
  { ...inLocker('hydrogen-peroxide', 140, 2.1, 250, 'mL'), openedAt: dayAgo(212) },
  { ...inLocker('pipit-suds', 400, 2.3, 500, 'mL'), own: REED_SUDS },
];

const FORMULAS: readonly Formula[] = [
  written(
    'pipit-porthole',
    'us',
    `Name: Porthole glass
For: Portholes and the shower-room mirror, sprayed on the cloth
Never on: brass rims, varnished worktop
1/2 cup rubbing alcohol (70 %)
1 cup distilled water
3 to 4 drops dish soap`,
  ),
  written(
    'pipit-shower',
    'metric',
    `Name: Shower wall
For: Glazed tile and chrome after the last shower of the day
Never on: cement grout left wet, the brass lamps
1 part white vinegar
4 parts distilled water`,
  ),
  written(
    'pipit-cancel',
    'metric',
    `Name: Soap and vinegar, the old way
For: Kept to remember why we stopped
1 part castile soap
3 parts vinegar`,
  ),
];

interface Made {
  readonly id: string;
  readonly formula: string;
  readonly vessel: string;
  readonly daysAgo: number;
  readonly endedDaysAgo?: number;
  readonly state?: Batch['state'];
  /** Share of it that is left. */
  readonly left?: number;
}

/** What was made aboard, in days before the demo is opened. */
const MADE: readonly Made[] = [
  { id: 'pipit-b1', formula: 'pipit-porthole', vessel: 'pipit-375', daysAgo: 9, left: 0.7 },
  { id: 'pipit-b2', formula: 'starter-worktop', vessel: 'pipit-250', daysAgo: 71 },
  { id: 'pipit-b3', formula: 'pipit-shower', vessel: 'pipit-500', daysAgo: 33, left: 0.15 },
  { id: 'pipit-b4', formula: 'starter-scale', vessel: 'pipit-jar', daysAgo: 58, state: 'emptied', endedDaysAgo: 20 },
  {
    id: 'pipit-b5',
    formula: 'starter-worktop',
    vessel: 'pipit-250',
    daysAgo: 118,
    state: 'discarded',
    endedDaysAgo: 72,
  },
];

/** So many days before a moment, ISO 8601. */
const dayAgoFrom =
  (now: Date) =>
  (days: number): string =>
    new Date(now.getTime() - days * DAY_MS).toISOString();

function batch(made: Made, now: Date): Batch {
  const formula = [...FORMULAS, ...STARTER_FORMULAS].find((f) => f.id === made.formula);
  const dayAgo = dayAgoFrom(now);
  const vessel = vesselsOf(dayAgo).find((v) => v.id === made.vessel);
  if (!formula || !vessel) throw new Error(`The demo's batch ${made.id} names what is not there`);
  const evaluation = evaluate(formula, {
    ...DEFAULT_CONTEXT,
    scope: formula.use,
    vessel: vesselFacts(vessel),
    household: SETTINGS.lives,
    hardnessMgPerL: SETTINGS.hardnessMgPerL,
  });
  if (!evaluation.ok) throw new Error(`The demo's formula ${formula.id} does not come together`);
  const volumeML = vessel.capacityML * 0.9;
  const portions = scaledPortions(formula, { volumeML, massG: null }, SETTINGS.dropsPerML);
  const cost = costOfPortions(portions, pantryOf(dayAgo));
  return {
    id: made.id,
    formula,
    vessel,
    label: labelOf(formula, evaluation.value),
    volumeML,
    ...(made.left === undefined ? {} : { leftML: made.left * volumeML }),
    ...(cost === null ? {} : { cost }),
    madeAt: dayAgo(made.daysAgo),
    state: made.state ?? 'kept',
    endedAt: made.endedDaysAgo === undefined ? null : dayAgo(made.endedDaysAgo),
  };
}

/** What came aboard from shops. Prices are made up. */
const purchasesOf = (dayAgo: (days: number) => string): readonly Purchase[] =>
  (
    [
      [104, 'white-vinegar', 'white vinegar', 0.95, 1000, 'mL', 2],
      [104, 'citric-acid', 'citric acid', 3.2, 250, 'g', 1],
      [61, 'dish-soap', 'dish soap', 1.6, 500, 'mL', 1],
      [61, 'distilled-water', 'distilled water', 1.9, 5000, 'mL', 1],
      [27, 'white-vinegar', 'white vinegar', 0.95, 1000, 'mL', 3],
    ] as const
  ).map(([days, itemId, name, price, value, unit, count], i) => ({
    id: `pipit-bought-${i}`,
    at: dayAgo(days),
    itemId,
    name,
    packs: [{ price, value, unit, count }],
  }));

/** What would be bought, by its kind: made up, too. */
const INSTEAD: readonly BoughtInstead[] = [
  {
    id: 'pipit-bath-spray',
    name: 'bathroom spray',
    price: 2.75,
    value: 750,
    unit: 'mL',
    uses: 22,
    formulaIds: ['starter-everyday', 'starter-scum', 'pipit-shower'],
  },
  {
    id: 'pipit-kitchen-spray',
    name: 'kitchen spray',
    price: 2.2,
    value: 750,
    unit: 'mL',
    uses: 40,
    formulaIds: ['starter-dish-spray'],
  },
  {
    id: 'pipit-glass-spray',
    name: 'glass spray',
    price: 1.9,
    value: 500,
    unit: 'mL',
    uses: 45,
    formulaIds: ['pipit-porthole'],
  },
];

/** The demo home, its dates counted back from now. */
export function demoHome(now: Date): Home {
  return {
    formulas: FORMULAS,
    vessels: vesselsOf(dayAgoFrom(now)),
    batches: MADE.map((m) => batch(m, now)),
    pantry: pantryOf(dayAgoFrom(now)),
    rooms: DEMO_ROOMS,
    surfaces: DEMO_SURFACES,
    timers: demoTimers(now),
    jobs: [],
    plans: [],
    earlier: [],
    purchases: purchasesOf(dayAgoFrom(now)),
    wanted: [{ kind: 'thing', id: 'pipit-sponges', name: 'Two sponges', boughtAt: null }],
    instead: INSTEAD,
    log: demoLog(now, [...FORMULAS, ...STARTER_FORMULAS], pantryOf(dayAgoFrom(now))),
    settings: SETTINGS,
  };
}
