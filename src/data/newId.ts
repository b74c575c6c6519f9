import { v4 } from 'uuid';

/** A new id, never used before. */
export const newId = (): string => v4();
