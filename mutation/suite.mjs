import { readdirSync, readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { dirname, join, resolve } from 'node:path';
import { Script } from 'node:vm';
import { build } from 'esbuild';
import { expect } from 'expect';
import circus from 'jest-circus';

/**
 * The tests of some rooms of the core as one script: bundled once, evaluated afresh for each mutant, without Jest's
 * own loading of every file. Describe, it, each and expect are Jest's.
 */
const require = createRequire(import.meta.url);

/** The bundle of all tests under some folders. `change` may rewrite a source before it is bundled. */
export async function bundleTests(roots, change) {
  const files = roots.flatMap((root) =>
    (root.endsWith('.ts') ? [''] : readdirSync(root, { recursive: true }))
      .filter((file) => file === '' || file.endsWith('.test.ts'))
      .map((file) => resolve(root, file))
      .sort(),
  );
  const { outputFiles } = await build({
    stdin: { contents: files.map((f) => `inFile(() => require(${JSON.stringify(f)}));`).join('\n'), resolveDir: '.' },
    bundle: true,
    platform: 'node',
    format: 'cjs',
    write: false,
    logLevel: 'error',
    plugins: [
      {
        name: 'sources',
        setup: ({ onLoad }) =>
          onLoad({ filter: /\/src\/.*\.ts$/ }, ({ path }) => ({
            loader: 'ts',
            contents:
              change?.(path) ?? `const __dirname = ${JSON.stringify(dirname(path))};\n${readFileSync(path, 'utf8')}`,
          })),
      },
    ],
  });
  const wrapped = `(function (require, module, exports, inFile, ${Object.keys(GLOBALS).join(', ')}) {${outputFiles[0].text}\n})`;
  return new Script(wrapped, { filename: join(process.cwd(), 'bundle.js') });
}

const { describe, it, test, beforeAll, beforeEach, afterAll, afterEach } = circus;
const GLOBALS = { describe, it, test, beforeAll, beforeEach, afterAll, afterEach, expect };

/** Evaluates the bundle anew: every module starts afresh, and the tests are told. */
export function loadTests(script) {
  circus.resetState();
  const module = { exports: {} };
  script.runInThisContext()(require, module, module.exports, (tell) => tell(), ...Object.values(GLOBALS));
  return testsIn(circus.getState().rootDescribeBlock, []);
}

function testsIn(block, above) {
  const blocks = [...above, block];
  return block.children.flatMap((child) => {
    if (child.type === 'describeBlock') return testsIn(child, blocks);
    if (child.mode === 'skip' || child.mode === 'todo') return [];
    return [{ name: [...blocks.slice(1), child].map((one) => one.name).join(' › '), fn: child.fn, blocks }];
  });
}

const hooksOf = (block, type) => block.hooks.filter((hook) => hook.type === type);

/**
 * Runs tests in order, each between its hooks.
 * @param onStart is told of a test before it runs
 * @param onEnd is told of it and its error (or null) after; true stops the run
 */
export async function runTests(tests, onStart, onEnd) {
  const opened = new Set();
  for (const one of tests) {
    onStart(one);
    let error = null;
    try {
      for (const block of one.blocks.filter((b) => !opened.has(b))) {
        opened.add(block);
        for (const hook of hooksOf(block, 'beforeAll')) await hook.fn();
      }
      for (const block of one.blocks) for (const hook of hooksOf(block, 'beforeEach')) await hook.fn();
      await one.fn();
      for (const block of one.blocks.toReversed()) for (const hook of hooksOf(block, 'afterEach')) await hook.fn();
    } catch (caught) {
      error = caught;
    }
    if (onEnd(one, error)) return;
  }
}
