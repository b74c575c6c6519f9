import { useState } from 'react';
import { validate, vesselSchema, type Batch, type Vessel } from '@/core';
import { useRooms, useVessels, useWriteHome, type Write } from '@/data';
import { Action, Choice, Field, SecondaryText, Sheet, useNotice, volumeText } from '@/ui';

interface Props {
  readonly vessel: Vessel;
  /** What stands in it. */
  readonly inIt: readonly Batch[];
  readonly onClose: () => void;
}

/** What a bottle is called and where it stands; on every label in it as well. */
export function BottleSheet({ vessel, inIt, onClose }: Props) {
  const say = useNotice();
  const write = useWriteHome({ kept: 'What you typed is still here.' });
  const rooms = useRooms().data ?? [];
  const own = useVessels().data ?? [];
  const [name, setName] = useState(vessel.name);
  const [place, setPlace] = useState(vessel.place ?? '');
  const [problem, setProblem] = useState<string | null>(null);
  const isOwn = own.some((v) => v.id === vessel.id);
  const writeOf = (as: Vessel): Write => ({
    put: isOwn ? [{ collection: 'vessel', value: as }] : [],
    change: inIt.map(({ id }) => ({ collection: 'batch', id, fields: { vessel: as } })),
  });
  const keep = (): void => {
    const { place: _, ...others } = vessel;
    const made = validate(vesselSchema, { ...others, name, ...(place.trim() === '' ? {} : { place: place.trim() }) });
    if (!made.ok) {
      setProblem('Give it a name of 1 to 60 letters, as you tell it from the others.');
      return;
    }
    write.mutate(writeOf(made.value), {
      onSuccess: () => {
        say({ text: `${made.value.name} is kept so.`, undo: () => write.mutate(writeOf(vessel)) });
        onClose();
      },
    });
  };
  const takeAway = (): void =>
    write.mutate(
      { remove: [{ collection: 'vessel', id: vessel.id }] },
      {
        onSuccess: () => {
          say({
            text: `${vessel.name} was taken out.`,
            undo: () => write.mutate({ put: [{ collection: 'vessel', value: vessel }] }),
          });
          onClose();
        },
      },
    );
  return (
    <Sheet title={`The bottle: ${vessel.name}`} open onClose={onClose}>
      <SecondaryText>
        {volumeText(vessel.capacityML)} to the brim
        {inIt[0] ? `, with ${inIt[0].label.name} in it` : ', empty'}
      </SecondaryText>
      <Field
        label="What you call it"
        value={name}
        onChangeText={setName}
        error={problem}
        maxLength={60}
        testID="bottle-name"
      />
      {rooms.length > 0 && (
        <Choice
          label="Room it stands in"
          options={rooms.map((r) => ({ value: r.name, label: r.name }))}
          chosen={[place]}
          onChoose={setPlace}
        />
      )}
      <Field
        label="Where it stands"
        value={place}
        onChangeText={setPlace}
        placeholder="under the sink"
        maxLength={80}
        testID="bottle-place"
      />
      <Action title="Keep it so" weight="main" onPress={keep} disabled={write.isPending} testID="bottle-keep" />
      {isOwn && inIt.length === 0 && <Action title="I have it no more" weight="danger" onPress={takeAway} />}
    </Sheet>
  );
}
