import { oil } from './entry';
import { OILS } from './oils';

/** The essential oils as ingredients: each is all of its own substance. */
export const ESSENTIAL_OILS = OILS.map((row) => oil(row));
