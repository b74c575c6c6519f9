import type { Ingredient } from '../catalogue/ingredient';
import { substance, type SubstanceId, type Trait } from '../catalogue/substances';
import { contentsG, isWet, mixedVolume, type Grams, type Poured } from '../formula/mixedVolume';
import { DEFAULT_HEADSPACE_PERCENT } from '../catalogue/vessels';
import type { Span } from '../quantity/span';
import { flashPointC } from './flashPoint';
import { closedGainBar, gasML, HENRY } from './gas';
import { peraceticMaxPPM } from './peracetic';
import { protonBalance, type Moles, type ProtonBalance } from './protonBalance';

/** What a mixture is, at 20 °C. Every verdict reads this, never a name alone. */
export interface MixtureState {
  readonly volumeML: number;
  readonly massG: number;
  readonly wet: boolean;
  readonly grams: Readonly<Grams>;
  readonly moles: Readonly<Moles>;
  /** pH with its band; null until the acid–base equilibrium is worked out. */
  readonly pH: { readonly value: number; readonly low: number; readonly high: number } | null;
  readonly aceticAcidPercentWV: number;
  readonly citricAcidPercentWV: number;
  readonly hydrogenPeroxidePercentWV: number;
  readonly alcoholPercentVV: number;
  readonly soapGPerL: number;
  readonly surfactantGPerL: number;
  readonly essentialOilPercentVV: number;
  readonly freeChlorinePPM: number;
  readonly ammoniaPercentWW: number;
  readonly sodiumCarbonatePercentWV: number;
  readonly undissolvedG: number;
  readonly balance: ProtonBalance;
  /** Gas that can form, mL at 20 °C and 1 atm: carbon dioxide, and oxygen from peroxide made alkaline. */
  readonly carbonDioxideML: number;
  readonly oxygenML: number;
  /** What the gas adds in a closed bottle, bar. */
  readonly closedPressureBar: number;
  readonly flashPointC: Span | null;
  readonly soapCurdledFraction: number | null;
  readonly peraceticAcidMaxPPM: number;
  /** Which ingredients bring which substances. */
  readonly brought: readonly { readonly ingredient: Ingredient; readonly substances: readonly SubstanceId[] }[];
}

const CHLORINE_G_PER_MOL = 70.906;
const ETHANOL_ML_PER_G = substance('ethanol').displacementMLPerG;
const ISOPROPANOL_ML_PER_G = substance('isopropanol').displacementMLPerG;
const OIL_ML_PER_G = substance('essential-oil').displacementMLPerG;

/** Base left to take protons above this, mol/L, makes a mixture alkaline enough to break up peroxide. */
const ALKALINE_ABOVE_MOL_PER_L = 0.001;

/** Adds up what is poured, substance by substance, g. */
function totalGrams(poured: readonly Poured[]): Grams {
  const total: Grams = {};
  for (const { ingredient, massG } of poured) {
    for (const [id, g] of Object.entries(contentsG(ingredient, massG)) as [SubstanceId, number][]) {
      total[id] = (total[id] ?? 0) + g;
    }
  }
  return total;
}

function molesOf(grams: Grams): Moles {
  const moles: Moles = {};
  for (const [id, g] of Object.entries(grams) as [SubstanceId, number][]) {
    const { molarMassG } = substance(id);
    if (molarMassG !== null && g > 0) moles[id] = g / molarMassG;
  }
  return moles;
}

/** Peroxide as such, mol: free, and three to a mole of percarbonate. */
const peroxideMol = (moles: Moles): number =>
  (moles['hydrogen-peroxide'] ?? 0) + 3 * (moles['sodium-percarbonate'] ?? 0);

/**
 * The state of what is poured together. Strengths count what was put in, except acetic acid, which
 * counts what stays free of alkali; gas by limiting reagent.
 *
 * @param poured what goes in; the order does not matter
 * @param headspacePercent room left in the closed bottle, percent of its capacity, more than 0
 */
