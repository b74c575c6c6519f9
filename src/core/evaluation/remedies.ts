import { substance, type Trait } from '../catalogue/substances';
import type { VesselFacts } from '../catalogue/vessels';
import { isWorse, type Finding, type Level } from '../findings/finding';
import { amountTimes, niceNumber, withLineChanged } from '../formula/change';
import type { Formula, Line } from '../formula/formula';
import { ingredientOfLine } from '../formula/resolveIngredient';
import { pointRange, midpoint } from '../quantity/range';
import { evaluate, type SurfaceEvaluation } from './evaluate';
import type { EvaluationContext } from './context';
import {
  isBulk,
  knownIngredient,
  lineHas,
  lineName,
  lineNames,
  linesWith,
  lineTimes,
  nameWithMore,
  withIngredient,
  withoutLines,
} from './recipeChanges';

/** What to do instead, as a change that can be made with one tap. */
export interface Remedy {
  readonly id: string;
  /** What is done, as words on a button: "Leave out the white vinegar". */
  readonly title: string;
  /** The changed formula; for two bottles the one that stays on the bench. */
  readonly formula: Formula;
  /** The second bottle's formula; null where one is enough. */
  readonly second: Formula | null;
  /** What the bottle must be instead; null if any will do. */
  readonly vessel: Partial<VesselFacts> | null;
  /** The verdict once it is done. */
  readonly verdict: Level;
}

type Draft = Omit<Remedy, 'verdict'>;
type RemedyFactory = (formula: Formula, context: EvaluationContext, finding: Finding) => readonly Draft[];

const draft = (id: string, title: string, formula: Formula, more: Partial<Draft> = {}): Draft => ({
  id,
  title,
  formula,
  second: null,
  vessel: null,
  ...more,
});

/** What does the cleaning: without any of these a mixture is water, scent or paste. */
const CLEANING_TRAITS: readonly Trait[] = [
  'acid',
  'alkali',
  'soap',
  'surfactant',
  'peroxide',
  'alcohol',
  'solvent',
  'abrasive',
  'absorbent',
  'fatty-oil',
];

/** Leaves lines out, if what stays still cleans something. */
function leavingOut(id: string, formula: Formula, lines: readonly Line[]): Draft[] {
  if (lines.length === 0) return [];
  const left = withoutLines(formula, lines);
  return linesWith(left, ...CLEANING_TRAITS).length === 0 ? [] : [draft(id, `Leave out the ${lineNames(lines)}`, left)];
}

/** Leaves out everything that brings a trait. */
const leaveOut =
  (...traits: readonly Trait[]): RemedyFactory =>
  (formula) =>
    leavingOut(`leave-out-${traits.join('-')}`, formula, linesWith(formula, ...traits));

/** Leaves out what is bought ready made. */
const leaveOutBought: RemedyFactory = (formula) =>
  leavingOut(
    'leave-out-bought',
    formula,
    formula.lines.filter((l) => ingredientOfLine(l).role !== 'ingredient'),
  );

/** Two bottles instead of one: what brings `first` in one, what brings `second` in the other. */
const split =
  (first: Trait, second: Trait): RemedyFactory =>
  (formula) => {
    const ones = linesWith(formula, first);
    const others = linesWith(formula, second).filter((l) => !ones.includes(l));
    if (ones.length === 0 || others.length === 0) return [];
    const keep = withoutLines(formula, others);
    const other = withoutLines(formula, ones);
    const kept = linesWith(keep, first);
    if (kept.length === 0) return [];
    return [
      draft(
        `split-${first}-${second}`,
        `Two bottles: ${lineNames(ones)}, and ${lineNames(others)}; a rinse between`,
        { ...keep, name: nameWithMore(formula.name, `1: ${lineNames(ones)}`) },
        { second: { ...other, name: nameWithMore(formula.name, `2: ${lineNames(others)}`) } },
      ),
    ];
  };

