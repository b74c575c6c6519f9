import {
  contextIn,
  evaluate,
  formulaFromReading,
  labelOf,
  readRecipe,
  type Batch,
  type HouseholdMember,
  type Vessel,
} from '../core';
import { demoHome } from '../data/demo/demoHome';

type Home = ReturnType<typeof demoHome>;

/** A bottle made a moment ago in a home where these live. */
export function bottleMade(name: string, recipe: string, lives: readonly HouseholdMember[]): Batch {
  const read = formulaFromReading(readRecipe(recipe, { measures: 'us' }), name, name, 'us');
  if (!read) throw new Error(`${name} cannot be read`);
  const formula = { ...read, id: name.replaceAll(' ', '-').toLowerCase(), name };
  const vessel: Vessel = {
    id: 'sprayer',
    name: 'Sprayer',
    shape: 'straight-spray',
    capacityML: 500,
    material: 'hdpe',
    opaque: true,
  };
  const home = { dropsPerML: 20, lives, hardnessMgPerL: null, schools: {} };
  const weighed = evaluate(formula, contextIn(vessel, formula.use, home));
  if (!weighed.ok) throw new Error(`${name} cannot be weighed up`);
  return {
    id: `bottle-${formula.id}`,
    formula,
    vessel,
    label: labelOf(formula, weighed.value),
    volumeML: 400,
    madeAt: new Date().toISOString(),
    state: 'kept',
    endedAt: null,
  };
}

/** The demo home as it was before anybody was said to live there, with a bottle scented with mint and one of plain vinegar. */
export function scentedHome(): Home {
  const home = demoHome(new Date());
  return {
    ...home,
    settings: { ...home.settings, lives: [] },
    jobs: [],
    timers: [],
    formulas: [],
    batches: [
      bottleMade('Mint spray', '1 cup water\n1 tsp dish soap\n30 drops peppermint oil', []),
      bottleMade('Vinegar spray', '1 cup white vinegar\n1 cup water', []),
    ],
  };
}
