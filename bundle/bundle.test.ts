import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import sharp from 'sharp';
import { licencesText, packagesIn } from './licences';
import { finishPage } from './page';

const ROOT = join(__dirname, '..');
const inPublic = (path: string): string => join(ROOT, 'public', path);

describe('the page', () => {
  const script = (name: string): string => `<script src="/_expo/static/js/web/${name}.js" defer></script>`;
  const page = `<html lang="en"><body>${script('__expo-metro-runtime-0a')}${script('__common-3f')}${script('entry-dc')}</body></html>`;

  test('names what parts share, and does not load it', () => {
    expect(finishPage(page)).toBe(
      `<html data-shared="/_expo/static/js/web/__common-3f.js" lang="en"><body>${script('__expo-metro-runtime-0a')}${script('entry-dc')}</body></html>`,
    );
  });

  test('an export with everything in the first load is refused', () => {
    expect(() => finishPage(page.replace(script('__common-3f'), ''))).toThrow(/names no script that parts share/);
  });

  test('preloads the families that its style sheet names, and they are the ones of their packages', () => {
    const html = readFileSync(inPublic('index.html'), 'utf8');
    const named = [...readFileSync(inPublic('page.css'), 'utf8').matchAll(/url\('(\/fonts\/[^']+)'\)/g)].map(
      (m) => m[1],
    );
    const loaded = [...html.matchAll(/href="(\/fonts\/[^"]+)"/g)].map((m) => m[1]);
    expect(named).toHaveLength(3);
    expect(loaded).toEqual(named);
    for (const path of named as string[]) {
      const family = path.includes('besley') ? 'besley' : 'atkinson-hyperlegible-next';
      const theirs = join(ROOT, 'node_modules/@fontsource', family, 'files', path.slice('/fonts/'.length));
      expect(readFileSync(inPublic(path)).equals(readFileSync(theirs))).toBe(true);
    }
  });
});

describe('the manifest', () => {
  interface Manifest {
    readonly icons: readonly { readonly src: string; readonly sizes: string; readonly purpose?: string }[];
    readonly shortcuts: readonly { readonly name: string; readonly url: string }[];
    readonly share_target: { readonly action: string; readonly params: Record<string, string> };
    readonly file_handlers: readonly { readonly action: string }[];
  }
  const manifest = JSON.parse(readFileSync(inPublic('manifest.webmanifest'), 'utf8')) as Manifest;

  // Web App Manifest (W3C); Chromium asks for 192 and 512 px, from memory.
  test('its icons are what it says, and the maskable one keeps to the safe zone', async () => {
    for (const { src, sizes } of manifest.icons.filter((i) => i.src.endsWith('.png'))) {
      const { width, height, format } = await sharp(inPublic(src)).metadata();
      expect([src, `${width}x${height}`, format]).toEqual([src, sizes, 'png']);
    }
    const masked = manifest.icons.find((i) => i.purpose === 'maskable');
    const { data, info } = await sharp(inPublic(masked?.src ?? ''))
      .removeAlpha()
      .raw()
      .toBuffer({ resolveWithObject: true });
    const paper = [0xf3, 0xea, 0xda];
    let outside = 0;
    for (let y = 0; y < info.height; y++)
      for (let x = 0; x < info.width; x++) {
        if (Math.hypot(x - info.width / 2, y - info.height / 2) < (info.width / 2) * 0.82) continue;
        const at = (y * info.width + x) * 3;
        // A palette keeps colours to a step or two.
        if (paper.some((value, i) => Math.abs((data[at + i] ?? 0) - value) > 3)) outside++;
      }
    expect(outside).toBe(0);
  });

  test('what it leads to are screens of the app', () => {
    const paths = [
      ...manifest.shortcuts.map((s) => s.url),
      manifest.share_target.action,
      ...manifest.file_handlers.map((f) => f.action),
    ];
    expect(paths).toHaveLength(5);
    for (const path of paths)
      expect([path, [`src/app${path}.tsx`, `src/app${path}/index.tsx`].some((f) => existsSync(join(ROOT, f)))]).toEqual(
        [path, true],
      );
  });
});

describe('licences', () => {
  const map = JSON.stringify({
    sources: [
      '/node_modules/react/index.js',
      '/node_modules/@rneui/base/dist/Button/Button.js',
      '/node_modules/@rneui/base/dist/Input/Input.js',
      '/src/ui/Action.tsx',
      null,
    ],
  });

  test('packages are known by the sources they give, each once', () => {
    expect(packagesIn([map, map])).toEqual(['node_modules/@rneui/base', 'node_modules/react']);
  });

  test('a package within a package is known by the innermost', () => {
    expect(packagesIn([JSON.stringify({ sources: ['/node_modules/a/node_modules/@b/c/index.js'] })])).toEqual([
      'node_modules/a/node_modules/@b/c',
    ]);
  });

  test('say whose they are, and the text; families of type are among them', () => {
    const text = licencesText(ROOT, [map]);
    expect(text).toMatch(/^react \d+\.\d+\.\d+: MIT$/m);
    expect(text).toMatch(/^@fontsource\/besley \S+: OFL-1\.1$/m);
    expect(text).toContain('SIL OPEN FONT LICENSE');
    expect(text).toMatch(/^workbox-precaching \S+: MIT$/m);
  });

  test('a package that is not there is no reason to say nothing of it', () => {
    const gone = JSON.stringify({ sources: ['/node_modules/no-such-package/index.js'] });
    expect(() => licencesText(ROOT, [gone])).toThrow(/No licence can be read of node_modules\/no-such-package/);
  });
});
