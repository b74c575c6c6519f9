/** What the bench alone asks for. */
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
