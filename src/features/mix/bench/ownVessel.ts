import {
  measuredCapacityML,
  profileOfMeasures,
  validate,
  vesselSchema,
  vesselShape,
  type PouredScale,
  type Vessel,
  type VesselShapeId,
} from '@/core';
import { typedMeasureIn } from '@/devices';

/** How the size of a bottle is found. */
export type SizeBy = 'size' | 'measure' | 'pour';

/** A bottle as it is typed. */
export interface TypedVessel {
  readonly name: string;
  readonly shape: VesselShapeId;
  readonly by: SizeBy;
  readonly size: string;
  readonly body: string;
  readonly shoulder: string;
  readonly neck: string;
  readonly brim: string;
  readonly poured: string;
  readonly material: Vessel['material'];
  readonly opaque: boolean;
  readonly heldFood: boolean;
  readonly place: string;
}

export const NEW_VESSEL: TypedVessel = {
  name: '',
  shape: 'straight-spray',
  by: 'size',
  size: '',
  body: '',
  shoulder: '',
  neck: '',
  brim: '',
  poured: '',
  material: 'unknown',
  opaque: false,
  heldFood: false,
  place: '',
};

/** A poured scale as it is typed: pairs of mL and mm, one a line; null where it cannot be read. */
function readPoured(text: string): PouredScale | null {
  const marks = text
    .split('\n')
    .map((l) => l.trim())
    .filter((l) => l !== '')
    .map((l) => /^([\d.,]+)\s*(?:ml)?\s*[,;: at]*\s+([\d.,]+)\s*(?:mm)?$/i.exec(l));
  if (marks.length < 2 || marks.some((m) => !m)) return null;
  return marks.map((m) => ({ volumeML: typedMeasureIn(m?.[1] ?? ''), heightMM: typedMeasureIn(m?.[2] ?? '') }));
}

const POUR_HELP = 'At least two marks, one a line: mL poured, then mm high. For example "100 27", next line "200 54".';
const MEASURE_HELP = 'These measures make no bottle: give mm above 3, the brim not below the shoulder.';

/** How much it holds and what its inside is; null while something is not typed yet, a string for what is wrong. */
function sizeOf(typed: TypedVessel): Partial<Vessel> | string | null {
  switch (typed.by) {
    case 'size':
      return typed.size.trim() === '' ? null : { capacityML: typedMeasureIn(typed.size) };
    case 'pour': {
      if (typed.poured.trim() === '') return null;
      const poured = readPoured(typed.poured);
      return poured ? { capacityML: poured.at(-1)?.volumeML ?? NaN, poured } : POUR_HELP;
    }
    case 'measure': {
      const { body, shoulder, neck, brim } = typed;
      if ([body, shoulder, neck, brim].some((t) => t.trim() === '')) return null;
      const profile = profileOfMeasures({
        bodyDiameterMM: typedMeasureIn(body),
        bodyHeightMM: typedMeasureIn(shoulder),
        neckDiameterMM: typedMeasureIn(neck),
        brimMM: typedMeasureIn(brim),
      });
      return profile ? { capacityML: measuredCapacityML(profile), profile } : MEASURE_HELP;
    }
  }
}

/** The bottle that is typed, or what is wrong with it; neither while it is not all there. */
export function vesselFrom(typed: TypedVessel): { readonly vessel: Vessel | null; readonly problem: string | null } {
  const size = sizeOf(typed);
  if (size === null || typeof size === 'string') return { vessel: null, problem: size };
  const result = validate(vesselSchema, {
    id: 'own',
    name: typed.name.trim() || vesselShape(typed.shape).name,
    shape: typed.shape,
    material: typed.material,
    opaque: typed.opaque,
    ...(typed.heldFood ? { heldFood: true } : {}),
    ...(typed.place.trim() === '' ? {} : { place: typed.place.trim() }),
    ...size,
  });
  return result.ok
    ? { vessel: result.value, problem: null }
    : { vessel: null, problem: result.problems[0]?.message ?? 'Give a size from 10 to 100 000 mL.' };
}
