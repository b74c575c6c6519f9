import { readFileSync, writeFileSync } from 'node:fs';
import { ingredientById } from '../catalogue/lookup';
import type { CleaningAgentId } from '../catalogue/soils';
import type { Trait } from '../catalogue/substances';
import type { Poured } from '../formula/mixedVolume';
import { agentStrength } from './agentStrength';
import { hasTrait, isPaste, mix, modelPH, namesWithTrait, type MixOptions, type MixtureState } from './state';

/**
 * Every figure of some thirty mixtures, to five digits, on a page that a chemist can read: docs/figures.md. The page
 * proves no figure right; what holds them to handbooks, buffers and other solvers stands in the tests beside this one.
 * It says when any of them moves. Made anew by `UPDATE_PAGES=1 npx jest mixture/figures`.
 */

const PAGE = 'docs/figures.md';

/** "100 mL white-vinegar + 5 g baking-soda (hardness 200)"; "~0.2" is how far an amount may be off, as a share. */
const MIXTURES = [
  '100 mL white-vinegar',
  '100 mL white-vinegar + 100 mL water',
  '250 mL white-vinegar + 17.5 g baking-soda',
  '250 mL white-vinegar + 8 g baking-soda + 100 mL water',
  '100 mL white-vinegar + 20 g washing-soda + 200 mL distilled-water',
  '50 g citric-acid + 65 g baking-soda',
  '50 g citric-acid + 65 g baking-soda + 50 mL water',
  '50 g citric-acid + 60 g baking-soda + 10 mL olive-oil',
  '20 g citric-acid + 1000 mL distilled-water + 10 mL dish-soap',
  '15 mL castile-soap + 985 mL water (hardness 200)',
  '15 mL castile-soap + 985 mL water + 1 g washing-soda (hardness 300)',
  '15 mL castile-soap + 5 g epsom-salt + 500 mL distilled-water',
  '50 mL castile-soap + 100 mL white-vinegar + 100 mL water',
  '30 mL castile-soap + 20 g baking-soda + 500 mL water',
  '10 g washing-soda + 990 mL distilled-water',
  '150 g washing-soda + 500 mL water',
  '40 g baking-soda + 100 mL water',
  '20 g borax + 5 mL glycerin + 500 mL water',
  '20 g borax + 500 mL distilled-water + 50 mL white-vinegar',
  '10 g boric-acid + 500 mL distilled-water',
  '100 mL household-ammonia + 900 mL water',
  '50 mL household-ammonia + 200 mL white-vinegar',
  '10 g ammonium-chloride + 20 g washing-soda + 300 mL distilled-water',
  '50 mL chlorine-bleach + 950 mL water',
  '50 mL chlorine-bleach + 50 mL white-vinegar',
  '20 g chlorine-granules + 1000 mL water',
  '100 mL hydrogen-peroxide + 100 mL white-vinegar',
  '100 mL hydrogen-peroxide + 200 g baking-soda',
  '100 mL hydrogen-peroxide + 2 g yeast + 100 mL water (headspace 40)',
  '12 g oxygen-bleach + 1000 mL water',
  '100 mL isopropyl-alcohol + 200 mL distilled-water + 0.5 mL lavender-oil',
  '100 mL neutral-spirit + 50 mL vodka + 5 mL lemon-oil',
  '80 mL isopropyl-alcohol + 10 mL white-vinegar',
  '0.5 mL tea-tree-oil + 500 mL water + 2 mL dish-soap',
  '200 mL olive-oil + 5 mL white-vinegar',
  '100 g chalk + 1000 mL white-vinegar',
  '60 g pumice-powder + 100 g baking-soda + 60 mL water',
  '30 g lye + 500 mL water',
  '30 g lye + 100 g citric-acid + 500 mL water (headspace 5)',
  '20 g quicklime + 500 mL water',
  '20 g tartaric-acid + 10 g cream-of-tartar + 15 g baking-soda + 300 mL water',
  '50 mL lactic-acid + 5 g washing-soda + 300 mL distilled-water',
  '50 mL muriatic-acid + 20 g baking-soda + 500 mL water',
  '30 mL sulfamic-descaler + 300 mL water',
  '50 mL phosphoric-cleaner + 10 g trisodium-phosphate + 300 mL water',
  '5 mL acetone + 95 mL water',
  '100 mL laundry-liquid + 20 g salt + 400 mL boiling-water',
  '20 mL white-vinegar ~0.2 + 10 g baking-soda ~0.3 + 200 mL water ~0.1',
  '100 g baking-soda + 50 mL lemon-juice',
  '100 mL distilled-water',
  '100 g baking-soda',
  '100 g cornstarch + 20 g citric-acid',
];

