import type { Ingredient } from '../catalogue/ingredient';
import { substance, type SubstanceId, type Trait } from '../catalogue/substances';
import { DEFAULT_HEADSPACE_PERCENT } from '../catalogue/vessels';
import { sharesOf, type Grams } from '../formula/composition';
import { isWet, mixedVolume, UNDISSOLVED_ML_PER_G, type Poured } from '../formula/mixedVolume';
import type { Span } from '../quantity/span';
import { acidityOf, type Acidity, type PHBand } from './acidity';
import { flashPointC } from './flashPoint';
import { closedGainBar, gasML, HENRY } from './gas';
import { soapBoundMol } from './hardness';
import { oilPhase } from './oilPhase';
import { peraceticMaxPPM } from './peracetic';
import { NO_BALANCE, protonBalance, type Moles, type ProtonBalance } from './protonBalance';
import { inertSalts, type InertSalt } from './salts';

/** What a mixture is, at 20 to 25 °C. Every verdict reads this, never a name alone. */
export interface MixtureState {
  readonly volumeML: number;
  readonly massG: number;
  readonly wet: boolean;
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

/** Alkali breaks peroxide up within hours to days above this pH. */
const PEROXIDE_BREAKS_ABOVE_PH = 8;

/** Below this share of water in all liquid there is no pH to speak of. */
const PH_FROM_WATER_SHARE = 0.2;

interface Sums {
  readonly grams: Grams;
  readonly lowG: Grams;
  readonly highG: Grams;
  readonly tapML: number;
  readonly massG: number;
}

/** Adds up what is poured, substance by substance, g, with both ends of strengths and spoonfuls. */
function addUp(poured: readonly Poured[]): Sums {
  const grams: Grams = {};
  const lowG: Grams = {};
  const highG: Grams = {};
  let tapML = 0;
  let massG = 0;
  for (const { ingredient, massG: g, volumeML, spread = 0 } of poured) {
    massG += g;
    if (ingredient.water === 'tap' || ingredient.water === 'boiling') tapML += volumeML;
    for (const { id, gPerG, lowGPerG, highGPerG } of sharesOf(ingredient)) {
      grams[id] = (grams[id] ?? 0) + gPerG * g;
      lowG[id] = (lowG[id] ?? 0) + lowGPerG * g * Math.max(0, 1 - spread);
      highG[id] = (highG[id] ?? 0) + highGPerG * g * (1 + spread);
    }
  }
  return { grams, lowG, highG, tapML, massG };
}

function molesOf(grams: Grams): Moles {
  const moles: Moles = {};
  for (const key in grams) {
    const id = key as SubstanceId;
    const g = grams[id] ?? 0;
    const { molarMassG } = substance(id);
    if (molarMassG !== null && g > 0) moles[id] = g / molarMassG;
  }
  return moles;
}

function traitsOf(grams: Grams): Partial<Record<Trait, number>> {
  const traitG: Partial<Record<Trait, number>> = {};
  for (const key in grams) {
    const g = grams[key as SubstanceId] ?? 0;
    if (g <= 0) continue;
    for (const trait of substance(key as SubstanceId).traits) traitG[trait] = (traitG[trait] ?? 0) + g;
  }
  return traitG;
}

/** Peroxide as such, mol: free, and three to a mole of percarbonate. */
const peroxideMol = (moles: Moles): number =>
  (moles['hydrogen-peroxide'] ?? 0) + 3 * (moles['sodium-percarbonate'] ?? 0);

/** What a reaction draws into solution is no longer undissolved. */
function leftUndissolved(undissolved: Grams, balance: ProtonBalance): Grams {
  const left: Grams = {};
  for (const key in undissolved) {
    const id = key as SubstanceId;
    const drawnG = (balance.reacted[id] ?? 0) * (substance(id).molarMassG ?? 0);
    const g = (undissolved[id] ?? 0) - drawnG;
    if (g > 1e-9) left[id] = g;
  }
  return left;
}

const sumOf = (grams: Grams): number => Object.values(grams).reduce((sum, g) => sum + g, 0);

/** Grains fewer than this, g per gram of the whole, scratch nothing. */
const GRAINS_FROM_SHARE = 0.005;

function hardestGrain(undissolved: Grams, massG: number): number | null {
  let hardest: number | null = null;
  for (const key in undissolved) {
    const { mohs } = substance(key as SubstanceId);
    if (mohs === null || (undissolved[key as SubstanceId] ?? 0) < GRAINS_FROM_SHARE * massG) continue;
    hardest = Math.max(hardest ?? 0, mohs);
  }
  return hardest;
}

function shares(of: Grams, ends: Grams, fixed: Grams): Moles {
  const share: Moles = {};
  for (const key in of) {
    const id = key as SubstanceId;
    const g = of[id] ?? 0;
    // A solution that is saturated stays so at either end.
    share[id] = g > 0 && (fixed[id] ?? 0) <= 0 ? (ends[id] ?? g) / g : 1;
  }
  return share;
}

/**
 * The state of what is poured together. Strengths count what was put in; what acid and alkali have done to
 * each other stands in `balance` and `acidity`. The order of pouring does not matter.
 */
export function mix(poured: readonly Poured[], options: MixOptions = {}): MixtureState {
  const { headspacePercent = DEFAULT_HEADSPACE_PERCENT, hardnessMgPerL = null } = options;
  const { grams, lowG, highG, tapML, massG } = addUp(poured);
  const moles = molesOf(grams);
  const traitG = traitsOf(grams);
  const wet = isWet(poured);
  const { volumeML, undissolved: beforeReaction } = mixedVolume(poured);
  const balance = wet ? protonBalance(moles) : NO_BALANCE;
  const undissolved = wet ? leftUndissolved(beforeReaction, balance) : beforeReaction;
  const undissolvedG = sumOf(undissolved);

  const percentWV = (g: number): number => (volumeML > 0 ? (100 * g) / volumeML : 0);
  const per100ML = (id: SubstanceId): number => percentWV(grams[id] ?? 0);
  const molPerL = (mol: number): number => (volumeML > 0 ? (1000 * mol) / volumeML : 0);
  const percentVV = (id: SubstanceId): number => percentWV((grams[id] ?? 0) * substance(id).displacementMLPerG);
  const ethanol = percentVV('ethanol');
  const isopropanol = percentVV('isopropanol');
  const alcoholPercentVV = ethanol + isopropanol;
  const waterG = grams.water ?? 0;

  let oilML = 0;
  let oilFlashC: number | null = null;
  for (const key in grams) {
    const { traits, displacementMLPerG, flashC } = substance(key as SubstanceId);
    if (flashC === null) continue;
    const mL = (grams[key as SubstanceId] ?? 0) * displacementMLPerG;
    if (traits.includes('essential-oil')) oilML += mL;
    if (percentWV(mL) > 20) oilFlashC = Math.min(oilFlashC ?? Infinity, flashC);
  }

  const acidity = wet
    ? acidityIn(poured, { moles, undissolved, volumeML, waterG, tapML, alcoholPercentVV, grams, lowG, highG })
    : null;
  const curdledFraction = acidity?.soapCurdledFraction ?? ((moles.soap ?? 0) > 0 && wet ? 0 : null);
  const soapMol = moles.soap ?? 0;
  const soapLeftG = (grams.soap ?? 0) * (1 - (curdledFraction ?? 0));
  const { floatingShare } = oilPhase(traitG, soapLeftG, waterG, alcoholPercentVV);
  const peroxide = peroxideMol(moles);
  const breaksUp =
    acidity !== null && balance.acidLeftMol === 0 && acidity.pH.high > PEROXIDE_BREAKS_ABOVE_PH && isAlkaline(traitG);
  const oxygenMol = wet && peroxide > 0 && (breaksUp || (traitG['metal-salt'] ?? 0) > 0) ? peroxide / 2 : 0;
  const headspaceML = (volumeML * headspacePercent) / Math.max(1, 100 - headspacePercent);

  return {
    volumeML,
    massG,
    wet,
    waterG,
    grams,
    moles,
    traitG,
    pH: acidity?.pH ?? null,
    acidity,
    aceticAcidPercentWV: per100ML('acetic-acid'),
    citricAcidPercentWV: per100ML('citric-acid'),
    freeAcidPercentAsAcetic: percentWV(balance.acidLeftMol * ACETIC_G_PER_MOL),
    hydrogenPeroxidePercentWV: percentWV(peroxide * PEROXIDE_G_PER_MOL),
    alcoholPercentVV,
    soapGPerL: 10 * per100ML('soap'),
    surfactantGPerL: 10 * per100ML('surfactant'),
    essentialOilPercentVV: percentWV(oilML),
    freeChlorinePPM:
      molPerL((moles['sodium-hypochlorite'] ?? 0) + 2 * (moles['sodium-dichloroisocyanurate'] ?? 0)) *
      CHLORINE_G_PER_MOL *
      1000,
    ammoniaPercentWW: massG > 0 ? (100 * freeAmmoniaG(grams, moles, balance)) / massG : 0,
    sodiumCarbonatePercentWV: per100ML('sodium-carbonate'),
    undissolvedG,
    undissolved,
    abrasiveMohs: hardestGrain(undissolved, massG),
    balance,
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
    peraceticAcidMaxPPM: wet
      ? peraceticMaxPPM(
          molPerL((moles['acetic-acid'] ?? 0) * (acidity?.freeAceticFraction ?? 0)),
          molPerL(peroxide),
          molPerL(moles.water ?? 0),
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

interface ForAcidity extends Omit<Sums, 'massG'> {
  readonly moles: Moles;
  readonly undissolved: Grams;
  readonly volumeML: number;
  readonly waterG: number;
  readonly alcoholPercentVV: number;
}

/** The acidity of the water in the mixture: crystals and floating oil take no part. */
function acidityIn(poured: readonly Poured[], of: ForAcidity): Acidity | null {
  const { moles, undissolved, waterG, tapML, grams, lowG, highG, alcoholPercentVV } = of;
  const liquidML = of.volumeML - sumOf(undissolved) * UNDISSOLVED_ML_PER_G;
  let oilML = 0;
  for (const { ingredient, volumeML } of poured) if (ingredient.form === 'oil') oilML += volumeML;
  const solutionML = liquidML - oilML;
  if (waterG < PH_FROM_WATER_SHARE * solutionML || solutionML <= 0) return null;
  const dissolved: Moles = {};
  for (const key in moles) {
    const id = key as SubstanceId;
    const { molarMassG } = substance(id);
    dissolved[id] = (moles[id] ?? 0) - (molarMassG ? (undissolved[id] ?? 0) / molarMassG : 0);
  }
  return acidityOf({
    moles: dissolved,
    litres: solutionML / 1000,
    lowShare: shares(grams, lowG, undissolved),
    highShare: shares(grams, highG, undissolved),
    tapShare: Math.min(1, tapML / solutionML),
    alcoholPercentVV,
  });
}

const OIL_FLASH_BAND_C = 5;

/** The lower of alcohol's flash-point band and that of a large share of oil or solvent. */
function lower(alcohol: Span | null, oilC: number | null): Span | null {
  if (oilC === null || (alcohol && alcohol.low < oilC - OIL_FLASH_BAND_C)) return alcohol;
  return { low: oilC - OIL_FLASH_BAND_C, high: oilC + OIL_FLASH_BAND_C };
}

const traitsKnown = new WeakMap<Ingredient, ReadonlySet<Trait>>();

/** The traits of everything in an ingredient. */
function traitsIn(ingredient: Ingredient): ReadonlySet<Trait> {
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
