import type { Vessel } from '@/core';

/** A bottle, and where it stands. */
export const bottleText = ({ name, place }: Vessel): string => (place ? `${name} · ${place}` : name);
