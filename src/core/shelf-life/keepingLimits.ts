import type { MixtureState } from '../mixture/state';
import { isAtLeast } from '../quantity/limit';

/** How long something keeps, days, from the careful end to the hopeful one. Fractions of a day are kept. */
export interface Days {
  readonly low: number;
  readonly high: number;
}

/** What sets an end to a mixture's life, and when. */
export interface KeepingLimit extends Days {
  readonly reason: string;
}

/** How clean the bottle is that it goes into. */
export const BOTTLE_CLEANLINESS = ['scalded', 'washed', 'unwashed'] as const;
export type BottleCleanliness = (typeof BOTTLE_CLEANLINESS)[number];

const days = (low: number, high: number): Days => ({ low, high });

/** Longer than anything here is kept for: no limit. */
const NO_END = days(3650, 3650);

/** 0 up to `from`, 1 from `to` on, and evenly between. */
const ramp = (figure: number, from: number, to: number): number =>
  Math.min(1, Math.max(0, (figure - from) / (to - from)));

/** The same, gently at both ends. */
const softRamp = (figure: number, from: number, to: number): number => {
  const share = ramp(figure, from, to);
  return share * share * (3 - 2 * share);
};

/** From one length to another, in even ratios: halfway from 10 days to 90 is 30. */
const between = (a: Days, b: Days, share: number): Days =>
  days(a.low ** (1 - share) * b.low ** share, a.high ** (1 - share) * b.high ** share);

/** As long as the shorter of each end. */
export const sooner = (a: KeepingLimit, b: KeepingLimit): KeepingLimit => {
  const first = b.low < a.low || (b.low === a.low && b.high < a.high) ? b : a;
  return { low: Math.min(a.low, b.low), high: Math.min(a.high, b.high), reason: first.reason };
};

/*
 * How long what lives in water takes to spoil it. The corners are the ones people go by (common practice, no source);
 * what lies between two corners keeps for a time between theirs, so that a drop more or less moves it by hours.
 */
const PLAIN = { tap: days(14, 28), boiled: days(28, 50), distilled: days(60, 90) } as const;
const ACID = { tap: days(30, 60), boiled: days(50, 100), distilled: days(90, 180) } as const;
const INFUSION = days(90, 180);
const SPOILING = days(1, 2);
/** Alcohol, a preservative, or soap as strong as it is bought. */
const PRESERVED = days(180, 365);
const AS_VINEGAR = days(365, 730);

/** A fifth of tap water brings as much life as tap water alone does. */
const TAP_TELLS_UP_TO_SHARE = 0.2;
/** Acid, percent w/v as acetic: from none at all to where it keeps life down. */
const ACID_KEEPS = [0, 0.8] as const;
/** Vinegar that is hardly thinned keeps by itself, percent w/v of acetic acid. */
const VINEGAR_KEEPS = [3.4, 4.4] as const;
/** Peel and herbs in acid that strong are an infusion, in weaker a spoiling mash; percent w/v as acetic. */
const INFUSION_KEEPS = [1, 2] as const;
/** Wine spoils, sherry hardly, liqueur not; percent v/v. */
const ALCOHOL_KEEPS = [5, 20] as const;
const PEROXIDE_KEEPS = [0, 0.5] as const;
/** Broad-spectrum preservatives are used at half a percent to one, by their labels. */
export const PRESERVES_AT_PERCENT = 0.5;
const PRESERVATIVE_KEEPS = [0, PRESERVES_AT_PERCENT] as const;
/** Soap and detergent as they are bought, g per litre. */
const SOAP_KEEPS = [50, 150] as const;
/** Juice, starch and plant matter: this much feeds what spoils it, g per litre; a trace hardly does. */
const PERISHABLE_FEEDS = [0, 1] as const;
/** Nothing lives where there is so little water; as a share of the mass. */
const WATER_FOR_LIFE = [0.02, 0.12] as const;

/** A dry mix, alcohol, glycerin; oil and wax that take up no oxygen. */
const DRY = days(180, 365);
const MINERAL = days(365, 730);

const PEROXIDE_LOSES = days(30, 180);
const PEROXIDE_COUNTS = [0, 0.3] as const;
const RANCID = days(180, 365);
const CITRUS_FADES = days(180, 365);
const OIL_FADES = days(365, 730);
/** Oils in this share of the mass are worth keeping fresh. */
const OIL_COUNTS = [0, 0.02] as const;
const SCENT_COUNTS = [0, 0.002] as const;

