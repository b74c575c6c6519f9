import type { LifterId, Soil, Useless } from '../catalogue/soils';
import { has, type MixtureState } from '../mixture/state';

/** Less than this is not there to speak of: percent, or g/L of soap. */
const SPEAKS_FROM = 0.3;

function holds(by: LifterId, state: MixtureState): boolean {
  switch (by) {
    case 'acid':
    case 'acid-salt':
      return state.freeAcidPercentAsAcetic >= SPEAKS_FROM;
    case 'oxidiser':
      return state.hydrogenPeroxidePercentWV >= SPEAKS_FROM || state.freeChlorinePPM > 0;
    case 'surfactant':
      // True soap alone: dish soap does not set a stain.
      return state.soapGPerL >= SPEAKS_FROM;
    case 'alcohol':
      return state.alcoholPercentVV >= SPEAKS_FROM;
    case 'grains':
      return state.wet && state.abrasiveMohs !== null;
    case 'alkali':
    case 'mild-alkali':
      return has(state, 'alkali');
    case 'absorbent':
    case 'oil':
    case 'water':
      return false;
  }
}

/** What a mixture holds that does nothing for a soil, or sets it for good. */
export const uselessIn = (soil: Soil, state: MixtureState): Useless[] => soil.useless.filter((u) => holds(u.by, state));
