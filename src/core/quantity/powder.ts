import type { Range } from './range';

/** A powder's bulk density in g/mL as spooned, with its spread. */
export interface BulkDensity {
  readonly gPerML: number;
  /** Share by which a level spoonful may differ, for example 0.1 for ±10 %. */
  readonly spread: number;
}

/** Spooned powder varies by about a tenth: common practice, no source. */
export const SPOON_SPREAD = 0.1;

/** The mass, with its spread, of a powder measured by volume. */
export function powderMassG(volumeML: Range, bulk: BulkDensity): Range {
  return {
    low: volumeML.low * bulk.gPerML * (1 - bulk.spread),
    high: volumeML.high * bulk.gPerML * (1 + bulk.spread),
  };
}

/** The spoon volume in mL that a mass of powder fills when levelled, by its middle bulk density. */
export const powderVolumeML = (massG: number, bulk: BulkDensity): number => massG / bulk.gPerML;
