import type { Ingredient } from '../catalogue/ingredient';
import { substance, type SubstanceId, type Trait } from '../catalogue/substances';
import { DEFAULT_HEADSPACE_PERCENT } from '../catalogue/vessels';
import { massFractionsOf, type Grams } from '../formula/composition';
import { isWet, mixedVolume, type Poured } from '../formula/mixedVolume';
import { holdsUnknown } from '../formula/resolveIngredient';
import type { Range } from '../quantity/range';
import type { Acidity, PHBand } from './acidity';
import { acidityIn } from './dissolved';
import { flashPointC } from './flashPoint';
import { closedGainBar, gasML, HENRY } from './gas';
import { hardnessBroughtMol, soapBoundMol } from './hardness';
import { oilPhase } from './oilPhase';
import { peraceticMaxPPM } from './peracetic';
import { NO_BALANCE, protonBalance, type Moles, type ProtonBalance } from './protonBalance';
import { inertSalts, type InertSalt } from './salts';
import { addUp, hardestGrain, leftUndissolved, molesBy, molesOf, sumOf, traitsOf, type PouredWater } from './sums';
import { exceeds, isAtLeast } from '../quantity/limit';

/** What a mixture is, at 20 to 25 °C. Every verdict reads this, never a name alone. */
export interface MixtureState {
  readonly volumeML: number;
  readonly massG: number;
  readonly wet: boolean;
  /** True if there is water for acid and alkali to meet in: oil alone is wet, but nothing reacts in it. */
  readonly hasWaterPhase: boolean;
  readonly waterG: number;
  /** Water that is poured as water, by its kind. */
  readonly pouredWaterML: PouredWater;
  readonly grams: Readonly<Grams>;
  readonly moles: Readonly<Moles>;
  /** Grams of all substances with a trait. */
  readonly traitG: Readonly<Partial<Record<Trait, number>>>;
  /** pH with its band, fizzed out; null in what is dry or holds hardly any water, and where no figure can be given. */
  readonly pH: PHBand | null;
  /** Why no pH is shown of what is wet and has one; null where it is shown, or there is none. */
  readonly pHWithheld: PHWithheld | null;
  /** What the model says, shown or not: what rules go by. */
  readonly acidity: Acidity | null;
  /** Borate joined to glycerin, mol/L; 0 where there is none. */
  readonly borateComplexMolPerL: number;
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
  readonly balanceIfWetted: ProtonBalance;
  readonly inertSalts: readonly InertSalt[];
  /** Gas that can form, mL at 20 °C and 1 atm: carbon dioxide, and oxygen from peroxide made alkaline. */
  readonly carbonDioxideML: number;
  readonly oxygenML: number;
  /** What the gas adds in a closed bottle, bar. */
  readonly closedPressureBar: number;
  readonly flashPointC: Range | null;
  readonly soapCurdledFraction: number | null;
  /** Share of the soap that the hardness of tap water binds, 0 to 1; null without soap or where the hardness is not known. */
  readonly soapLostToHardness: number | null;
  /** Share of the oils that floats up, 0 to 1. */
  readonly oilFloatingShare: number;
  readonly peraceticAcidMaxPPM: number;
  /** True if something in it is not known. */
  readonly holdsUnknown: boolean;
  /** What has been poured. */
  readonly ingredients: readonly Ingredient[];
}

/** Why no pH is shown: an ingredient that is not known, or beyond what the model holds for. */
export type PHWithheld = 'unknown' | 'borate' | 'salt' | 'alcohol';

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
const AMMONIA_G_PER_MOL = 17.031;
const ETHANOL_ML_PER_G = substance('ethanol').displacementMLPerG;
const ISOPROPANOL_ML_PER_G = substance('isopropanol').displacementMLPerG;

/** Less poured water than this share of the mass is none to react in. */
const REACTS_ABOVE_WATER_SHARE = 0.02;

/** Alkali breaks peroxide up within hours to days above this pH. */
const PEROXIDE_BREAKS_ABOVE_PH = 8;

/** Beyond these the model of acid and base gives no figure: ionic strength in mol/L, alcohol in percent v/v. */
const MODEL_HOLDS_UP_TO = { ionicStrengthMolPerL: 3, alcoholPercentVV: 60 } as const;
/** Glycerin joins borate to a stronger acid; beside less than this of either nothing is seen, mol/L (common practice, no source). */
const BORATE_COMPLEX_FROM_MOL_PER_L = 0.002;

