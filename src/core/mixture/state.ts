import type { Ingredient } from '../catalogue/ingredient';
import { substance, type SubstanceId, type Trait } from '../catalogue/substances';
import { DEFAULT_HEADSPACE_PERCENT } from '../catalogue/vessels';
import { sharesOf, type Grams } from '../formula/composition';
import { isWet, mixedVolume, type Poured } from '../formula/mixedVolume';
import type { Span } from '../quantity/span';
import type { Acidity, PHBand } from './acidity';
import { acidityIn } from './dissolved';
import { flashPointC } from './flashPoint';
import { closedGainBar, gasML, HENRY } from './gas';
import { soapBoundMol } from './hardness';
import { oilPhase } from './oilPhase';
import { peraceticMaxPPM } from './peracetic';
import { NO_BALANCE, protonBalance, type Moles, type ProtonBalance } from './protonBalance';
import { inertSalts, type InertSalt } from './salts';
import { addUp, hardestGrain, leftUndissolved, molesOf, sumOf, traitsOf } from './sums';
import { isOver } from '../quantity/limit';

/** What a mixture is, at 20 to 25 °C. Every verdict reads this, never a name alone. */
export interface MixtureState {
  readonly volumeML: number;
  readonly massG: number;
  readonly wet: boolean;
  /** True if there is water for acid and alkali to meet in: oil alone is wet, but nothing reacts in it. */
  readonly holdsWater: boolean;
  readonly waterG: number;
  readonly grams: Readonly<Grams>;
  readonly moles: Readonly<Moles>;
  /** Grams of all substances with a trait. */
  readonly traitG: Readonly<Partial<Record<Trait, number>>>;
  /** pH with its band, fizzed out; null in what is dry, or holds hardly any water. */
  readonly pH: PHBand | null;
  readonly acidity: Acidity | null;
  readonly aceticAcidPercentWV: number;
  readonly citricAcidPercentWV: number;
  /** Acid left free, as the percent w/v of acetic acid that would hold as many protons. */
  readonly freeAcidPercentAsAcetic: number;
  readonly hydrogenPeroxidePercentWV: number;
  readonly alcoholPercentVV: number;
  readonly soapGPerL: number;
  readonly surfactantGPerL: number;
  readonly essentialOilPercentVV: number;
  readonly freeChlorinePPM: number;
  readonly ammoniaPercentWW: number;
  readonly sodiumCarbonatePercentWV: number;
  readonly undissolvedG: number;
  readonly undissolved: Readonly<Grams>;
  /** Hardness of the hardest grain that stays undissolved, Mohs; null if nothing does. */
  readonly abrasiveMohs: number | null;
  readonly balance: ProtonBalance;
  /** The same for when what is dry meets its first water; of what is wet the balance itself. */
  readonly balanceOnceWet: ProtonBalance;
  readonly inertSalts: readonly InertSalt[];
  /** Gas that can form, mL at 20 °C and 1 atm: carbon dioxide, and oxygen from peroxide made alkaline. */
  readonly carbonDioxideML: number;
  readonly oxygenML: number;
  /** What the gas adds in a closed bottle, bar. */
  readonly closedPressureBar: number;
  readonly flashPointC: Span | null;
  readonly soapCurdledFraction: number | null;
  /** Share of the soap that the hardness of tap water binds, 0 to 1; null without soap or where the hardness is not known. */
  readonly soapLostToHardness: number | null;
  /** Share of the oils that floats up, 0 to 1. */
  readonly oilFloatingShare: number;
  readonly peraceticAcidMaxPPM: number;
  /** What has been poured. */
  readonly brought: readonly Ingredient[];
}

/** What a mixture's state depends on beside what is poured. */
export interface MixOptions {
  /** Room left in the closed bottle, percent of its capacity, more than 0. */
  readonly headspacePercent?: number;
  /** Hardness of the tap water, mg/L as CaCO3; null if not known. */
  readonly hardnessMgPerL?: number | null;
}

const CHLORINE_G_PER_MOL = 70.906;
const ACETIC_G_PER_MOL = 60.052;
const PEROXIDE_G_PER_MOL = 34.015;
const ETHANOL_ML_PER_G = substance('ethanol').displacementMLPerG;
const ISOPROPANOL_ML_PER_G = substance('isopropanol').displacementMLPerG;

