import type { CleaningAgentId, Soil, Useless } from '../catalogue/soils';
import { hasTrait, type MixtureState } from '../mixture/state';
import { isAtLeast } from '../quantity/limit';

/** Less than this is not there to speak of: percent, or g/L of soap. */
const REPORT_FROM_SHARE = 0.3;

function holds(by: CleaningAgentId, state: MixtureState): boolean {
  switch (by) {
    case 'acid':
    case 'acid-salt':
      return isAtLeast(state.freeAcidPercentAsAcetic, REPORT_FROM_SHARE);
    case 'oxidiser':
      return isAtLeast(state.hydrogenPeroxidePercentWV, REPORT_FROM_SHARE) || state.freeChlorinePPM > 0;
    case 'surfactant':
      // True soap alone: dish soap does not set a stain.
      return isAtLeast(state.soapGPerL, REPORT_FROM_SHARE);
    case 'alcohol':
      return isAtLeast(state.alcoholPercentVV, REPORT_FROM_SHARE);
    case 'grains':
      return state.wet && state.abrasiveMohs !== null;
    case 'alkali':
    case 'mild-alkali':
      return hasTrait(state, 'alkali');
    case 'detergent':
    case 'absorbent':
    case 'oil':
    case 'water':
      return false;
  }
}

/** What a mixture holds that does nothing for a soil, or sets it for good. */
export const uselessIn = (soil: Soil, state: MixtureState): Useless[] => soil.useless.filter((u) => holds(u.by, state));