/** Borate that meets glycerin in water, mol/L of the lesser of them; 0 where there is none to speak of. */
function borateComplexMolPerL(moles: Moles, litres: number): number {
  const boric = (moles['boric-acid'] ?? 0) + 4 * (moles.borax ?? 0) + (moles['sodium-perborate'] ?? 0);
  const lesser = litres > 0 ? Math.min(boric, moles.glycerol ?? 0) / litres : 0;
  return !isAtLeast(lesser, BORATE_COMPLEX_FROM_MOL_PER_L) ? 0 : lesser;
}

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
  const holdsWater = wet && exceeds(freeWaterG, REACTS_ABOVE_WATER_SHARE * massG);
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
  for (const key in grams) {
    const { traits, displacementMLPerG } = substance(key as SubstanceId);
    if (traits.includes('essential-oil')) oilML += (grams[key as SubstanceId] ?? 0) * displacementMLPerG;
  }

  const acidity = holdsWater ? acidityIn(sums, { moles, undissolved, volumeML, alcoholPercentVV }) : null;
  const curdledFraction = acidity?.soapCurdledFraction ?? ((moles.soap ?? 0) > 0 && wet ? 0 : null);
  const soapMol = moles.soap ?? 0;
  const soapLeftG = (grams.soap ?? 0) * (1 - (curdledFraction ?? 0));
  const { floatingShare } = oilPhase(traitG, soapLeftG, waterG, alcoholPercentVV);
  const peroxide = molesBy(moles, 'peroxideMol');
  const breaksUp =
    acidity !== null &&
    balance.acidLeftMol === 0 &&
    exceeds(acidity.pH.high, PEROXIDE_BREAKS_ABOVE_PH) &&
    isAlkaline(traitG);
  const oxygenMol =
    holdsWater && peroxide > 0 && (breaksUp || (traitG['peroxide-catalyst'] ?? 0) > 0) ? peroxide / 2 : 0;
  const borateComplex = holdsWater ? borateComplexMolPerL(moles, volumeML / 1000) : 0;
  const pHWithheld = acidity ? withheld(poured, acidity, alcoholPercentVV, borateComplex) : null;
  const headspaceML = (volumeML * headspacePercent) / Math.max(1, 100 - headspacePercent);

  return {
    volumeML,
    massG,
    wet,
    hasWaterPhase: holdsWater,
    waterG,
    pouredWaterML: sums.pouredWaterML,
    grams,
    moles,
    traitG,
    pH: pHWithheld ? null : (acidity?.pH ?? null),
    pHWithheld,
    acidity,
    borateComplexMolPerL: borateComplex,
    aceticAcidPercentWV: percent * (grams['acetic-acid'] ?? 0),
    citricAcidPercentWV: percent * (grams['citric-acid'] ?? 0),
    freeAcidPercentAsAcetic: percent * balance.acidLeftMol * ACETIC_G_PER_MOL,
    hydrogenPeroxidePercentWV: percent * peroxide * PEROXIDE_G_PER_MOL,
    alcoholPercentVV,
    soapGPerL: 10 * percent * (grams.soap ?? 0),
    surfactantGPerL: 10 * percent * (grams.surfactant ?? 0),
    essentialOilPercentVV: percent * oilML,
    freeChlorinePPM: 1000 * CHLORINE_G_PER_MOL * molPerL * molesBy(moles, 'activeChlorineMol'),
    ammoniaPercentWW: massG > 0 ? (100 * freeAmmoniaG(moles, acidity)) / massG : 0,
    sodiumCarbonatePercentWV: percent * (grams['sodium-carbonate'] ?? 0),
    undissolvedG,
    undissolved,
    abrasiveMohs: hardestGrain(undissolved, massG),
    balance,
    balanceIfWetted: balanceOnceWet,
    inertSalts: inertSalts(balance),
    carbonDioxideML: gasML(balance.carbonDioxideMol),
    oxygenML: gasML(oxygenMol),
    closedPressureBar:
      closedGainBar(balance.carbonDioxideMol, HENRY.carbonDioxide, headspaceML, volumeML) +
      closedGainBar(oxygenMol, HENRY.oxygen, headspaceML, volumeML),
    flashPointC: volumeML > 0 ? flashPointC(grams, volumeML) : null,
    soapCurdledFraction: curdledFraction,
    soapLostToHardness:
      wet && soapMol > 0 && (hardnessMgPerL !== null || hardnessBroughtMol(moles) > 0)
        ? Math.min(1, soapBoundMol(tapML, hardnessMgPerL ?? 0, moles) / soapMol)
        : null,
    oilFloatingShare: floatingShare,
    peraceticAcidMaxPPM: holdsWater
      ? peraceticMaxPPM(
          molPerL * (moles['acetic-acid'] ?? 0) * (acidity?.freeAceticFraction ?? 0),
          molPerL * peroxide,
          molPerL * (moles.water ?? 0),
        )
      : 0,
    holdsUnknown: poured.some((p) => holdsUnknown(p.ingredient)),
    ingredients: poured.map((p) => p.ingredient),
  };
}

