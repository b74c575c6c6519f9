import {
  DEFAULT_CONTEXT,
  DEFAULT_SETTINGS,
  jointsOf,
  rankWays,
  STARTER_FORMULAS,
  weighSupplies,
  type Soil,
  type Surface,
  type Ways,
} from '../src/core';

const AIR = { roomC: DEFAULT_SETTINGS.roomC, humidityPercent: DEFAULT_SETTINGS.humidityPercent };
const CANDIDATES = weighSupplies({ shelf: [], formulas: STARTER_FORMULAS, cupboard: null }, DEFAULT_CONTEXT);

/** The ways for a pair from Biscuit's own formulas alone, on the usual area, in a large room. */
export const starterWays = (surface: Surface, soil: Soil): Ways =>
  rankWays(CANDIDATES, surface, soil, DEFAULT_CONTEXT, AIR, { joints: jointsOf(surface.id, []) });
