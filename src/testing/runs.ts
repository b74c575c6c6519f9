const share = (): number => Number(process.env.RUNS ?? 0.125);

/**
 * How many examples a property draws: every run draws others. `RUNS=5 npm test` tries five times as many as stand
 * there; the checks of everything take them as they stand, a person at work an eighth.
 */
export const runs = (usual: number): number => Math.ceil(usual * share());

/** Of a list of cases all, or, for a person at work, an eighth of them: every run draws others. */
export function drawn<T>(all: readonly T[]): readonly T[] {
  return share() >= 1 ? all : all.filter(() => Math.random() < share());
}
