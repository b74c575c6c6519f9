import type { Lives } from '../catalogue/household';
import type { Soil } from '../catalogue/soils';
import type { SourceKey } from '../catalogue/sources';
import type { VesselFacts } from '../catalogue/vessels';
import type { Disagreement } from '../formula/dualAmount';
import type { MixtureState } from '../mixture/state';
import { isWorse, type Finding, type Raised, type Scope, type Wording } from './finding';
import type { RoomSize, Use } from './howUsed';
import { fillIn } from './wording';

/** What a rule may look at. */
export interface Situation {
  readonly state: MixtureState;
  readonly scope: Scope;
  /** Where things meet without amounts: each by itself, as strong as it comes. Empty for a formula. */
  readonly alone: readonly MixtureState[];
  /** True if this is a formula that someone means to make; false for things that merely meet. */
  readonly formula: boolean;
  /** False where things meet without amounts: then nothing is said of strength. */
  readonly amounts: boolean;
  readonly unknown: readonly string[];
  /** Hazardous names of the text that nothing accounts for. */
  readonly hazards: readonly string[];
  /** Things of which only the kind of product, or the class, is known. */
  readonly unknownKinds: readonly string[];
  readonly disagreements: readonly Disagreement[];
  /** Who lives in this home, and where its drain goes. */
  readonly lives: readonly Lives[];
  /** The bottle it is in; null if not known. */
  readonly vessel: VesselFacts | null;
  readonly use: Use;
  /** Name, purpose and instructions, lower case: what is claimed, and how it is heated. */
  readonly words: string;
  /** Where it is used: a small room that is shut airs slowly. */
  readonly room: RoomSize;
  /** What it is to lift; null if not said. */
  readonly soil: Soil | null;
}

/** A rule: one code, when it is raised, and in which words. Adding a rule is adding one of these to its family's file. */
export interface Rule<S = Situation> {
  readonly code: string;
  /** What is being looked for, in a few words, for "what was checked". */
  readonly looksFor: string;
  readonly sources: readonly SourceKey[];
  readonly words: Wording;
  /** Other wordings, by the name a {@link Raised} asks for. */
  readonly otherWords?: Readonly<Record<string, Wording>>;
  readonly check: (situation: S) => Raised | readonly Raised[] | null;
}

/** A rule whose other wordings are named in its check: one that is misspelt does not compile. */
interface RuleOf<S, V extends string> extends Omit<Rule<S>, 'otherWords' | 'check'> {
  readonly otherWords?: Readonly<Record<V, Wording>>;
  readonly check: (situation: S) => Raised<NoInfer<V>> | readonly Raised<NoInfer<V>>[] | null;
}

/**
 * The worst that a check of strength finds: in the mixture, or where nobody knows how much of each there is in
 * any of the things as strong as it comes.
 */
export function worstByStrength<V extends string>(
  { state, amounts, alone }: Situation,
  check: (state: MixtureState) => Raised<V> | null,
): Raised<V> | null {
  let worst: Raised<V> | null = null;
  for (const s of amounts ? [state] : alone) {
    const raised = check(s);
    if (raised && (!worst || isWorse(raised.level, worst.level))) worst = raised;
  }
  return worst;
}

/** A rule about a mixture or a meeting. */
export const mixtureRule = <V extends string = never>(rule: RuleOf<Situation, V>): Rule => rule;

/** A rule about anything else, such as a mixture on a surface. */
export const ruleAbout =
  <S>() =>
  <V extends string = never>(rule: RuleOf<S, V>): Rule<S> =>
    rule;

const NOTHING: readonly Finding[] = [];

/** Only what is there. */
const known = <T>(record: Readonly<Record<string, T | undefined>>): Record<string, T> =>
  Object.fromEntries(Object.entries(record).filter((entry): entry is [string, T] => entry[1] !== undefined));

/** Puts a rule's check to a situation and its answers into words. */
export function applyRule<S>(rule: Rule<S>, situation: S, scope: Scope): readonly Finding[] {
  const answer = rule.check(situation);
  if (!answer) return NOTHING;
  const raised = Array.isArray(answer) ? (answer as readonly Raised[]) : [answer as Raised];
  return raised.map((r) => {
    const words = r.as === undefined ? rule.words : rule.otherWords?.[r.as];
    if (!words) throw new Error(`The rule ${rule.code} has no wording "${r.as ?? ''}"`);
    const figures = known(r.figures ?? {});
    const fill = (sentence: string): string => fillIn(sentence, r.subjects, figures, known(r.words ?? {}));
    return {
      code: rule.code,
      level: r.level,
      scope,
      subjects: r.subjects,
      happens: fill(words.happens),
      why: fill(words.why),
      figures,
      instead: fill(words.instead),
      sources: rule.sources,
      ...(r.rulesOut === undefined ? {} : { rulesOut: r.rulesOut }),
    };
  });
}
