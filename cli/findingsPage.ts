import type { Finding } from '../src/core';
import inputs from './cases/findings.json';
import { run } from './run';

/**
 * The page of all findings: for each code three inputs, with the sentences as they come out. Generated, so
 * that it can be read aloud, and held against the file by a test.
 */

interface Weighed {
  readonly findings: readonly Finding[];
  readonly surface?: { readonly findings: readonly Finding[] } | null;
}

/** What an input of the page comes to. */
function weighed(input: string): Weighed {
  const [what = '', ...options] = input.split(' --');
  const kind = what.slice(0, what.indexOf(':'));
  const said = what.slice(what.indexOf(':') + 1).trim();
  const args = options.flatMap((o) => [`--${o.split(' ')[0] ?? ''}`, ...o.split(' ').slice(1)]);
  const printed =
    kind === 'meet'
      ? run(['--meet', ...said.split(', '), ...args], () => '')
      : run(['--text', '-', ...args], () => said.split('; ').join('\n'));
  if (printed.code !== 0) throw new Error(`${input}: ${printed.stderr}`);
  return JSON.parse(printed.stdout) as Weighed;
}

/** Everything an input raises, on a surface too. */
export function findingsOf(input: string): readonly Finding[] {
  const { findings, surface } = weighed(input);
  return [...findings, ...(surface?.findings ?? [])];
}

/** The findings of one code that an input raises. */
export const raisedBy = (input: string, code: string): Finding[] => findingsOf(input).filter((f) => f.code === code);

export const INPUTS: Readonly<Record<string, readonly string[]>> = inputs;

const shown = (input: string): string =>
  input.replace(/^meet: (.*?)(?= --|$)/, (_, names: string) => names.split(', ').join(' and ')).replace(/^text: /, '');

const said = (f: Finding): string => `${f.level}: ${f.happens} ${f.why} ${f.instead}`;

/** The whole page, as Markdown. */
export function findingsPage(): string {
  const parts = Object.entries(INPUTS).map(
    ([code, rows]) =>
      `## ${code}\n\n${rows
        .map(
          (input) =>
            `- \`${shown(input)}\`\n${raisedBy(input, code)
              .map((f) => `  **${said(f).replace(': ', ':** ')}`)
              .join('\n')}`,
        )
        .join('\n')}`,
  );
  return `# Every finding, in its own words

Generated from the rules by \`UPDATE_PAGES=1 npm test -- cli/findingsPage\`, and checked by the same test without it: a sentence that changes shows here. Each finding stands with three inputs (recipes one ingredient after a semicolon, options as on the command line) and what it says of them: what happens, why, what to do instead.

${parts.join('\n\n')}
`;
}
