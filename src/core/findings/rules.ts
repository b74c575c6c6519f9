import { bleachInFormula, bleachWithAlcohol, bleachWithPeroxide, chloramineGas, chlorineGas } from './bleachMeetings';
import { ammoniaFumes, corrosiveAcid, corrosiveAlkali } from './burns';
import { neutralised, soapCurdles } from './cancelling';
import { flammableLiquid, pressure } from './gasAndFire';
import { amountsDisagree, boughtInFormula, unknownIngredient } from './notSure';
import { peraceticAcid, strongPeroxide, unstablePeroxide } from './peroxideMeetings';
import type { Rule } from './rule';

/** Every rule about a mixture or a meeting, worst family first. What is not in this list is not checked. */
export const MIXTURE_RULES: readonly Rule[] = [
  chlorineGas,
  chloramineGas,
  bleachWithAlcohol,
  bleachWithPeroxide,
  bleachInFormula,
  peraceticAcid,
  pressure,
  unstablePeroxide,
  strongPeroxide,
  corrosiveAcid,
  corrosiveAlkali,
  ammoniaFumes,
  flammableLiquid,
  neutralised,
  soapCurdles,
  boughtInFormula,
  unknownIngredient,
  amountsDisagree,
];
