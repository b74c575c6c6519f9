import { parseArgs } from 'node:util';
import {
  recipeTextOf,
  DEFAULT_SETTINGS,
  evaluateAndPlan,
  formulaFromReading,
  HARDNESS_RANGE,
  HOUSEHOLD_MEMBERS,
  likelihoodOf,
  lineText,
  checkCompatibilityByName,
  MEASURE_SYSTEMS,
  NO_TEXT,
  rankWays,
  guideSteps,
  jointsOf,
  SOURCES,
  readFormulaFile,
  readRecipe,
  remediesFor,
  resolveIngredient,
  ROOM_SIZES,
  SCOPES,
  shelfLife,
  soilMeaning,
  SOILS,
  STARTER_FORMULAS,
  storageAdvice,
  surfaceMeaning,
  SURFACES,
  toolSet,
  DEFAULT_CONTEXT,
  DEFAULT_STORAGE,
  USE_FORMS,
  weighSupplies,
  type RecipeText,
  type EvaluationContext,
  type Finding,
  type Formula,
  type Level,
  type Meaning,
  type StorageConditions,
  type HouseholdMember,
  type MeasureSystem,
  type RoomSize,
  type Soil,
  type Surface,
  type UseForm,
  type Vessel,
} from '../src/core';
import { mixtureReport } from '../src/core/doors/commandLine';
import {
  batchOf,
  bottleML,
  contentsOf,
  eachOf,
  numberArgument,
  oneOf,
  ran,
  Unreadable,
  type ReadText,
  type Run,
} from './arguments';

/** Bottles that make a difference to what is in them. */
const VESSELS = {
  glass: { material: 'glass', opaque: true, top: 'flip-cap', heldFood: false },
  clear: { material: 'glass', opaque: false, top: 'flip-cap', heldFood: false },
  spray: { material: 'hdpe', opaque: true, top: 'trigger', heldFood: false },
  aluminium: { material: 'aluminium', opaque: true, top: 'flip-cap', heldFood: false },
  polystyrene: { material: 'polystyrene', opaque: true, top: 'flip-cap', heldFood: false },
  drink: { material: 'pet', opaque: false, top: 'flip-cap', heldFood: true },
} as const;
type VesselName = keyof typeof VESSELS;

const HELP = `npm run -s evaluate -- (--text FILE | --formula FILE | --meet A B [C...] | --surface ID --soil ID) [options]
  --text FILE      a pasted ingredient list; - is standard input
  --formula FILE   a Biscuit formula file (.formula.json)
  --meet A B ...   ingredients, products or residues by name
  --batch FILE     a JSON array of { "text"?, "args" }; one JSON object a line
  --bottle 500mL   scale to this bottle        --headspace 10   percent left free
  --scope SCOPE    ${SCOPES.join(' | ')}
  --surface ID     --soil ID                   --dwell MINUTES on the surface
  --hardness MG    tap water, mg/L as CaCO3    --lives ${HOUSEHOLD_MEMBERS.join(',')}
  --form FORM      ${USE_FORMS.join(' | ')}: how it gets there; default: what can be poured is sprayed
  --room ROOM      ${ROOM_SIZES.join(' | ')}: small is a small room that is shut; default large
  --vessel VESSEL  ${Object.keys(VESSELS).join(' | ')}: what it is kept in; default not known
  --offers         with it: what could be changed about each finding, weighed up
  --cup CUP        ${MEASURE_SYSTEMS.join(' | ')}
  --surface and --soil without a recipe rank the starter formulas.`;

function parsed(given: readonly string[]) {
  const args = [...given];
  // --meet takes every word up to the next option.
  const meetAt = args.indexOf('--meet');
  const names: string[] = [];
  if (meetAt >= 0) {
    let end = meetAt + 1;
    while (end < args.length && !args[end]?.startsWith('--')) end++;
    names.push(...args.slice(meetAt + 1, end));
    args.splice(meetAt, end - meetAt);
  }
  try {
    const { values } = parseArgs({
      args,
      options: {
        text: { type: 'string' },
        formula: { type: 'string' },
        bottle: { type: 'string' },
        headspace: { type: 'string' },
        scope: { type: 'string' },
        surface: { type: 'string' },
        soil: { type: 'string' },
        dwell: { type: 'string' },
        hardness: { type: 'string' },
        lives: { type: 'string' },
        cup: { type: 'string' },
        form: { type: 'string' },
        room: { type: 'string' },
        vessel: { type: 'string' },
        offers: { type: 'boolean' },
        help: { type: 'boolean' },
      },
    });
    return { values, names: meetAt >= 0 ? names : null };
  } catch (error) {
    throw new Unreadable(`${(error as Error).message.split('\n')[0]} See --help for what is accepted.`);
  }
}

