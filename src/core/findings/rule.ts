import type { Lives } from '../catalogue/household';
import type { Soil } from '../catalogue/soils';
import type { SourceKey } from '../catalogue/sources';
import type { VesselFacts } from '../catalogue/vessels';
import type { Disagreement } from '../formula/dualAmount';
import type { MixtureState } from '../mixture/state';
import type { Finding, Raised, Scope, Wording } from './finding';
import type { Use } from './howUsed';
import { fillIn } from './wording';

/** What a rule may look at. */
export interface Situation {
  readonly state: MixtureState;
  readonly scope: Scope;
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
  /** Name, purpose and instructions, lower case. */
  readonly words: string;
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

const NOTHING: readonly Finding[] = [];

/** Puts a rule's check to a situation and its answers into words. */
export function applyRule<S>(rule: Rule<S>, situation: S, scope: Scope): readonly Finding[] {
  const answer = rule.check(situation);
  if (!answer) return NOTHING;
  const raised = Array.isArray(answer) ? (answer as readonly Raised[]) : [answer as Raised];
  return raised.map((r) => {
    const words = r.as ? (rule.otherWords?.[r.as] ?? rule.words) : rule.words;
    const figures = r.figures ?? {};
    const fill = (sentence: string): string => fillIn(sentence, r.subjects, figures, r.words);
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
