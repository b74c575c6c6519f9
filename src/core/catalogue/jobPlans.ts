import type { RoomKindId } from './roomKinds';

/** A part of a job that usually goes with others. */
export interface PlannedPart {
  /** Materials it may be of, by the catalogue's ids. */
  readonly materials: readonly string[];
  readonly soilId: string;
  /** True for what is cleaned of whatever it usually has on it. */
  readonly usual: boolean;
  /** Kinds of room it may stand in; null for any. */
  readonly rooms: readonly RoomKindId[] | null;
  /** Every such surface, not the first alone. */
  readonly each: boolean;
  /** Parts that must be done first in the same room, by their places in the list; others can wait side by side. */
  readonly after: readonly number[];
  /** True if the job is none without it. */
  readonly essential: boolean;
}

/** A job of several parts, in the order of careful work: the long wait first, top before bottom, the tub dry until its turn, the floor last. */
export interface JobPlan {
  readonly id: string;
  readonly name: string;
  readonly why: string;
  /** The surfaces of one room, or of the whole home. */
  readonly scope: 'room' | 'home';
  readonly parts: readonly PlannedPart[];
}

type More = Partial<Pick<PlannedPart, 'usual' | 'rooms' | 'after' | 'essential'>>;

const part = (materials: string, soilId: string, more: More = {}): PlannedPart => ({ materials: materials.split(' '), soilId, usual: false, rooms: null, each: false, after: [], essential: false, ...more });
const each = (materials: string, soilId: string, more: More = {}): PlannedPart => ({ ...part(materials, soilId, more), each: true });

const FLOORS = 'vinyl-floor linoleum quarry-tile terrazzo cork-floor bamboo-floor sealed-concrete concrete';
const BATHS = 'acrylic bath-enamel old-enamel';
const WORKTOPS = 'laminate varnished-wood waxed-wood granite-sealed granite-unsealed marble engineered-quartz slate soapstone';
const SINKS = 'stainless-steel ceramic-sink composite-sink';
const HOBS = 'induction-hob gas-hob';
const DAMP_ROOMS: More = { rooms: ['bathroom', 'toilet', 'laundry'] };
const GROUTS = 'cement-grout epoxy-grout';

