import type { Portion } from '../formula/quantify';

/**
 * Where in the order a portion goes in: the largest liquid first (foam stays down), salts into it, other
 * liquids, soap last but one, oils at the end. Common practice, no source.
 */
function rank(portion: Portion, largest: Portion | null): number {
  if (portion === largest) return 0;
  const { form, contents } = portion.ingredient;
  if (form === 'powder' || form === 'solid') return 1;
  if (form === 'oil') return 4;
  return contents.some((c) => c.substance === 'soap' || c.substance === 'surfactant') ? 3 : 2;
}

const isPlainLiquid = (p: Portion): boolean =>
  p.ingredient.form === 'liquid' &&
  !p.ingredient.contents.some((c) => c.substance === 'soap' || c.substance === 'surfactant');

/** Portions in the order they go into the vessel. */
export function orderOfAddition(portions: readonly Portion[]): Portion[] {
  const liquids = portions.filter(isPlainLiquid);
  const largest = liquids.reduce<Portion | null>((most, p) => (p.volumeML > (most?.volumeML ?? 0) ? p : most), null);
  return [...portions].sort((a, b) => rank(a, largest) - rank(b, largest) || b.volumeML - a.volumeML);
}
