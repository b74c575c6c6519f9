import { combinationsOf } from './combinations';
import type { HouseholdMember } from '../catalogue/household';
import type { Ingredient } from '../catalogue/ingredient';
import { accidentsOf, type Accident } from '../findings/firstAid';
import { isWorse, type Finding, type Level, type Scope } from '../findings/finding';
import type { RoomSize } from '../findings/exposureRoute';
import { MIXTURE_RULES } from '../findings/rules';
import { dangersOfPairs, checkCompatibility } from './compatibility';
import { possibleIngredientsFor } from './compatibilityByName';

/** Something that may meet another: a name, a bottle from the shelf, what a job used. */
export interface NamedSubstance {
  readonly name: string;
  /** What is in it, in each way its name may be meant; none if it is not known. The first is the likeliest. */
  readonly readings: readonly (readonly Ingredient[])[];
  /** False where it was not wholly understood: then nothing can be promised. */
  readonly understood: boolean;
  /** True for a product that could be of either kind. */
  readonly unknownKind: boolean;
}

/** A thing by the name people say. */
export function substanceNamed(name: string): NamedSubstance {
  const { choices, understood, unknownKind } = possibleIngredientsFor(name);
  return { name, readings: choices.map((c) => [c]), understood, unknownKind };
}

/** Where two things can come together, in the order a person thinks of them. */
export const COMPATIBILITY_SCOPES: readonly Scope[] = ['stored', 'sequence', 'air', 'drain'];

/** What happens in one place. */
export interface CompatibilityAnswer {
  readonly scope: Scope;
  readonly verdict: Level;
  /** Only what they bring about together, the worst first. */
  readonly findings: readonly Finding[];
}

export interface CompatibilityReport {
  readonly verdict: Level;
  readonly answers: readonly CompatibilityAnswer[];
  /** The accidents that belong to what was found, for the first steps. */
  readonly accidents: readonly Accident[];
}

/** What each ingredient says of itself alone is no matter of compatibility. */
const OF_ONE_ALONE = ['handled-strong', 'bought-in-formula', 'bleach-decays'];

/** True if one of the things says the same of itself: no matter of compatibility. */
const isOfOne = (finding: Finding, alone: readonly Finding[]): boolean =>
  alone.some(
    (a) => a.code === finding.code && a.level === finding.level && a.subjects.join() === finding.subjects.join(),
  );

const RULE_ORDER = new Map(MIXTURE_RULES.map((r, i) => [r.code, i]));

/** Worst first; within a level in the order of the rules: gas before all else. */
const worstFirst = (a: Finding, b: Finding): number =>
  isWorse(a.level, b.level)
    ? -1
    : isWorse(b.level, a.level)
      ? 1
      : (RULE_ORDER.get(a.code) ?? 0) - (RULE_ORDER.get(b.code) ?? 0);

/**
 * What happens when things meet: in one bottle, one after the other on a surface, in the air of one room, in a
 * drain. Each place is judged as the worst of what the names may mean, with every danger of any of them.
 *
 * @param things two or more
 */
export function compatibilityReport(
  things: readonly NamedSubstance[],
  household: readonly HouseholdMember[] = [],
  room: RoomSize = 'large',
): CompatibilityReport {
  const unknown = things.filter((t) => !t.understood).map((t) => t.name);
  const kinds = things.filter((t) => t.unknownKind).map((t) => t.name);
  const together = combinationsOf(things.map((t) => t.readings)).map((readings) => readings.flat());
  const answers = COMPATIBILITY_SCOPES.map((scope): CompatibilityAnswer => {
    const alone = things.flatMap((t) =>
      t.readings.flatMap((r) => checkCompatibility(r, scope, [], household, [], room).findings),
    );
    const worst = new Map<string, Finding>();
    for (const ingredients of together) {
      for (const f of [
        ...checkCompatibility(ingredients, scope, unknown, household, kinds, room).findings,
        ...dangersOfPairs(ingredients, scope, [], household, [], room),
      ]) {
        const before = worst.get(f.code);
        if (OF_ONE_ALONE.includes(f.code) || (before && !isWorse(f.level, before.level))) continue;
        worst.set(f.code, f);
      }
    }
    const ofMeeting = [...worst.values()].filter((f) => !isOfOne(f, alone));
    // What one of them is by itself is said where it is a danger, and nothing worse comes of the two together.
    const own = ofMeeting.some((f) => f.level === 'danger')
      ? []
      : [...worst.values()].filter((f) => isOfOne(f, alone) && f.level === 'danger');
    const findings = [...ofMeeting, ...own].sort(worstFirst);
    return { scope, verdict: findings[0]?.level ?? 'clear', findings };
  });
  return {
    verdict: answers.reduce<Level>((w, a) => (isWorse(a.verdict, w) ? a.verdict : w), 'clear'),
    answers,
    accidents: accidentsOf(answers.flatMap((a) => a.findings)),
  };
}

/** Two things of a home that must never meet, and why. */
export interface IncompatiblePair {
  readonly names: readonly [string, string];
  readonly finding: Finding;
}

/** Dangers by code and what they are of. */
const dangers = (ingredients: readonly Ingredient[], unknown: readonly string[] = []): readonly Finding[] =>
  checkCompatibility(ingredients, 'fresh', unknown).findings.filter((f) => f.level === 'danger');

/**
 * What in a home must never meet: every pair that is a danger poured together in the open and neither by itself,
 * the worst reason of each. Pairs of one thing under two names are left out.
 */
export function incompatiblePairs(things: readonly NamedSubstance[]): IncompatiblePair[] {
  const found: IncompatiblePair[] = [];
  const alone = things.map((t) => new Set(t.readings.flatMap((r) => dangers(r).map((f) => f.code))));
  things.forEach((a, i) => {
    things.slice(i + 1).forEach((b, k) => {
      const j = i + 1 + k;
      for (const pair of combinationsOf([a.readings, b.readings])) {
        const finding = dangers(pair.flat()).find((f) => !alone[i]?.has(f.code) && !alone[j]?.has(f.code));
        if (!finding) continue;
        found.push({ names: [a.name, b.name], finding });
        break;
      }
    });
  });
  return found.sort((a, b) => worstFirst(a.finding, b.finding));
}