/** The soap alone, and a citric-acid rinse in a second bottle for the scale and the film. */
const citricRinse: RemedyFactory = (formula) => {
  const acids = linesWith(formula, 'acid');
  const soaps = linesWith(formula, 'soap');
  // Hands are not rinsed with acid.
  if (acids.length === 0 || soaps.length === 0 || formula.kind === 'hand-soap') return [];
  const rinse: Formula = {
    ...formula,
    name: nameWithMore(formula.name, 'citric rinse'),
    makesML: null,
    lines: [
      {
        id: '1',
        ingredient: knownIngredient('citric-acid'),
        amount: { kind: 'grams-per-litre', value: pointRange(15) },
      },
      { id: '2', ingredient: knownIngredient('distilled-water'), amount: { kind: 'to-fill' } },
    ],
  };
  return [
    draft(
      'citric-rinse',
      `The soap without ${lineNames(acids)}, and a citric-acid rinse for after`,
      { ...withoutLines(formula, acids), name: nameWithMore(formula.name, 'soap alone') },
      { second: rinse },
    ),
  ];
};

/** Gives the lines of a trait to another ingredient, amount for amount. */
const swap =
  (from: (line: Line) => boolean, to: string, words: (lines: readonly Line[]) => string): RemedyFactory =>
  (formula) => {
    const lines = formula.lines.filter((l) => from(l) && !(l.ingredient.kind === 'known' && l.ingredient.id === to));
    if (lines.length === 0) return [];
    const changed = lines.reduce(
      (f, l) => withLineChanged(f, l.id, (line) => withIngredient(line, knownIngredient(to))),
      formula,
    );
    return [draft(`swap-${to}`, words(lines), changed)];
  };

const dishSoapForSoap = swap(
  (l) => lineHas(l, 'soap'),
  'dish-soap',
  (l) => `Dish soap in place of the ${lineNames(l)}`,
);
const distilledForTap = swap(
  (l) => ingredientOfLine(l).water === 'tap',
  'distilled-water',
  () => 'Distilled water in place of tap water',
);
const warmForBoiling = swap(
  (l) => ingredientOfLine(l).water === 'boiling',
  'water',
  () => 'Warm water, not boiling',
);

/** Used at once from an open vessel, and poured away. */
const useFresh: RemedyFactory = (formula) =>
  formula.use === 'fresh'
    ? []
    : [draft('use-fresh', 'Make it fresh, open, and pour the rest away', { ...formula, use: 'fresh' })];

/** How finely an amount is sought, halvings. */
const HALVINGS = 7;
/** The least that is left of an amount, as a share: below it the recipe is another one; a liquid that is thinned with water goes further down. */
const LEAST_SHARE = { thinned: 0.01, other: 0.1 } as const;
/** The most an amount is raised. */
const MAX_TIMES = 20;

const isFree = (formula: Formula, code: string, context: EvaluationContext): boolean => {
  const result = evaluate(formula, { ...context, scope: formula.use });
  return result.ok && !result.value.findings.some((f) => f.code === code);
};

/** The amount of one line, as little changed as frees the formula of a finding; null if no amount does. */
function resized(
  formula: Formula,
  line: Line,
  code: string,
  context: EvaluationContext,
  more: boolean,
): Formula | null {
  if (line.amount.kind === 'to-fill') return null;
  const free = (factor: number): boolean => isFree(lineTimes(formula, line, factor), code, context);
  let bad = 1;
  let good = more ? MAX_TIMES : LEAST_SHARE[isBulk(line) ? 'thinned' : 'other'];
  if (!free(good)) return null;
  for (let i = 0; i < HALVINGS; i++) {
    const between = Math.sqrt(bad * good);
    if (free(between)) good = between;
    else bad = between;
  }
  return lineTimes(formula, line, niceNumber(good, more ? 'up' : 'down'));
}

/** Less, or more, of the line that brings most of a trait. */
const resize =
  (more: boolean, words: (line: Line) => string, ...traits: readonly Trait[]): RemedyFactory =>
  (formula, context, { code }) => {
    for (const line of linesWith(formula, ...traits)) {
      const changed = resized(formula, line, code, context, more);
      if (changed) return [draft(more ? 'more' : 'less', words(line), changed)];
    }
    return [];
  };

const less = (...traits: readonly Trait[]): RemedyFactory =>
  resize(false, (line) => `Less ${lineName(line)}`, ...traits);
const thin = (...traits: readonly Trait[]): RemedyFactory =>
  resize(
    false,
    (line) => (isBulk(line) ? `Thin the ${lineName(line)} with water` : `Less ${lineName(line)}`),
    ...traits,
  );
const more = (...traits: readonly Trait[]): RemedyFactory =>
  resize(true, (line) => `More ${lineName(line)}`, ...traits);

/** Another bottle, if one of its facts is at fault. */
const otherBottle =
  (title: string, vessel: Partial<VesselFacts>): RemedyFactory =>
  (formula, context) =>
    context.vessel ? [draft(`bottle-${Object.keys(vessel).join('-')}`, title, formula, { vessel })] : [];

