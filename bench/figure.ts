/** One figure, as a line of JSON: beside another of the same run where there is one. */
export function sayFigure(name: string, value: number, unit: string, baseline: number | null = null): void {
  const ratio = baseline === null || baseline === 0 ? null : value / baseline;
  process.stdout.write(`${JSON.stringify({ name, value, unit, baseline, ratio })}\n`);
}

export const median = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? NaN;
