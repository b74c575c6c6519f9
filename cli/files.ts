import { readFileSync } from 'node:fs';
import type { ReadText, Run } from './arguments';

const STANDARD_INPUT = 0;

/** Runs a command on the files of this machine, prints what it says, and ends as it says. */
export function asCommand(command: (args: readonly string[], readText: ReadText) => Run): void {
  const { code, stdout, stderr } = command(process.argv.slice(2), (file) =>
    readFileSync(file === '-' ? STANDARD_INPUT : file, 'utf8'),
  );
  process.stdout.write(stdout);
  process.stderr.write(stderr);
  process.exitCode = code;
}
