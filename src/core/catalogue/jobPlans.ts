/** A part of a job that usually goes with others. */
export interface PlannedPart {
  readonly name: string;
  /** Materials it may be of, by the catalogue's ids. */
  readonly materials: readonly string[];
  readonly soilId: string;
  /** The index of the part that must be done first; null if it can wait beside the others. */
  readonly after: number | null;
}

/** A job of several parts, in the order of careful work: the long wait first, top before bottom, the tub dry until its turn. */
export interface JobPlan {
  readonly id: string;
  readonly name: string;
  readonly why: string;
  readonly parts: readonly PlannedPart[];
}

const part = (name: string, materials: readonly string[], soilId: string, more: Partial<Pick<PlannedPart, 'after'>> = {}): PlannedPart => ({ name, materials, soilId, after: null, ...more });

/** Common practice, no source. */
export const JOB_PLANS: readonly JobPlan[] = [
  {
    id: 'oven-with-racks',
    name: 'Oven with its racks',
    why: 'The racks soak while the oven steams and its paste works.',
    parts: [
      part('Racks in the soak', ['oven-racks'], 'burnt-on'),
      part('Oven, inside', ['enamel', 'old-enamel'], 'burnt-on'),
    ],
  },
  {
    id: 'tile-then-tub',
    name: 'Tiles, then tub or tray',
    why: 'What runs down from the tiles would dry on the tub: it stays dry until they are rinsed.',
    parts: [
      part('Wall tiles', ['glazed-tile'], 'limescale'),
      part('Tub or tray', ['acrylic', 'bath-enamel', 'old-enamel'], 'soap-scum', { after: 0 }),
    ],
  },
  {
    id: 'grout-then-wash',
    name: 'Grout, then the tiles',
    why: 'The paste on the lines first; the wash after it takes its dust away.',
    parts: [
      part('Grout lines', ['cement-grout', 'epoxy-grout'], 'mould'),
      part('Wall tiles', ['glazed-tile'], 'daily-dirt', { after: 0 }),
    ],
  },
];
