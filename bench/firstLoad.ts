import { existsSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';

/** The files of an exported app that its page loads by itself: scripts, styles, families, its icon. */
export function firstLoadFiles(root: string): readonly string[] {
  const page = readFileSync(join(root, 'index.html'), 'utf8');
  const named = [...page.matchAll(/(?:src|href)="(\/[^"]+\.(?:js|css|woff2|svg))"/g)].map(([, path]) => path ?? '');
  return ['/index.html', ...new Set(named)];
}

/** Bytes of a first visit, as brotli where a file is kept compressed. */
export const firstLoadBytes = (root: string): number =>
  firstLoadFiles(root).reduce((sum, path) => {
    const compressed = join(root, `${path}.br`);
    return sum + statSync(existsSync(compressed) ? compressed : join(root, path)).size;
  }, 0);
