import { plainName } from '../catalogue/lookup';
import { classId, PLACE_CLASSES, type SurfacePlaceId } from '../catalogue/placeIds';
import type { Meaning } from '../catalogue/meaning';
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
  if (never === '') return [];
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

/** The names that mean one row alone, in plain words, each with its id. */
function plainNames<T extends Parameters<typeof namesOf>[0]>(
  rows: readonly T[],
  meaningOf: (text: string) => Meaning<T>,
): ReadonlyMap<string, string> {
  const found = new Map<string, string>();
  for (const row of rows)
    for (const name of namesOf(row)) if (meaningOf(name).kind === 'one') found.set(plainName(name).trim(), row.id);
  return found;
}

let names: { readonly soils: ReadonlyMap<string, string>; readonly surfaces: ReadonlyMap<string, string> } | null =
  null;

/** A name of more words than this is none. */
const MAX_WORDS = 6;

/** What words like "Limescale on glazed tile and taps" make a formula for; null where they name no surface or no soil. */
export function madeForInWords(purpose: string): MadeFor | null {
  const words = plainName(purpose).split(' ').filter(Boolean);
  if (words.length < 2) return null;
  names ??= { soils: plainNames(SOILS, soilMeaning), surfaces: plainNames(SURFACES, surfaceMeaning) };
  const soilIds = new Set<string>();
  const surfaceIds = new Set<string>();
  for (let from = 0; from < words.length; from++) {
    for (let to = from + 1; to <= Math.min(words.length, from + MAX_WORDS); to++) {
      const phrase = words.slice(from, to).join(' ');
      for (const name of [phrase, phrase.replace(/s$/, '')]) {
        const soil = names.soils.get(name);
        const surface = names.surfaces.get(name);
        if (soil !== undefined) soilIds.add(soil);
        if (surface !== undefined) surfaceIds.add(surface);
      }
    }
  }
  const soils = SOILS.filter((s) => soilIds.has(s.id)).map((s) => s.id);
  const surfaces = SURFACES.filter((s) => surfaceIds.has(s.id)).map((s) => s.id);
  return surfaces.length > 0 && soils.length > 0 ? { surfaces, soils } : null;
}
