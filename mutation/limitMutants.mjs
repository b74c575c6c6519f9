import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { Worker } from 'node:worker_threads';

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

/** Half of the work in a thread of its own. */
const inThread = (todo, roots) =>
  new Promise((resolve, reject) => {
    const thread = new Worker(new URL('./limitThread.mjs', import.meta.url), { workerData: { todo, roots } });
    thread.on('message', resolve).on('error', reject);
  });

/**
 * Tries every limit of a room in every way, two at a time.
 * @returns {Promise<{mutant: string, change: string, killed: boolean}[]>}
 */
export async function limitMutants(room, roots) {
  const left = JSON.parse(readFileSync('mutation/noLimits.json', 'utf8'));
  const limits = limitsIn(room).filter((mutant) => !(mutant in left));
  const todo = limits.flatMap((mutant) => CHANGES.map((change) => ({ mutant, change })));
  const halves = [0, 1].map((half) => todo.filter((_, i) => i % 2 === half)).filter((half) => half.length > 0);
  return (await Promise.all(halves.map((half) => inThread(half, roots)))).flat();
}
