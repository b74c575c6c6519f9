import { readdirSync, readFileSync, statSync } from 'node:fs';
import { join, relative } from 'node:path';

const ROOT = join(__dirname, '..');

/** Every source file but tests, the doors that hand names on, and the routes, whose one export has a fixed name. */
function sources(folder: string): string[] {
  return readdirSync(folder).flatMap((name) => {
    const path = join(folder, name);
    if (statSync(path).isDirectory()) return path === join(ROOT, 'src/app') ? [] : sources(path);
    return /\.tsx?$/.test(name) && !/\.test\.tsx?$|^index\.tsx?$/.test(name) ? [path] : [];
  });
}

const EXPORT = /^export (?:declare )?(?:async )?(?:const|let|function\*?|class|type|interface|enum) (\w+)/gm;

test('an exported name means one thing: it is declared in one file', () => {
  const files = new Map<string, Set<string>>();
  for (const path of ['src', 'cli', 'server'].flatMap((f) => sources(join(ROOT, f))))
    for (const [, name = ''] of readFileSync(path, 'utf8').matchAll(EXPORT))
      files.set(name, (files.get(name) ?? new Set()).add(relative(ROOT, path)));
  expect(files.size).toBeGreaterThan(500);
  const shared = [...files].filter(([, declared]) => declared.size > 1).map(([name, in_]) => [name, ...in_]);
  expect(shared).toEqual([]);
});