/** From this share on an oil or solvent sets the flash point, percent v/v (common practice, no source). */
const OIL_BURNS_FROM_PERCENT_VV = 20;

/** Less poured water than this share of the mass is none to react in. */
const REACTS_FROM_WATER_SHARE = 0.02;

/** Alkali breaks peroxide up within hours to days above this pH. */
const PEROXIDE_BREAKS_ABOVE_PH = 8;

/** Peroxide as such, mol: free, and three to a mole of percarbonate. */
const peroxideMol = (moles: Moles): number =>
  (moles['hydrogen-peroxide'] ?? 0) + 3 * (moles['sodium-percarbonate'] ?? 0);

/**
 * The state of what is poured together. Strengths count what was put in; what acid and alkali have done to
 * each other stands in `balance` and `acidity`. The order of pouring does not matter.
 */
export function mix(poured: readonly Poured[], options: MixOptions = {}): MixtureState {
  const { headspacePercent = DEFAULT_HEADSPACE_PERCENT, hardnessMgPerL = null } = options;
  const sums = addUp(poured);
  const { grams, tapML, freeWaterG, massG } = sums;
  const moles = molesOf(grams);
  const traitG = traitsOf(grams);
  const wet = isWet(poured);
  const { volumeML, undissolved: beforeReaction } = mixedVolume(poured);
  const balanceOnceWet = protonBalance(moles);
  const holdsWater = wet && isOver(freeWaterG, REACTS_FROM_WATER_SHARE * massG);
  const balance = holdsWater ? balanceOnceWet : NO_BALANCE;
  const undissolved = holdsWater ? leftUndissolved(beforeReaction, balance) : beforeReaction;
  const undissolvedG = sumOf(undissolved);

  // From grams to percent w/v, from mL to percent v/v, from mol to mol/L.
  const percent = volumeML > 0 ? 100 / volumeML : 0;
  const molPerL = 10 * percent;
  const ethanol = percent * (grams.ethanol ?? 0) * ETHANOL_ML_PER_G;
  const isopropanol = percent * (grams.isopropanol ?? 0) * ISOPROPANOL_ML_PER_G;
  const alcoholPercentVV = ethanol + isopropanol;
  const waterG = grams.water ?? 0;

  let oilML = 0;
  let oilFlashC: number | null = null;
  for (const key in grams) {
    const { traits, displacementMLPerG, flashC } = substance(key as SubstanceId);
    if (flashC === null) continue;
    const mL = (grams[key as SubstanceId] ?? 0) * displacementMLPerG;
    if (traits.includes('essential-oil')) oilML += mL;
    if (isOver(percent * mL, OIL_BURNS_FROM_PERCENT_VV)) oilFlashC = Math.min(oilFlashC ?? Infinity, flashC);
  }

  const acidity = holdsWater ? acidityIn(sums, { moles, undissolved, volumeML, alcoholPercentVV }) : null;
  const curdledFraction = acidity?.soapCurdledFraction ?? ((moles.soap ?? 0) > 0 && wet ? 0 : null);
  const soapMol = moles.soap ?? 0;
  const soapLeftG = (grams.soap ?? 0) * (1 - (curdledFraction ?? 0));
  const { floatingShare } = oilPhase(traitG, soapLeftG, waterG, alcoholPercentVV);
  const peroxide = peroxideMol(moles);
  const breaksUp =
    acidity !== null && balance.acidLeftMol === 0 && acidity.pH.high > PEROXIDE_BREAKS_ABOVE_PH && isAlkaline(traitG);
  const oxygenMol = holdsWater && peroxide > 0 && (breaksUp || (traitG['metal-salt'] ?? 0) > 0) ? peroxide / 2 : 0;
  const headspaceML = (volumeML * headspacePercent) / Math.max(1, 100 - headspacePercent);

  return {
    volumeML,
    massG,
    wet,
    holdsWater,
    waterG,
    grams,
    moles,
    traitG,
    pH: acidity?.pH ?? null,
    acidity,
    aceticAcidPercentWV: percent * (grams['acetic-acid'] ?? 0),
    citricAcidPercentWV: percent * (grams['citric-acid'] ?? 0),
    freeAcidPercentAsAcetic: percent * balance.acidLeftMol * ACETIC_G_PER_MOL,
    hydrogenPeroxidePercentWV: percent * peroxide * PEROXIDE_G_PER_MOL,
    alcoholPercentVV,
    soapGPerL: 10 * percent * (grams.soap ?? 0),
    surfactantGPerL: 10 * percent * (grams.surfactant ?? 0),
    essentialOilPercentVV: percent * oilML,
    freeChlorinePPM:
      1000 *
      CHLORINE_G_PER_MOL *
      molPerL *
      ((moles['sodium-hypochlorite'] ?? 0) +
        2 * (moles['sodium-dichloroisocyanurate'] ?? 0) +
        2 * (moles['calcium-hypochlorite'] ?? 0)),
    ammoniaPercentWW: massG > 0 ? (100 * freeAmmoniaG(grams, moles, balance)) / massG : 0,
    sodiumCarbonatePercentWV: percent * (grams['sodium-carbonate'] ?? 0),
    undissolvedG,
    undissolved,
    abrasiveMohs: hardestGrain(undissolved, massG),
    balance,
    balanceOnceWet,
    inertSalts: inertSalts(balance),
    carbonDioxideML: gasML(balance.carbonDioxideMol),
    oxygenML: gasML(oxygenMol),
    closedPressureBar:
      closedGainBar(balance.carbonDioxideMol, HENRY.carbonDioxide, headspaceML, volumeML) +
      closedGainBar(oxygenMol, HENRY.oxygen, headspaceML, volumeML),
    flashPointC: lower(flashPointC(ethanol, isopropanol), oilFlashC),
    soapCurdledFraction: curdledFraction,
    soapLostToHardness:
      wet && soapMol > 0 && hardnessMgPerL !== null
        ? Math.min(1, soapBoundMol(tapML, hardnessMgPerL, moles) / soapMol)
        : null,
    oilFloatingShare: floatingShare,
    peraceticAcidMaxPPM: holdsWater
      ? peraceticMaxPPM(
          molPerL * (moles['acetic-acid'] ?? 0) * (acidity?.freeAceticFraction ?? 0),
          molPerL * peroxide,
          molPerL * (moles.water ?? 0),
        )
      : 0,
    brought: poured.map((p) => p.ingredient),
  };
}