/** The row that an option means; a word that may mean several, or none, is refused with the choices. */
function rowOf<T extends { readonly id: string }>(
  option: string,
  text: string | undefined,
  meaningOf: (text: string) => Meaning<T>,
  all: readonly T[],
): T | null {
  if (text === undefined) return null;
  const ids = (rows: readonly T[]): string => rows.map((row) => row.id).join(', ');
  const meaning = meaningOf(text);
  if (meaning.kind === 'one') return meaning.row;
  if (meaning.kind === 'several')
    throw new Unreadable(`--${option} "${text}" may mean several. Say which: ${ids(meaning.rows)}.`);
  const nearest = meaning.nearest.length > 0 ? ` Nearest: ${ids(meaning.nearest)}.` : '';
  throw new Unreadable(`--${option} "${text}" is not known.${nearest} Accepted: ${ids(all)}.`);
}

function livesOf(text: string | undefined): HouseholdMember[] {
  if (text === undefined) return [];
  return text
    .split(',')
    .map((t) => t.trim())
    .filter(Boolean)
    .map((t) => oneOf<HouseholdMember>('lives', t, HOUSEHOLD_MEMBERS, 'cat'));
}

interface Wanted {
  readonly formula: Formula;
  readonly beside: RecipeText;
  readonly texts: ReadonlyMap<string, string>;
}

function formulaOf(values: ReturnType<typeof parsed>['values'], cup: MeasureSystem, readText: ReadText): Wanted {
  if (values.formula !== undefined) {
    const read = readFormulaFile(contentsOf(values.formula, readText));
    if (!read.ok) throw new Unreadable(`--formula: ${read.problems[0]?.message ?? 'not accepted.'}`);
    return { formula: read.value, beside: NO_TEXT, texts: new Map() };
  }
  const text = contentsOf(values.text ?? '-', readText);
  if (text.trim() === '')
    throw new Unreadable('The text is empty. Accepted: an ingredient list, one a line, such as "1 cup white vinegar".');
  const reading = readRecipe(text, { measures: cup });
  const formula = formulaFromReading(reading, 'pasted', 'Pasted recipe', cup);
  if (!formula) {
    const line = text.split(/\r?\n/).findIndex((l) => l.trim() !== '') + 1;
    throw new Unreadable(
      `Line ${line}: no amount and no known ingredient found. Accepted: lines such as "1 cup white vinegar" or "10 drops tea tree oil".`,
    );
  }
  const recipeText = recipeTextOf(reading);
  return { formula, beside: recipeText, texts: new Map(formula.lines.map((l) => [l.id, l.text ?? ''])) };
}

function meetingReport(names: readonly string[], { scope, household, room }: EvaluationContext): object {
  if (names.length < 2) throw new Unreadable('--meet needs at least two names, such as --meet bleach vinegar.');
  const { verdict, findings, state, likely } = checkCompatibilityByName(names, scope, household, room);
  const lines = likely.map((i) => ({ text: i.name, ingredient: i.id }));
  return { verdict, findings, mixture: mixtureReport(state), lines, shelfLife: null, surface: null };
}

