import type { HouseholdMember } from '../catalogue/household';
import type { Soil } from '../catalogue/soils';
import type { SourceKey } from '../catalogue/sources';
import type { VesselFacts } from '../catalogue/vessels';
import type { Disagreement } from '../formula/dualAmount';
import type { MixtureState } from '../mixture/state';
import { isWorse, type Finding, type RuleHit, type Scope, type Message } from './finding';
import type { RoomSize, ExposureRoute } from './exposureRoute';
import { fillIn } from './message';

/** What a rule may look at. */
export interface RuleInput {
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
  readonly household: readonly HouseholdMember[];
  /** The bottle it is in; null if not known. */
  readonly vessel: VesselFacts | null;
  readonly exposure: ExposureRoute;
  /** Name, purpose and instructions, lower case: what is claimed, and how it is heated. */
  readonly words: string;
  /** Where it is used: a small room that is shut airs slowly. */
  readonly room: RoomSize;
  /** What it is to lift; null if not said. */
  readonly soil: Soil | null;
}

/** A rule: one code, when it is raised, and in which words. Adding a rule is adding one of these to its family's file. */
export interface Rule<S = RuleInput> {
  readonly code: string;
  /** What is being looked for, in a few words, for "what was checked". */
  readonly description: string;
  readonly sources: readonly SourceKey[];
  readonly message: Message;
  /** Variants of its message, by the name a {@link RuleHit} asks for. */
  readonly variants?: Readonly<Record<string, Message>>;
  readonly check: (input: S) => RuleHit | readonly RuleHit[] | null;
}

type Hits<V extends string = string> = RuleHit<V> | readonly RuleHit<V>[] | null;

/** Fields of what a check returns that no {@link RuleHit} has. */
type UnknownFields<H> = H extends readonly (infer One)[]
  ? UnknownFields<One>
  : H extends null
    ? never
    : Exclude<keyof H, keyof RuleHit>;

/** A rule whose variants are named in its check: a misspelt one does not compile. */
interface RuleOf<S, V extends string, H extends Hits<NoInfer<V>>> extends Omit<Rule<S>, 'variants' | 'check'> {
  readonly variants?: Readonly<Record<V, Message>>;
  readonly check: (input: S) => H;
}

/** A misspelt `variant` would show the first message in silence, so a field that nothing reads does not compile. */
type Exact<H> = [UnknownFields<H>] extends [never]
  ? unknown
  : { readonly check: { readonly unknownField: UnknownFields<H> } };

/**
 * The worst that a check of strength finds: in the mixture, or where nobody knows how much of each there is in
 * any of the things as strong as it comes.
 */
export function worstByStrength<V extends string>(
  { state, amounts, alone }: RuleInput,
  check: (state: MixtureState) => RuleHit<V> | null,
): RuleHit<V> | null {
  let worst: RuleHit<V> | null = null;
  for (const s of amounts ? [state] : alone) {
    const hit = check(s);
    if (hit && (!worst || isWorse(hit.level, worst.level))) worst = hit;
  }
  return worst;
}

/** A rule about a mixture, or about things that meet. */
export const mixtureRule = <H extends Hits<NoInfer<V>>, V extends string = never>(
  rule: RuleOf<RuleInput, V, H> & Exact<H>,
): Rule => rule;

/** A rule about anything else, such as a mixture on a surface. */
export const ruleAbout =
  <S>() =>
  <H extends Hits<NoInfer<V>>, V extends string = never>(rule: RuleOf<S, V, H> & Exact<H>): Rule<S> =>
    rule;

const NOTHING: readonly Finding[] = [];

/** Only what is there. */
const known = <T>(record: Readonly<Record<string, T | undefined>>): Record<string, T> =>
  Object.fromEntries(Object.entries(record).filter((entry): entry is [string, T] => entry[1] !== undefined));

/** Runs a rule's check on an input and fills its hits into the rule's messages. */
export function applyRule<S>(rule: Rule<S>, input: S, scope: Scope): readonly Finding[] {
  const answer = rule.check(input);
  if (!answer) return NOTHING;
  const hits = Array.isArray(answer) ? (answer as readonly RuleHit[]) : [answer as RuleHit];
  return hits.map((r) => {
    const message = r.variant === undefined ? rule.message : rule.variants?.[r.variant];
    if (!message) throw new Error(`The rule ${rule.code} has no variant "${r.variant ?? ''}"`);
    const figures = known(r.figures ?? {});
    const fill = (sentence: string): string => fillIn(sentence, r.subjects, figures, known(r.words ?? {}));
    return {
      code: rule.code,
      level: r.level,
      scope,
      subjects: r.subjects,
      happens: fill(message.happens),
      why: fill(message.why),
      figures,
      instead: fill(message.instead),
      sources: rule.sources,
      ...(r.rulesOut === undefined ? {} : { rulesOut: r.rulesOut }),
    };
  });
}
