/** The door of the core: what everyone outside may call. */

export { evaluate, type Evaluation, type SurfaceEvaluation } from './evaluation/evaluate';
export { meet } from './evaluation/meet';
export { NOTHING_BESIDE, USUAL_CIRCUMSTANCES, type Beside, type Circumstances } from './evaluation/options';
export { evaluateAndPlan, type PouredLine, type PourPlan } from './evaluation/pourPlan';
export { mixtureReport } from './evaluation/report';

export { readRecipe, MOST_TEXT } from './formula/reader/readRecipe';
export {
  isDoubtful,
  type Correction,
  type Corrections,
  type Doubt,
  type ReadItem,
  type ReadRecipe,
} from './formula/reader/reading';
export { readAmount } from './formula/reader/readAmount';
export { formulaFromReading, notesOf, unreadOf } from './formula/fromReading';
export { amountText, formulaText, lineText } from './formula/card';
export { disagreements, type Disagreement } from './formula/dualAmount';
export { STARTER_FAMILIES, STARTER_FORMULAS, type StarterFamily } from './formula/starters';
export { checked, checkFormula } from './formula/schema';
export { MOST_LINES, type Formula, type FormulaUse, type IngredientRef, type Line } from './formula/formula';
export { resolveIngredient } from './formula/resolve';
export type { Outcome, Problem } from './formula/problem';

export { findIngredient, ingredientById, searchIngredients, INGREDIENTS } from './catalogue/lookup';
export type { Ingredient } from './catalogue/ingredient';
export { SURFACES, surfaceByName, type Surface, type SurfaceGroup } from './catalogue/surfaces';
export { SOILS, soilByName, type Soil } from './catalogue/soils';
export { LIVES, type Lives } from './catalogue/household';
export { SCHOOLS, type School, type SchoolChoices, type SchoolId } from './catalogue/schools';
export { SOURCES, type SourceKey } from './catalogue/sources';
export {
  DEFAULT_HEADSPACE_PERCENT,
  VESSEL_SHAPES,
  vesselFacts,
  vesselShape,
  type Vessel,
  type VesselShape,
  type VesselShapeId,
} from './catalogue/vessels';

export { hardnessClass, type HardnessClass } from './mixture/hardness';

export { SCOPES, type Finding, type Level, type Scope } from './findings/finding';

export { discardBy, isPastItsDay, type Batch, type BatchState } from './keeping/batch';
export { labelOf, type LabelContent } from './keeping/label';
export { shelfLife, storageAdvice, USUALLY_KEPT, type KeptHow, type ShelfLife } from './keeping/shelfLife';

export {
  rankWays,
  weighSupplies,
  type Candidate,
  type RuledOut,
  type Supplies,
  type Way,
  type Ways,
} from './cleaning/ways';
export { guideSteps, type GuideStep } from './cleaning/guide';
export { descaling, type Descaling } from './cleaning/descaling';
export { dryMinutes, rewetEveryMinutes, type Air } from './cleaning/drying';
export type { Dwell } from './cleaning/dwell';

export {
  batchSchema,
  DEFAULT_SETTINGS,
  HARDNESS_RANGE,
  HUMIDITY_RANGE,
  ROOM_C_RANGE,
  settingsSchema,
  vesselSchema,
  type Home,
  type Settings,
} from './exchange/home';
export { formulaSchema } from './formula/schema';
export { readFormulaFile, readHomeFile, writeFormulaFile, writeHomeFile } from './exchange/homeFile';
export { migrated, type Migration } from './exchange/migration';

export type { Amount } from './quantity/amount';
export type { Profile } from './quantity/fillMarks';
export { toolSet, TOOL_IDS, type ToolId } from './quantity/tools';
export { MEASURE_SYSTEMS, unitML, type MeasureSystem } from './quantity/units';
export { DROPS_PER_ML_RANGE } from './quantity/drops';
