import {
  bleachDecays,
  bleachInFormula,
  bleachWithAlcohol,
  bleachWithCleaner,
  bleachWithPeroxide,
  chloramineGas,
  chlorineGas,
  oxidiserWithFuel,
} from './bleachReactions';
import { handledStrong, notForAHome } from './undiluted';
import { clogsSprayer, lightSensitive, settlesOut, spoils, vesselMaterial } from './container';
import { ammoniaFumes, corrosiveAcid, corrosiveAlkali, violentHeat } from './corrosives';
import { cationicWithSoap, hardWaterSoap, neutralised, soapCurdles, tooWeak } from './neutralisation';
import { flammableLiquid, pressure, selfHeatingRags } from './gasAndFire';
import {
  boilingTransfer,
  borateComplex,
  boraxExposure,
  fumesAndBirds,
  noDisinfection,
  septicOrGreywater,
} from './household';
import {
  amountsDisagree,
  boughtInFormula,
  labelWarns,
  namedButNotRead,
  ofUnknownKind,
  unknownIngredient,
} from './unknowns';
import { oilAndAnimals, oilAndLungs, oilAttacksPlastic, oilFloats, oilStrong, sprayAndLungs } from './oils';
import { explosivePeroxide, peraceticAcid, strongPeroxide, unstablePeroxide } from './peroxideReactions';
import type { Rule } from './rule';

/** Every rule about a mixture, or about things that come together, worst family first. What is not in this list is not checked. */
export const MIXTURE_RULES: readonly Rule[] = [
  chlorineGas,
  chloramineGas,
  bleachWithAlcohol,
  bleachWithPeroxide,
  oxidiserWithFuel,
  bleachInFormula,
  bleachWithCleaner,
  notForAHome,
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
  selfHeatingRags,
  fumesAndBirds,
  boilingTransfer,
  oilAndAnimals,
  oilStrong,
  vesselMaterial,
  neutralised,
  soapCurdles,
  hardWaterSoap,
  cationicWithSoap,
  borateComplex,
  tooWeak,
  bleachDecays,
  namedButNotRead,
  ofUnknownKind,
  boughtInFormula,
  labelWarns,
  unknownIngredient,
  amountsDisagree,
  noDisinfection,
  boraxExposure,
  oilAndLungs,
  sprayAndLungs,
  oilFloats,
  handledStrong,
  oilAttacksPlastic,
  lightSensitive,
  settlesOut,
  clogsSprayer,
  spoils,
  septicOrGreywater,
];
