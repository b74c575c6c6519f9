export { BenchScreen } from './BenchScreen';
export { MixHome, MixPlace } from './MixPlace';
export { PasteScreen } from './PasteScreen';
