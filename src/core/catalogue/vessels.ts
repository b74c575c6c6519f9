import {
  brimfulML,
  heightByPouringMM,
  heightOfVolumeMM,
  profileByPouring,
  profileOfCapacity,
  type PouredScale,
  type Profile,
} from '../quantity/fillMarks';

/** What a vessel is made of: matters to acids, alcohol and oils. */
export const VESSEL_MATERIALS = ['glass', 'pet', 'hdpe', 'ldpe', 'polystyrene', 'pvc', 'aluminium', 'tin', 'steel', 'ceramic', 'unknown'] as const;
export type VesselMaterial = (typeof VESSEL_MATERIALS)[number];

export type VesselShapeId = 'round-shoulder' | 'straight-spray' | 'squeeze' | 'wide-jar' | 'dropper' | 'tub';

/** A common shape of vessel: its inside, the room to leave, and how it closes. */
export interface VesselShape {
  readonly id: VesselShapeId;
  readonly name: string;
  readonly hint: string;
  /** The capacity in mL that the measured profile was drawn from; other sizes keep the proportions. */
  readonly usualML: number;
  readonly profile: Profile;
  readonly top: 'trigger' | 'flip-cap' | 'screw-lid' | 'pipette' | 'open';
  readonly closes: boolean;
}

/** Profiles measured for Biscuit on ordinary household bottles, inner diameters in mm; common practice, no source. */
export const VESSEL_SHAPES: readonly VesselShape[] = [
  {
    id: 'straight-spray', name: 'Spray bottle', hint: 'Straight sides, trigger on top', usualML: 500, top: 'trigger', closes: true,
    profile: [
      { heightMM: 0, diameterMM: 62 }, { heightMM: 4, diameterMM: 68 }, { heightMM: 118, diameterMM: 68 },
      { heightMM: 136, diameterMM: 54 }, { heightMM: 150, diameterMM: 30 }, { heightMM: 166, diameterMM: 24 },
    ],
  },
  {
    id: 'round-shoulder', name: 'Round-shouldered bottle', hint: 'Glass, round shoulders, narrow neck', usualML: 500, top: 'trigger', closes: true,
    profile: [
      { heightMM: 0, diameterMM: 66 }, { heightMM: 5, diameterMM: 72 }, { heightMM: 108, diameterMM: 72 },
      { heightMM: 122, diameterMM: 66 }, { heightMM: 133, diameterMM: 50 }, { heightMM: 140, diameterMM: 27 }, { heightMM: 160, diameterMM: 22 },
    ],
  },
  {
    id: 'squeeze', name: 'Squeeze bottle', hint: 'Waisted, flip cap', usualML: 400, top: 'flip-cap', closes: true,
    profile: [
      { heightMM: 0, diameterMM: 56 }, { heightMM: 6, diameterMM: 64 }, { heightMM: 50, diameterMM: 62 }, { heightMM: 84, diameterMM: 50 },
      { heightMM: 120, diameterMM: 60 }, { heightMM: 150, diameterMM: 46 }, { heightMM: 166, diameterMM: 26 },
    ],
  },
  {
    id: 'wide-jar', name: 'Wide jar', hint: 'Screw lid, for pastes, powders and infusions', usualML: 500, top: 'screw-lid', closes: true,
    profile: [
      { heightMM: 0, diameterMM: 74 }, { heightMM: 6, diameterMM: 82 }, { heightMM: 88, diameterMM: 82 }, { heightMM: 100, diameterMM: 70 }, { heightMM: 112, diameterMM: 70 },
    ],
  },
  {
    id: 'dropper', name: 'Dropper bottle', hint: 'Small, amber, pipette', usualML: 50, top: 'pipette', closes: true,
    profile: [
      { heightMM: 0, diameterMM: 30 }, { heightMM: 3, diameterMM: 34 }, { heightMM: 50, diameterMM: 34 }, { heightMM: 60, diameterMM: 18 }, { heightMM: 72, diameterMM: 16 },
    ],
  },
  {
    id: 'tub', name: 'Bowl or tub', hint: 'Open: soaks, pastes, anything that fizzes', usualML: 4000, top: 'open', closes: false,
    profile: [{ heightMM: 0, diameterMM: 190 }, { heightMM: 20, diameterMM: 220 }, { heightMM: 110, diameterMM: 250 }],
  },
];

/** The shape of an id; the first of the list if the id is not known any more. */
export function vesselShape(id: string): VesselShape {
  const found = VESSEL_SHAPES.find((s) => s.id === id) ?? VESSEL_SHAPES[0];
  if (!found) throw new Error('No vessel shapes');
  return found;
}

