import {
  bleachDecays,
  bleachInFormula,
  bleachWithAlcohol,
  bleachWithPeroxide,
  chloramineGas,
  chlorineGas,
} from './bleachMeetings';
import { clogsSprayer, lightSensitive, settlesOut, spoils, vesselMaterial } from './bottled';
import { ammoniaFumes, corrosiveAcid, corrosiveAlkali, violentHeat } from './burns';
import { hardWaterSoap, neutralised, soapCurdles, tooWeak } from './cancelling';
import { flammableLiquid, pressure } from './gasAndFire';
import { boilingTransfer, boraxExposure, noDisinfection, septicOrGreywater } from './home';
import { amountsDisagree, boughtInFormula, namedButNotRead, ofUnknownKind, unknownIngredient } from './notSure';
import { oilAndAnimals, oilAndLungs, oilAttacksPlastic, oilFloats, oilStrong } from './oils';
import { explosivePeroxide, peraceticAcid, strongPeroxide, unstablePeroxide } from './peroxideMeetings';
import type { Rule } from './rule';

/** Every rule about a mixture or a meeting, worst family first. What is not in this list is not checked. */
export const MIXTURE_RULES: readonly Rule[] = [
  chlorineGas,
  chloramineGas,
  bleachWithAlcohol,
  bleachWithPeroxide,
  bleachInFormula,
  explosivePeroxide,
  violentHeat,
  peraceticAcid,
  pressure,
  unstablePeroxide,
  strongPeroxide,
  corrosiveAcid,
  corrosiveAlkali,
  ammoniaFumes,
  flammableLiquid,
  boilingTransfer,
  oilAndAnimals,
  oilStrong,
  vesselMaterial,
  neutralised,
  soapCurdles,
  hardWaterSoap,
  tooWeak,
  bleachDecays,
  namedButNotRead,
  ofUnknownKind,
  boughtInFormula,
  unknownIngredient,
  amountsDisagree,
  noDisinfection,
  boraxExposure,
  oilAndLungs,
  oilFloats,
  oilAttacksPlastic,
  lightSensitive,
  settlesOut,
  clogsSprayer,
  spoils,
  septicOrGreywater,
];
