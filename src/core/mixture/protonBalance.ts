import { substance, type SubstanceId } from '../catalogue/substances';

/** Moles of each substance. */
export type Moles = Partial<Record<SubstanceId, number>>;

/** What is left once acids have given their protons to bases, by limiting reagent. Amounts in mol of protons. */
export interface ProtonBalance {
  /** Protons that acids brought, could give and did not. */
  readonly acidLeftMol: number;
  /** Protons that the alkalis (soap not counted) could still take. */
  readonly alkaliLeftMol: number;
  /** The part of it that bases with pKa over 9 could take: washing soda, borax, ammonia, lye. */
  readonly strongAlkaliLeftMol: number;
  /** Protons that went from acids to alkalis (soap not counted). */
  readonly neutralisedMol: number;
  readonly carbonDioxideMol: number;
  /** Share of the soap turned to free fatty acid, 0 to 1; null without soap. */
  readonly soapCurdledFraction: number | null;
}

interface Step {
  readonly id: SubstanceId;
  readonly pKa: number;
  left: number;
}

/** Carbon dioxide leaves as it forms, which draws on acids up to this much weaker than carbonic acid. */
const DRAW = 0.5;

function stepsOf(moles: Moles, role: 'acid' | 'base'): Step[] {
  const steps: Step[] = [];
  for (const [id, mol] of Object.entries(moles) as [SubstanceId, number][]) {
    for (const step of substance(id).protonSteps) {
      if (step.role === role && mol > 0) steps.push({ id, pKa: step.pKa, left: mol * step.equivalents });
    }
  }
  return steps;
}

const GAS_STEP_BELOW_PKA = 7;
const STRONG_ABOVE_PKA = 9;

/**
 * Who uses whom up: the strongest acid's protons go to the strongest base first, and so on down, as
 * long as the acid is the stronger of the two. Exact where the pKa values lie well apart, which the
 * household's do; the full equilibrium refines it.
 *
 * Source: limiting reagent; pKa from the CRC Handbook (`catalogue/substances.ts`).
 * @param moles amounts present, mol, zero or more
 */
export function protonBalance(moles: Moles): ProtonBalance {
  const acids = stepsOf(moles, 'acid').sort((a, b) => a.pKa - b.pKa);
  const bases = stepsOf(moles, 'base').sort((a, b) => b.pKa - a.pKa);
  let neutralisedMol = 0;
  let carbonDioxideMol = 0;
  let curdledMol = 0;
  for (const base of bases) {
    const { traits } = substance(base.id);
    for (const acid of acids) {
      if (acid.pKa > base.pKa + DRAW) continue;
      const given = Math.min(acid.left, base.left);
      if (given <= 0) continue;
      acid.left -= given;
      base.left -= given;
      if (traits.includes('alkali')) neutralisedMol += given;
      if (traits.includes('soap')) curdledMol += given;
      if (traits.includes('carbonate') && base.pKa < GAS_STEP_BELOW_PKA) carbonDioxideMol += given;
    }
  }
  const alkalis = bases.filter((b) => substance(b.id).traits.includes('alkali'));
  const soapMol = moles.soap ?? 0;
  return {
    acidLeftMol: acids.reduce((sum, a) => sum + a.left, 0),
    alkaliLeftMol: alkalis.reduce((sum, b) => sum + b.left, 0),
    strongAlkaliLeftMol: alkalis.filter((b) => b.pKa > STRONG_ABOVE_PKA).reduce((sum, b) => sum + b.left, 0),
    neutralisedMol,
    carbonDioxideMol,
    soapCurdledFraction: soapMol > 0 ? Math.min(1, curdledMol / soapMol) : null,
  };
}
