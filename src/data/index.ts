/** The door of the data: what features may use. */
export { createClient, HomeProvider, useHome } from './HomeProvider';
export { homeKind, openHome } from './homeStore';
export { useAsides, useBatch, useBatches, useFormula, useFormulas, useSettings, useVessels } from './queries';
export {
  useEndBatch,
  useMakeBatch,
  useRemoveFormula,
  useReplaceHome,
  useSaveFormula,
  useSaveSettings,
} from './mutations';
export { useDraft } from './useDraft';
export { newId } from './newId';
