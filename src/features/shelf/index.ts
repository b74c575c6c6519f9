export { BatchScreen } from './BatchScreen';
export { ShelfHome, ShelfPlace } from './ShelfPlace';
