import type { Ingredient } from '../catalogue/ingredient';
import { substance, type SubstanceId } from '../catalogue/substances';
import { listOf } from '../text/english';
import { exceeds, isAtLeast } from '../quantity/limit';
import { mixtureRule } from './rule';

/** Rules about what is in the bottles that are poured from, however weak the mixture ends. */

/** Percent of a substance in an ingredient, in the basis it is stated in; 0 if it holds none. */
export const shareOf = (ingredient: Ingredient, id: SubstanceId): number =>
  ingredient.contents.find((c) => c.substance === id)?.percent ?? 0;

/** What is handled strong in an ingredient; none of most. */
const strongIn = (ingredient: Ingredient): SubstanceId[] =>
  ingredient.contents.flatMap((c) => {
    const from = substance(c.substance).handledStrongFromPercent;
    return from !== null && c.percent > 0 && isAtLeast(c.percent, from) ? [c.substance] : [];
  });

/** How to handle what is strong as poured, in the order it is said. */
const HANDLING: readonly (readonly [is: (id: SubstanceId) => boolean, care: string])[] = [
  [
    (id) => id === 'sulfuric-acid' || substance(id).traits.includes('acid'),
    'Gloves and eye protection; the acid into the water, never the water onto it.',
  ],
  [
    (id) => substance(id).hydroxideMol > 0,
    'Gloves and eye protection; into cold water, a little at a time, never water onto it.',
  ],
  [
    (id) => substance(id).traits.includes('solid-peroxide'),
    'Its dust can damage eyes: eye protection, no dust, a dry spoon.',
  ],
  [
    (id) => substance(id).peroxideMol > 0,
    'Gloves and eye protection: it whitens skin and can blind; nothing that burns near.',
  ],
  [
    (id) => substance(id).traits.includes('ammonia-source'),
    'Window open, gloves and eye protection, the bottle at arm’s length.',
  ],
  [
    (id) => substance(id).flashInWater !== null,
    'No flame, hob or stove near, window open, the bottle closed again at once.',
  ],
  [
    (id) => substance(id).traits.includes('essential-oil'),
    'Neat oil burns skin and eyes: gloves, drop by drop, the bottle closed again.',
  ],
];

const careFor = (id: SubstanceId): string =>
  HANDLING.find(([is]) => is(id))?.[1] ?? 'Gloves and eye protection, window open.';

/** Powders whose dust stings: a note at their step, no finding. */
const DUSTY: readonly SubstanceId[] = ['citric-acid', 'tartaric-acid', 'sodium-carbonate', 'borax', 'boric-acid'];
const DUSTY_FROM_PERCENT = 30;

/** What to mind when an ingredient is poured or spooned; null where nothing is. */
export function handlingOf(ingredient: Ingredient): string | null {
  const [strong] = strongIn(ingredient);
  if (strong) return careFor(strong);
  const dusty =
    ingredient.form === 'powder' && DUSTY.some((id) => isAtLeast(shareOf(ingredient, id), DUSTY_FROM_PERCENT));
  return dusty ? 'Its dust stings eyes and nose: spoon it low, no dust.' : null;
}

export const handledStrong = mixtureRule({
  code: 'handled-strong',
  description: 'what is strong as poured',
  sources: ['sds-memory', 'eu-clp-memory'],
  message: {
    happens: '{subjects} {is|are} strong as poured, whatever the mixture ends as.',
    why: 'While you measure, it is the bottle in your hand that counts, not what you make of it.',
    instead: '{care}',
  },
  check: ({ state, formula }) => {
    if (!formula) return null;
    const strong = state.ingredients.filter((i) => strongIn(i).length > 0);
    const cares = [...new Set(strong.flatMap((i) => strongIn(i).slice(0, 1).map(careFor)))];
    return strong.length > 0
      ? { level: 'caution', subjects: [...new Set(strong.map((i) => i.name))], words: { care: cares.join(' ') } }
      : null;
  },
});

export const notForAHome = mixtureRule({
  code: 'not-for-a-home',
  description: 'what does not belong in a home',
  sources: ['sds-memory', 'eu-clp-memory', 'public-health-never-mix'],
  message: {
    happens: '{subjects}: not for a home. A splash, a breath or a spark can maim or kill.',
    why: 'For what {named} does to skin, lungs or in a fire no home has the gear, nor the antidote.',
    instead:
      'Leave it closed. Ask your local hazardous-waste collection to take it; after any contact call the poison-advice line at once.',
  },
  check: ({ state }) => {
    const found = state.ingredients.flatMap((i) =>
      i.contents.flatMap((c) => {
        const { name, notForHomeAbovePercent } = substance(c.substance);
        return notForHomeAbovePercent !== null && exceeds(c.percent, notForHomeAbovePercent)
          ? [{ ingredient: i.name, name }]
          : [];
      }),
    );
    return found.length > 0
      ? {
          level: 'danger',
          subjects: [...new Set(found.map((f) => f.ingredient))],
          words: { named: listOf([...new Set(found.map((f) => f.name))]) },
        }
      : null;
  },
});
