import {
  contextOf,
  recipeTextOf,
  disagreements,
  evaluate,
  formulaFromReading,
  isDoubtful,
  isOpen,
  MAX_LINES,
  MAX_TEXT,
  readRecipe,
  type EvaluationContext,
  type Corrections,
  type Evaluation,
  type Formula,
  type FormulaUse,
  type MeasureSystem,
  type NamedHazard,
  type OwnRef,
  type ReadItem,
  type Settings,
} from '@/core';

/** A pasted text and what was said of it. */
export interface PasteDraft {
  readonly text: string;
  readonly corrections: Corrections;
  readonly cup: MeasureSystem | null;
  /** The name as typed; null while the text's own title stands. */
  readonly name: string | null;
  /** Kept or used at once; null while the text's own word stands. */
  readonly use: FormulaUse | null;
  /** Which of several recipes is meant, counted from 0; null while that is open. */
  readonly recipe?: number | null;
  /** The formula that is changed as text, as it was when that began. */
  readonly base?: Formula;
}

export const EMPTY_PASTE: PasteDraft = { text: '', corrections: {}, cup: null, name: null, use: null, recipe: null };

/** True if it can be gone on with, after a reload or an update. */
export const isPasteDraft = (value: unknown): value is PasteDraft =>
  typeof value === 'object' &&
  value !== null &&
  'text' in value &&
  typeof value.text === 'string' &&
  'corrections' in value;

/** What a pasted text comes to. */
export interface PasteReading {
  readonly text: string;
  readonly corrections: Corrections;
  readonly items: readonly ReadItem[];
  readonly cup: MeasureSystem;
  readonly use: FormulaUse;
  readonly name: string;
  /** Null while no ingredient is found. */
  readonly formula: Formula | null;
  readonly at: EvaluationContext;
  /** Null without a formula, or where its amounts do not come together. */
  readonly evaluation: Evaluation | null;
  readonly problem: string | null;
  /** Texts of the lines whose two amounts do not agree. */
  readonly disagreeing: ReadonlySet<string>;
  readonly doubtful: number;
  /** Hazards that stand in the text and that nothing accounts for, but those in an entry that is asked about itself. */
  readonly hazards: readonly NamedHazard[];
  /** How many questions have to be answered before anything is made of it. */
  readonly waits: number;
  /** The recipes of a text that holds several; and which of them is meant. */
  readonly recipes: readonly string[];
  readonly recipe: number | null;
}

/**
 * Reads and weighs up a pasted text in a home; fast enough to follow every key.
 * @param own what the person has described, known by its name
 */
export function readPaste(draft: PasteDraft, settings: Settings, own: readonly OwnRef[] = []): PasteReading {
  const { text, corrections } = draft;
  const asked = draft.cup ?? settings.cup;
  const recipe = draft.recipe ?? null;
  const first = readRecipe(text, { measures: asked, corrections, recipe, own });
  const cup = draft.cup ?? first.header.measures ?? asked;
  const reading = cup === asked ? first : readRecipe(text, { measures: cup, corrections, recipe, own });
  const use = draft.use ?? reading.header.use ?? 'stored';
  const read = formulaFromReading(reading, 'reading', 'My recipe', cup);
  const formula = read && { ...read, use, measures: cup };
  const context = contextOf(use, settings);
  // A hazard in an entry that is asked about anyway is one question with it.
  const open = new Set(reading.items.flatMap((i) => (i.kind === 'unread' ? [i.key] : [])));
  const hazards = reading.hazards.filter((h) => !open.has(h.key));
  const outcome = formula && evaluate(formula, context, recipeTextOf(reading));
  const disagreeing = new Set(
    formula ? disagreements(formula, context.droppers).flatMap((d) => d.line.text ?? []) : [],
  );
  return {
    text,
    corrections,
    items: reading.items,
    cup,
    use,
    name: draft.name ?? formula?.name ?? '',
    formula,
    at: context,
    evaluation: outcome?.ok ? outcome.value : null,
    problem: outcome && !outcome.ok ? (outcome.problems[0]?.message ?? null) : null,
    disagreeing,
    hazards,
    waits: questionsIn(reading.items) + hazards.length,
    recipes: reading.recipes,
    recipe,
    doubtful: reading.items.filter((i) => isDoubtful(i) || (i.kind === 'line' && disagreeing.has(i.text))).length,
  };
}

/** Open entries; several recipes in one text are one question. */
function questionsIn(items: readonly ReadItem[]): number {
  const open = items.filter(isOpen);
  const which = open.filter(asksWhichRecipe);
  return open.length - which.length + Math.min(1, which.length);
}

/** True for an entry of which nothing is open but the recipe it belongs to. */
export const asksWhichRecipe = (item: ReadItem): boolean =>
  item.kind === 'unread'
    ? item.because === 'which-recipe'
    : item.kind === 'line' && item.doubts.length === 1 && item.doubts[0]?.kind === 'which-recipe';

/** The line of the text that a place stands in, counted from 1. */
export const lineNumber = (text: string, at: number): number => text.slice(0, at).split(/\r\n|\r|\n/).length;

/** Words on how a text stands: what to do next, or why it cannot go on. */
export function pendingDecision({ text, formula, problem, doubtful, waits, hazards }: PasteReading): string {
  if (text.trim() === '') return 'Paste or type a list of ingredients, one a line.';
  if (text.length > MAX_TEXT) return `Only the first ${MAX_TEXT} characters are read.`;
  if (!formula) return 'No ingredient found yet. A line looks like "1 cup white vinegar" or "10 drops lavender oil".';
  if (formula.lines.length > MAX_LINES) return `A formula may have at most ${MAX_LINES} lines.`;
  if (problem) return problem;
  if (waits > 0)
    return waits === 1 ? 'One question is open: answer it above.' : `${waits} questions are open: answer them above.`;
  return doubtful > 0 || hazards.length > 0
    ? `${doubtful === 1 ? 'One line is' : `${doubtful} lines are`} doubtful: look at what is marked.`
    : 'Every line was understood.';
}
