/** What the bench alone asks for. */
export { HOLLOWS_RANGE, PIECE_G_RANGE, piecesOf } from '../batch/pieces';
export {
  batchTarget,
  BOTTLES_RANGE,
  MAX_BATCH_ML,
  type BatchTarget,
  type TargetBasis,
  type TargetKind,
  type TargetProblem,
  type TargetRequest,
} from '../batch/target';
