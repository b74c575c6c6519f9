import { useRouter } from 'expo-router';
import { useState } from 'react';
import { ownPlanSchema, validate, type MergeRules, type OwnPlan } from '@/core';
import { newId, useKeepRecord, useWriteHome } from '@/data';
import { Action, Field, Sheet, useNotice } from '@/ui';
import type { PlanInHand } from './usePlan';

/** A part names the part before it by its place: the list is one thing. */
const PARTS_ARE_ONE: MergeRules = { isWhole: ([field]) => field === 'parts' };

/** Keeps a job as the person's own, changes one that is kept, or removes it. */
export function KeepPlan({ inHand }: { readonly inHand: PlanInHand }) {
  const router = useRouter();
  const say = useNotice();
  const write = useWriteHome({ failed: 'Not kept', kept: 'The job is still here.' });
  const keep = useKeepRecord('plan', { failed: 'Not kept', kept: 'The job is still here.' });
  const [open, setOpen] = useState(false);
  const { kept, draft } = inHand;
  const [name, setName] = useState(kept?.name ?? '');
  const [problem, setProblem] = useState<string | null>(null);
  const save = (): void => {
    const good = validate(ownPlanSchema, { id: kept?.id ?? newId(), name: name.trim(), parts: draft.parts });
    if (!good.ok) {
      setProblem(good.problems[0]?.message ?? null);
      return;
    }
    keep.mutate(
      { base: inHand.base, mine: good.value, rules: PARTS_ARE_ONE },
      {
        onSuccess: ({ value }) => {
          setOpen(false);
          inHand.clear();
          say({ text: `${good.value.name} is ${value ? 'kept among your jobs' : 'removed'}.` });
          router.replace(value ? `/clean/plan?own=${value.id}` : '/clean');
        },
      },
    );
  };
  const remove = (plan: OwnPlan): void =>
    write.mutate(
      { remove: [{ collection: 'plan', id: plan.id }] },
      {
        onSuccess: () => {
          inHand.clear();
          router.replace('/clean');
          say({
            text: `${plan.name} is removed.`,
            undo: () => write.mutate({ put: [{ collection: 'plan', value: plan }] }),
          });
        },
      },
    );
  return (
    <>
      {draft.parts.length > 0 && (
        <Action
          title={kept ? 'Keep the changes' : 'Keep it as mine'}
          onPress={() => setOpen(true)}
          testID="keep-plan"
        />
      )}
      {inHand.isChanged && <Action title="As it was" weight="quiet" onPress={inHand.clear} testID="plan-as-it-was" />}
      {kept && <Action title="Remove this job" weight="danger" onPress={() => remove(kept)} testID="remove-plan" />}
      <Sheet title="What is it called?" open={open} onClose={() => setOpen(false)}>
        <Field
          label="Name of the job"
          value={name}
          onChangeText={(text) => {
            setName(text);
            setProblem(null);
          }}
          error={problem}
          placeholder="Friday round"
          maxLength={80}
          testID="plan-name"
        />
        <Action title="Keep it" weight="main" onPress={save} disabled={write.isPending} testID="save-plan" />
      </Sheet>
    </>
  );
}