const ONE = /^([\d.]+) (mL|g) ([a-z-]+)(?: ~([\d.]+))?$/;

function pouredOf(words: string): Poured {
  const [, amount = '', unit, id = '', spread = '0'] = ONE.exec(words) ?? [];
  const ingredient = ingredientById(id);
  if (!ingredient) throw new Error(`No such ingredient: ${words}`);
  const n = Number(amount);
  return unit === 'mL'
    ? { ingredient, volumeML: n, massG: n * ingredient.densityGPerML, spread: Number(spread) }
    : { ingredient, massG: n, volumeML: n / ingredient.densityGPerML, spread: Number(spread) };
}

function mixtureOf(text: string): MixtureState {
  const [, words = '', option, value] = /^([^(]+?)(?: \((\w+) (\d+)\))?$/.exec(text) ?? [];
  const options: MixOptions =
    option === 'hardness'
      ? { hardnessMgPerL: Number(value) }
      : option === 'headspace'
        ? { headspacePercent: Number(value) }
        : {};
  return mix(words.split(' + ').map(pouredOf), options);
}

const AGENTS: readonly CleaningAgentId[] = [
  'acid',
  'alkali',
  'mild-alkali',
  'surfactant',
  'detergent',
  'alcohol',
  'oxidiser',
  'grains',
  'absorbent',
  'oil',
  'acid-salt',
  'water',
];
const TRAITS: readonly Trait[] = ['acid', 'alkali', 'soap', 'peroxide', 'essential-oil', 'carbonate', 'alcohol'];

/** What is asked of a mixture besides its fields: how strong each agent is, who brings what, whether it is a paste. */
const asked = (state: MixtureState) => ({
  agents: Object.fromEntries(AGENTS.map((agent) => [agent, agentStrength(state, agent)])),
  broughtBy: Object.fromEntries(
    TRAITS.filter((trait) => hasTrait(state, trait)).map((trait) => [trait, namesWithTrait(state, trait)]),
  ),
  acidOrOil: namesWithTrait(state, 'acid', 'essential-oil'),
  paste: isPaste(state),
  modelPH: modelPH(state)?.value,
});

const figure = (n: number): string => (Math.abs(n) < 1e-9 ? '0' : String(Number(n.toPrecision(5))));

/** A field and all below it: "balance.reacted.soap 0.012". What is poured stands in the heading. */
function figuresOf(value: unknown, name: string): string[] {
  if (value === undefined) return [];
  if (typeof value === 'number') return [`${name} ${figure(value)}`];
  if (Array.isArray(value)) return value.flatMap((v, i) => figuresOf(v, `${name}.${i}`));
  if (typeof value === 'string' || typeof value === 'boolean') return [`${name} ${value}`];
  if (typeof value === 'object' && value !== null)
    return Object.entries(value).flatMap(([key, v]) => figuresOf(v, name === '' ? key : `${name}.${key}`));
  return [`${name} null`];
}

const page = (): string =>
  [
    '# Figures of mixtures',
    '',
    'What the chemistry says of some mixtures, every field of `MixtureState` but its ingredients, to five digits; zeros are left out. Made by `UPDATE_PAGES=1 npx jest mixture/figures`; a test holds it, others hold its figures to handbooks (docs/chemistry.md).',
    '',
    ...MIXTURES.map((text) => {
      const state = mixtureOf(text);
      const { ingredients: _, ...fields } = state;
      const said = figuresOf({ ...fields, asked: asked(state) }, '').filter((f) => !/ (?:0|false|null)$/.test(f));
      return `## ${text}\n\n${said.join(' · ')}\n`;
    }),
  ].join('\n');

test('no figure of any mixture has moved unseen', () => {
  const now = page();
  if (process.env.UPDATE_PAGES) writeFileSync(PAGE, now);
  const onFile = readFileSync(PAGE, 'utf8');
  for (const text of MIXTURES) {
    const partOf = (whole: string): string => whole.split(`## ${text}\n`)[1]?.split('\n## ')[0] ?? '';
    expect([text, partOf(now)]).toEqual([text, partOf(onFile)]);
  }
  expect(now).toBe(onFile);
});