export function mix(poured: readonly Poured[], headspacePercent: number = DEFAULT_HEADSPACE_PERCENT): MixtureState {
  const grams = totalGrams(poured);
  const moles = molesOf(grams);
  const wet = isWet(poured);
  const { volumeML, undissolvedG } = mixedVolume(poured);
  const massG = poured.reduce((sum, p) => sum + p.massG, 0);
  const litres = volumeML / 1000;
  const percentWV = (id: SubstanceId): number => (volumeML > 0 ? (100 * (grams[id] ?? 0)) / volumeML : 0);
  const gPerL = (id: SubstanceId): number => (litres > 0 ? (grams[id] ?? 0) / litres : 0);
  const molPerL = (mol: number): number => (litres > 0 ? mol / litres : 0);
  const percentVV = (id: SubstanceId, mLPerG: number): number =>
    volumeML > 0 ? (100 * (grams[id] ?? 0) * mLPerG) / volumeML : 0;

  const balance = protonBalance(wet ? moles : {});
  const peroxide = peroxideMol(moles);
  const alkaline =
    molPerL(balance.alkaliLeftMol) > ALKALINE_ABOVE_MOL_PER_L ||
    ((balance.soapCurdledFraction ?? 1) < 1 && molPerL(moles.soap ?? 0) > ALKALINE_ABOVE_MOL_PER_L);
  const oxygenMol = wet && alkaline && balance.acidLeftMol === 0 ? peroxide / 2 : 0;
  const headspaceML = (volumeML * headspacePercent) / Math.max(1, 100 - headspacePercent);

  const ethanol = percentVV('ethanol', ETHANOL_ML_PER_G);
  const isopropanol = percentVV('isopropanol', ISOPROPANOL_ML_PER_G);
  const aceticMol = Math.min(moles['acetic-acid'] ?? 0, balance.acidLeftMol);

  return {
    volumeML,
    massG,
    wet,
    grams,
    moles,
    pH: null,
    aceticAcidPercentWV: percentWV('acetic-acid'),
    citricAcidPercentWV: percentWV('citric-acid'),
    hydrogenPeroxidePercentWV: volumeML > 0 ? (100 * peroxide * 34.015) / volumeML : 0,
    alcoholPercentVV: ethanol + isopropanol,
    soapGPerL: gPerL('soap'),
    surfactantGPerL: gPerL('surfactant'),
    essentialOilPercentVV: percentVV('essential-oil', OIL_ML_PER_G),
    freeChlorinePPM: molPerL(moles['sodium-hypochlorite'] ?? 0) * CHLORINE_G_PER_MOL * 1000,
    ammoniaPercentWW: massG > 0 ? (100 * (grams.ammonia ?? 0)) / massG : 0,
    sodiumCarbonatePercentWV: percentWV('sodium-carbonate'),
    undissolvedG,
    balance,
    carbonDioxideML: gasML(balance.carbonDioxideMol),
    oxygenML: gasML(oxygenMol),
    closedPressureBar:
      closedGainBar(balance.carbonDioxideMol, HENRY.carbonDioxide, headspaceML, volumeML) +
      closedGainBar(oxygenMol, HENRY.oxygen, headspaceML, volumeML),
    flashPointC: flashPointC(ethanol, isopropanol),
    soapCurdledFraction: balance.soapCurdledFraction,
    peraceticAcidMaxPPM: wet ? peraceticMaxPPM(molPerL(aceticMol), molPerL(peroxide), molPerL(moles.water ?? 0)) : 0,
    brought: poured.map(({ ingredient }) => ({ ingredient, substances: ingredient.contents.map((c) => c.substance) })),
  };
}

/** Names of the ingredients that bring a substance with a trait, each once. */
export function bringersOf(state: MixtureState, trait: Trait): string[] {
  const names = state.brought
    .filter((b) => b.substances.some((id) => substance(id).traits.includes(trait)))
    .map((b) => b.ingredient.name);
  return [...new Set(names)];
}

/** True if any amount of a substance with the trait is there. */
export const has = (state: MixtureState, trait: Trait): boolean =>
  (Object.entries(state.grams) as [SubstanceId, number][]).some(
    ([id, g]) => g > 0 && substance(id).traits.includes(trait),
  );