const darkGlass = otherBottle('Keep it in a dark glass bottle', { material: 'glass', opaque: true });
const wideTop = otherBottle('Keep it in a squeeze bottle: no fine nozzle', { top: 'flip-cap' });

/** Takes one of two amounts that disagree. */
const oneAmount: RemedyFactory = (formula) => {
  const doubled = formula.lines.filter((l) => l.also);
  if (doubled.length === 0) return [];
  const first = doubled.reduce((f, l) => withLineChanged(f, l.id, ({ also: _, ...rest }) => rest), formula);
  const second = doubled.reduce(
    (f, l) => withLineChanged(f, l.id, ({ also, ...rest }) => ({ ...rest, amount: also ?? rest.amount })),
    formula,
  );
  return [
    draft('first-amount', 'Keep the first amount', first),
    draft('second-amount', 'Take the second amount', second),
  ];
};

/** Middles of vague amounts, as exact ones. */
const middles: RemedyFactory = (formula) => [
  draft('middles', 'Take the middle of every range', {
    ...formula,
    lines: formula.lines.map((l) => {
      if (!('value' in l.amount) && l.amount.kind !== 'vague') return l;
      const amount = amountTimes(l.amount, 1);
      return 'value' in amount
        ? { ...l, amount: { ...amount, value: pointRange(niceNumber(midpoint(amount.value))) } }
        : l;
    }),
  }),
];

/** A change that is no remedy where something with the trait is in it. */
const unless =
  (trait: Trait, make: RemedyFactory): RemedyFactory =>
  (formula, context, finding) =>
    linesWith(formula, trait).length > 0 ? [] : make(formula, context, finding);

/** By hand instead of sprayed. */
const onACloth: RemedyFactory = (formula, context) =>
  formula.form === 'cloth' || context.form !== null || (formula.kind ?? 'surface') !== 'surface'
    ? []
    : [draft('on-a-cloth', 'Put it on with a cloth, not sprayed', { ...formula, form: 'cloth' })];

/** Leaves out salts that are hardness by the spoonful. */
const leaveOutHardness: RemedyFactory = (formula) =>
  leavingOut(
    'leave-out-hardness',
    formula,
    formula.lines.filter((l) => ingredientOfLine(l).contents.some((c) => substance(c.substance).hardnessMol > 0)),
  );

/** What can be done about each finding, the likeliest first. A finding that is not here has no one-tap change. */
const REMEDIES_BY_CODE: Readonly<Record<string, readonly RemedyFactory[]>> = {
  'chlorine-gas': [leaveOut('hypochlorite')],
  'chloramine-gas': [leaveOut('hypochlorite')],
  'bleach-with-alcohol': [leaveOut('hypochlorite')],
  'bleach-with-peroxide': [leaveOut('hypochlorite')],
  'bleach-in-formula': [leaveOut('hypochlorite')],
  'bleach-decays': [leaveOut('hypochlorite'), useFresh],
  'bought-in-formula': [leaveOutBought],
  'explosive-peroxide': [leaveOut('solvent'), leaveOut('peroxide')],
  'violent-heat': [leaveOut('lye'), leaveOut('mineral-acid'), leaveOut('slaking')],
  'peracetic-acid': [split('peroxide', 'carboxylic-acid'), leaveOut('carboxylic-acid'), leaveOut('peroxide')],
  pressure: [
    useFresh,
    leaveOut('peroxide-catalyst'),
    split('carbonate', 'acid'),
    leaveOut('acid'),
    leaveOut('carbonate'),
  ],
  'unstable-peroxide': [useFresh, leaveOut('peroxide-catalyst'), leaveOut('alkali'), leaveOut('peroxide')],
  'strong-peroxide': [thin('peroxide')],
  'corrosive-acid': [thin('acid')],
  'corrosive-alkali': [less('alkali', 'lye')],
  'ammonia-fumes': [less('ammonia-source'), leaveOut('ammonia-source')],
  // A solvent thinned with water still burns.
  'flammable-liquid': [unless('solvent', thin('alcohol')), leaveOut('solvent'), less('essential-oil')],
  'self-heating-rags': [leaveOut('drying-oil'), leaveOut('solvent')],
  'oxidiser-with-fuel': [leaveOut('hypochlorite'), leaveOut('solid-peroxide')],
  'bleach-with-cleaner': [leaveOut('hypochlorite')],
  'not-for-a-home': [leaveOutBought],
  'cationic-with-soap': [leaveOut('quaternary')],
  'borate-complex': [leaveOut('borate')],
  'spray-and-lungs': [onACloth, thin('acid', 'alcohol', 'peroxide'), less('alkali')],
  'boiling-transfer': [warmForBoiling],
  'oil-and-animals': [leaveOut('essential-oil'), onACloth],
  'oil-strong': [less('essential-oil')],
  'oil-and-lungs': [onACloth, leaveOut('essential-oil')],
  'oil-floats': [leaveOut('essential-oil')],
  'oil-attacks-plastic': [darkGlass, leaveOut('essential-oil')],
  'vessel-material': [darkGlass],
  'light-sensitive': [darkGlass, useFresh],
  'clogs-sprayer': [wideTop],
  neutralised: [split('alkali', 'acid'), leaveOut('acid'), leaveOut('alkali')],
  'soap-curdles': [citricRinse, dishSoapForSoap, split('soap', 'acid'), leaveOut('acid')],
  'hard-water-soap': [distilledForTap, dishSoapForSoap, leaveOutHardness],
  'too-weak': [more('acid', 'alkali', 'soap', 'surfactant', 'peroxide', 'alcohol')],
  'borax-exposure': [leaveOut('borate')],
  spoils: [distilledForTap, useFresh],
  'settles-out': [less('alkali', 'borate', 'acid')],
  'amounts-disagree': [oneAmount],
  'vague-amount': [middles],
};