const isAlkaline = (traitG: Partial<Record<Trait, number>>): boolean =>
  (traitG.alkali ?? 0) > 0 || (traitG.soap ?? 0) > 0;

/** Ammonia that is free at the pH of the mixture, g: what acid has not bound, and what alkali drives out of its salts. */
function freeAmmoniaG(moles: Moles, acidity: Acidity | null): number {
  let mol = 0;
  for (const key in moles) {
    for (const b of substance(key as SubstanceId).brings) {
      if (b.system === 'ammonium') mol += (moles[key as SubstanceId] ?? 0) * b.mol;
    }
  }
  return mol * AMMONIA_G_PER_MOL * (acidity?.freeAmmoniaFraction ?? 0);
}

function withheld(
  poured: readonly Poured[],
  { ionicStrengthMolPerL }: Acidity,
  alcoholPercentVV: number,
  borateComplex: number,
): PHWithheld | null {
  if (poured.some((p) => holdsUnknown(p.ingredient))) return 'unknown';
  if (borateComplex > 0) return 'borate';
  if (exceeds(alcoholPercentVV, MODEL_HOLDS_UP_TO.alcoholPercentVV)) return 'alcohol';
  return exceeds(ionicStrengthMolPerL, MODEL_HOLDS_UP_TO.ionicStrengthMolPerL) ? 'salt' : null;
}

const traitsKnown = new WeakMap<Ingredient, ReadonlySet<Trait>>();

/** The traits of everything in an ingredient. */
export function traitsOfIngredient(ingredient: Ingredient): ReadonlySet<Trait> {
  let traits = traitsKnown.get(ingredient);
  if (!traits) {
    traits = new Set(massFractionsOf(ingredient).flatMap((s) => (s.gPerG > 0 ? substance(s.id).traits : [])));
    traitsKnown.set(ingredient, traits);
  }
  return traits;
}

/** The ingredients that bring a substance with one of the traits. */
export const ingredientsWithTrait = (state: MixtureState, ...traits: readonly Trait[]): Ingredient[] =>
  state.ingredients.filter((i) => traits.some((trait) => traitsOfIngredient(i).has(trait)));

/** Names of ingredients, each once. */
export const namesOf = (ingredients: readonly Ingredient[]): string[] => [...new Set(ingredients.map((i) => i.name))];

/** Names of the ingredients that bring a substance with one of the traits, each once. */
export const namesWithTrait = (state: MixtureState, ...traits: readonly Trait[]): string[] =>
  namesOf(ingredientsWithTrait(state, ...traits));

/** The model's pH, shown or not, with its band: what rules go by. Null in what is dry. */
export const modelPH = (state: MixtureState): PHBand | null => state.acidity?.pH ?? null;

/** From this share of undissolved solid on a mixture is a paste. */
const PASTE_FROM_SHARE = 0.3;

/** True if it is a paste rather than a liquid; what is dry is neither. */
export const isPaste = (state: MixtureState): boolean =>
  state.wet && isAtLeast(state.undissolvedG, PASTE_FROM_SHARE * state.massG);

/** True if any amount of a substance with the trait is there. */
export const hasTrait = (state: MixtureState, trait: Trait): boolean => (state.traitG[trait] ?? 0) > 0;
