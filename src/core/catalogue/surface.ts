import type { DisputedAdviceId } from './disputedAdvice';
import type { SourceKey } from './sources';
import type { Trait } from './substances';

/** The finding a surface raises when a limit is passed. */
export type SurfaceHarm =
  | 'etches-stone'
  | 'corrodes-metal'
  | 'strips-finish'
  | 'scratches'
  | 'crazes-plastic'
  | 'swells-wood'
  | 'attacks-silvering'
  | 'bleaches-colour'
  | 'hardens-rubber'
  | 'harms-fibre'
  | 'damages-coating';

/** What a limit is about, and in which unit it stands. */
export type LimitOf =
  /** pH below which harm begins. */
  | 'acid'
  /** pH above which harm begins. */
  | 'alkali'
  /** Peroxide, percent w/v. */
  | 'oxidiser'
  /** Hypochlorite, ppm of free chlorine. */
  | 'hypochlorite'
  /** Alcohol or acetone, percent v/v. */
  | 'alcohol'
  /** Essential oil, percent v/v. */
  | 'oil'
  /** Vegetable or mineral oil, or wax, percent of the mass. */
  | 'fatty-oil'
  /** Hardest loose grain it stands, Mohs. */
  | 'grains'
  /** Standing water: the limit is 0, the minutes count. */
  | 'water'
  /** Temperature, °C. */
  | 'heat';

/**
 * What a surface stands of one thing, and for how long. `minutes`: contact until harm begins beyond the
 * limit, for acid as strong as half-strength vinegar (2.5 %) and alkali of 100 mmol/L; weaker takes
 * longer in proportion. 0 is at once: never.
 */
export interface Tolerance {
  readonly of: LimitOf;
  readonly limit: number;
  readonly minutes: number;
  readonly harm: SurfaceHarm;
  readonly reason: string;
  readonly source: SourceKey;
}

/** A weakness for things that come together: all the traits must be there. */
export interface Weakness {
  readonly traits: readonly Trait[];
  readonly minutes: number;
  readonly harm: SurfaceHarm;
  readonly reason: string;
  readonly source: SourceKey;
}

export type SurfaceGroup =
  | 'stone'
  | 'tile'
  | 'glass'
  | 'metal'
  | 'enamel'
  | 'plastic'
  | 'wood'
  | 'wall'
  | 'cloth'
  | 'appliance'
  | 'outdoors'
  | 'keep-out';

/** A surface and what it tolerates: what is not limited does no harm here at any household strength. */
export interface Surface {
  readonly id: string;
  readonly name: string;
  readonly names: readonly string[];
  readonly group: SurfaceGroup;
  readonly limits: readonly Tolerance[];
  readonly weaknesses: readonly Weakness[];
  /** Nothing but a barely damp cloth; the reason. Null for all that may be cleaned. */
  readonly keepOut: { readonly harm: SurfaceHarm; readonly reason: string } | null;
  /** Stands on, in or near what can light a vapour: hobs, ovens, stoves. */
  readonly ignites: boolean;
  /** What is rinsed off it runs into the drain of its room. */
  readonly drains: boolean;
  /** Limits that a person's choice of disputed advice replaces, by what they are of. */
  readonly schools: readonly {
    readonly school: DisputedAdviceId;
    readonly choice: string;
    readonly of: LimitOf;
    readonly limits: readonly Tolerance[];
  }[];
  /** How to go about it: the tool, the stroke, the order. */
  readonly manner: string;
}