const isAlkaline = (traitG: Partial<Record<Trait, number>>): boolean =>
  (traitG.alkali ?? 0) > 0 || (traitG.soap ?? 0) > 0;

/** Ammonia that acid has not bound, and what alkali drives out of its salts, g. */
function freeAmmoniaG(grams: Grams, moles: Moles, balance: ProtonBalance): number {
  const bound = (balance.reacted.ammonia ?? 0) * 17.031;
  const lye = (moles['sodium-hydroxide'] ?? 0) + (moles['potassium-hydroxide'] ?? 0) + (moles['sodium-carbonate'] ?? 0);
  const driven = Math.min(moles['ammonium-chloride'] ?? 0, lye) * 17.031;
  return Math.max(0, (grams.ammonia ?? 0) - bound) + driven;
}

const OIL_FLASH_BAND_C = 5;

/** The lower of alcohol's flash-point band and that of a large share of oil or solvent. */
function lower(alcohol: Span | null, oilC: number | null): Span | null {
  if (oilC === null || (alcohol && alcohol.low < oilC - OIL_FLASH_BAND_C)) return alcohol;
  return { low: oilC - OIL_FLASH_BAND_C, high: oilC + OIL_FLASH_BAND_C };
}

const traitsKnown = new WeakMap<Ingredient, ReadonlySet<Trait>>();

/** The traits of everything in an ingredient. */
export function traitsIn(ingredient: Ingredient): ReadonlySet<Trait> {
  let traits = traitsKnown.get(ingredient);
  if (!traits) {
    traits = new Set(sharesOf(ingredient).flatMap((s) => (s.gPerG > 0 ? substance(s.id).traits : [])));
    traitsKnown.set(ingredient, traits);
  }
  return traits;
}

/** Names of the ingredients that bring a substance with a trait, each once. */
export function bringersOf(state: MixtureState, trait: Trait): string[] {
  const names: string[] = [];
  for (const ingredient of state.brought) {
    if (traitsIn(ingredient).has(trait) && !names.includes(ingredient.name)) names.push(ingredient.name);
  }
  return names;
}

/** True if any amount of a substance with the trait is there. */
export const has = (state: MixtureState, trait: Trait): boolean => (state.traitG[trait] ?? 0) > 0;
