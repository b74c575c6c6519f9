import type { CleaningAgentId } from '../catalogue/soils';
import { modelPH, type MixtureState } from './state';
import { isAtLeast } from '../quantity/limit';

/** Alkali counts as strong from this pH, as mild from that. */
const STRONG_FROM_PH = 10;
const MILD_FROM_PH = 7.8;

/**
 * How strong each cleaning agent is in a mixture, in its own unit (`catalogue/soils.ts`): percent, g/L or mmol/L.
 * Soda counts whole, as it is beyond its solubility in a paste.
 */
export function agentStrength(state: MixtureState, by: CleaningAgentId): number {
  const { traitG, massG, wet } = state;
  const pH = modelPH(state);
  const percent = (g: number): number => (massG > 0 ? (100 * g) / massG : 0);
  const alkali = (): number => (state.volumeML > 0 ? (1e6 * state.balance.alkaliLeftMol) / state.volumeML : 0);
  switch (by) {
    case 'acid':
      return state.freeAcidPercentAsAcetic;
    case 'acid-salt':
      return (traitG.chloride ?? 0) > 0 ? state.freeAcidPercentAsAcetic : 0;
    case 'alkali':
      return pH && isAtLeast(pH.value, STRONG_FROM_PH) ? alkali() : 0;
    case 'mild-alkali':
      return pH && isAtLeast(pH.value, MILD_FROM_PH) ? alkali() : 0;
    case 'surfactant':
      return wet ? state.surfactantGPerL + state.soapGPerL * (1 - (state.soapCurdledFraction ?? 0)) : 0;
    case 'detergent':
      return wet ? state.surfactantGPerL : 0;
    case 'alcohol':
      return state.alcoholPercentVV;
    case 'oxidiser':
      return wet ? state.hydrogenPeroxidePercentWV : 0;
    case 'grains':
      return wet && state.abrasiveMohs !== null ? percent(state.undissolvedG) : 0;
    case 'absorbent':
      return wet ? 0 : percent(traitG.absorbent ?? 0);
    case 'oil':
      return percent((traitG['essential-oil'] ?? 0) + (traitG['fatty-oil'] ?? 0));
    case 'water':
      return percent(state.waterG);
  }
}
