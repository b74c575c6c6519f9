import { acidSystem } from '../catalogue/acidSystems';
import { substance, SUBSTANCES, type Substance, type SubstanceId } from '../catalogue/substances';
import { isAtLeast } from '../quantity/limit';

/** Moles of each substance. */
export type Moles = Partial<Record<SubstanceId, number>>;

/** What is left once acids have given their protons to bases, by limiting reagent. Amounts in mol of protons. */
export interface ProtonBalance {
  /** Protons that acids brought, could give and did not. */
  readonly acidLeftMol: number;
  /** Protons that the alkalis (soap not counted) could still take. */
  readonly alkaliLeftMol: number;
  /** Protons that went from acids to alkalis (soap not counted). */
  readonly neutralisedMol: number;
  readonly carbonDioxideMol: number;
  /** Moles of each substance that gave or took at least its first proton. */
  readonly reacted: Moles;
  /** Protons that each acid gave, mol: what its salt is reckoned from. */
  readonly givenBy: Moles;
}

/** One step of giving or taking a proton that a substance, as sold, is able to. `equivalents` per mole. */
interface Step {
  readonly pKa: number;
  readonly equivalents: number;
  /** Carbon dioxide for each proton taken. */
  readonly gasPerProton: number;
}

interface Steps {
  readonly acid: readonly Step[];
  readonly base: readonly Step[];
}

/** Carbonate gives its gas at the step of carbonic acid itself, pKa 6.352. */
const GAS_STEP_BELOW_PKA = 7;

/** Lye takes a proton from whatever has one. */
const LYE_PKA = 16;

/** A carbonate that does not dissolve by itself (chalk, scale) gives way grain by grain, each wholly to gas. */
const INSOLUBLE_BELOW_G_PER_100ML = 0.1;

function stepsOf(s: Substance): Steps {
  const acid: Step[] = [];
  const base: Step[] = s.hydroxideMol > 0 ? [{ pKa: LYE_PKA, equivalents: s.hydroxideMol, gasPerProton: 0 }] : [];
  const carbonate = s.traits.includes('carbonate');
  const insoluble = carbonate && !isAtLeast(s.solubilityGPer100ML ?? Infinity, INSOLUBLE_BELOW_G_PER_100ML);
  for (const { system, mol, protons } of s.brings) {
    const { pKas } = acidSystem(system);
    const lost = pKas.length - protons;
    // What is not called an acid (borax, peroxide, soda as it gives its last proton) gives none to speak of.
    if (s.traits.includes('acid'))
      acid.push(...pKas.slice(lost).map((pKa) => ({ pKa, equivalents: mol, gasPerProton: 0 })));
    const taking = pKas.slice(0, lost);
    const weakest = taking[0];
    if (insoluble && weakest !== undefined) {
      base.push({ pKa: weakest, equivalents: mol * taking.length, gasPerProton: 1 / taking.length });
    } else {
      const gas = (pKa: number): number => (carbonate && !isAtLeast(pKa, GAS_STEP_BELOW_PKA) ? 1 : 0);
      base.push(...taking.map((pKa) => ({ pKa, equivalents: mol, gasPerProton: gas(pKa) })));
    }
  }
  return { acid, base };
}

const STEPS = new Map(SUBSTANCES.map((s) => [s.id, stepsOf(s)]));

interface Open extends Step {
  readonly of: Substance;
  left: number;
}

function openSteps(moles: Moles, role: keyof Steps): Open[] {
  const open: Open[] = [];
  for (const id in moles) {
    const mol = moles[id as SubstanceId] ?? 0;
    if (mol <= 0) continue;
    const steps = STEPS.get(id as SubstanceId)?.[role] ?? [];
    for (const step of steps) open.push({ ...step, of: substance(id as SubstanceId), left: mol * step.equivalents });
  }
  return open;
}

/** What dissolves reacts before what gives way grain by grain; between the rest the name decides, never the pouring. */
const byTurn = (a: Open, b: Open): number =>
  Number(isGrain(a)) - Number(isGrain(b)) || (a.of.id < b.of.id ? -1 : Number(a.of.id > b.of.id));

const isGrain = ({ of }: Open): boolean => !isAtLeast(of.solubilityGPer100ML ?? Infinity, INSOLUBLE_BELOW_G_PER_100ML);

/** Carbon dioxide leaves as it forms, which draws on acids up to this much weaker than carbonic acid. */
const DRAW = 0.5;

/** What is left after a part is taken; a grain of error in the sum is nothing left. */
const rest = (whole: number, part: number): number => (whole - part > 1e-12 * whole ? whole - part : 0);

/** With nothing to react, nothing is left over either. */
export const NO_BALANCE: ProtonBalance = {
  acidLeftMol: 0,
  alkaliLeftMol: 0,
  neutralisedMol: 0,
  carbonDioxideMol: 0,
  reacted: {},
  givenBy: {},
};

/**
 * Who uses whom up: the strongest acid's protons go to the strongest base first, and so on down, as
 * long as the acid is the stronger of the two. It says how much of each is spent and the most gas that can
 * come; the equilibrium says the pH at which it ends.
 *
 * Source: limiting reagent; pKa from `catalogue/acidSystems.ts`.
 * @param moles amounts present, mol, zero or more
 */
export function protonBalance(moles: Moles): ProtonBalance {
  const acids = openSteps(moles, 'acid').sort((a, b) => a.pKa - b.pKa || byTurn(a, b));
  const bases = openSteps(moles, 'base').sort((a, b) => b.pKa - a.pKa || byTurn(a, b));
  if (acids.length === 0 && bases.length === 0) return NO_BALANCE;
  let neutralisedMol = 0;
  let carbonDioxideMol = 0;
  const reacted: Moles = {};
  const givenBy: Moles = {};
  for (const base of bases) {
    for (const acid of acids) {
      if (acid.pKa > base.pKa + DRAW) continue;
      const given = Math.min(acid.left, base.left);
      if (given <= 0) continue;
      acid.left = rest(acid.left, given);
      base.left = rest(base.left, given);
      if (base.of.traits.includes('alkali')) {
        neutralisedMol += given;
        givenBy[acid.of.id] = (givenBy[acid.of.id] ?? 0) + given;
      }
      carbonDioxideMol += given * base.gasPerProton;
      for (const side of [base, acid]) {
        const spent = (moles[side.of.id] ?? 0) - side.left / side.equivalents;
        reacted[side.of.id] = Math.max(reacted[side.of.id] ?? 0, spent);
      }
    }
  }
  return {
    acidLeftMol: acids.reduce((sum, a) => sum + a.left, 0),
    alkaliLeftMol: bases.reduce((sum, b) => sum + (b.of.traits.includes('alkali') ? b.left : 0), 0),
    neutralisedMol,
    carbonDioxideMol,
    reacted,
    givenBy,
  };
}
