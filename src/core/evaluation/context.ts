import type { Ingredient } from '../catalogue/ingredient';
import type { HouseholdMember } from '../catalogue/household';
import type { AdvicePreferences } from '../catalogue/disputedAdvice';
import type { Soil } from '../catalogue/soils';
import type { Surface } from '../catalogue/surface';
import {
  DEFAULT_HEADSPACE_PERCENT,
  headspacePercentOf,
  vesselFacts,
  type Vessel,
  type VesselFacts,
} from '../catalogue/vessels';
import type { Scope } from '../findings/finding';
import type { RoomSize } from '../findings/exposureRoute';
import type { FormulaUse } from '../formula/formula';
import type { UseForm } from '../catalogue/useForms';
import { DEFAULT_DROPS_PER_ML, type Droppers } from '../quantity/drops';

/** All that bears on a verdict beside the formula: scope, place, vessel, home. */
export interface EvaluationContext {
  readonly scope: Scope;
  readonly surface: Surface | null;
  /** What it is to lift; null if not said. */
  readonly soil: Soil | null;
  /** Contact time on the surface, minutes; null if not said. */
  readonly dwellMinutes: number | null;
  readonly droppers: Droppers;
  /** Room left in the closed vessel, percent of its capacity, 1 to 90. */
  readonly headspacePercent: number;
  /** How it is used, where that is said beside the formula; null for the formula's own form. */
  readonly form: UseForm | null;
  /** Where it is used: a small room that is shut airs slowly. */
  readonly room: RoomSize;
  /** The vessel it is kept in; null if not known. */
  readonly vessel: VesselFacts | null;
  /** Who lives in the home, and where its drain goes. */
  readonly household: readonly HouseholdMember[];
  /** Hardness of the tap water, mg/L as CaCO3, 0 to 1000; null if not known. */
  readonly hardnessMgPerL: number | null;
  /** Where careful people differ: the person's own choices. */
  readonly preferences: AdvicePreferences;
}

/** One closed bottle, nothing known of the home: what holds where nothing else is said. */
export const DEFAULT_CONTEXT: EvaluationContext = {
  scope: 'stored',
  surface: null,
  soil: null,
  dwellMinutes: null,
  droppers: DEFAULT_DROPS_PER_ML,
  headspacePercent: DEFAULT_HEADSPACE_PERCENT,
  form: null,
  room: 'large',
  vessel: null,
  household: [],
  hardnessMgPerL: null,
  preferences: {},
};

/** What of a home's settings bears on a mixture. */
export interface HomeFacts {
  readonly dropsPerML: number;
  /** Drops per mL of single bottles, as counted, by the ingredient's id. */
  readonly counted?: Readonly<Record<string, number>>;
  readonly lives: readonly HouseholdMember[];
  readonly hardnessMgPerL: number | null;
  readonly schools: AdvicePreferences;
}

/** What the droppers of a home give. */
export const droppersOf = ({ dropsPerML, counted }: Pick<HomeFacts, 'dropsPerML' | 'counted'>): Droppers =>
  counted ? { usual: dropsPerML, counted } : dropsPerML;

/** The context of a home for a formula of this use, before a bottle and a place are chosen. */
export const contextOf = (use: FormulaUse, home: HomeFacts): EvaluationContext => ({
  ...DEFAULT_CONTEXT,
  scope: use,
  droppers: droppersOf(home),
  household: home.lives,
  hardnessMgPerL: home.hardnessMgPerL,
  preferences: home.schools,
});

/** The same in a vessel. */
export const contextIn = (vessel: Vessel, use: FormulaUse, home: HomeFacts): EvaluationContext => ({
  ...contextOf(use, home),
  headspacePercent: headspacePercentOf(vessel),
  vessel: vesselFacts(vessel),
});

/** What a pasted text said beside its lines, and what of them is open. */
export interface RecipeText {
  /** Lines that could not be read: they keep a verdict from being clear. */
  readonly unread: readonly string[];
  /** Titles, notes and instructions: what is claimed and how it is made. */
  readonly notes: readonly string[];
  /** Hazardous names that stand in the text, and that no line and no clause of its own accounts for. */
  readonly hazards: readonly string[];
  /** Lines that may mean several ingredients, the one they are read as first. */
  readonly open: readonly OpenLine[];
}

/** A line of which it is asked what it means. */
export interface OpenLine {
  readonly lineId: string;
  /** As written. */
  readonly name: string;
  readonly choices: readonly Ingredient[];
  /** True for a bought product that could be of either kind, or a thing of which only the class is known. */
  readonly unknownKind: boolean;
}

export const NO_TEXT: RecipeText = { unread: [], notes: [], hazards: [], open: [] };
