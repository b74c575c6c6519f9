/** The door of the core: what everyone outside may call. What one screen alone needs has a side door in `doors/`. */

export { evaluate, evaluateAt, mixtureOf, type Evaluation, type SurfaceEvaluation } from './evaluation/evaluate';
export { checkCompatibility } from './evaluation/compatibility';
export {
  contextIn,
  contextOf,
  droppersOf,
  NO_TEXT,
  DEFAULT_CONTEXT,
  type RecipeText,
  type EvaluationContext,
  type HomeFacts,
} from './evaluation/context';
export {
  batchesOf,
  batchStatus,
  finishedBatches,
  isBatchInProgress,
  rescaledFits,
  shiftML,
  toPourML,
  withoutLast,
  withPoured,
  withRescaled,
  type BatchInProgress,
  type IntoUse,
  type BatchStatus,
} from './batch/progress';
export { evaluateAndPlan, planPour, type PouredLine, type PourPlan } from './evaluation/pourPlan';
export { remediesFor, type Remedy } from './evaluation/remedies';
export {
  notableShifts,
  strengthShifts,
  STRENGTH_NAMES,
  strengthsOf,
  MixtureStrength,
  type StrengthKey,
  type StrengthShift,
} from './evaluation/strengths';

export { readRecipe, MAX_TEXT } from './formula/reader/readRecipe';
export {
  isDoubtful,
  isOpen,
  type NamedHazard,
  type Correction,
  type Corrections,
  type Doubt,
  type ReadItem,
  type ReadRecipe,
  type UnreadBecause,
} from './formula/reader/reading';
export type { Have } from './formula/batchSize';
export {
  freeLineId,
  likelyAmount,
  strengthBasisOf,
  withLine,
  withLineChanged,
  withLineMoved,
  withoutLine,
} from './formula/change';
export { readAmount } from './formula/reader/readAmount';
export { typedAmount } from './formula/typedAmount';
export { searchTextOf } from './formula/searchText';
export { DAY_MS, HOUR_MS, MINUTE_MS } from './quantity/time';
export { formulaFromReading } from './formula/fromReading';
export { recipeTextOf } from './evaluation/recipeText';
export { alsoByName, checkCompatibilityByName } from './evaluation/compatibilityByName';
export { amountText, cardLines, formulaText, lineText } from './formula/card';
export { disagreements, type Disagreement } from './formula/dualAmount';
export { isStarter, STARTER_FAMILIES, STARTER_FORMULAS, type StarterFamily } from './formula/starters';
export { validate, checkFormula } from './formula/schema';
export type { Schema as RecordSchema } from './formula/typedSchema';
export {
  MAX_LINES,
  type Formula,
  type FormulaUse,
  OWN_INGREDIENT_FORMS,
  type IngredientRef,
  type OwnIngredient,
  type OwnRef,
  type Line,
  type Strength,
  type MadeFor,
} from './formula/formula';
export { atStrongest, isUnknown, resolveIngredient } from './formula/resolveIngredient';
export type { Result, Problem } from './formula/result';

export { findIngredient, ingredientById, searchIngredients, INGREDIENTS } from './catalogue/lookup';
export type { Ingredient } from './catalogue/ingredient';
export type { Meaning } from './catalogue/meaning';
export {
  SURFACES,
  surfaceByName,
  surfaceMeaning,
  surfacesMeant,
  type Surface,
  type SurfaceGroup,
} from './catalogue/surfaces';
export { SOILS, soilByName, soilMeaning, soilsMeant, type Soil } from './catalogue/soils';
export { HOUSEHOLD_MEMBERS, type HouseholdMember } from './catalogue/household';
export {
  DISPUTED_ADVICE,
  preferenceOf,
  type DisputedAdvice,
  type AdvicePreferences,
  type DisputedAdviceId,
} from './catalogue/disputedAdvice';
export { SOURCES, type SourceKey } from './catalogue/sources';
export {
  DEFAULT_HEADSPACE_PERCENT,
  fullML,
  VESSEL_SHAPES,
  vesselFacts,
  measuredCapacityML,
  profileOfMeasures,
  vesselHeightMM,
  vesselProfile,
  vesselShape,
  type Measured,
  type Vessel,
  type VesselFacts,
  type VesselShape,
  type VesselShapeId,
} from './catalogue/vessels';