/** What keeps life down in a mixture, each from 0 for not at all to 1 for wholly. */
interface Protection {
  readonly acid: number;
  readonly vinegar: number;
  readonly infusion: number;
  readonly alcohol: number;
  readonly peroxide: number;
  readonly soap: number;
  readonly preservative: number;
}

const perLitre = (g: number, state: MixtureState): number => (state.volumeML > 0 ? (1000 * g) / state.volumeML : 0);
const massShare = (g: number | undefined, state: MixtureState): number =>
  state.massG > 0 ? (g ?? 0) / state.massG : 0;

function protectionOf(state: MixtureState): Protection {
  const acidPercent = state.freeAcidPercentAsAcetic;
  const detergent = state.soapGPerL + state.surfactantGPerL;
  return {
    acid: ramp(acidPercent, ...ACID_KEEPS),
    vinegar: ramp(Math.min(acidPercent, state.aceticAcidPercentWV), ...VINEGAR_KEEPS),
    infusion: ramp(acidPercent, ...INFUSION_KEEPS),
    alcohol: ramp(state.alcoholPercentVV, ...ALCOHOL_KEEPS),
    peroxide: ramp(state.hydrogenPeroxidePercentWV, ...PEROXIDE_KEEPS),
    soap: ramp(detergent, ...SOAP_KEEPS),
    preservative: ramp(perLitre(state.traitG.preservative ?? 0, state) / 10, ...PRESERVATIVE_KEEPS),
  };
}

/** From which waters it is made: 1 for tap or boiled where a fifth of it is, 0 for distilled and what comes in bottles. */
function watersOf(state: MixtureState): { readonly tap: number; readonly boiled: number } {
  const { tap, boiling } = state.pouredWaterML;
  const share = (mL: number): number => ramp(state.waterG > 0 ? mL / state.waterG : 0, 0, TAP_TELLS_UP_TO_SHARE);
  const fromTap = share(tap);
  return { tap: fromTap, boiled: share(boiling) * (1 - fromTap) };
}

/** How long what lives in it takes to spoil it, and what keeps it that long. */
export function spoilingLimit(state: MixtureState): KeepingLimit {
  const keeps = protectionOf(state);
  const waters = watersOf(state);
  const inWater = (of: Record<'tap' | 'boiled' | 'distilled', Days>): Days =>
    between(between(of.distilled, of.boiled, waters.boiled), of.tap, waters.tap);
  const unguarded = between(inWater(PLAIN), inWater(ACID), keeps.acid);
  const hurdles = [keeps.alcohol, keeps.peroxide, keeps.soap, keeps.preservative];
  const guard = 1 - hurdles.reduce((left, by) => left * (1 - by), 1);
  const guarded = between(between(unguarded, PRESERVED, guard), AS_VINEGAR, keeps.vinegar);

  const fermentableG = state.traitG.fermentable ?? 0;
  const matterG = Math.max(0, (state.traitG.perishable ?? 0) - fermentableG);
  const matter = softRamp(perLitre(matterG, state), ...PERISHABLE_FEEDS);
  const sweet = softRamp(perLitre(fermentableG, state), ...PERISHABLE_FEEDS);
  const infused = days(Math.min(guarded.low, INFUSION.low), Math.min(guarded.high, INFUSION.high));
  const held = between(between(SPOILING, infused, keeps.infusion), PRESERVED, keeps.alcohol);
  const withMatter = between(guarded, held, matter);
  const pickled = between(between(SPOILING, infused, keeps.vinegar), PRESERVED, keeps.alcohol);
  const withFood = between(withMatter, pickled, sweet);

  const fatShare = massShare(state.traitG['fatty-oil'], state);
  const dry = between(DRY, MINERAL, ramp(fatShare, 0, 1));
  const wet = ramp(massShare(state.waterG, state), ...WATER_FOR_LIFE);
  return {
    ...between(dry, withFood, wet),
    reason:
      wet < HALF
        ? dryReason(state, fatShare)
        : wetReason(state, keeps, waters, {
            infused: Math.max(matter, sweet) >= HALF && keeps.infusion >= HALF && sweet * (1 - keeps.vinegar) < HALF,
            spoiling:
              Math.max(matter * (1 - keeps.infusion), sweet * (1 - keeps.vinegar)) * (1 - keeps.alcohol) >= HALF,
          }),
  };
}

/** Of two reasons the one that is nearer is given. */
const HALF = 0.5;

