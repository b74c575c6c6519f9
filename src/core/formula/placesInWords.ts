import { plainName } from '../catalogue/lookup';
import { classId, PLACE_CLASSES, type SurfacePlaceId } from '../catalogue/placeIds';
import { SOILS, soilMeaning } from '../catalogue/soils';
import { SURFACES, surfaceMeaning } from '../catalogue/surfaces';
import type { MadeFor } from './formula';

/** What a formula's own words say of where it goes, read once at the door: after that the ids count, never the words. */

/** Words for whole classes of surfaces; what is "wood" or "metal" to a person is every row of it. */
const CLASS_WORDS: Readonly<Record<string, SurfacePlaceId>> = {
  ...Object.fromEntries(PLACE_CLASSES.map((c) => [c, classId(c)])),
  stones: 'class:stone',
  'natural stone': 'class:stone',
  woods: 'class:wood',
  'wooden surfaces': 'class:wood',
  'varnished or waxed wood': 'class:wood',
  metals: 'class:metal',
  walls: 'class:wall',
  paint: 'class:wall',
  'painted walls': 'class:wall',
  varnish: 'varnished-wood',
  wool: 'wool-silk',
  silk: 'wool-silk',
  lino: 'linoleum',
  lacquer: 'lacquered-brass',
  mirrors: 'mirror',
  'mirror edges': 'mirror',
  screens: 'coated-screen',
  hobs: 'induction-hob',
};

const phrases = (text: string): string[] =>
  text
    .split(/[,;:.]|\bor\b|\band\b/)
    .map((p) => plainName(p).trim())
    .filter(Boolean);

/** The surfaces and classes that a phrase means; none where it is not plainly one. */
function placesOf(phrase: string): SurfacePlaceId[] {
  const known = CLASS_WORDS[phrase];
  if (known) return [known];
  const meaning = surfaceMeaning(phrase);
  if (meaning.kind === 'one') return [meaning.row.id];
  return [];
}

/** Surfaces that words like "stone, aluminium, waxed wood" keep a formula off; a word that may mean several keeps it off each. */
export function keepOffInWords(never: string): SurfacePlaceId[] {
  const found = phrases(never).flatMap((phrase) => {
    const places = placesOf(phrase);
    if (places.length > 0) return places;
    const meaning = surfaceMeaning(phrase);
    return meaning.kind === 'several' ? meaning.rows.map((r) => r.id) : [];
  });
  return [...new Set(found)];
}

/** What a row is called: its id's words, its name and the parts of it, and what people say. */
const namesOf = ({
  id,
  name,
  names,
}: {
  readonly id: string;
  readonly name: string;
  readonly names: readonly string[];
}): string[] => [id.replaceAll('-', ' '), ...name.split(/,| or | and /), ...names];

/** What words like "Limescale on glazed tile and taps" make a formula for; null where they name no surface or no soil. */
export function madeForInWords(purpose: string): MadeFor | null {
  const words = ` ${plainName(purpose)} `;
  const says = (name: string): boolean =>
    words.includes(` ${plainName(name)} `) || words.includes(` ${plainName(name)}s `);
  const soils = SOILS.filter((s) => namesOf(s).some((name) => says(name) && soilMeaning(name).kind === 'one')).map(
    (s) => s.id,
  );
  const surfaces = SURFACES.filter((s) =>
    namesOf(s).some((name) => says(name) && surfaceMeaning(name).kind === 'one'),
  ).map((s) => s.id);
  return surfaces.length > 0 && soils.length > 0 ? { surfaces, soils } : null;
}
