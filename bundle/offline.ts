import { generateSW } from 'workbox-build';

/** What the app is made of; compressed copies and source maps are none of it. */
const FILES = '**/*.{html,js,css,woff,woff2,svg,png,webmanifest,txt}';

/** Larger files would not be kept, bytes: none of ours is. */
const MAX_FILE_BYTES = 5_000_000;

export interface Kept {
  readonly files: number;
  readonly bytes: number;
}

/**
 * Writes the service worker of an exported app: it keeps all of its files in the browser, and answers from there. A new
 * one waits until it is told to take over: an open page keeps the files it was built with.
 * @throws if a file is left out
 */
export async function writeServiceWorker(dist: string): Promise<Kept> {
  const { count, size, warnings } = await generateSW({
    globDirectory: dist,
    globPatterns: [FILES],
    globIgnores: ['sw.js', 'told.js'],
    swDest: `${dist}/sw.js`,
    sourcemap: false,
    inlineWorkboxRuntime: true,
    importScripts: ['/told.js'],
    skipWaiting: false,
    clientsClaim: true,
    cleanupOutdatedCaches: true,
    navigateFallback: '/index.html',
    // A file that is missing is missing; what is shared with the app may end in anything.
    navigateFallbackDenylist: [/^\/healthz/, /^[^?]*\.[a-z0-9]+$/i],
    // Their names follow what is in them.
    dontCacheBustURLsMatching: /(^|\/)(_expo|assets)\//,
    maximumFileSizeToCacheInBytes: MAX_FILE_BYTES,
  });
  if (warnings.length > 0) throw new Error(warnings.join('\n'));
  return { files: count, bytes: size };
}