/** Codes that a change may be offered for. */
export const REMEDIED_CODES: readonly string[] = Object.keys(REMEDIES_BY_CODE);

/** What a formula is judged against where a change is proposed: as it stands, here. */
interface AsItStands {
  readonly verdict: Level;
  /** Codes that rule it out on the surface at hand, and the verdict there. */
  readonly ruledOutBy: readonly string[];
  readonly onSurface: Level;
}

const ruledOutBy = (surface: SurfaceEvaluation | null): string[] =>
  (surface?.findings ?? []).filter((f) => f.rulesOut).map((f) => f.code);

/** Judges a change: null unless the finding is gone and nothing is worse than before, on the surface at hand too. */
function verifyRemedy(made: Draft, finding: Finding, before: AsItStands, context: EvaluationContext): Remedy | null {
  const vessel = made.vessel && context.vessel ? { ...context.vessel, ...made.vessel } : context.vessel;
  const judged = (formula: Formula) => evaluate(formula, { ...context, vessel, scope: formula.use });
  const first = judged(made.formula);
  const second = made.second && judged(made.second);
  if (!first.ok || (second && !second.ok)) return null;
  const both = [first.value, ...(second ? [second.value] : [])];
  if (both.some((e) => e.findings.some((f) => f.code === finding.code))) return null;
  for (const { surface } of both) {
    if (surface && isWorse(surface.verdict, before.onSurface)) return null;
    if (ruledOutBy(surface).some((code) => !before.ruledOutBy.includes(code))) return null;
  }
  const verdict = both.reduce<Level>((worst, e) => (isWorse(e.verdict, worst) ? e.verdict : worst), 'clear');
  return verdict === 'danger' || isWorse(verdict, before.verdict) ? null : { ...made, verdict };
}

/**
 * What could be done about a finding by changing the formula, its use or its bottle. Each offer has been
 * weighed up, in this household and on this surface: with it the finding is gone, nothing is a danger, the
 * verdict is no worse than before, and the surface takes it no worse.
 *
 * @param before the verdict of the formula as it is
 */
export function remediesFor(finding: Finding, formula: Formula, before: Level, context: EvaluationContext): Remedy[] {
  const makers = REMEDIES_BY_CODE[finding.code] ?? [];
  const now = context.surface ? evaluate(formula, { ...context, scope: formula.use }) : null;
  const surface = now?.ok ? now.value.surface : null;
  const asItStands: AsItStands = {
    verdict: before,
    ruledOutBy: ruledOutBy(surface),
    onSurface: surface?.verdict ?? 'clear',
  };
  const drafts = makers.flatMap((make) => make(formula, context, finding));
  // Two ways to the same change are one offer.
  return drafts
    .filter((d, i) => drafts.findIndex((o) => o.title === d.title) === i)
    .flatMap((made) => verifyRemedy(made, finding, asItStands, context) ?? []);
}
