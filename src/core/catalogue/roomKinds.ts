export type RoomKindId = 'kitchen' | 'bathroom' | 'toilet' | 'living' | 'bedroom' | 'hall' | 'laundry' | 'outdoors';

/** A surface that a room of its kind usually has. */
export interface UsualSurface {
  readonly name: string;
  readonly surfaceId: string;
  /** m². */
  readonly areaM2: number;
  /** Null for what is done only when it needs it. */
  readonly everyDays: number | null;
  readonly soilId: string;
  /** True if most rooms of this kind have it: ticked at first. */
  readonly common: boolean;
}

export interface RoomKind {
  readonly id: RoomKindId;
  readonly name: string;
  readonly small: boolean;
  readonly surfaces: readonly UsualSurface[];
}

const usual = (name: string, surfaceId: string, areaM2: number, everyDays: number | null, soilId: string): UsualSurface => ({ name, surfaceId, areaM2, everyDays, soilId, common: true });
const some = (...of: Parameters<typeof usual>): UsualSurface => ({ ...usual(...of), common: false });

/** Rooms and what stands in them; how often is the usual rhythm of upkeep (common practice, no source). */
export const ROOM_KINDS: readonly RoomKind[] = [
  { id: 'kitchen', name: 'Kitchen or galley', small: false, surfaces: [
    usual('Worktop', 'laminate', 1.5, 1, 'daily-dirt'),
    usual('Sink', 'stainless-steel', 0.3, 1, 'daily-dirt'),
    usual('Hob', 'induction-hob', 0.3, 1, 'fresh-grease'),
    usual('Oven', 'enamel', 0.8, 90, 'burnt-on'),
    usual('Oven racks', 'oven-racks', 0.4, 90, 'burnt-on'),
    usual('Floor', 'vinyl-floor', 6, 7, 'daily-dirt'),
    some('Wooden worktop', 'varnished-wood', 1.5, 1, 'daily-dirt'),
    some('Granite worktop', 'granite-sealed', 1.5, 1, 'daily-dirt'),
    some('Marble worktop', 'marble', 1, 1, 'daily-dirt'),
    some('Wall tiles', 'glazed-tile', 1.5, 1, 'fresh-grease'),
    usual('Kettle, inside', 'kettle', 0.06, 30, 'limescale'),
    some('Fridge, inside', 'fridge-inside', 2, 30, 'daily-dirt'),
    some('Microwave', 'microwave-inside', 0.4, 14, 'fresh-grease'),
    some('Dishwasher, inside', 'dishwasher', 1, 30, 'limescale'),
    some('Dishwasher filter', 'dishwasher', 0.05, 7, 'slime'),
    some('Gas hob', 'gas-hob', 0.3, 1, 'fresh-grease'),
    some('Oven door glass', 'oven-door-glass', 0.2, 90, 'burnt-on'),
    some('Extractor filter', 'extractor-filter-aluminium', 0.25, 30, 'fresh-grease'),
    some('China sink', 'ceramic-sink', 0.4, 1, 'daily-dirt'),
    some('Drain', 'drain-and-trap', 0.02, 7, 'smell'),
    some('Chopping board', 'board-wood', 0.12, 1, 'fresh-grease'),
    some('Extractor cover', 'aluminium', 0.3, 30, 'fresh-grease'),
    some('Tiled floor', 'glazed-tile', 6, 7, 'daily-dirt'),
    some('Window', 'glass', 1, 30, 'fingerprints'),
    some('Bin', 'plastic-pe-pp', 0.5, 30, 'smell'),
  ] },
  { id: 'bathroom', name: 'Bathroom or shower room', small: true, surfaces: [
    usual('Wall tiles', 'glazed-tile', 6, 7, 'daily-dirt'),
    usual('Grout', 'cement-grout', 0.6, 90, 'mould'),
    usual('Bath or shower tray', 'acrylic', 1, 7, 'soap-scum'),
    usual('Taps', 'chrome', 0.1, 7, 'daily-dirt'),
    usual('Mirror', 'mirror', 0.5, 7, 'fingerprints'),
    usual('Shower head', 'shower-head', 0.03, 30, 'limescale'),
    usual('Toilet bowl', 'toilet-bowl', 0.3, 3, 'daily-dirt'),
    some('Sealant', 'silicone-sealant', 0.1, 30, 'mould'),
    some('Enamel bath', 'bath-enamel', 1.5, 7, 'soap-scum'),
    some('Glass screen', 'shower-door', 2, 7, 'soap-scum'),
    some('Shower curtain', 'shower-curtain', 3.5, 60, 'mould'),
    some('Drain', 'drain-and-trap', 0.02, 30, 'slime'),
    some('Coloured taps', 'coated-tap', 0.1, 7, 'daily-dirt'),
    some('Floor', 'vinyl-floor', 3, 7, 'daily-dirt'),
    some('Washbasin', 'ceramic-sink', 0.3, 7, 'soap-scum'),
    some('Fan', 'sockets', 0.05, 90, 'dust'),
  ] },
  { id: 'toilet', name: 'Toilet', small: true, surfaces: [
    usual('Toilet bowl', 'toilet-bowl', 0.3, 3, 'daily-dirt'),
    usual('Washbasin', 'ceramic-sink', 0.3, 7, 'daily-dirt'),
    usual('Taps', 'chrome', 0.1, 7, 'daily-dirt'),
    usual('Floor', 'vinyl-floor', 2, 7, 'daily-dirt'),
    some('Mirror', 'mirror', 0.3, 7, 'fingerprints'),
  ] },
  { id: 'living', name: 'Living room or saloon', small: false, surfaces: [
    usual('Windows', 'glass', 2, 30, 'fingerprints'),
    usual('Floor', 'waxed-wood', 10, 7, 'dust'),
    usual('Table', 'varnished-wood', 1, 3, 'daily-dirt'),
    some('Stove glass', 'stove-glass', 0.1, 7, 'soot'),
    some('Rug', 'wool-silk', 3, 30, 'dust'),
    some('Carpet', 'carpet', 10, 7, 'dust'),
    some('Sofa', 'upholstery', 3, 30, 'dust'),
    some('Radiator', 'painted-metal', 1.5, 60, 'dust'),
    some('Blinds', 'blind-metal', 2, 30, 'dust'),
    some('Brass', 'brass', 0.1, 30, 'tarnish'),
    some('Window frames', 'aluminium', 0.5, 30, 'daily-dirt'),
    some('Walls', 'matt-paint', 20, 365, 'daily-dirt'),
    some('Screen', 'coated-screen', 0.5, 7, 'dust'),
  ] },
  { id: 'bedroom', name: 'Bedroom or cabin', small: false, surfaces: [
    usual('Floor', 'varnished-wood', 8, 7, 'dust'),
    usual('Window', 'glass', 1, 30, 'fingerprints'),
    some('Mattress', 'mattress', 2, 90, 'dust'),
    some('Carpet', 'carpet', 10, 7, 'dust'),
    some('Mirror', 'mirror', 0.5, 14, 'fingerprints'),
    some('Walls', 'matt-paint', 20, 365, 'daily-dirt'),
  ] },
  { id: 'hall', name: 'Hall or stairs', small: false, surfaces: [
    usual('Floor', 'glazed-tile', 4, 7, 'daily-dirt'),
    usual('Door', 'gloss-paint', 2, 30, 'fingerprints'),
    some('Walls', 'matt-paint', 15, 365, 'daily-dirt'),
  ] },
  { id: 'laundry', name: 'Laundry', small: true, surfaces: [
    usual('Washing machine, inside', 'washing-machine', 0.5, 30, 'smell'),
    usual('Door seal', 'rubber', 0.1, 30, 'daily-dirt'),
    usual('Sink', 'stainless-steel', 0.3, 14, 'limescale'),
  ] },
  { id: 'outdoors', name: 'Outdoors', small: false, surfaces: [
    usual('Paving', 'outdoor-stone', 10, 365, 'moss'),
    some('Brick', 'brick', 5, 365, 'moss'),
    some('Garden table', 'garden-teak', 2, 90, 'daily-dirt'),
    some('Barbecue', 'barbecue-grate', 0.3, 30, 'burnt-on'),
    some('Windows, outside', 'glass', 4, 90, 'daily-dirt'),
  ] },
];

const BY_ID = new Map(ROOM_KINDS.map((k) => [k.id, k]));

/** What is known of a kind of room. */
export function roomKind(id: RoomKindId): RoomKind {
  const kind = BY_ID.get(id);
  if (!kind) throw new Error(`No such kind of room: ${id}`);
  return kind;
}
