export { Frame } from './Frame';
export { NotFoundScreen } from './NotFoundScreen';
