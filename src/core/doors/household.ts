/** What is no longer right for those who live in a home: asked by Today, by a bottle and by a wait. */
export { handedOn, type HandedOn } from '../household/handOn';
export {
  notRightHere,
  notRightOfBatch,
  notRightOfPart,
  notRightOfTimer,
  relabelled,
  type HomeThings,
  type NotRightHere,
} from '../household/notRight';