function dryReason(state: MixtureState, fatShare: number): string {
  if (fatShare >= HALF) return 'mineral oil and wax do not spoil';
  if (state.alcoholPercentVV >= ALCOHOL_KEEPS[1]) return 'over 20 % alcohol keeps it';
  return state.wet ? 'hardly any water is in it' : 'dry mixes keep airtight';
}

function wetReason(
  state: MixtureState,
  keeps: Protection,
  waters: { readonly tap: number; readonly boiled: number },
  food: { readonly infused: boolean; readonly spoiling: boolean },
): string {
  if (food.spoiling) return 'fresh juice, starch or plant matter spoils';
  if (keeps.alcohol >= 1) return 'over 20 % alcohol keeps it';
  if (keeps.preservative >= 1) return 'a preservative keeps it';
  if (food.infused) return 'an infusion in acid, strained';
  if (keeps.vinegar >= HALF) return 'vinegar hardly thinned keeps itself';
  if (keeps.soap >= HALF) return 'soap as strong as it is sold keeps itself';
  const water = waters.tap >= HALF ? 'tap water' : waters.boiled >= HALF ? 'boiled water' : null;
  const helps = helpersOf(state, keeps);
  const said = (reason: string): string => (helps === '' ? reason : `${reason}; ${helps}`);
  if (keeps.acid >= HALF) return said(water ? `acid in ${water}` : 'acid without tap water');
  if (state.soapGPerL > 0) return said(`soap in ${water ?? 'distilled water'}`);
  return said(
    water === 'tap water'
      ? 'water without a preservative'
      : water === 'boiled water'
        ? 'boiled water without a preservative'
        : 'distilled water in a clean bottle',
  );
}

/** What helps without keeping it: too little of it, but some. */
const HELPS_FROM = 0.1;

function helpersOf(state: MixtureState, keeps: Protection): string {
  const says: string[] = [];
  if (isAtLeast(keeps.alcohol, HELPS_FROM)) says.push(`${Math.round(state.alcoholPercentVV)} % alcohol helps`);
  if (isAtLeast(keeps.preservative, HELPS_FROM)) says.push('some preservative helps');
  if (isAtLeast(keeps.peroxide, HELPS_FROM)) says.push('peroxide helps');
  return says.join(', ');
}

/** When what is in it has lost its strength or turned, whatever lives in it; each counts by how much of it there is. */
export function fadingLimits(state: MixtureState): KeepingLimit[] {
  const limit = (end: Days, counts: number, reason: string): KeepingLimit => ({
    ...between(NO_END, end, counts),
    reason,
  });
  const citrus = massShare(state.traitG['citrus-oil'], state);
  const scent = massShare(state.traitG['essential-oil'], state);
  return [
    limit(
      PEROXIDE_LOSES,
      state.hasWaterPhase ? ramp(state.hydrogenPeroxidePercentWV, ...PEROXIDE_COUNTS) : 0,
      'opened peroxide loses strength',
    ),
    limit(RANCID, ramp(massShare(state.traitG['turns-rancid'], state), ...OIL_COUNTS), 'oil turns rancid in a year'),
    limit(CITRUS_FADES, ramp(citrus, ...SCENT_COUNTS), 'citrus oil turns within a year'),
    limit(OIL_FADES, ramp(scent, ...SCENT_COUNTS), 'oils fade in one to two years'),
  ];
}

/** How much of it light spoils, 0 to 1: peroxide and citrus oil. */
export const lightSpoils = (state: MixtureState): number =>
  Math.max(
    state.wet ? ramp(state.hydrogenPeroxidePercentWV, ...PEROXIDE_COUNTS) : 0,
    ramp(massShare(state.traitG['citrus-oil'], state), ...SCENT_COUNTS),
  );

/** How much longer or shorter it keeps in a room, as a ratio to one of 20 °C: half again in the cold, half in the heat. */
export function roomFactor(roomC: number): number {
  const cold = ramp(roomC, COLD_TO_USUAL_C[0], COLD_TO_USUAL_C[1]);
  const warm = ramp(roomC, USUAL_TO_WARM_C[0], USUAL_TO_WARM_C[1]);
  return 1.5 ** (1 - cold) * 0.5 ** warm;
}

/** At 10 °C and below half as long again, from 18 to 22 °C as usual, from 28 °C half as long (common practice, no source). */
const COLD_TO_USUAL_C = [10, 18] as const;
const USUAL_TO_WARM_C = [22, 28] as const;

/** What a bottle brings, as a ratio to one that was washed and dried (common practice, no source). */
export const BOTTLE_FACTOR: Readonly<Record<BottleCleanliness, number>> = { scalded: 1.25, washed: 1, unwashed: 0.5 };
