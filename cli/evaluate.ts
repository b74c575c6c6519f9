import { readFileSync } from 'node:fs';
import { run } from './run';

const STANDARD_INPUT = 0;
const { code, stdout, stderr } = run(process.argv.slice(2), (file) =>
  readFileSync(file === '-' ? STANDARD_INPUT : file, 'utf8'),
);
process.stdout.write(stdout);
process.stderr.write(stderr);
process.exitCode = code;
