import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { brotliCompressSync, constants, gzipSync } from 'node:zlib';

/** Texts; pictures and fonts are compressed by their own nature. */
const TEXTS = /\.(?:js|css|json|svg|html|txt|webmanifest)$/;
/** Below this a header costs more than is saved. */
const MIN_BYTES = 1024;

/**
 * Lays a Brotli and a gzip copy beside every text of the exported app: a page opens without the server
 * compressing megabytes first.
 *
 * @returns how many files were compressed
 */
export function compressFolder(root: string): number {
  const texts = readdirSync(root, { recursive: true, encoding: 'utf8' }).filter((path) => TEXTS.test(path));
  let done = 0;
  for (const path of texts) {
    const bytes = readFileSync(join(root, path));
    if (bytes.length < MIN_BYTES) continue;
    writeFileSync(
      join(root, `${path}.br`),
      brotliCompressSync(bytes, { params: { [constants.BROTLI_PARAM_QUALITY]: 11 } }),
    );
    writeFileSync(join(root, `${path}.gz`), gzipSync(bytes, { level: 9 }));
    done++;
  }
  return done;
}
