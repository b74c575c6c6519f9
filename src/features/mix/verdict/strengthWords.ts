import type { StrengthKey } from '@/core';

/** What each strength is called. */
export const STRENGTH_WORDS: Readonly<Record<StrengthKey, string>> = {
  acetic: 'Acetic acid',
  citric: 'Citric acid',
  peroxide: 'Peroxide',
  alcohol: 'Alcohol',
  soap: 'Soap',
  surfactant: 'Dish soap',
  'washing-soda': 'Washing soda',
  'essential-oil': 'Essential oil',
};
