import { STRENGTH_NAMES, type StrengthKey } from '@/core';
import { capital } from '@/ui';

/** What each strength is called at the head of a row. */
export const strengthTitle = (key: StrengthKey): string => capital(STRENGTH_NAMES[key]);