/** The starter formulas ranked for a surface and a soil, and what is ruled out. */
function waysReport(surface: Surface, soil: Soil, context: EvaluationContext): object {
  const supplies = { shelf: [], formulas: STARTER_FORMULAS, cupboard: null };
  const air = { roomC: DEFAULT_SETTINGS.roomC, humidityPercent: DEFAULT_SETTINGS.humidityPercent };
  const { ways, ruledOut, first, beyond } = rankWays(weighSupplies(supplies, context), surface, soil, context, air, {
    joints: jointsOf(surface.id, []),
  });
  return {
    surface: surface.id,
    soil: soil.id,
    unlikely: likelihoodOf(surface.id, soil.id) === 'unlikely',
    first,
    beyond,
    ways: ways.map((w) => ({
      formula: w.candidate?.formula.id ?? null,
      name: w.name,
      method: {
        id: w.method.id,
        name: w.method.name,
        form: w.method.form,
        standing: w.method.standing,
        source: SOURCES[w.method.source],
      },
      use: w.candidate?.formula.use ?? null,
      verdict: w.candidate?.evaluation.verdict ?? 'clear',
      effect: w.effect,
      effort: w.effort,
      why: w.why,
      amount: w.amount,
      share: w.amount && w.method.share,
      dwell: w.dwell,
      conditions: w.conditions,
      steps: guideSteps(w, surface, soil),
      cautions: w.cautions.map((f) => ({ code: f.code, level: f.level, happens: f.happens })),
    })),
    ruledOut: ruledOut.map((r) => ({
      formula: r.candidate.formula.id,
      name: r.candidate.formula.name,
      because: r.because,
      why: r.why,
    })),
  };
}

function report(args: readonly string[], readText: ReadText): object | string {
  const { values, names } = parsed(args);
  if (values.help) return HELP;
  const cup = oneOf('cup', values.cup, MEASURE_SYSTEMS, 'us');
  const asked = [values.text, values.formula, names].filter((v) => v !== undefined && v !== null).length;
  const ranks = asked === 0 && values.surface !== undefined && values.soil !== undefined;
  if (asked !== 1 && !ranks) {
    throw new Unreadable(
      'Give exactly one of --text FILE, --formula FILE or --meet A B; or --surface ID and --soil ID to rank the starters. See --help.',
    );
  }
  const scopeGiven = values.scope === undefined ? null : oneOf('scope', values.scope, SCOPES, 'stored');
  const dwell = numberArgument('dwell', values.dwell, 0, 100_000, -1);
  const hardness = numberArgument('hardness', values.hardness, HARDNESS_RANGE.low, HARDNESS_RANGE.high, -1);
  const capacityML = values.bottle === undefined ? null : bottleML(values.bottle, cup);
  const context: EvaluationContext = {
    ...DEFAULT_CONTEXT,
    scope: scopeGiven ?? 'stored',
    surface: rowOf('surface', values.surface, surfaceMeaning, SURFACES),
    soil: rowOf('soil', values.soil, soilMeaning, SOILS),
    dwellMinutes: dwell < 0 ? null : dwell,
    headspacePercent: numberArgument('headspace', values.headspace, 1, 90, DEFAULT_CONTEXT.headspacePercent),
    household: livesOf(values.lives),
    form: values.form === undefined ? null : oneOf<UseForm>('form', values.form, USE_FORMS, 'cloth'),
    room: oneOf<RoomSize>('room', values.room, ROOM_SIZES, 'large'),
    hardnessMgPerL: hardness < 0 ? null : hardness,
    vessel:
      values.vessel === undefined
        ? null
        : VESSELS[oneOf<VesselName>('vessel', values.vessel, Object.keys(VESSELS) as VesselName[], 'glass')],
  };
  if (names) return meetingReport(names, context);
  if (ranks && context.surface && context.soil) return waysReport(context.surface, context.soil, context);
  const wanted = formulaOf(values, cup, readText);
  const made = recipeReport(wanted, context, cup, capacityML);
  return values.offers ? { ...made, offers: offersFor(made.findings, wanted.formula, made.verdict, context) } : made;
}

const linesOf = (formula: Formula): string[] => formula.lines.map((line) => lineText(line));

/** What could be changed about each finding; with it the finding is gone, and nothing is worse. */
const offersFor = (
  findings: readonly Finding[],
  formula: Formula,
  verdict: Level,
  context: EvaluationContext,
): object[] =>
  findings.flatMap((finding) =>
    remediesFor(finding, formula, verdict, context).map((remedy) => ({
      code: finding.code,
      title: remedy.title,
      name: remedy.formula.name,
      lines: linesOf(remedy.formula),
      use: remedy.formula.use,
      form: remedy.formula.form ?? null,
      second: remedy.second && { name: remedy.second.name, lines: linesOf(remedy.second) },
      vessel: remedy.vessel,
      verdict: remedy.verdict,
    })),
  );

