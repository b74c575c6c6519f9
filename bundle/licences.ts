import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

/** Packages of which something is in the export past the bundler: type families, and the service worker's own code. */
const BESIDE_THE_BUNDLE = [
  '@fontsource/atkinson-hyperlegible-next',
  '@fontsource/besley',
  'workbox-core',
  'workbox-precaching',
  'workbox-routing',
  'workbox-strategies',
];

/** The package a source of the bundle comes from; null for our own. The innermost counts: packages carry packages. */
function packageFolder(source: string): string | null {
  const at = source.lastIndexOf('node_modules/');
  if (at < 0) return null;
  const [first = '', second = ''] = source.slice(at + 'node_modules/'.length).split('/');
  const name = first.startsWith('@') ? `${first}/${second}` : first;
  return source.slice(source.indexOf('node_modules/'), at) + 'node_modules/' + name;
}

/** The folders of the packages that source maps name, by path. */
export function packagesIn(maps: readonly string[]): readonly string[] {
  const found = new Set<string>();
  for (const map of maps) {
    const { sources } = JSON.parse(map) as { readonly sources: readonly (string | null)[] };
    for (const source of sources) {
      const folder = source === null ? null : packageFolder(source);
      if (folder !== null) found.add(folder);
    }
  }
  return [...found].sort();
}

interface Licensed {
  readonly title: string;
  readonly text: string;
}

/** A package's name, version and licence, with the text that it brings; that of the family it belongs to where it brings none. */
function licenceOf(root: string, folder: string): Licensed {
  const path = join(root, folder);
  const { name, version, license } = JSON.parse(readFileSync(join(path, 'package.json'), 'utf8')) as {
    readonly name: string;
    readonly version: string;
    readonly license?: string;
  };
  const file = readdirSync(path).find((f) => /^(licen[cs]e|copying)/i.test(f));
  return {
    title: `${name} ${version}: ${license ?? 'see its text'}`,
    text: file ? readFileSync(join(path, file), 'utf8').trim() : '',
  };
}

/**
 * Licences of everything the export holds that is not our own: each text once, under the packages it is of.
 * @param root where node_modules stand
 * @param maps the source maps of the export
 * @throws if a package named by them is not there
 */
export function licencesText(root: string, maps: readonly string[]): string {
  const folders = [...packagesIn(maps), ...BESIDE_THE_BUNDLE.map((name) => `node_modules/${name}`)];
  const missing = folders.filter((folder) => !existsSync(join(root, folder, 'package.json')));
  if (missing.length > 0) throw new Error(`No licence can be read of ${missing.join(', ')}.`);
  const byText = new Map<string, string[]>();
  for (const folder of new Set(folders)) {
    const { title, text } = licenceOf(root, folder);
    byText.set(text, [...(byText.get(text) ?? []), title]);
  }
  const parts = [...byText]
    .map(([text, titles]) => ({ titles: titles.sort(), text }))
    .sort((a, b) => (a.titles[0] ?? '').localeCompare(b.titles[0] ?? ''))
    .map(
      ({ titles, text }) => `${titles.join('\n')}\n\n${text === '' ? 'Its package brings no text of its own.' : text}`,
    );
  return [
    'Biscuit is under the MIT licence. It ships with what others have made, under these licences.',
    ...parts,
  ].join(`\n\n${'-'.repeat(72)}\n\n`);
}