/** A bottle that a person has: a shape at a capacity. */
export interface Vessel {
  readonly id: string;
  readonly name: string;
  readonly shape: VesselShapeId;
  /** mL to the brim; 10 to 100 000. */
  readonly capacityML: number;
  readonly material: VesselMaterial;
  readonly opaque: boolean;
  /** Where it stands, in the person's words: a room, a cupboard. */
  readonly place?: string;
  /** What the bottle cost and when it was bought, ISO 8601; left out where it cost nothing, or nobody said. */
  readonly bought?: { readonly price: number; readonly at: string };
  /** True if food or drink was sold or is kept in it. */
  readonly heldFood?: boolean;
  /** Its inside as measured with a ruler; without it the shape's usual one at this capacity. */
  readonly profile?: Profile;
  /** Marks found by pouring; they overrule any profile. */
  readonly poured?: PouredScale;
}

/** The inside of a vessel: as poured, as measured, or as its shape usually is. */
export function vesselProfile(vessel: Vessel): Profile {
  if (vessel.poured && vessel.poured.length > 1) return profileByPouring(vessel.poured);
  return vessel.profile ?? profileOfCapacity(vesselShape(vessel.shape).profile, vessel.capacityML);
}

/** Height in mm above the inside base at which a volume stands in a vessel. */
export const vesselHeightMM = (vessel: Vessel, volumeML: number): number =>
  vessel.poured && vessel.poured.length > 1
    ? heightByPouringMM(vessel.poured, volumeML)
    : heightOfVolumeMM(vesselProfile(vessel), volumeML);

/** A vessel's straight-sided body, its shoulder and neck, as a person measures them with a ruler, mm. */
export interface Measured {
  readonly bodyDiameterMM: number;
  /** From the inside base to where the shoulder begins. */
  readonly bodyHeightMM: number;
  readonly neckDiameterMM: number;
  /** From the inside base to the brim. */
  readonly brimMM: number;
}

/** Walls of household bottles are about this thick, mm (common practice, no source): a ruler measures the outside. */
export const WALL_MM = 1.5;

/**
 * The profile of a round bottle by its outer diameters and heights: straight body, conical shoulder.
 * Null if the measures cannot be those of a bottle.
 */
export function profileOfMeasures(measured: Measured): Profile | null {
  const { bodyDiameterMM, bodyHeightMM, neckDiameterMM, brimMM } = measured;
  const inner = (outer: number): number => outer - 2 * WALL_MM;
  const possible = inner(neckDiameterMM) > 0 && inner(bodyDiameterMM) > 0 && bodyHeightMM > 0 && brimMM >= bodyHeightMM;
  if (!possible) return null;
  const body = { heightMM: 0, diameterMM: inner(bodyDiameterMM) };
  if (brimMM - bodyHeightMM < 1) return [body, { heightMM: brimMM, diameterMM: inner(bodyDiameterMM) }];
  return [
    body,
    { heightMM: bodyHeightMM, diameterMM: inner(bodyDiameterMM) },
    { heightMM: brimMM, diameterMM: inner(neckDiameterMM) },
  ];
}

/** mL to the brim of a measured profile, rounded to a whole mL. */
export const measuredCapacityML = (profile: Profile): number => Math.round(brimfulML(profile));

/** What a rule asks of a vessel. */
export interface VesselFacts {
  readonly material: VesselMaterial;
  /** Null if not known. */
  readonly opaque: boolean | null;
  readonly top: VesselShape['top'];
  readonly heldFood: boolean;
}

/** The facts about a vessel that its contents depend on. */
export const vesselFacts = (vessel: Vessel): VesselFacts => ({
  material: vessel.material,
  opaque: vessel.opaque || (vessel.material === 'unknown' ? null : false),
  top: vesselShape(vessel.shape).top,
  heldFood: vessel.heldFood ?? false,
});

/** Room left in the vessel by default, percent of its capacity: to shake, or for open vessels to stir. */
export const DEFAULT_HEADSPACE_PERCENT = 10;

/** Room to stir in an open tub, percent of its capacity (common practice, no source). */
const TUB_HEADSPACE_PERCENT = 25;

/** Headspace to leave in a vessel, percent of its capacity. */
export const headspacePercentOf = (vessel: Vessel): number =>
  vesselShape(vessel.shape).closes ? DEFAULT_HEADSPACE_PERCENT : TUB_HEADSPACE_PERCENT;

/** mL in a vessel that is as full as it should be. */
export const fullML = (vessel: Vessel): number => vessel.capacityML * (1 - headspacePercentOf(vessel) / 100);

/** Fuller than this share nothing can be carried without a spill (common practice, no source). */
const MAX_FILL_SHARE = 0.97;

/** The most that goes into a vessel at all, mL. */
export const maxFillML = (vessel: Vessel): number => MAX_FILL_SHARE * vessel.capacityML;
