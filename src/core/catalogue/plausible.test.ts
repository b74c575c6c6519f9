import { likelihoodOf } from './plausible';
import { ROOM_KINDS } from './roomKinds';
import { SOILS } from './soils';
import { SURFACES } from './surfaces';

// Common practice, no source.
test.each([
  ['silver', 'silver-tarnish', null, 'common'],
  ['acrylic', 'silver-tarnish', null, 'unlikely'],
  ['brass', 'tarnish', null, 'common'],
  ['chrome', 'tarnish', null, 'unlikely'],
  ['toilet-bowl', 'bowl-ring', 'toilet', 'common'],
  ['glazed-tile', 'bowl-ring', 'bathroom', 'unlikely'],
  ['induction-hob', 'moss', null, 'unlikely'],
  ['brick', 'moss', null, 'common'],
  ['glass', 'moss', 'outdoors', 'seldom'],
  ['marble', 'soap-scum', null, 'seldom'],
  ['marble', 'soap-scum', 'bathroom', 'common'],
  ['gloss-paint', 'limescale', 'bathroom', 'unlikely'],
  ['stainless-steel', 'mould', 'bathroom', 'unlikely'],
  ['stove-glass', 'fresh-grease', 'kitchen', 'unlikely'],
  ['matt-paint', 'fresh-grease', 'kitchen', 'common'],
  ['glass', 'protein', null, 'unlikely'],
  ['glass', 'burnt-on', 'kitchen', 'unlikely'],
  ['carpet', 'mould', null, 'seldom'],
  ['shower-head', 'fresh-grease', null, 'unlikely'],
  ['something-else', 'dust', null, 'seldom'],
] as const)('%s with %s (%s): %s', (surface, soil, room, expected) => {
  expect(likelihoodOf(surface, soil, room)).toBe(expected);
});

test('every surface has soils, and every soil a place where it can be', () => {
  for (const { id } of SURFACES) expect(SOILS.some((s) => likelihoodOf(id, s.id) === 'common')).toBe(true);
  const never = SOILS.filter(({ id }) => SURFACES.every((s) => likelihoodOf(s.id, id) === 'unlikely'));
  // Mice leave theirs anywhere: who finds them asks for it.
  expect(never.map((s) => s.id)).toEqual(['droppings']);
});

test('what a room is usually cleaned of is never unlikely in it', () => {
  for (const room of ROOM_KINDS)
    for (const { surfaceId, soilId } of room.surfaces)
      expect([surfaceId, soilId, likelihoodOf(surfaceId, soilId, room.id)]).not.toContain('unlikely');
});
