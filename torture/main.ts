import { resolve } from 'node:path';
import { writeHomeFile } from '../src/core';
import { demoHome } from '../src/data/demo/demoHome';
import { buildServer } from '../server/server';
import { launch } from './browser';
import { clocks } from './clocks';
import { files, filesShown, texts } from './files';
import { fullDisk } from './fullDisk';
import { kills } from './kills';
import { offline } from './offline';
import { presses } from './presses';
import { tabs } from './tabs';
import { Count, sumOf, type Tally } from './tally';

/** Tries to lose, to break and to double what a person has, through the real interface. */

const isShort = process.argv.includes('--short');
const only = process.argv.find((a) => a.startsWith('--only='))?.slice(7);

/** So many of each, in minutes and in a moment. */
const TIMES = isShort
  ? { kills: 6, fullDisk: 1, tabs: 1, presses: 0, clocks: 0, files: 500, filesShown: 4, offline: 0, texts: 1000 }
  : {
      kills: 200,
      fullDisk: 8,
      tabs: 8,
      presses: 1,
      clocks: 10,
      files: 5000,
      filesShown: 100,
      offline: 2,
      texts: 20_000,
    };

type Part = () => Tally | Promise<Tally>;

/** A part that cannot go on is broken. */
async function told(name: string, run: Part): Promise<Tally> {
  try {
    return await run();
  } catch (error) {
    const count = new Count(name);
    count.wrong('broken', error instanceof Error ? error.message : String(error));
    return count.end();
  }
}

async function main(): Promise<void> {
  const server = await buildServer({ root: resolve('dist'), demo: false });
  const baseURL = await server.listen({ host: '127.0.0.1', port: 0 });
  const home = writeHomeFile(demoHome(new Date()), new Date().toISOString());
  const browser = await launch();
  const killsOf =
    (whose: string): Part =>
    () =>
      kills(Math.ceil(TIMES.kills / 3), baseURL, home, whose, Math.random);

  /** One group after the other; what stands in one goes side by side: a browser waits more than it works. */
  const groups: readonly Readonly<Record<string, Part>>[] = [
    { 'kills a': killsOf('a'), 'kills b': killsOf('b'), 'kills c': killsOf('c') },
    {
      fullDisk: () => fullDisk(baseURL, home, TIMES.fullDisk),
      tabs: () => tabs(browser, baseURL, home, TIMES.tabs),
    },
    {
      clocks: () => clocks(browser, baseURL, home, TIMES.clocks),
      presses: () => presses(browser, baseURL, home, TIMES.presses),
      filesShown: () => filesShown(browser, baseURL, home, TIMES.filesShown),
    },
    { offline: () => offline(browser, resolve('dist'), TIMES.offline) },
    { files: () => files(TIMES.files) },
    { texts: () => texts(TIMES.texts) },
  ];

  const tallies: Tally[] = [];
  for (const group of groups) {
    const parts = Object.entries(group).filter(([name]) => !only || name.startsWith(only));
    tallies.push(...(await Promise.all(parts.map(([name, run]) => told(name, run)))));
  }
  await browser.close();
  await server.close();
  const sum = sumOf(tallies);
  process.stdout.write(`${JSON.stringify(sum)}\n`);
  process.exitCode = sum.lost + sum.broken + sum.doubled === 0 ? 0 : 1;
}

void main();
