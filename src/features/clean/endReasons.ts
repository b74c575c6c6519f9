import { DWELL_END_WORDS, type EndReason } from '@/core';
import { capital } from '@/ui';

const CHOICES = ['looks-done', 'reacts', 'dried-out', 'no-time'] as const satisfies readonly EndReason[];

/** Why a wait was ended, to choose from. */
export const END_REASON_CHOICES = CHOICES.map((value) => ({ value, label: capital(DWELL_END_WORDS[value]) }));
