import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { isPastItsDay } from '@/core';
import { useBatches } from '@/data';
import { Action, Body, dayText, Heading, Part, Row, Screen, Soft, Title, VerdictMark } from '@/ui';

/** What wants doing today, and the start of the work. */
export function TodayScreen() {
  const router = useRouter();
  const batches = useBatches();
  const now = new Date();
  const kept = (batches.data ?? []).filter((b) => b.state === 'kept');
  const past = kept.filter((b) => isPastItsDay(b, now.toISOString()));
  return (
    <Screen
      next={
        <View style={styles.next}>
          <Action title="Paste a recipe" weight="main" onPress={() => router.push('/mix/paste')} />
          <Action title="Start from a formula" onPress={() => router.push('/mix')} />
        </View>
      }
    >
      <Part>
        <Title>Today</Title>
        <Soft>{dayText(now.toISOString())}</Soft>
      </Part>
      {past.length > 0 && (
        <Part>
          <Heading>Past its day</Heading>
          {past.map((b) => (
            <Row
              key={b.id}
              title={b.label.name}
              detail={`Made ${dayText(b.madeAt)}, in ${b.vessel.name}. Pour it away and make it fresh.`}
              mark={<VerdictMark level="caution" size={32} />}
              to={`/shelf/${b.id}`}
              onPress={() => router.push(`/shelf/${b.id}`)}
            />
          ))}
        </Part>
      )}
      <Part>
        <Heading>On the shelf</Heading>
        {batches.isSuccess && kept.length === 0 ? (
          <Body>
            Nothing made yet. Found a recipe somewhere? Paste it: Biscuit says at once whether it is sound, how much of
            each goes into your bottle, and prints its label.
          </Body>
        ) : (
          <Row
            title={kept.length === 1 ? 'One bottle' : `${kept.length} bottles`}
            detail={kept.map((b) => b.label.name).join(', ')}
            to="/shelf"
            onPress={() => router.push('/shelf')}
          />
        )}
      </Part>
      <Part>
        <Heading>What are you cleaning?</Heading>
        <Body>
          Choosing by surface and dirt, and timing the dwell, will start here. Until then a formula on the bench can be
          checked against a surface.
        </Body>
      </Part>
    </Screen>
  );
}

const styles = StyleSheet.create({ next: { gap: 8 } });