export { hardnessClass, type HardnessClass } from './mixture/hardness';

export { SCOPES, type Finding, type Level, type Scope } from './findings/finding';
export { ROOM_SIZES, type RoomSize } from './findings/exposureRoute';
export { FORMULA_KINDS, type FormulaKind } from './formula/use';
export { USE_FORMS, type UseForm } from './catalogue/useForms';

export {
  discardBy,
  isExpired,
  isLastOfIt,
  leftML,
  standsIn,
  leftByFormula,
  usableBatches,
  withLevel,
  withUsed,
  type Batch,
  type BatchState,
} from './shelf-life/batch';
export {
  ingredientOfItem,
  itemName,
  LEAST_MADE_ML,
  lifeOf,
  missingIngredients,
  ownRefs,
  shortages,
  standingOf,
  stockedIds,
  takenBy,
  takenText,
  USUAL_BOTTLE_ML,
  withTaken,
  MAX_ALSO_SOLD,
  packsOf,
  type Pack,
  type PantryItem,
  type Shortage,
  type StockState,
  type Taken,
} from './stock/pantry';
export { instantOfDay, typedDay } from './quantity/instant';
export { namedForSure, searchWithOwn, type FoundIngredient } from './own/findOwn';
export { keepingMoves, type KeepingMove } from './shelf-life/keepingMoves';
export { bottleAfterUse, runOut, suitsForm } from './batch/bottles';
export { tookOf } from './batch/took';
export { withBought, withoutBought } from './stock/bought';
export type { BoughtInstead, PacksBought, Purchase, Replaced, Wanted } from './stock/purchase';
export { pouredPortions } from './batch/intoBottles';
export { madeAtOnce, madeForJob, makeBatches, type Made } from './batch/making';
export { toppedUp, type ToppedUp } from './batch/topUp';
export { makingAdvice, type MakingAdvice } from './shelf-life/makingAdvice';
export { labelOf, type LabelContent } from './shelf-life/label';
export {
  isUsedAtOnce,
  shelfLife,
  storageAdvice,
  DEFAULT_STORAGE,
  type StorageConditions,
  type ShelfLife,
} from './shelf-life/shelfLife';

