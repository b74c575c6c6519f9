import { StyleSheet, View } from 'react-native';
import { HOLLOWS_RANGE, PIECE_G_RANGE, piecesOf } from '@/core/doors/bench';
import { readAs, typedMeasureIn } from '@/devices';
import { Body, Field, Heading, massText, Section, SecondaryText, SPACE } from '@/ui';

/** What a piece weighs and how many a mould holds, as typed. */
export interface PiecesTyped {
  readonly pieceG: string;
  readonly hollows: string;
}

/** A tablespoon pressed, and a tray for ice (common practice, no source). */
export const USUAL_PIECES: PiecesTyped = { pieceG: '20', hollows: '12' };

interface Props {
  readonly typed: PiecesTyped;
  readonly onChange: (typed: PiecesTyped) => void;
  /** Of the whole batch, g. */
  readonly massG: number;
}

/** How many pieces a batch is pressed into, and how often the mould is filled. */
export function PiecesChoice({ typed, onChange, massG }: Props) {
  const found = piecesOf(massG, typedMeasureIn(typed.pieceG), typedMeasureIn(typed.hollows));
  return (
    <Section>
      <Heading>How many pieces</Heading>
      <View style={styles.row}>
        <View style={styles.field}>
          <Field
            label="One piece, g"
            value={typed.pieceG}
            onChangeText={(pieceG) => onChange({ ...typed, pieceG })}
            inputMode="decimal"
            hint={readAs(typed.pieceG)}
            maxLength={6}
            testID="piece-g"
          />
        </View>
        <View style={styles.field}>
          <Field
            label="Hollows in the mould"
            value={typed.hollows}
            onChangeText={(hollows) => onChange({ ...typed, hollows })}
            inputMode="numeric"
            hint={readAs(typed.hollows)}
            maxLength={4}
            testID="hollows"
          />
        </View>
      </View>
      {found ? (
        <Body testID="pieces">
          {found.pieces} {found.pieces === 1 ? 'piece' : 'pieces'} of {massText(typedMeasureIn(typed.pieceG))}: the
          mould filled {found.fillings === 1 ? 'once' : `${found.fillings} times`}, a night each time.
        </Body>
      ) : (
        <Body testID="pieces">
          Give a piece from {PIECE_G_RANGE.low} to {PIECE_G_RANGE.high} g, and the hollows as a whole number from{' '}
          {HOLLOWS_RANGE.low} to {HOLLOWS_RANGE.high}.
        </Body>
      )}
      <SecondaryText>
        Damp sand that holds when pressed: too dry, a drop more; too wet, a spoon of soda. Pressed hard, a night to dry,
        then knocked out.
      </SecondaryText>
    </Section>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', columnGap: SPACE.m },
  field: { width: 164 },
});
