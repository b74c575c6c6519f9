import { readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { compressFolder } from './compress';
import { licencesText } from './licences';
import { writeServiceWorker } from './offline';
import { finishPage } from './page';

/** The line by which a script names its source map, which is not handed out. */
const MAP_LINE = /\n\/\/# sourceMappingURL=[^\n]*\n?$/;

const filesIn = (root: string, ending: string): string[] =>
  readdirSync(root, { recursive: true, encoding: 'utf8' })
    .filter((path) => path.endsWith(ending))
    .map((path) => join(root, path));

/** What is done to an exported app before it is handed out. */
async function finish(dist: string): Promise<void> {
  const page = join(dist, 'index.html');
  writeFileSync(page, finishPage(readFileSync(page, 'utf8')));
  const maps = filesIn(dist, '.js.map');
  writeFileSync(
    join(dist, 'licences.txt'),
    licencesText(
      '.',
      maps.map((path) => readFileSync(path, 'utf8')),
    ),
  );
  maps.forEach((path) => rmSync(path));
  for (const script of filesIn(dist, '.js'))
    writeFileSync(script, readFileSync(script, 'utf8').replace(MAP_LINE, '\n'));
  const kept = await writeServiceWorker(dist);
  const done = compressFolder(dist);
  process.stderr.write(`Kept offline: ${kept.files} files, ${kept.bytes} bytes. Compressed: ${done} files.\n`);
}

finish(process.argv[2] ?? 'dist').catch((error: unknown) => {
  process.stderr.write(`${error instanceof Error ? error.message : String(error)}\n`);
  process.exitCode = 1;
});
