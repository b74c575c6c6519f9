import type { SoilMechanism, Soil } from '../catalogue/soils';
import type { Surface } from '../catalogue/surface';
import { agentStrength } from '../mixture/agentStrength';
import type { MixtureState } from '../mixture/state';

/** What in a mixture lifts a soil, and how well. */
export interface ActingMechanism {
  readonly mechanism: SoilMechanism;
  /** In the agent's own unit. */
  readonly strength: number;
  /** 0 to 3: the agent's power, less where it is thin. */
  readonly effect: number;
}

/** At its least useful strength an agent does half of what it does at its best. */
const MIN_EFFECT = 0.5;
/** Two things that both lift do a little more than the better one. */
const SECOND_ADDS = 0.15;

/** Everything in a mixture that lifts a soil from a surface, the best first. */
export function mechanisms(state: MixtureState, soil: Soil, surface: Surface): ActingMechanism[] {
  const found: ActingMechanism[] = [];
  for (const lift of soil.mechanisms) {
    if (lift.hardOnly && surface.group === 'cloth') continue;
    const strength = agentStrength(state, lift.by);
    if (strength < lift.from) continue;
    const share = lift.good > lift.from ? Math.min(1, (strength - lift.from) / (lift.good - lift.from)) : 1;
    found.push({ mechanism: lift, strength, effect: lift.power * (MIN_EFFECT + (1 - MIN_EFFECT) * share) });
  }
  return found.sort((a, b) => b.effect - a.effect);
}

/** How well all of them lift together, 0 to 3.5. */
export function effectOf(found: readonly ActingMechanism[]): number {
  const [best, ...others] = found;
  return best ? best.effect + SECOND_ADDS * others.reduce((sum, o) => sum + o.effect, 0) : 0;
}