export { candidateOf, rankWays, waysWith, weighSupplies, type Supplies } from './cleaning/ways';
export { type Candidate, type RuledOut, type Way, type Ways, wayKey, type OutReason, type Went } from './cleaning/way';
export { infusionDangers, PEEL_INFUSION } from './cleaning/infusion';
export { earlierFormsOf, withEarlierForms, type EarlierForm } from './formula/earlierForms';
export { isSame, threeWay, type Conflict, type Merged, type MergeRules } from './exchange/threeWay';
export { isBackupDue, NO_BACKUP, withChange, withBackup, withQuiet, type BackupState } from './exchange/backupDue';
export { undoReplace, type PutBack } from './exchange/undoReplace';
export { mergeHomes, type MergedHomes, type MergedList } from './exchange/mergeHomes';
export { dwellChoices, guideSteps, GUIDE_STEP_KEYS, type GuideStep } from './cleaning/guide';
export { applicationOf, type Application } from './cleaning/application';
export { jointsFinding, jointsOf, type Joint } from './cleaning/joints';
export { toleranceOf, questionsAbout, type HomeSurface, type Room, type Upkeep } from './cleaning/homeSurface';
export { METHODS, methodById, SHARES, type Method, type Share } from './catalogue/methods';
export { disputedHere } from './catalogue/methodsFor';
export { classId, isPlaceId, PLACE_CLASSES, PLACE_IDS, type SurfacePlaceId } from './catalogue/placeIds';
export { usualAreaM2 } from './catalogue/usualAreas';
export { portionsFor, type MeasuredPortion } from './evaluation/portionsFor';
export { toMake, wayAmountOf, type WayAmount } from './cleaning/howMuch';
export { likelihoodOf, soilsOn, type Likelihood } from './catalogue/plausible';
export { ROOM_KINDS, roomKind, type RoomKind, type RoomKindId, type UsualSurface } from './catalogue/roomKinds';
export { JOB_PLANS, type JobPlan } from './catalogue/jobPlans';
export {
  MAX_JOB_PARTS,
  partsFor,
  partsStillThere,
  plansHere,
  withoutPart,
  withPartEarlier,
  type OwnPlan,
  type PartToDo,
  type PlanHere,
} from './cleaning/jobPlan';
export {
  atStep,
  indexOfStep,
  isJobFinished,
  nextPart,
  repeatPart,
  stepOf,
  firstOf,
  withDwellOf,
  statusOf,
  withPart,
  type Job,
  type JobPart,
  type JobPlace,
  type PartStatus,
} from './cleaning/job';
export {
  editEntry,
  rinsedNow,
  monthOf,
  NO_RATING,
  overall,
  type LogChange,
  type LogEntry,
  LOG_OUTCOMES,
  type LogOutcome,
  type Rating,
  type Used,
} from './cleaning/logEntry';
export {
  LOOK_BACK_DAYS,
  ingredientsUsed,
  ingredientsOfFormula,
  ingredientsOfMethod,
  isLeftOn,
  residueConflicts,
  residuesAt,
  type ResidueConflict,
  type Residue,
  type Spot,
  type UsedIngredients,
} from './cleaning/residue';
export {
  adjustTimer,
  endTimer,
  nextEventMs,
  snoozeTimer,
  startTimer,
  timerAt,
  tookMinutes,
  dueEvents,
  recordRewet,
  markNotified,
  type EndReason,
  type Phase,
  type Timer,
  type TimerEvent,
  type TimerKind,
  type TimerNow,
} from './cleaning/timer';
export { RATED_DAYS, wentHere } from './cleaning/wentHere';
export { heldWays, oneStepFurther, type UsedBefore, type HeldWay, type HeldWays } from './cleaning/heldWays';
export { strengthLine, usedFormula } from './cleaning/usedFormula';
export { DWELL_END_WORDS, entryOfPart, entryOfUse, jobAfterEntry, usedOf, usedOwn } from './cleaning/jobLog';
export { dueSurfaces, isDue, lastBySurface, type Due } from './cleaning/upkeep';
export { dryMinutes, rewetEveryMinutes, type Air } from './cleaning/drying';
export type { Dwell } from './cleaning/dwell';

export {
  batchSchema,
  DEFAULT_SETTINGS,
  EMPTY_HOME,
  HARDNESS_RANGE,
  HUMIDITY_RANGE,
  boughtInsteadSchema,
  pantryItemSchema,
  wantedSchema,
  ROOM_C_RANGE,
  settingsSchema,
  vesselSchema,
  type Home,
  type Settings,
} from './exchange/home';
export {
  homeSurfaceSchema,
  jobSchema,
  logEntrySchema,
  ownPlanSchema,
  roomSchema,
  timerSchema,
} from './exchange/records';
export { ingredientOfLine } from './formula/resolveIngredient';
export { formulaSchema } from './formula/schema';
export { readFormulaFile, readHomeFile, writeFormulaFile, writeHomeFile } from './exchange/homeFile';
export { checkRecord, LIST_IN_HOME, type RecordKind, type RecordTypes } from './exchange/collections';
export {
  DATA_VERSION,
  MIGRATIONS,
  migrateRecord,
  VERSION_BEFORE_IT_WAS_SAID,
  type Migration,
} from './exchange/migrations';

export type { Amount } from './quantity/amount';
export { brimfulML, volumeToHeightML, type PouredScale, type Profile } from './quantity/fillMarks';
export { toolSet, TOOL_IDS, type ToolId } from './quantity/tools';
export {
  MEASURE_SYSTEMS,
  STOCK_UNITS,
  UNIT_CHIPS,
  unitML,
  unitText,
  type MeasureSystem,
  type StockUnit,
} from './quantity/units';
export { readBack, typedMeasure, typedNumber, typedQuantity, type DecimalSign } from './quantity/typedNumber';
export { DROPS_PER_ML_RANGE } from './quantity/drops';
export { FIRST_STEPS, accidentsOf, type Accident } from './findings/firstAid';
export {
  compatibilityReport,
  COMPATIBILITY_SCOPES,
  incompatiblePairs,
  substanceNamed,
  type CompatibilityReport,
  type CompatibilityAnswer,
  type NamedSubstance,
  type IncompatiblePair,
} from './evaluation/compatibilityReport';
export { counted, listOf, plural } from './text/english';
