import type { VesselFacts } from '../catalogue/vessels';
import type { FormulaKind } from '../formula/use';
import type { UseForm } from '../catalogue/useForms';
import { isPaste, type MixtureState } from '../mixture/state';
import type { Scope } from './finding';

/** A room as its air goes: `small` is small and shut. */
export const ROOM_SIZES = ['small', 'large'] as const;
export type RoomSize = (typeof ROOM_SIZES)[number];

/** How a mixture is put to use. */
export interface ExposureRoute {
  readonly kind: FormulaKind;
  /** Comes out of a trigger or a fine nozzle: said, or by its bottle. */
  readonly throughNozzle: boolean;
  /** Judged as a mist in the air: what is sprayed or diffused, and what can be poured of which nobody has said. */
  readonly inAir: boolean;
  /** Said to be put on with a cloth, from a bucket or as a paste: what harms by being breathed is one level milder. */
  readonly byHand: boolean;
  /** Meant for hands or skin. */
  readonly onSkin: boolean;
  /** Thin enough to pour and spray. */
  readonly pourable: boolean;
}

const IN_AIR: readonly UseForm[] = ['spray', 'air', 'steam', 'heat'];
const BY_HAND: readonly UseForm[] = [
  'cloth',
  'bucket',
  'paste',
  'blot',
  'soak',
  'fill',
  'bag',
  'machine',
  'pour',
  'hand',
  'foil',
  'cold',
];
const DIFFUSED: readonly FormulaKind[] = ['room-spray', 'reeds'];

/** What is known of the use: the form and kind that are said, its bottle. */
export interface StatedUse {
  readonly form: UseForm | null;
  readonly kind: FormulaKind;
  readonly vessel: VesselFacts | null;
}

/** How a mixture is put to use. Where nobody has said, what can be poured counts as sprayed. */
export function exposureRouteOf({ form, kind, vessel }: StatedUse, state: MixtureState, scope: Scope): ExposureRoute {
  const pourable = state.wet && !isPaste(state);
  const onSkin = kind === 'hand-soap';
  const trigger = vessel?.top === 'trigger';
  const made = scope === 'stored' || scope === 'fresh';
  const presumed = form === null && !onSkin && kind === 'surface' && pourable && made && (vessel === null || trigger);
  const inAir =
    (form !== null && IN_AIR.includes(form)) ||
    (form === null && DIFFUSED.includes(kind)) ||
    (trigger && form === null) ||
    presumed;
  return {
    kind,
    throughNozzle:
      form === 'spray' || kind === 'room-spray' || (form === null && (trigger || (presumed && scope === 'stored'))),
    inAir,
    byHand:
      made &&
      !inAir &&
      ((form !== null && BY_HAND.includes(form)) || (form === null && (onSkin || (state.wet && !pourable)))),
    onSkin,
    pourable,
  };
}
