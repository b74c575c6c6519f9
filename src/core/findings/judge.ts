import type { Finding, Level, Scope } from './finding';
import { applyRule, type Rule, type Situation } from './rule';
import { MIXTURE_RULES } from './rules';
import { SURFACE_RULES, type OnSurface } from './surfaceHarm';

/** The findings of a situation or a surface, worst first, and the verdict: the worst level among them. */
export interface Judgement {
  readonly verdict: Level;
  readonly findings: readonly Finding[];
}

const RANK: readonly Level[] = ['danger', 'defeats', 'caution', 'clear'];

/** Worst first; within a level in the order of the rules. */
function judgement(findings: readonly Finding[]): Judgement {
  const sorted = RANK.flatMap((level) => findings.filter((f) => f.level === level));
  return { verdict: sorted[0]?.level ?? 'clear', findings: sorted };
}

function putAll<S>(rules: readonly Rule<S>[], situation: S, scope: Scope): Judgement {
  const findings: Finding[] = [];
  for (const rule of rules) {
    for (const finding of applyRule(rule, situation, scope)) findings.push(finding);
  }
  return judgement(findings);
}

/** Puts every rule to a mixture or a meeting. */
export const judge = (situation: Situation): Judgement => putAll(MIXTURE_RULES, situation, situation.scope);

/** Puts every surface rule to a mixture on a surface. */
export const judgeOnSurface = (on: OnSurface): Judgement => putAll(SURFACE_RULES, on, 'fresh');

/** The same judgement with more findings in it. */
export const withFindings = (base: Judgement, more: readonly Finding[]): Judgement =>
  more.length === 0 ? base : judgement([...base.findings, ...more]);

/** In a few words each, what a verdict has looked for. */
export const WHAT_IS_CHECKED: readonly string[] = MIXTURE_RULES.map((r) => r.looksFor);
