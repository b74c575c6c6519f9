import type { HouseholdMember } from '../catalogue/household';
import type { RoomSize } from '../findings/exposureRoute';
import {
  ingredientsOfFormula,
  ingredientsOfMethod,
  residueConflicts,
  type Residue,
  type ResidueConflict,
  type UsedIngredients,
} from './residue';
import type { Way, Ways } from './way';

const ingredientsOfWay = ({ candidate, method }: Way): UsedIngredients =>
  candidate ? ingredientsOfFormula(candidate.formula) : ingredientsOfMethod(method);

/** A way, with what it would meet of what is left from before. */
export interface HeldWay {
  readonly way: Way;
  readonly meets: readonly ResidueConflict[];
}

export interface HeldWays extends Omit<Ways, 'ways'> {
  readonly ways: readonly HeldWay[];
  /** Ways that would be sound, were it not for what is left from before. */
  readonly stopped: readonly HeldWay[];
}

/** What was used before, by the ids of its method and of its formula. */
export interface UsedBefore {
  readonly methodId: string;
  /** Empty where none was used. */
  readonly formulaId: string;
}

/**
 * The place in the list of what goes one step further than what was used: the next that is done another way, else
 * the next with something else. 0 if what was used is not in it, or nothing comes after it.
 */
export function oneStepFurther(ways: readonly HeldWay[], { methodId, formulaId }: UsedBefore): number {
  const used = ways.findIndex(
    ({ way }) => way.method.id === methodId && (way.candidate?.formula.id ?? '') === formulaId,
  );
  if (used < 0) return 0;
  const otherwise = ways.findIndex(({ way }, i) => i > used && way.method.id !== methodId);
  return otherwise > 0 ? otherwise : used + 1 < ways.length ? used + 1 : 0;
}

/**
 * Ways held against what earlier jobs left at the place.
 * @param usualId the formula the person usually does it with: it comes first, as long as it is among the ways
 */
export function heldWays(
  { ways, ...rest }: Ways,
  residues: readonly Residue[],
  nowMs: number,
  { household, room }: { readonly household: readonly HouseholdMember[]; readonly room: RoomSize },
  usualId: string | null = null,
): HeldWays {
  const held = ways.map((way): HeldWay => ({
    way,
    meets: residues.length === 0 ? [] : residueConflicts(ingredientsOfWay(way), residues, nowMs, household, room),
  }));
  const isUsual = ({ way }: HeldWay): boolean => usualId !== null && way.candidate?.formula.id === usualId;
  held.sort((a, b) => Number(isUsual(b)) - Number(isUsual(a)));
  const isStopped = ({ meets }: HeldWay): boolean => meets.some((m) => m.level === 'danger');
  return { ...rest, ways: held.filter((h) => !isStopped(h)), stopped: held.filter(isStopped) };
}