/** A formula weighed up, and scaled to a bottle where one is given. */
function recipeReport(wanted: Wanted, context: EvaluationContext, cup: MeasureSystem, capacityML: number | null) {
  const { formula, beside: recipeText, texts } = wanted;
  const vessel: Vessel = {
    id: 'given',
    name: 'bottle',
    shape: 'straight-spray',
    capacityML: capacityML ?? 500,
    material: 'unknown',
    opaque: false,
  };
  const outcome = evaluateAndPlan(formula, vessel, toolSet(['cups', 'spoons', 'jug'], cup), context, recipeText);
  if (!outcome.ok) throw new Unreadable(outcome.problems[0]?.message ?? 'The amounts cannot be brought together.');
  const { evaluation, plan } = outcome.value;
  const poured = new Map(plan.lines.map((l) => [l.line.id, l]));
  // A danger is neither scaled nor measured out.
  const scales = capacityML !== null && evaluation.verdict !== 'danger';
  const how: StorageConditions = { ...DEFAULT_STORAGE, use: context.scope === 'fresh' ? 'fresh' : formula.use };
  return {
    verdict: evaluation.verdict,
    findings: evaluation.findings,
    mixture: mixtureReport(evaluation.state),
    lines: evaluation.resolved.portions.map((portion) => {
      const scaled = scales ? poured.get(portion.line.id) : undefined;
      const { kind } = portion.line.amount;
      const ownDrops = kind === 'drops' ? portion.line.amount.value : null;
      return {
        text: texts.get(portion.line.id) || lineText(portion.line),
        ingredient: portion.line.ingredient.kind === 'unknown' ? null : resolveIngredient(portion.line.ingredient).id,
        volumeML: portion.volumeML,
        massG: portion.massG,
        drops: ownDrops ? Math.round((ownDrops.low + ownDrops.high) / 2) : null,
        scaled: scaled
          ? { volumeML: scaled.volumeML, massG: scaled.massG, drops: scaled.drops, pourToMM: scaled.pourToMM }
          : null,
        measure: scaled?.measure
          ? scaled.measure.measures.map((m) => ({ tool: m.name, count: m.count }))
          : scaled?.drops
            ? [{ tool: 'drop', count: scaled.drops }]
            : [],
        errorPercent: scaled ? scaled.errorPercent : null,
      };
    }),
    order: plan.lines.map((l) => ({ ingredient: l.ingredientId, why: l.why })),
    shelfLife:
      evaluation.verdict === 'danger' || evaluation.state.holdsUnknown
        ? null
        : { ...shelfLife(evaluation.state, how), storage: storageAdvice(evaluation.state, how) },
    surface: evaluation.surface && {
      id: evaluation.surface.id,
      verdict: evaluation.surface.verdict,
      findings: evaluation.surface.findings,
    },
  };
}

/** One entry of a batch: a text, and the options of the command line. */
function entryReport(entry: unknown, readText: ReadText): object {
  const { text, args = [] } = (typeof entry === 'object' && entry !== null ? entry : {}) as {
    text?: unknown;
    args?: unknown;
  };
  const wrong =
    'This entry cannot be read. Accepted: { "text": "1 cup vinegar", "args": ["--bottle", "500mL"] }, the text left out where --formula or --meet says what.';
  if (!Array.isArray(args) || !args.every((a): a is string => typeof a === 'string')) throw new Unreadable(wrong);
  if (text !== undefined && typeof text !== 'string') throw new Unreadable(wrong);
  if (args.some((a) => a === '--batch' || a.startsWith('--batch=')))
    throw new Unreadable('--batch cannot stand in an entry of a batch.');
  const made =
    text === undefined
      ? report(args, readText)
      : report(['--text', '-', ...args], (file) => (file === '-' ? text : readText(file)));
  if (typeof made === 'string') throw new Unreadable('--help cannot stand in an entry of a batch.');
  return made;
}

/** The command line as a function: arguments in, what to print and how to end out. */
export const run = (args: readonly string[], readText: ReadText): Run =>
  ran(() => {
    const at = args.indexOf('--batch');
    if (at >= 0) {
      const file = args[at + 1];
      if (file === undefined || args.length > 2)
        throw new Unreadable('--batch FILE stands alone: the options stand in its entries.');
      return eachOf(batchOf(file, readText), (entry) => entryReport(entry, readText));
    }
    const result = report(args, readText);
    return `${typeof result === 'string' ? result : JSON.stringify(result, null, 2)}\n`;
  });
