/** Who and what a home must mind: each raises the level of some findings. */
export type Lives = 'cat' | 'dog' | 'bird' | 'infant' | 'asthma' | 'septic';

export const LIVES: readonly Lives[] = ['cat', 'dog', 'bird', 'infant', 'asthma', 'septic'];
