import { useSyncExternalStore } from 'react';
import { useHome } from './HomeProvider';

/** What is to be asked now about a change of two tabs, and how it is answered; null where nothing is. */
export function useMergeQuestion() {
  const { questions } = useHome();
  return useSyncExternalStore(questions.subscribe, questions.open, questions.open);
}
