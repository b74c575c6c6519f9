import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { execFile } from 'node:child_process';

/**
 * Limits changed one at a time: half, double, and a grain past. Killed if a test of the rooms fails.
 * Constants that are no limits (bounds of a search, sizes of caches) are named in `noLimits.json`, with the reason.
 */
const CHANGES = ['half', 'double', 'a grain past'];

const CONSTANT = /^(?:export )?const ([A-Z][A-Z0-9_]{2,})(?:: [^=]+)? = ([^;]+);/gm;
const NUMBER = /(?:([A-Za-z_][A-Za-z0-9_]*|'[^']+'):\s*)?(-?\d[\d_]*(?:\.\d+)?(?:e-?\d+)?)(?=[\s,}]|$)/g;

/** The limits of a room: constants in capitals whose value is a number, or a table of numbers. */
function limitsIn(room) {
  const folder = join('src/core', room);
  const files = readdirSync(folder).filter((f) => f.endsWith('.ts') && !f.endsWith('.test.ts'));
  return files.flatMap((file) => {
    const path = join(folder, file);
    return [...readFileSync(path, 'utf8').matchAll(CONSTANT)].flatMap(([, name, value]) => {
      const text = value.replace(/ as const$/, '').trim();
      if (/^-?\d[\d_.e-]*$/.test(text)) return [`${path}#${name}`];
      if (!/^\{[^{}[\]()]*\}$/s.test(text)) return [];
      return [...text.matchAll(NUMBER)].flatMap(([, key]) =>
        key ? [`${path}#${name}.${key.replaceAll("'", '')}`] : [],
      );
    });
  });
}

/** One run of the tests with one limit changed; true if a test failed, or it never came to an end. */
const isKilled = (mutant, change, roots) =>
  new Promise((resolve) => {
    execFile(
      'npx',
      ['jest', '-c', 'mutation/jest.config.cjs', '--bail', '--silent', '--maxWorkers=1'],
      {
        env: {
          ...process.env,
          MUTATE_ROOTS: roots.join(','),
          MUTATE_LIMITS: '1',
          MUTANT: mutant,
          MUTANT_CHANGE: change,
        },
        timeout: 300_000,
        maxBuffer: 1e8,
      },
      (error) => resolve(error !== null),
    );
  });

/**
 * Tries every limit of a room in every way, two at a time.
 * @returns {Promise<{mutant: string, change: string, killed: boolean}[]>}
 */
export async function limitMutants(room, roots) {
  const left = JSON.parse(readFileSync('mutation/noLimits.json', 'utf8'));
  const limits = limitsIn(room).filter((mutant) => !(mutant in left));
  if (limits.length === 0) return [];
  if (await isKilled('none', 'half', roots)) throw new Error('The tests fail without any mutant.');
  const todo = limits.flatMap((mutant) => CHANGES.map((change) => ({ mutant, change })));
  const done = [];
  const work = async () => {
    for (let one = todo.shift(); one; one = todo.shift())
      done.push({ ...one, killed: await isKilled(one.mutant, one.change, roots) });
  };
  await Promise.all([work(), work()]);
  return done;
}
