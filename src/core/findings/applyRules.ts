import { LEVELS_WORST_FIRST, type Finding, type Level, type Scope } from './finding';
import { applyRule, type Rule, type RuleInput } from './rule';
import { MIXTURE_RULES } from './rules';
import { SURFACE_RULES, type SurfaceRuleInput } from './surfaceHarm';

/** The findings of a mixture or on a surface, worst first, and the verdict: the worst level among them. */
export interface RuleResult {
  readonly verdict: Level;
  readonly findings: readonly Finding[];
}

/** Worst first; within a level in the order of the rules. */
function ruleResult(findings: readonly Finding[]): RuleResult {
  const sorted = LEVELS_WORST_FIRST.flatMap((level) => findings.filter((f) => f.level === level));
  return { verdict: sorted[0]?.level ?? 'clear', findings: sorted };
}

function applyAll<S>(rules: readonly Rule<S>[], input: S, scope: Scope): RuleResult {
  const findings: Finding[] = [];
  for (const rule of rules) {
    for (const finding of applyRule(rule, input, scope)) findings.push(finding);
  }
  return ruleResult(findings);
}

/** Applies every rule to a mixture, or to things that come together. */
export const applyRules = (input: RuleInput): RuleResult => applyAll(MIXTURE_RULES, input, input.scope);

/** Applies every surface rule to a mixture on a surface. */
export const applySurfaceRules = (on: SurfaceRuleInput): RuleResult => applyAll(SURFACE_RULES, on, 'fresh');

/** The same result with more findings in it. */
export const withFindings = (base: RuleResult, more: readonly Finding[]): RuleResult =>
  more.length === 0 ? base : ruleResult([...base.findings, ...more]);

/** The same result with some findings at another level. */
export const withLevels = (base: RuleResult, levelOf: (finding: Finding) => Level): RuleResult =>
  base.findings.every((f) => levelOf(f) === f.level)
    ? base
    : ruleResult(base.findings.map((f) => ({ ...f, level: levelOf(f) })));

/** In a few words each, what a verdict has looked for. */
export const WHAT_IS_CHECKED: readonly string[] = MIXTURE_RULES.map((r) => r.description);
