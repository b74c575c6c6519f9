import type { SurfaceGroup } from '../core';

/** What each group of surfaces is called. */
export const SURFACE_GROUP_WORDS: Readonly<Record<SurfaceGroup, string>> = {
  stone: 'Stone',
  tile: 'Tile and grout',
  glass: 'Glass and hobs',
  metal: 'Metal',
  enamel: 'Enamel and ovens',
  plastic: 'Plastic and rubber',
  wood: 'Wood',
  wall: 'Walls and paint',
  cloth: 'Cloth and leather',
  appliance: 'Appliances and bowls',
  outdoors: 'Outdoors',
  'keep-out': 'Better left alone',
};
