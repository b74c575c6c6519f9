import type { Evaluation } from './evaluate';

/** One thing that goes in, as it is measured out. */
export interface MeasuredPortion {
  readonly name: string;
  /** mL; what is weighed has its volume too. */
  readonly volumeML: number;
  /** g of what is dry; null for what is poured. */
  readonly massG: number | null;
}

/**
 * What goes in for so much of a mixture.
 * @param amount mL of the whole, or g where it has no volume; more than 0
 */
export function portionsFor(
  { resolved, state }: Pick<Evaluation, 'resolved' | 'state'>,
  amount: { readonly volumeML: number | null; readonly massG: number | null },
): MeasuredPortion[] {
  const times = amount.volumeML === null ? (amount.massG ?? 0) / state.massG : amount.volumeML / resolved.batchML;
  return resolved.portions.map(({ ingredient, volumeML, massG }) => ({
    name: ingredient.name.toLowerCase(),
    volumeML: times * volumeML,
    massG: ingredient.form === 'powder' || ingredient.form === 'solid' ? times * massG : null,
  }));
}
