import type { AdvicePreferences } from '../catalogue/disputedAdvice';
import type { Surface } from '../catalogue/surface';
import type { Evaluation } from '../evaluation/evaluate';
import type { Finding } from '../findings/finding';
import { exceededLimits, certainlyExceeded, type ExceededLimit } from '../findings/surfaceLimits';
import { toleranceOf, type HomeSurface } from './homeSurface';

/** What a cleaner runs into beside the surface itself: the joints between tiles. */

const TILES = ['glazed-tile', 'unglazed-tile', 'quarry-tile'];
const JOINTS = ['cement-grout', 'epoxy-grout'];

/** A joint between tiles. */
export interface Joint {
  /** What it stands as it is. */
  readonly surface: Surface;
  /** What it stands once it has drunk plain water: unsealed cement about what sealed does (common practice, no source). */
  readonly wetted: Surface;
}

/**
 * The joints of a tiled surface: the grout of its room, or where none has been entered, cement of which
 * nothing is known. Empty for what has no joints.
 *
 * @param material of the surface, by the catalogue's id
 * @param inTheRoom the home's surfaces of that room
 */
export function jointsOf(material: string, inTheRoom: readonly HomeSurface[]): Joint[] {
  if (!TILES.includes(material)) return [];
  const entered = inTheRoom.filter((s) => JOINTS.includes(s.surfaceId));
  const joints = entered.length > 0 ? entered : [{ ...UNKNOWN, surfaceId: 'cement-grout' }];
  return joints.flatMap((s) => {
    const surface = toleranceOf(s);
    const wetted = toleranceOf({ ...s, sealed: true });
    return surface && wetted ? [{ surface, wetted }] : [];
  });
}

const UNKNOWN = { sealed: null, finish: null, ageYears: null };

/** What is to be minded of the joints with a mixture, the soonest harm alone; null if they bear it. */
export function jointsFinding(
  evaluation: Pick<Evaluation, 'state' | 'stateWhenDamp'>,
  joints: readonly Joint[],
  schools: AdvicePreferences,
): Finding | null {
  const [soonest] = joints
    .flatMap((joint) =>
      certainlyExceeded(exceededLimits(evaluation.state, joint.surface, schools, evaluation.stateWhenDamp)).map(
        (excess) => ({
          joint,
          excess,
        }),
      ),
    )
    .sort((a, b) => a.excess.minutes - b.excess.minutes);
  return soonest ? jointFinding(soonest.joint, soonest.excess) : null;
}

function jointFinding({ surface }: Joint, passed: ExceededLimit): Finding {
  const minutes = Math.round(passed.minutes);
  return {
    code: 'runs-into-joints',
    level: 'caution',
    scope: 'fresh',
    subjects: passed.subjects,
    happens: `It runs into the ${surface.name.toLowerCase()} between the tiles as well.`,
    why: minutes < 1 ? passed.reason : `${passed.reason} Harm begins after about ${minutes} minutes.`,
    figures: { minutes },
    instead:
      'Wet the joints with plain water first, so that they drink that; wipe it on with a cloth rather than spray, and rinse the joints well. Or take a way without acid.',
    sources: [passed.source],
  };
}
