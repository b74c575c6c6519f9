import { useState } from 'react';
import type { BoughtInstead } from '@/core';
import { insteadOf, insteadPerUse } from '@/core/doors/money';
import { newId, useInstead, useSettings, useWriteHome } from '@/data';
import { InsteadForm } from '@/forms';
import { Action, Body, Choice, moneySign, moneyText, SecondaryText, Sheet, useNotice } from '@/ui';

interface Props {
  readonly formulaId: string;
  readonly formulaName: string;
  readonly onClose: () => void;
}

const NONE = '';
const NEW = 'new';

/** The same list with a formula in the place of one of it, and of no other. */
const heldBeside = (all: readonly BoughtInstead[], formulaId: string, chosenId: string): BoughtInstead[] =>
  all.flatMap((i) => {
    const others = i.formulaIds.filter((id) => id !== formulaId);
    const formulaIds = i.id === chosenId ? [...others, formulaId] : others;
    return formulaIds.length === i.formulaIds.length && i.id !== chosenId ? [] : [{ ...i, formulaIds }];
  });

/** What would be bought in place of a formula: one that is known by its kind, or a new one. */
export function InsteadSheet({ formulaId, formulaName, onClose }: Props) {
  const say = useNotice();
  const { currency } = useSettings();
  const all = useInstead().data ?? [];
  const write = useWriteHome({ kept: 'What you typed is still here.' });
  const now = insteadOf(formulaId, all);
  const [chosen, setChosen] = useState(now?.id ?? (all.length === 0 ? NEW : NONE));
  const put = (changed: readonly BoughtInstead[], said: string): void =>
    write.mutate(
      { put: changed.map((value) => ({ collection: 'instead' as const, value })) },
      {
        onSuccess: () => {
          onClose();
          say({ text: said });
        },
      },
    );
  const keep = (kept: BoughtInstead): void => {
    const others = heldBeside(
      all.filter((i) => i.id !== kept.id),
      formulaId,
      NONE,
    );
    put([...others, kept], `${formulaName} is held beside ${kept.name}.`);
  };
  const one = all.find((i) => i.id === chosen);
  const formulaIds = [...(one?.formulaIds ?? []).filter((id) => id !== formulaId), formulaId];
  return (
    <Sheet title={`Instead of ${formulaName}`} open onClose={onClose}>
      <SecondaryText>What would you buy if you did not make it? Its kind, not its brand.</SecondaryText>
      {all.length > 0 && (
        <Choice
          label="What would be bought"
          options={[
            ...all.map((i) => ({ value: i.id, label: i.name })),
            { value: NEW, label: 'Another' },
            { value: NONE, label: 'Nothing' },
          ]}
          chosen={[chosen]}
          onChoose={setChosen}
        />
      )}
      {chosen === NONE ? (
        <Action
          title="Hold it beside nothing"
          weight="main"
          onPress={() => put(heldBeside(all, formulaId, NONE), `${formulaName} is held beside nothing.`)}
          testID="instead-none"
        />
      ) : (
        <>
          {one && <Body>{`${moneyText(insteadPerUse(one), currency)} a use, as it stands.`}</Body>}
          <InsteadForm
            key={chosen}
            instead={{ ...(one ?? { id: newId() }), formulaIds }}
            currency={moneySign(currency)}
            onKeep={keep}
          />
        </>
      )}
    </Sheet>
  );
}