/** Common practice, no source. */
export const JOB_PLANS: readonly JobPlan[] = [
  {
    id: 'oven-full',
    name: 'Oven, full',
    why: 'The racks soak while the oven steams and its paste works; the shine comes last. If the inner glass comes out, by its manual, it is done like the door. No foil on the floor of the oven: a tray on the rack catches drips.',
    scope: 'room',
    parts: [part('oven-racks', 'burnt-on'), part('enamel old-enamel', 'burnt-on', { essential: true }), part('oven-door-glass', 'burnt-on'), part('enamel old-enamel', 'fingerprints', { after: [1] })],
  },
  {
    id: 'bathroom-weekly',
    name: 'Bathroom, weekly',
    why: 'From the top down, dry before wet. Soap works in the bowl while the rest is done; the tub stays dry until the tiles are rinsed, and the floor comes last, out of the door. The seat and the bowl have a cloth of their own.',
    scope: 'room',
    parts: [
      part(FLOORS, 'dust', { rooms: ['bathroom', 'toilet'] }),
      part('toilet-bowl', 'daily-dirt', { rooms: ['bathroom', 'toilet'] }),
      part('mirror', 'fingerprints', { rooms: ['bathroom', 'toilet'] }),
      part('glazed-tile', 'soap-scum', { rooms: ['bathroom', 'toilet'], usual: true }),
      part('ceramic-sink', 'soap-scum', { rooms: ['bathroom', 'toilet'], usual: true }),
      part('chrome coated-tap', 'daily-dirt', { rooms: ['bathroom', 'toilet'], usual: true }),
      part(BATHS, 'soap-scum', { rooms: ['bathroom'], after: [3] }),
      part('shower-door', 'soap-scum', { rooms: ['bathroom'], usual: true }),
      part(FLOORS, 'daily-dirt', { rooms: ['bathroom', 'toilet'], after: [0, 3, 6] }),
    ],
  },
  {
    id: 'kitchen-after-cooking',
    name: 'Kitchen after cooking',
    why: 'The hob once it is cold, the wall behind it, the worktop, and the sink at the end: all the rest runs into it.',
    scope: 'room',
    parts: [part(HOBS, 'fresh-grease', { essential: true }), part('glazed-tile', 'fresh-grease', { rooms: ['kitchen'] }), part(WORKTOPS, 'daily-dirt', { rooms: ['kitchen'] }), part(SINKS, 'daily-dirt', { rooms: ['kitchen'], after: [2] })],
  },
  {
    id: 'windows',
    name: 'Windows',
    why: 'Frames dry first, then the glass: squeegee from the top, the edges with a dry cloth. Out of the sun: what dries before it is wiped leaves streaks.',
    scope: 'home',
    parts: [each('pvc-window-frame aluminium', 'dust', { rooms: ['living', 'bedroom', 'hall', 'bathroom', 'toilet', 'outdoors'] }), each('glass', 'fingerprints', { usual: true, essential: true })],
  },
  {
    id: 'grout-round',
    name: 'Grout, room by room',
    why: 'Each room takes its paste and its wait: one today, the next tomorrow. Then keep it dry, or it comes back.',
    scope: 'home',
    parts: [each(GROUTS, 'mould', { essential: true })],
  },
  {
    id: 'descaling',
    name: 'Descaling round',
    why: 'One bag of citric acid does them all: 25 g to a litre in the kettle, 10 g to a litre round the taps, 80 g dry in the machine. Never with bleach, and never two of them mixed.',
    scope: 'home',
    parts: [each('kettle', 'limescale'), each('shower-head', 'limescale'), each('chrome', 'limescale'), each('coffee-machine', 'limescale'), each('washing-machine', 'limescale'), each('dishwasher', 'limescale')],
  },
  {
    id: 'fridge',
    name: 'Fridge',
    why: 'Emptied and off; washed and dried; then a bowl of soda against what still smells.',
    scope: 'room',
    parts: [part('fridge-inside', 'daily-dirt', { essential: true }), part('fridge-inside', 'smell', { after: [0] })],
  },
  {
    id: 'washing-machine',
    name: 'Washing machine',
    why: 'The drawer and the seal by hand, the scale by an empty run, and the door left ajar.',
    scope: 'room',
    parts: [part('washing-machine', 'soap-scum', { essential: true }), part('washing-machine', 'slime'), part('washing-machine', 'limescale', { after: [0, 1] })],
  },
  {
    id: 'mould-round',
    name: 'Mould, once the room is dry',
    why: 'Find where the damp comes from, and dry the room first: on a wet wall it is back in a week. More than about 1 m², or after a flood: a professional.',
    scope: 'room',
    parts: [part('matt-paint gloss-paint', 'mould', DAMP_ROOMS), each('glazed-tile', 'mould', DAMP_ROOMS), each(GROUTS, 'mould', DAMP_ROOMS), each('silicone-sealant', 'mould', DAMP_ROOMS), part('rubber shower-curtain', 'mould', DAMP_ROOMS)],
  },
  {
    id: 'moving-out',
    name: 'Moving out',
    why: 'The long waits first: racks, oven, grout. Then each room from the top down, and its floor last, out of the door.',
    scope: 'home',
    parts: [
      each('oven-racks', 'burnt-on'),
      each('enamel old-enamel', 'burnt-on'),
      each('oven-door-glass', 'burnt-on'),
      each('extractor-filter-steel extractor-filter-aluminium', 'fresh-grease'),
      each('fridge-inside', 'daily-dirt'),
      each(GROUTS, 'mould', { usual: true }),
      each('glass', 'fingerprints', { usual: true }),
      each('mirror', 'fingerprints'),
      each('matt-paint gloss-paint painted-metal', 'daily-dirt', { usual: true }),
      each(HOBS, 'burnt-on'),
      each('glazed-tile', 'limescale', { usual: true, rooms: ['kitchen', 'bathroom', 'toilet'] }),
      each(`${SINKS} chrome coated-tap`, 'limescale', { usual: true }),
      each(BATHS, 'soap-scum', { after: [10] }),
      each('toilet-bowl', 'bowl-ring'),
      each(`${FLOORS} carpet`, 'daily-dirt', { usual: true, after: [6, 8, 10, 12] }),
    ],
  },
];
