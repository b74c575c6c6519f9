import { isAmong } from '../catalogue/placeIds';
import { likelihoodOf } from '../catalogue/plausible';
import { SOILS } from '../catalogue/soils';
import { SURFACES } from '../catalogue/surfaces';
import { DEFAULT_CONTEXT } from '../evaluation/context';
import { evaluate } from '../evaluation/evaluate';
import { keepOffInWords } from '../formula/placesInWords';
import { STARTER_FAMILIES, STARTER_FORMULAS } from '../formula/starters';
import { rankWays, weighSupplies } from './ways';

const candidates = weighSupplies({ shelf: [], formulas: STARTER_FORMULAS, cupboard: null }, DEFAULT_CONTEXT);
const AIR = { roomC: 20, humidityPercent: 60 };

/** Surfaces and soils that a starter is a way for, as "surface soil". */
const waysOf = new Map<string, Set<string>>(STARTER_FORMULAS.map((f) => [f.id, new Set()]));
for (const surface of SURFACES)
  for (const soil of SOILS)
    for (const { candidate } of rankWays(candidates, surface, soil, DEFAULT_CONTEXT, AIR).ways)
      if (candidate) waysOf.get(candidate.formula.id)?.add(`${surface.id} ${soil.id}`);

test('there are more than fifty, each of its own name, in families', () => {
  expect(STARTER_FORMULAS.length).toBeGreaterThan(50);
  expect(new Set(STARTER_FORMULAS.map((f) => f.id)).size).toBe(STARTER_FORMULAS.length);
  expect(new Set(STARTER_FORMULAS.map((f) => f.name)).size).toBe(STARTER_FORMULAS.length);
  for (const { formulas } of STARTER_FAMILIES) expect(formulas.length).toBeGreaterThan(0);
});

describe.each(STARTER_FORMULAS.map((f) => [f.name, f] as const))('%s', (_, formula) => {
  test('is sound in the way it is used: no danger, nothing undoes itself', () => {
    const result = evaluate(formula, { ...DEFAULT_CONTEXT, scope: formula.use });
    expect(result.ok && ['clear', 'caution']).toContain(result.ok && result.value.verdict);
  });

  test('does each thing that it is made for somewhere', () => {
    const { surfaces = [], soils = [] } = formula.madeFor ?? {};
    const ways = [...(waysOf.get(formula.id) ?? [])].map((pair) => pair.split(' '));
    for (const soil of soils) expect(ways.filter(([, off]) => off === soil)).not.toEqual([]);
    for (const place of surfaces.filter((id) => !id.startsWith('class:')))
      expect([place, ways.filter(([on, off]) => on === place && soils.includes(off ?? '')).length]).not.toEqual([
        place,
        0,
      ]);
  });

  test('is a way for nothing that it is kept off, and its words keep it off no more than its list does', () => {
    const kept = SURFACES.filter((s) => isAmong(s, formula.keepOff ?? []));
    for (const surface of kept)
      for (const soil of SOILS) expect(waysOf.get(formula.id)?.has(`${surface.id} ${soil.id}`)).toBe(false);
    const inWords = keepOffInWords(formula.never);
    const named = SURFACES.filter((s) => isAmong(s, inWords)).map((s) => s.id);
    expect(named.filter((id) => !kept.some((s) => s.id === id))).toEqual([]);
  });

  test('is said to be for nothing that it is kept off', () => {
    const { surfaces = [], soils = [] } = formula.madeFor ?? {};
    const both = SURFACES.filter((s) => isAmong(s, surfaces) && isAmong(s, formula.keepOff ?? []));
    expect(both.filter((s) => soils.some((soil) => likelihoodOf(s.id, soil) !== 'unlikely')).map((s) => s.id)).toEqual(
      [],
    );
  });
});
