import given from './cases/mixtures.json';
import own from './cases/own-mixtures.json';
import { run } from './run';

/**
 * Recipes and meetings with what must come out, through the command line. Given ones, and our own with the
 * source beside each; expectations were decided from words and chemistry before running.
 */

interface Result {
  readonly verdict: string;
  readonly findings: readonly { readonly code: string; readonly level: string; readonly scope: string }[];
}

function printed(args: readonly string[], text: string | undefined): Result {
  const { code, stdout, stderr } = run(text === undefined ? args : ['--text', '-', ...args], () => text ?? '');
  expect([code, stderr]).toEqual([0, '']);
  return JSON.parse(stdout) as Result;
}

/** A figure of a result by its path: "mixture.pH.value". */
const figureAt = (result: Result, path: string): unknown =>
  path.split('.').reduce<unknown>((at, key) => (at as Record<string, unknown> | null)?.[key], result);

describe('given', () => {
  test.each(given.map((c) => [c.id, c] as const))('%s', (_, c) => {
    const result = printed(c.args ?? [], c.text);
    if (c.v) expect(c.v).toContain(result.verdict);
    expect(result.findings.map((f) => f.code)).toEqual(expect.arrayContaining(c.has ?? []));
    for (const [path, [low, high]] of Object.entries(c.num ?? {}) as [string, [number, number]][]) {
      expect(figureAt(result, path)).toBeGreaterThanOrEqual(low);
      expect(figureAt(result, path)).toBeLessThanOrEqual(high);
    }
  });
});

const words = (text: string): string[] => text.split(' ').filter(Boolean);

describe('our own', () => {
  test.each(own as [string, string, string, string, string, string, string][])(
    '%s %j %s is %s %s',
    (kind, what, args, verdict, has, not, source) => {
      const scoped = words(args);
      const result =
        kind === 'meet' ? printed(['--meet', ...what.split(', '), ...scoped], undefined) : printed(scoped, what);
      const found = result.findings.map((f) => `${f.code}:${f.level}`);
      expect([result.verdict, found]).toEqual([verdict, expect.arrayContaining(words(has))]);
      for (const code of words(not)) expect(result.findings.map((f) => f.code)).not.toContain(code);
      const scope = scoped[scoped.indexOf('--scope') + 1] ?? 'stored';
      expect(result.findings.every((f) => f.scope === (scoped.includes('--scope') ? scope : 'stored'))).toBe(true);
      expect(source.length).toBeGreaterThan(3);
    },
  );
});
