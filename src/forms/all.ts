/** Every form, in one file that loads when the first is opened. */
export { EntryChangeForm } from './EntryChangeForm';
export { InsteadForm } from './InsteadForm';
export { PantryItemForm } from './PantryItemForm';
