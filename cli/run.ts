import { parseArgs } from 'node:util';
import {
  DEFAULT_SETTINGS,
  evaluateAndPlan,
  findIngredient,
  formulaFromReading,
  HARDNESS_RANGE,
  ingredientById,
  LIVES,
  lineText,
  meet,
  MEASURE_SYSTEMS,
  mixtureReport,
  NOTHING_BESIDE,
  notesOf,
  rankWays,
  readAmount,
  readFormulaFile,
  readRecipe,
  resolveIngredient,
  SCOPES,
  shelfLife,
  soilByName,
  SOILS,
  STARTER_FORMULAS,
  storageAdvice,
  surfaceByName,
  SURFACES,
  toolSet,
  unitML,
  unreadOf,
  USUAL_CIRCUMSTANCES,
  USUALLY_KEPT,
  weighSupplies,
  type Beside,
  type Circumstances,
  type Formula,
  type Ingredient,
  type KeptHow,
  type Lives,
  type MeasureSystem,
  type Scope,
  type Soil,
  type Surface,
  type Vessel,
} from '../src/core';

/** What a person got wrong on the command line: said in one line, ends 2. */
class Unreadable extends Error {}

const HELP = `npm run -s evaluate -- (--text FILE | --formula FILE | --meet A B [C...] | --surface ID --soil ID) [options]
  --text FILE      a pasted ingredient list; - is standard input
  --formula FILE   a Biscuit formula file (.formula.json)
  --meet A B ...   ingredients, products or residues by name
  --bottle 500mL   scale to this bottle        --headspace 10   percent left free
  --scope SCOPE    ${SCOPES.join(' | ')}
  --surface ID     --soil ID                   --dwell MINUTES on the surface
  --hardness MG    tap water, mg/L as CaCO3    --lives ${LIVES.join(',')}
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
        help: { type: 'boolean' },
      },
    });
    return { values, names: meetAt >= 0 ? names : null };
  } catch (error) {
    throw new Unreadable(`${(error as Error).message.split('\n')[0]} See --help for what is accepted.`);
  }
}

function numberIn(name: string, text: string | undefined, low: number, high: number, otherwise: number): number {
  if (text === undefined) return otherwise;
  const value = Number(text);
  if (text.trim() === '' || !(value >= low && value <= high)) {
    throw new Unreadable(`--${name} "${text}" is not a number from ${low} to ${high}.`);
  }
  return value;
}

function oneOf<T extends string>(name: string, text: string | undefined, accepted: readonly T[], otherwise: T): T {
  if (text === undefined) return otherwise;
  const found = accepted.find((a) => a === text);
  if (!found) throw new Unreadable(`--${name} "${text}" is not known. Accepted: ${accepted.join(', ')}.`);
  return found;
}

/** Gives the text of a file, or of standard input for "-"; throws if it cannot be read. */
export type ReadText = (file: string) => string;

function contentsOf(file: string, readText: ReadText): string {
  try {
    return readText(file);
  } catch {
    throw new Unreadable(`The file "${file}" cannot be read. Give the path of a text file, or - for standard input.`);
  }
}

function bottleML(text: string, cup: MeasureSystem): number {
  const amount = readAmount(text)?.amount;
  if (amount?.kind === 'volume') {
    const ML = amount.value.high * unitML(amount.unit, cup);
    if (ML >= 10 && ML <= 100_000) return ML;
  }
  throw new Unreadable(
    `--bottle "${text}" is not a size. Accepted: 10 mL to 100 L, such as 375mL, 0.5L or "16 fl oz".`,
  );
}

function surfaceOf(text: string | undefined): Surface | null {
  if (text === undefined) return null;
  const surface = surfaceByName(text);
  if (!surface)
    throw new Unreadable(`--surface "${text}" is not known. Accepted: ${SURFACES.map((s) => s.id).join(', ')}.`);
  return surface;
}

function soilOf(text: string | undefined): Soil | null {
  if (text === undefined) return null;
  const soil = soilByName(text);
  if (!soil) throw new Unreadable(`--soil "${text}" is not known. Accepted: ${SOILS.map((s) => s.id).join(', ')}.`);
  return soil;
}

function livesOf(text: string | undefined): Lives[] {
  if (text === undefined) return [];
  return text
    .split(',')
    .map((t) => t.trim())
    .filter(Boolean)
    .map((t) => oneOf<Lives>('lives', t, LIVES, 'cat'));
}

interface Wanted {
  readonly formula: Formula;
  readonly beside: Beside;
  readonly texts: ReadonlyMap<string, string>;
}

function formulaOf(values: ReturnType<typeof parsed>['values'], cup: MeasureSystem, readText: ReadText): Wanted {
  if (values.formula !== undefined) {
    const read = readFormulaFile(contentsOf(values.formula, readText));
    if (!read.ok) throw new Unreadable(`--formula: ${read.problems[0]?.message ?? 'not accepted.'}`);
    return { formula: read.value, beside: NOTHING_BESIDE, texts: new Map() };
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
  const beside = { unread: unreadOf(reading), notes: notesOf(reading) };
  return { formula, beside, texts: new Map(formula.lines.map((l) => [l.id, l.text ?? ''])) };
}

function meetingReport(names: readonly string[], scope: Scope, lives: readonly Lives[]): object {
  if (names.length < 2) throw new Unreadable('--meet needs at least two names, such as --meet bleach vinegar.');
  const known: Ingredient[] = [];
  const unknown: string[] = [];
  for (const name of names) {
    const match = ingredientById(name) ?? findIngredient(name);
    if ('id' in match) known.push(match);
    else if (match.kind === 'exact' || match.kind === 'close') known.push(match.ingredient);
    else if (match.kind === 'ambiguous' && match.choices[0]) known.push(match.choices[0]);
    else unknown.push(name);
  }
  const { verdict, findings, state } = meet(known, scope, unknown, lives);
  const lines = known.map((i) => ({ text: i.name, ingredient: i.id }));
  return { verdict, findings, mixture: mixtureReport(state), lines, shelfLife: null, surface: null };
}

/** The starter formulas ranked for a surface and a soil, and what is ruled out. */
function waysReport(surface: Surface, soil: Soil, at: Circumstances): object {
  const supplies = { shelf: [], formulas: STARTER_FORMULAS, cupboard: null };
  const air = { roomC: DEFAULT_SETTINGS.roomC, humidityPercent: DEFAULT_SETTINGS.humidityPercent };
  const { ways, ruledOut, first, beyond } = rankWays(weighSupplies(supplies, at), surface, soil, at, air);
  return {
    surface: surface.id,
    soil: soil.id,
    first,
    beyond,
    ways: ways.map((w) => ({
      formula: w.candidate.formula.id,
      name: w.candidate.formula.name,
      use: w.candidate.formula.use,
      verdict: w.candidate.evaluation.verdict,
      effect: w.effect,
      effort: w.effort,
      why: w.why,
      dwell: w.dwell,
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
  const dwell = numberIn('dwell', values.dwell, 0, 100_000, -1);
  const hardness = numberIn('hardness', values.hardness, HARDNESS_RANGE.low, HARDNESS_RANGE.high, -1);
  const capacityML = values.bottle === undefined ? null : bottleML(values.bottle, cup);
  const at: Circumstances = {
    ...USUAL_CIRCUMSTANCES,
    scope: scopeGiven ?? 'stored',
    surface: surfaceOf(values.surface),
    soil: soilOf(values.soil),
    dwellMinutes: dwell < 0 ? null : dwell,
    headspacePercent: numberIn('headspace', values.headspace, 1, 90, USUAL_CIRCUMSTANCES.headspacePercent),
    lives: livesOf(values.lives),
    hardnessMgPerL: hardness < 0 ? null : hardness,
  };
  if (names) return meetingReport(names, at.scope, at.lives);
  if (ranks && at.surface && at.soil) return waysReport(at.surface, at.soil, at);
  const wanted = formulaOf(values, cup, readText);
  return recipeReport(wanted, at, cup, capacityML);
}

/** A formula weighed up, and scaled to a bottle where one is given. */
function recipeReport(wanted: Wanted, at: Circumstances, cup: MeasureSystem, capacityML: number | null): object {
  const { formula, beside, texts } = wanted;
  const vessel: Vessel = {
    id: 'given',
    name: 'bottle',
    shape: 'straight-spray',
    capacityML: capacityML ?? 500,
    material: 'unknown',
    opaque: false,
  };
  const outcome = evaluateAndPlan(formula, vessel, toolSet(['cups', 'spoons', 'jug'], cup), at, beside);
  if (!outcome.ok) throw new Unreadable(outcome.problems[0]?.message ?? 'The amounts cannot be brought together.');
  const { evaluation, plan } = outcome.value;
  const poured = new Map(plan.lines.map((l) => [l.line.id, l]));
  // A danger is neither scaled nor measured out.
  const scales = capacityML !== null && evaluation.verdict !== 'danger';
  const how: KeptHow = { ...USUALLY_KEPT, use: at.scope === 'fresh' ? 'fresh' : formula.use };
  return {
    verdict: evaluation.verdict,
    findings: evaluation.findings,
    mixture: mixtureReport(evaluation.state),
    lines: evaluation.quantified.portions.map((portion) => {
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
      evaluation.verdict === 'danger'
        ? null
        : { ...shelfLife(evaluation.state, how), storage: storageAdvice(evaluation.state, how) },
    surface: evaluation.surface && {
      id: evaluation.surface.id,
      verdict: evaluation.surface.verdict,
      findings: evaluation.surface.findings,
    },
  };
}

export interface Run {
  /** 0 when it could evaluate, whatever the verdict; 2 when the input cannot be read. */
  readonly code: 0 | 2;
  readonly stdout: string;
  readonly stderr: string;
}

/** The command line as a function: arguments in, what to print and how to end out. */
export function run(args: readonly string[], readText: ReadText): Run {
  try {
    const result = report(args, readText);
    return {
      code: 0,
      stdout: `${typeof result === 'string' ? result : JSON.stringify(result, null, 2)}\n`,
      stderr: '',
    };
  } catch (error) {
    if (!(error instanceof Unreadable)) throw error;
    return { code: 2, stdout: '', stderr: `${error.message}\n` };
  }
}
