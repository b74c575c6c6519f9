import { isWorse, worstOf, type Finding, type Level } from './finding';
import { applyRule, type Situation } from './rule';
import { MIXTURE_RULES } from './rules';
import { SURFACE_RULES, type OnSurface } from './surfaceHarm';

/** The findings of a situation or a surface, worst first, and the verdict: the worst level among them. */
export interface Judgement {
  readonly verdict: Level;
  readonly findings: readonly Finding[];
}

const judgement = (findings: readonly Finding[]): Judgement => ({
  verdict: worstOf(findings.map((f) => f.level)),
  findings: [...findings].sort((a, b) => Number(isWorse(b.level, a.level)) - Number(isWorse(a.level, b.level))),
});

/** Puts every rule to a mixture or a meeting. */
export const judge = (situation: Situation): Judgement =>
  judgement(MIXTURE_RULES.flatMap((rule) => applyRule(rule, situation, situation.scope)));

/** Puts every surface rule to a mixture on a surface. */
export const judgeOnSurface = (on: OnSurface): Judgement =>
  judgement(SURFACE_RULES.flatMap((rule) => applyRule(rule, on, 'fresh')));

/** The same judgement with more findings in it. */
export const withFindings = (base: Judgement, more: readonly Finding[]): Judgement =>
  more.length === 0 ? base : judgement([...base.findings, ...more]);

/** In a few words each, what a verdict has looked for. */
export const WHAT_IS_CHECKED: readonly string[] = MIXTURE_RULES.map((r) => r.looksFor);
