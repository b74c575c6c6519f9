import { maxFillML, vesselFacts, type Vessel } from '../catalogue/vessels';
import { lineAtVolume } from '../evaluation/asPoured';
import { contextIn, droppersOf, type HomeFacts } from '../evaluation/context';
import { evaluate, type Evaluation } from '../evaluation/evaluate';
import { MAX_LINES, type Formula, type Line } from '../formula/formula';
import { err, ok, type Result } from '../formula/result';
import { scaledPortions } from '../formula/scaledPortions';
import type { Droppers } from '../quantity/drops';
import { DAY_MS } from '../quantity/time';
import { discardBy, leftML, type Batch } from '../shelf-life/batch';
import { labelOf } from '../shelf-life/label';
import { shareOfCost, sumOfCosts, type Cost } from '../stock/cost';

/** What comes into a bottle: a formula, and mL of it. */
export interface Added {
  readonly formula: Formula;
  readonly volumeML: number;
}

/** A bottle with what was in it and what comes to it, judged as the one mixture it then is. */
export interface ToppedUp {
  readonly formula: Formula;
  readonly evaluation: Evaluation;
  readonly volumeML: number;
  /** How long what was in it may still be kept, whole days; 0 where its day is past. */
  readonly olderDays: number;
}

const problem = (message: string): Result<never> => err({ where: 'bottle', message });

/** Lines of a formula at so many mL of it, each outright. */
function linesAt(formula: Formula, volumeML: number, droppers: Droppers): Line[] {
  return scaledPortions(formula, { volumeML, massG: null }, droppers).map((p) => lineAtVolume(p.line, p.volumeML));
}

const kindOf = ({ ingredient, strength, amount }: Line): string =>
  JSON.stringify([ingredient, strength ?? null, 'unit' in amount ? amount.unit : amount.kind]);

/** Two lines of one thing as one. */
function together(lines: readonly Line[]): Line[] {
  const found = new Map<string, Line>();
  for (const line of lines) {
    const before = found.get(kindOf(line));
    const { amount } = line;
    if (before && 'value' in before.amount && 'value' in amount) {
      const low = before.amount.value.low + amount.value.low;
      const high = before.amount.value.high + amount.value.high;
      found.set(kindOf(line), { ...before, amount: { ...before.amount, value: { low, high } } });
    } else found.set(kindOf(line), line);
  }
  return [...found.values()].map(({ text: _, ...line }, i) => ({ ...line, id: String(i + 1) }));
}

/**
 * What a bottle would hold if it were topped up: everything that is left in it, and what comes to it, as one mixture.
 *
 * @returns a problem, worded for the person, where it would run over or cannot be reckoned
 */
export function toppedUp(old: Batch, added: Added, vessel: Vessel, home: HomeFacts, nowISO: string): Result<ToppedUp> {
  const volumeML = leftML(old) + added.volumeML;
  const roomML = maxFillML(vessel) - leftML(old);
  if (added.volumeML > roomML + 0.5) {
    return problem(
      `${vessel.name} has room for ${Math.max(0, Math.floor(roomML))} mL more. Make that much, empty it, or take another bottle.`,
    );
  }
  const lines = together([
    ...linesAt(old.formula, leftML(old), droppersOf(home)),
    ...linesAt(added.formula, added.volumeML, droppersOf(home)),
  ]);
  if (lines.length === 0 || lines.length > MAX_LINES)
    return problem('What is in it and what comes to it cannot be brought together. Empty it, or take another bottle.');
  const same = old.formula.id === added.formula.id;
  const formula: Formula = {
    ...added.formula,
    name: same ? added.formula.name : `${added.formula.name} on ${old.formula.name}`.slice(0, 80),
    makesML: null,
    lines,
  };
  const evaluation = evaluate(formula, contextIn(vessel, 'stored', home));
  if (!evaluation.ok) return evaluation;
  const until = Date.parse(discardBy(old.madeAt, old.label.keeps.lowDays));
  return ok({
    formula,
    evaluation: evaluation.value,
    volumeML,
    olderDays: Math.max(0, Math.floor((until - Date.parse(nowISO)) / DAY_MS)),
  });
}

/** The bottle as it stands once it was topped up: it keeps no longer than the older of what is in it. */
export function batchToppedUp(
  old: Batch,
  whole: ToppedUp,
  at: {
    readonly id: string;
    readonly vessel: Vessel;
    readonly roomC: number;
    readonly dwell: string | null;
    readonly madeAt: string;
  },
  addedCost: Cost | null = null,
): Batch {
  const label = labelOf(whole.formula, whole.evaluation, { vessel: vesselFacts(at.vessel), roomC: at.roomC }, at.dwell);
  const { keeps } = label;
  const older = whole.olderDays < keeps.lowDays;
  return {
    id: at.id,
    formula: whole.formula,
    vessel: at.vessel,
    label: older
      ? {
          ...label,
          keeps: {
            lowDays: whole.olderDays,
            highDays: Math.max(whole.olderDays, Math.min(keeps.highDays, whole.olderDays)),
            reason: 'what was in it before is older',
          },
        }
      : label,
    volumeML: whole.volumeML,
    madeAt: at.madeAt,
    oldestAt: old.oldestAt ?? old.madeAt,
    ...withCost(old, addedCost, whole.formula.name),
    state: 'kept',
    endedAt: null,
  };
}

/** What is in it cost, old and new; what the older cost is said to be missing where nobody knew. */
function withCost(old: Batch, added: Cost | null, name: string): Pick<Batch, 'cost'> {
  const before = old.cost && shareOfCost(old.cost, leftML(old) / old.volumeML);
  if (!before && !added) return {};
  const unknown = (what: string): Cost => ({ money: 0, unpriced: [what] });
  return { cost: sumOfCosts([before ?? unknown(old.label.name), added ?? unknown(name)]) };
}
