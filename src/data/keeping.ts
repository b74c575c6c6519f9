import { useMutation, useQueryClient, type QueryClient, type UseMutationResult } from '@tanstack/react-query';
import {
  checkRecord,
  earlierFormsOf,
  isSame,
  withEarlierForms,
  type EarlierForm,
  type Formula,
  type MergeRules,
  type RecordTypes,
} from '../core';
import type { Edit, EditableName } from './edits';
import { useHome } from './HomeProvider';
import { LeftOpenError, type MergeQuestion, type MergeQuestions } from './mergeQuestions';
import { newId } from './newId';
import type { Store } from './store';
import { useOnce } from './useOnce';
import type { TaggedRecord, Write } from './write';
import type { WriteFailure } from './writeFailure';

/** Changes that carry what they began from: two tabs that change one thing lose neither's work. */

/** What became of a change that was kept. */
export interface Kept<R> {
  /** As it is now; null where it was removed in another tab, and is to stay so. */
  readonly value: R | null;
  /** What was to be kept here, where the other tab's was chosen; else null. */
  readonly notChosen: R | null;
}

/** Changes a record; where another tab has changed the same, the person is asked. */
async function keepRecord<N extends EditableName>(
  store: Store,
  questions: MergeQuestions,
  edit: Edit<N>,
): Promise<Kept<RecordTypes[N]>> {
  const done = await store.edit(edit);
  if (done.kind === 'written') return { value: done.value, notChosen: null };
  const { theirs, merged } = done;
  const isGood = (together: RecordTypes[N]): boolean =>
    checkRecord(edit.collection, together).ok && edit.accepts?.(together) !== false;
  const isUnsafe = merged !== null && !isGood(merged.withMine);
  const mine = merged === null || isUnsafe ? edit.mine : merged.withMine;
  const others = merged !== null && isGood(merged.withTheirs) && !isUnsafe ? merged.withTheirs : theirs;
  const answer = await questions.ask({
    collection: edit.collection,
    mine,
    theirs: others,
    isUnsafe,
  } as unknown as MergeQuestion);
  if (answer === 'neither') throw new LeftOpenError();
  if (answer === 'mine') return keepRecord(store, questions, { ...edit, base: theirs, mine });
  if (others === null) return { value: null, notChosen: null };
  const kept = await keepRecord(store, questions, { ...edit, base: theirs, mine: others });
  return { ...kept, notChosen: mine };
}

const readAgain = (client: QueryClient, collections: readonly string[]): Promise<unknown> =>
  Promise.all(collections.map((c) => client.invalidateQueries({ queryKey: [c] })));

/** Keeps a change of one record of a kind: a bottle of the cupboard, a job of one's own, an entry of the log. */
export function useKeepRecord<N extends EditableName>(
  collection: N,
  failure: WriteFailure = {},
): UseMutationResult<Kept<RecordTypes[N]>, Error, Omit<Edit<N>, 'collection'>> {
  const { store, questions } = useHome();
  const client = useQueryClient();
  return useOnce(
    useMutation({
      meta: { failure },
      mutationFn: (edit: Omit<Edit<N>, 'collection'>) => keepRecord(store, questions, { ...edit, collection }),
      onSuccess: () => readAgain(client, [collection]),
    }),
  );
}

/** A line of a formula is one thing, and counted within it. */
const BY_LINES: MergeRules = {
  isWhole: ([field, line]) => field === 'lines' && line !== undefined,
  countsUp: ([field, line]) => field === 'lines' && line === undefined,
};
/** A formula written as text numbers its lines anew: they are one thing. */
const AS_TEXT: MergeRules = { isWhole: ([field]) => field === 'lines' };

/** A change of a formula. */
export interface FormulaChange {
  /** The formula as it was when the change began; null for a new one. */
  readonly base: Formula | null;
  readonly mine: Formula;
  readonly asText?: boolean;
  /** False for what must not come of two changes together: a danger. */
  readonly accepts: (together: Formula) => boolean;
}

const earlier = (formula: Formula): EarlierForm => ({
  id: newId(),
  formulaId: formula.id,
  until: new Date().toISOString(),
  formula,
});

/** The write that keeps forms that give way. */
function writeOfEarlier(all: readonly EarlierForm[], added: readonly EarlierForm[]): Write {
  const { put, remove } = withEarlierForms(all, added);
  return {
    put: put.map((value): TaggedRecord => ({ collection: 'earlier', value })),
    remove: remove.map(({ id }) => ({ collection: 'earlier' as const, id })),
  };
}

/** Keeps a change of a formula; its form of before is kept among its earlier ones, and so is the one that was not chosen. */
export function useKeepFormula(failure: WriteFailure = {}): UseMutationResult<Kept<Formula>, Error, FormulaChange> {
  const { store, questions } = useHome();
  const client = useQueryClient();
  return useOnce(
    useMutation({
      meta: { failure },
      mutationFn: async ({ base, mine, asText = false, accepts }: FormulaChange) => {
        const all = await store.all('earlier');
        const kept = await keepRecord(store, questions, {
          collection: 'formula',
          base,
          mine,
          rules: asText ? AS_TEXT : BY_LINES,
          accepts,
          beside: (before, value) => (before && !isSame(before, value) ? writeOfEarlier(all, [earlier(before)]) : {}),
        });
        // What was to be kept here is not lost.
        if (kept.notChosen) await store.write(writeOfEarlier(await store.all('earlier'), [earlier(kept.notChosen)]));
        return kept;
      },
      onSuccess: () => readAgain(client, ['formula', 'earlier']),
    }),
  );
}

/** Keeps formulas as they are, all of them or none; what they take the place of is kept among the earlier forms. */
export function useSaveFormulas(failure: WriteFailure = {}): UseMutationResult<void, Error, readonly Formula[]> {
  const { store } = useHome();
  const client = useQueryClient();
  return useOnce(
    useMutation({
      meta: { failure },
      mutationFn: async (values: readonly Formula[]) => {
        const [now, all] = await Promise.all([store.all('formula'), store.all('earlier')]);
        const giveWay = now.filter((f) => values.some((v) => v.id === f.id && !isSame(v, f)));
        const beside = writeOfEarlier(all, giveWay.map(earlier));
        const puts = values.map((value): TaggedRecord => ({ collection: 'formula', value }));
        await store.write({ ...beside, put: [...puts, ...(beside.put ?? [])] });
      },
      onSuccess: () => readAgain(client, ['formula', 'earlier']),
    }),
  );
}

/** Removes a formula with its earlier forms; gives back what puts both in place again. */
export function useRemoveFormula(): UseMutationResult<Write, Error, Formula> {
  const { store } = useHome();
  const client = useQueryClient();
  return useMutation({
    meta: { failure: { failed: 'Not removed' } },
    mutationFn: async (formula: Formula): Promise<Write> => {
      const forms = earlierFormsOf(formula.id, await store.all('earlier'));
      await store.write({
        remove: [
          { collection: 'formula', id: formula.id },
          ...forms.map(({ id }) => ({ collection: 'earlier' as const, id })),
        ],
      });
      return {
        put: [
          { collection: 'formula', value: formula },
          ...forms.map((value): TaggedRecord => ({ collection: 'earlier', value })),
        ],
      };
    },
    // What is removed must not pull the screen away before it has been left.
    onSuccess: () => void readAgain(client, ['formula', 'earlier']),
  });
}
