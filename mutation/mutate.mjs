import { fileURLToPath } from 'node:url';
import { Stryker } from '@stryker-mutator/core';
import { limitMutants } from './limitMutants.mjs';

/** Each part with the tests that speak for it. */
const core = (...rooms) => rooms.map((room) => `src/core/${room}`);
// The page of all pairs is left out: it goes through every rule, takes a second, and sees what others see sooner.
const cli = ['chemistryDoc', 'findingsPage', 'mixtures', 'offersPage', 'run'].map((name) => `cli/${name}.test.ts`);
const PARTS = {
  quantity: core('quantity'),
  own: core('own'),
  stock: core('stock'),
  'shelf-life': core('shelf-life'),
  shopping: core('shopping'),
  money: core('money'),
  // Its page of figures sees what the command line's tests would, in a tenth of their time.
  mixture: core('mixture'),
  findings: [...core('findings'), ...cli],
  evaluation: [...core('evaluation', 'findings', 'batch', 'formula/reader/cases.test.ts'), ...cli],
};

const part = process.argv[2] ?? '';
const roots = PARTS[part];
if (!roots) {
  process.stderr.write(`Which part? make mutate PART=${Object.keys(PARTS).join('|')}\n`);
  process.exit(2);
}
process.env.MUTATE_ROOTS = roots.join(',');
// Properties draw few examples: each is tried for every mutant that it reaches.
process.env.RUNS ??= '0.1';

const stryker = new Stryker({
  mutate: process.argv[3] ? [process.argv[3]] : [`src/core/${part}/*.ts`, `!src/core/${part}/*.test.ts`],
  testRunner: 'core',
  plugins: [fileURLToPath(new URL('./runner.mjs', import.meta.url))],
  coverageAnalysis: 'perTest',
  ignoreStatic: true,
  timeoutMS: 2000,
  concurrency: 2,
  reporters: ['progress-append-only'],
  logLevel: 'error',
  tempDirName: '.stryker',
  ignorePatterns: ['dist', 'docs/screenshots', 'e2e', 'public', '.expo', 'test-results', 'server', 'bench'],
});
const mutants = (await stryker.runMutationTest()).filter((m) => !m.static && m.status !== 'Ignored');
const isKilled = ({ status }) => status === 'Killed' || status === 'Timeout';
const counted = mutants.filter((m) => isKilled(m) || m.status === 'Survived' || m.status === 'NoCoverage');
for (const m of counted.filter((one) => !isKilled(one)))
  process.stdout.write(
    `${m.status} ${m.fileName.replace(`${process.cwd()}/`, '')}:${m.location.start.line}:${m.location.start.column} ${m.mutatorName} ${m.replacement.replaceAll(/\s+/g, ' ').slice(0, 100)}\n`,
  );
// The rooms themselves speak for their limits: the command line's tests take long, and go by them.
const limits = process.argv[3]
  ? []
  : await limitMutants(
      part,
      roots.filter((root) => root.startsWith('src/')),
    );
for (const { mutant, change } of limits.filter((one) => !one.killed))
  process.stdout.write(`Survived ${mutant} ${change}\n`);

const all = counted.length + limits.length;
const killed = counted.filter(isKilled).length + limits.filter((one) => one.killed).length;
process.stdout.write(
  `${JSON.stringify({ part, mutants: all, killed, survived: all - killed, score: all === 0 ? 1 : Number((killed / all).toFixed(3)) })}\n`,
);
