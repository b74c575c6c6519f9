import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { instantOfDay, typedDay, validate, vesselSchema, type Batch, type Problem, type Vessel } from '@/core';
import { useRooms, useSettings, useVessels, useWriteHome, type Write } from '@/data';
import { readAs, typedNumberIn } from '@/devices';
import { Action, Choice, Field, moneySign, SecondaryText, Sheet, SPACE, useNotice, volumeText } from '@/ui';

interface Props {
  readonly vessel: Vessel;
  /** What stands in it. */
  readonly inIt: readonly Batch[];
  readonly onClose: () => void;
}

const NAME_IT = 'Give it a name of 1 to 60 letters, as you tell it from the others.';

/** What a bottle is called and where it stands, and what it cost; on every label in it as well. */
export function BottleSheet({ vessel, inIt, onClose }: Props) {
  const say = useNotice();
  const write = useWriteHome({ kept: 'What you typed is still here.' });
  const rooms = useRooms().data ?? [];
  const own = useVessels().data ?? [];
  const [name, setName] = useState(vessel.name);
  const [place, setPlace] = useState(vessel.place ?? '');
  const { currency } = useSettings();
  const [price, setPrice] = useState(vessel.bought ? String(vessel.bought.price) : '');
  const [day, setDay] = useState(typedDay(vessel.bought?.at ?? new Date().toISOString()));
  const [problem, setProblem] = useState<Problem | null>(null);
  const wrong = (...fields: readonly string[]): string | null =>
    problem && fields.includes(problem.where) ? problem.message : null;
  const isOwn = own.some((v) => v.id === vessel.id);
  const writeOf = (as: Vessel): Write => ({
    put: isOwn ? [{ collection: 'vessel', value: as }] : [],
    change: inIt.map(({ id }) => ({ collection: 'batch', id, fields: { vessel: as } })),
  });
  const keep = (): void => {
    const { place: _, bought: __, ...others } = vessel;
    const made = validate<Vessel>(vesselSchema, {
      ...others,
      name,
      ...(place.trim() === '' ? {} : { place: place.trim() }),
      ...(price.trim() === '' ? {} : { bought: { price: typedNumberIn(price), at: instantOfDay(day) } }),
    });
    if (!made.ok) {
      const [first] = made.problems;
      setProblem(first?.where === 'name' ? { where: 'name', message: NAME_IT } : (first ?? null));
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
        error={wrong('name')}
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
      <View style={styles.row}>
        <View style={styles.half}>
          <Field
            label={`It cost, ${moneySign(currency)}`}
            value={price}
            onChangeText={setPrice}
            error={wrong('bought.price')}
            hint={readAs(price)}
            inputMode="decimal"
            maxLength={9}
            testID="bottle-price"
          />
        </View>
        <View style={styles.half}>
          <Field
            label="Bought on"
            value={day}
            onChangeText={setDay}
            error={wrong('bought.at')}
            maxLength={10}
            testID="bottle-day"
          />
        </View>
      </View>
      <Action title="Keep it so" weight="main" onPress={keep} disabled={write.isPending} testID="bottle-keep" />
      {isOwn && inIt.length === 0 && <Action title="I have it no more" weight="danger" onPress={takeAway} />}
    </Sheet>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: SPACE.s },
  half: { flex: 1 },
});
