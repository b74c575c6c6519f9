import { declareFactoryPlugin, PluginKind } from '@stryker-mutator/api/plugin';
import {
  determineHitLimitReached,
  DryRunStatus,
  TestStatus,
  toMutantRunResult,
} from '@stryker-mutator/api/test-runner';
import { bundleTests, loadTests, runTests } from './suite.mjs';

/** Runs the tests of the rooms in MUTATE_ROOTS within one process: a mutant takes milliseconds, not a start of Jest. */
class CoreRunner {
  /** How long each test took, ms, and how many mutants it has killed: one that fails is enough, so these go first. */
  #tookMs = new Map();
  #kills = new Map();

  capabilities() {
    return { reloadEnvironment: true };
  }

  async init() {
    this.script = await bundleTests(process.env.MUTATE_ROOTS.split(','));
  }

  async dryRun() {
    const ns = (globalThis.__stryker__ ??= {});
    const tests = await this.#run(loadTests(this.script), false);
    return { status: DryRunStatus.Complete, tests, mutantCoverage: ns.mutantCoverage };
  }

  async mutantRun({ activeMutant, mutantActivation, testFilter, hitLimit, disableBail }) {
    const ns = (globalThis.__stryker__ ??= {});
    ns.hitLimit = hitLimit;
    ns.hitCount = hitLimit === undefined ? undefined : 0;
    ns.activeMutant = mutantActivation === 'static' ? activeMutant.id : undefined;
    const wanted = testFilter && new Set(testFilter);
    const tests = loadTests(this.script)
      .filter(({ name }) => wanted?.has(name) ?? true)
      .sort((a, b) => this.#worth(b) - this.#worth(a));
    ns.activeMutant = activeMutant.id;
    const results = await this.#run(tests, !disableBail);
    ns.activeMutant = undefined;
    return toMutantRunResult(
      determineHitLimitReached(ns.hitCount, ns.hitLimit) ?? { status: DryRunStatus.Complete, tests: results },
    );
  }

  /** Mutants killed for the time it takes. */
  #worth({ name }) {
    return (1 + (this.#kills.get(name) ?? 0)) / (0.5 + (this.#tookMs.get(name) ?? 0));
  }

  async #run(tests, bail) {
    const results = [];
    let from = 0;
    await runTests(
      tests,
      ({ name }) => {
        globalThis.__stryker__.currentTestId = name;
        from = performance.now();
      },
      ({ name }, error) => {
        globalThis.__stryker__.currentTestId = undefined;
        const told = { id: name, name, timeSpentMs: performance.now() - from };
        if (!error) this.#tookMs.set(name, told.timeSpentMs);
        else if (bail) this.#kills.set(name, (this.#kills.get(name) ?? 0) + 1);
        results.push(
          error
            ? { ...told, status: TestStatus.Failed, failureMessage: String(error.message ?? error) }
            : { ...told, status: TestStatus.Success },
        );
        return bail && error !== null;
      },
    );
    return results;
  }
}

export const strykerPlugins = [declareFactoryPlugin(PluginKind.TestRunner, 'core', () => new CoreRunner())];
