import { parentPort, workerData } from 'node:worker_threads';
import babel from '@babel/core';
import { bundleTests, loadTests, runTests } from './suite.mjs';

const CHANGES = { half: (n) => n / 2, double: (n) => n * 2, 'a grain past': (n) => n * (1 + 1e-4) };

const withLimits = (path) =>
  path.endsWith('.test.ts')
    ? undefined
    : babel.transformFileSync(path, {
        configFile: false,
        parserOpts: { plugins: ['typescript'] },
        plugins: ['./mutation/limitPlugin.cjs'],
      }).code;

const script = await bundleTests(workerData.roots, withLimits);

/** How long each test took, ms: the quickest goes first. */
const tookMs = new Map();

/** One run of the tests with one limit changed; true if a test failed. */
async function isKilled({ mutant, change }) {
  globalThis.__limit = (id, value) => (id === mutant ? CHANGES[change](value) : value);
  let failed = false;
  try {
    const took = ({ name }) => tookMs.get(name) ?? 0;
    let from = 0;
    await runTests(
      loadTests(script).sort((a, b) => took(a) - took(b)),
      () => (from = performance.now()),
      ({ name }, error) => {
        tookMs.set(name, performance.now() - from);
        return (failed = error !== null);
      },
    );
  } catch {
    return true;
  }
  return failed;
}

if (await isKilled({ mutant: 'none' })) throw new Error('The tests fail without any mutant.');
const done = [];
for (const one of workerData.todo) done.push({ ...one, killed: await isKilled(one) });
parentPort.postMessage(done);
