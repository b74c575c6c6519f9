import type { VesselFacts } from '../catalogue/vessels';
import type { MixtureState } from '../mixture/state';
import type { Scope } from './finding';
import { reaches } from '../quantity/limit';

/** How a mixture is put to use, as far as its name, its words and its vessel tell. */
export interface Use {
  /** Comes out of a trigger or a fine nozzle, into the air. */
  readonly sprayed: boolean;
  /** Meant for hands or skin. */
  readonly onSkin: boolean;
  /** Thin enough to pour and spray. */
  readonly pourable: boolean;
}

const SPRAY = /\b(?:spray|spritz|mist|sprayed|sprayer|trigger|freshener)\b/;
const SKIN = /\b(?:hand soap|hand wash|hands?|skin|body|foot|shower gel|bath bomb)\b/;

/** More undissolved solid than this share of the mass is a paste. */
const PASTE_FROM_SHARE = 0.3;

/** How a mixture is put to use. Without a word or a bottle to say otherwise, a thin mixture that is kept is sprayed. */
export function howUsed(words: string, vessel: VesselFacts | null, state: MixtureState, scope: Scope): Use {
  const pourable = state.wet && !reaches(state.undissolvedG, PASTE_FROM_SHARE * state.massG);
  const onSkin = SKIN.test(words);
  const named = SPRAY.test(words);
  const sprayed = named || vessel?.top === 'trigger' || (vessel === null && scope === 'stored' && pourable && !onSkin);
  return { sprayed, onSkin, pourable };
}
