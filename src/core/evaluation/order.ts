import { substance } from '../catalogue/substances';
import type { Portion } from '../formula/resolveAmounts';
import { isAtLeast } from '../quantity/limit';

/** A portion in its place, and why it goes in there. */
export interface Placed {
  readonly portion: Portion;
  readonly why: string;
}

const holds = (portion: Portion, ...ids: readonly string[]): boolean =>
  portion.ingredient.contents.some((c) => ids.includes(c.substance) && c.percent > 0);

const isSoapy = (p: Portion): boolean => p.ingredient.form === 'liquid' && holds(p, 'soap', 'surfactant');
const isSolid = (p: Portion): boolean => p.ingredient.form === 'powder' || p.ingredient.form === 'solid';
const isOil = (p: Portion): boolean => p.ingredient.form === 'oil';

/** Alcohol of this strength carries oils. */
const CARRIES_FROM_PERCENT = 60;
const isStrongAlcohol = (p: Portion): boolean =>
  p.ingredient.form === 'liquid' &&
  p.ingredient.contents.some(
    (c) => substance(c.substance).traits.includes('alcohol') && isAtLeast(c.percent, CARRIES_FROM_PERCENT),
  );

/** Acid strong enough to spit where water is poured onto it: it goes into the water. */
const isStrongAcid = (p: Portion): boolean =>
  p.ingredient.contents.some(({ substance: id, percent }) => {
    const { traits, handledStrongFromPercent: from } = substance(id);
    return traits.includes('acid') && from !== null && percent >= from;
  });

const WHY = {
  carrier: 'First, so that the oils dissolve in it before they meet water.',
  oilInAlcohol: 'Into the alcohol, where it dissolves.',
  largest: 'The largest liquid first: foam stays down.',
  salt: 'Into the water, stirred until it is clear: warm if there is much.',
  acid: 'Into the water, slowly: never water onto strong acid.',
  liquid: 'Then the other liquids.',
  oilInSoap: 'Stirred into the soap in a spoon, before the soap goes in.',
  soap: 'Last, slowly down the side: it foams.',
  soapWithOil: 'Last, with the oil in it, slowly down the side.',
  oilAlone: 'Last: it floats, so shake before each use.',
  dry: 'Dry together; break the lumps.',
  dryOil: 'Drop by drop into the powder, stirring.',
  mist: 'In single sprays, to the feel of damp sand.',
} as const;

const byVolume = (a: Portion, b: Portion): number => b.volumeML - a.volumeML;

/** Less liquid than this share of the whole is a powder mix that is misted. */
const MIST_UP_TO_SHARE = 0.06;

function dryOrder(portions: readonly Portion[]): Placed[] {
  const put = (list: readonly Portion[], why: string): Placed[] =>
    [...list].sort(byVolume).map((portion) => ({ portion, why }));
  return [
    ...put(portions.filter(isSolid), WHY.dry),
    ...put(portions.filter(isOil), WHY.dryOil),
    ...put(
      portions.filter((p) => !isSolid(p) && !isOil(p)),
      WHY.mist,
    ),
  ];
}

/**
 * Portions in the order they go into the vessel, each with why: water or the largest liquid first, salts
 * into it, other liquids, soap last, oils into the alcohol or the soap before these meet the water. Powder
 * mixes: dry together, oils stirred in, then mist. The order does not change what the mixture is.
 *
 * Common practice, no source.
 */
export function orderOfAddition(portions: readonly Portion[]): Placed[] {
  const solidG = portions.filter(isSolid).reduce((sum, p) => sum + p.massG, 0);
  const liquidG = portions.filter((p) => !isSolid(p)).reduce((sum, p) => sum + p.massG, 0);
  if (solidG > 0 && liquidG <= MIST_UP_TO_SHARE * (solidG + liquidG)) return dryOrder(portions);

  const oils = portions.filter(isOil).sort(byVolume);
  const soaps = portions.filter(isSoapy).sort(byVolume);
  const plain = portions.filter((p) => p.ingredient.form === 'liquid' && !isSoapy(p)).sort(byVolume);
  const carrier = oils.length > 0 ? plain.find(isStrongAlcohol) : undefined;
  const rest = plain.filter((p) => p !== carrier);
  const largest = rest.find((p) => !isStrongAcid(p)) ?? rest[0];
  const others = rest.filter((p) => p !== largest);
  const oilsIn: Placed[] = oils.map((portion) => ({
    portion,
    why: carrier ? WHY.oilInAlcohol : soaps.length > 0 ? WHY.oilInSoap : WHY.oilAlone,
  }));
  return [
    ...(carrier ? [{ portion: carrier, why: WHY.carrier }, ...oilsIn] : []),
    ...(largest ? [{ portion: largest, why: WHY.largest }] : []),
    ...portions
      .filter(isSolid)
      .sort(byVolume)
      .map((portion) => ({ portion, why: WHY.salt })),
    ...others.map((portion) => ({ portion, why: isStrongAcid(portion) ? WHY.acid : WHY.liquid })),
    ...(carrier || soaps.length === 0 ? [] : oilsIn),
    ...soaps.map((portion) => ({ portion, why: !carrier && oils.length > 0 ? WHY.soapWithOil : WHY.soap })),
    ...(carrier || soaps.length > 0 ? [] : oilsIn),
  ];
}
