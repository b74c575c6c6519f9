/** One ring of a round bottle: its height above the inside base and the inner diameter there. */
export interface ProfilePoint {
  readonly heightMM: number;
  readonly diameterMM: number;
}

/** A round vessel's inside, from the base (heightMM 0) upwards; heights rise strictly. */
export type Profile = readonly ProfilePoint[];

const MM3_PER_ML = 1000;

/**
 * Volume in mL of a frustum with end diameters `d1`, `d2` and height `h`, all in mm.
 * V = πh(r₁² + r₁r₂ + r₂²)/3.
 */
export function frustumML(d1: number, d2: number, h: number): number {
  const r1 = d1 / 2;
  const r2 = d2 / 2;
  return (Math.PI * h * (r1 * r1 + r1 * r2 + r2 * r2)) / 3 / MM3_PER_ML;
}

/** The inner diameter in mm at a height, straight between the profile's rings. */
export function diameterAtMM(profile: Profile, heightMM: number): number {
  let below = profile[0];
  if (!below) return 0;
  for (const above of profile.slice(1)) {
    if (heightMM <= above.heightMM) {
      const share = (heightMM - below.heightMM) / (above.heightMM - below.heightMM);
      return below.diameterMM + share * (above.diameterMM - below.diameterMM);
    }
    below = above;
  }
  return below.diameterMM;
}

/** Volume in mL held up to a height above the inside base; below 0 nothing, above the brim all of it. */
export function volumeToHeightML(profile: Profile, heightMM: number): number {
  let volume = 0;
  for (let i = 1; i < profile.length; i++) {
    const below = profile[i - 1];
    const above = profile[i];
    if (!below || !above || heightMM <= below.heightMM) break;
    const top = Math.min(heightMM, above.heightMM);
    volume += frustumML(below.diameterMM, diameterAtMM(profile, top), top - below.heightMM);
  }
  return volume;
}

/** Volume in mL to the brim. */
export const brimfulML = (profile: Profile): number => volumeToHeightML(profile, profile.at(-1)?.heightMM ?? 0);

/**
 * Height in mm above the inside base at which a volume stands: the inverse of {@link volumeToHeightML},
 * by bisection to within 0.001 mm. More than a brimful stands at the brim.
 */
export function heightOfVolumeMM(profile: Profile, volumeML: number): number {
  let low = 0;
  let high = profile.at(-1)?.heightMM ?? 0;
  if (volumeML >= brimfulML(profile)) return high;
  while (high - low > 0.001) {
    const middle = (low + high) / 2;
    if (volumeToHeightML(profile, middle) < volumeML) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/** A vessel of any form, measured by pouring: so many mL stand so many mm high. Both rise strictly. */
export type PouredScale = readonly { readonly volumeML: number; readonly heightMM: number }[];

/** Height in mm of a volume by a poured scale: straight lines between the marks, from the empty base. */
export function heightByPouringMM(scale: PouredScale, volumeML: number): number {
  let below = { volumeML: 0, heightMM: 0 };
  for (const above of scale) {
    if (volumeML <= above.volumeML) {
      const share = (volumeML - below.volumeML) / (above.volumeML - below.volumeML);
      return below.heightMM + share * (above.heightMM - below.heightMM);
    }
    below = above;
  }
  return below.heightMM;
}

/** The same profile made larger or smaller in every direction, so that it holds `capacityML` to the brim. */
export function profileOfCapacity(profile: Profile, capacityML: number): Profile {
  const factor = Math.cbrt(capacityML / brimfulML(profile));
  return profile.map((p) => ({ heightMM: p.heightMM * factor, diameterMM: p.diameterMM * factor }));
}

/**
 * A round profile that holds what a poured scale says at each of its marks: rings so wide that every
 * frustum between two marks holds what was poured there, as far as a round bottle can. For drawing;
 * the marks themselves come from {@link heightByPouringMM}.
 */
export function profileByPouring(scale: PouredScale): Profile {
  const steps = scale.map((mark, i) => {
    const below = scale[i - 1] ?? { volumeML: 0, heightMM: 0 };
    const areaMM2 = ((mark.volumeML - below.volumeML) * MM3_PER_ML) / (mark.heightMM - below.heightMM);
    return { fromMM: below.heightMM, toMM: mark.heightMM, diameterMM: Math.sqrt((4 * areaMM2) / Math.PI) };
  });
  const first = steps[0];
  if (!first) return [];
  const rings = steps.map((s) => ({ heightMM: (s.fromMM + s.toMM) / 2, diameterMM: s.diameterMM }));
  const last = steps.at(-1) ?? first;
  return [
    { heightMM: 0, diameterMM: first.diameterMM },
    ...rings,
    { heightMM: last.toMM, diameterMM: last.diameterMM },
  ];
}
