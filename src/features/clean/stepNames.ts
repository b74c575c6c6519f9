import type { GuideStep, JobPart, UseForm } from '@/core';

/** What the steps of a guide are called. */
export const STEP_NAMES: Readonly<Record<GuideStep['key'], string>> = {
  clear: 'Get ready',
  first: 'What comes first',
  make: 'Make it',
  steam: 'Steam',
  cool: 'Let it cool',
  'spot-test': 'Spot test',
  apply: 'Put it on',
  dwell: 'Let it work',
  agitate: 'Work it',
  'lift-off': 'Lift it off',
  rinse: 'Rinse',
  dry: 'Dry',
  inspect: 'Look',
  'step-up': 'Step up',
};

/** What it is called to put it on, where it goes in, under or round something. */
const APPLY_NAMES: Readonly<Partial<Record<UseForm, string>>> = {
  fill: 'Fill it',
  soak: 'Lay it in',
  machine: 'Run it',
  pour: 'Pour it in',
  strew: 'Strew it',
  absorb: 'Strew it',
  blot: 'Blot it',
  foil: 'Lay it in',
};

/** What a step is called: where nothing is made, nothing is put on. */
export function stepName({ formula, method }: JobPart, key: GuideStep['key']): string {
  if (key !== 'apply') return STEP_NAMES[key];
  const byForm = method ? APPLY_NAMES[method.form] : undefined;
  return byForm ?? (formula === null ? 'Do it' : STEP_NAMES.apply);
}

/** The sign of a step: a sprayer only where something is sprayed. */
export const stepSign = ({ method }: JobPart, key: GuideStep['key']): GuideStep['key'] =>
  key === 'apply' && method !== null && method.form !== 'spray' ? 'agitate' : key;
