import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { STARTER_FORMULAS, type Formula } from '@/core';
import { useFormulas } from '@/data';
import { Action, Body, Heading, Part, Row, Screen, Soft, Title, useWide } from '@/ui';

/** Every formula: one's own first, then the starters; pasting a recipe is the one big button. */
export function FormulaList({ openId }: { openId: string | null }) {
  const router = useRouter();
  const own = useFormulas();
  const wide = useWide();
  const open = (f: Formula) => () => router.push(`/mix/${f.id}`);
  const rows = (formulas: readonly Formula[]) =>
    formulas.map((f) => (
      <Row
        key={f.id}
        title={f.name}
        detail={f.purpose}
        to={`/mix/${f.id}`}
        onPress={open(f)}
        selected={f.id === openId}
      />
    ));
  return (
    <Screen
      next={
        <Action
          title="Paste a recipe"
          weight={wide ? 'plain' : 'main'}
          onPress={() => router.push('/mix/paste')}
          testID="paste-a-recipe"
        />
      }
    >
      <Title>Mix</Title>
      <Part>
        <Heading>Yours</Heading>
        {own.isSuccess && own.data.length === 0 && (
          <Body>Nothing of your own yet. Paste a recipe you found, or start from one below.</Body>
        )}
        <View>{rows(own.data ?? [])}</View>
      </Part>
      <Part>
        <Heading>To start from</Heading>
        <Soft style={styles.hint}>Sound mixtures in common ratios; tap one to scale it to your bottle.</Soft>
        <View>{rows(STARTER_FORMULAS)}</View>
      </Part>
    </Screen>
  );
}

const styles = StyleSheet.create({ hint: { paddingBottom: 4 } });
