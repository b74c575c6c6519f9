/** The door of the data: what features may use. */
export { useHome } from './HomeProvider';
export { chooseHome, homeKind } from './homeKind';
export { useKeepNumbers } from './numbersToCall';
export {
  useQuarantine,
  useBatch,
  useBatches,
  useEarlierForms,
  useFormula,
  useFormulas,
  useInstead,
  useJobs,
  useLog,
  useOwn,
  usePantry,
  usePlans,
  usePurchases,
  useRecentLog,
  useRooms,
  useSettings,
  useSurfaces,
  useTimers,
  useVessels,
  useWanted,
} from './queries';
export {
  useChangeBatch,
  useChangeJob,
  useChangeSurface,
  useChangeTimer,
  useChangeTimers,
  useEndBatch,
  useReplaceHome,
  useSavePantryItem,
  useSaveSettings,
  useRemovePantryItem,
  useRestoreQuarantined,
  useSaveVessel,
  useUndoReplace,
  useWriteHome,
} from './mutations';
export { useBuy, useTakeBack } from './buying';
export { useMakeBatches, useUndoMaking } from './making';
export { useReckoned } from './useReckoned';
export { useKeepFormula, useKeepRecord, useRemoveFormula, useSaveFormulas } from './keeping';
export { useMergeQuestion } from './useMergeQuestion';
export type { MergeQuestion } from './mergeQuestions';
export { useNotRight } from './useNotRight';
export { useDraft, useUnkeptDrafts, type Draft } from './useDraft';
export {
  homeWithFile,
  logFiles,
  useBackupFile,
  useBackupState,
  useReadHomeFile,
  useSaveBackup,
  useTryBackup,
  type TriedBackup,
} from './backup/useBackups';
export { useDiskLoss, useReadAll } from './inMemory';
export { onFileOpened, sendOn, takeOpened } from './openedFile';
export { fileNameOf, pickBytes, pickFile, saveFile } from './files';
export type { LogSoFar } from './log/logReader';
export type { Write } from './write';
export { useWriteFailures } from './writeFailure';
export { breather } from './breathe';
export { newId } from './newId';
export { StoppedError } from '../worker/desk';
