/** The door of the forms of several fields: they load, all together, when the first is opened. */
import { part } from '@/parts/part';

const NOT_HERE = {
  coming: null,
  failed: 'This form is not on this device yet, and could not be fetched: there is no connection.',
};

export const EntryChangeForm = part(async () => (await import('./all')).EntryChangeForm, NOT_HERE);
export const PantryItemForm = part(async () => (await import('./all')).PantryItemForm, NOT_HERE);
export const InsteadForm = part(async () => (await import('./all')).InsteadForm, NOT_HERE);
