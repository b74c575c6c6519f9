/** Who and what a home must mind: each raises the level of some findings. */
export type HouseholdMember = 'cat' | 'dog' | 'bird' | 'infant' | 'asthma' | 'septic';

export const HOUSEHOLD_MEMBERS: readonly HouseholdMember[] = ['cat', 'dog', 'bird', 'infant', 'asthma', 'septic'];
