/** Who and what a home must mind: each raises the level of some findings. */
export const HOUSEHOLD_MEMBERS = ['cat', 'dog', 'bird', 'infant', 'asthma', 'septic'] as const;
export type HouseholdMember = (typeof HOUSEHOLD_MEMBERS)[number];
