import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import {
  LABEL_NAMES,
  nameOnLabel,
  SHARE_BANDS,
  shareText,
  type LabelPart,
  type PartAnswer,
  type SubstanceId,
} from '@/core/doors/label';
import { Action, Body, Choice, COLORS, Heading, Picker, SecondaryText, Section, SPACE } from '@/ui';

interface Props {
  readonly parts: readonly LabelPart[];
  readonly answers: Readonly<Record<string, PartAnswer>>;
  readonly onAnswer: (words: string, answer: PartAnswer) => void;
}

const NOTHING = 'nothing';

/** What a thing on a label may be, by any of its names. */
const CHOICES = LABEL_NAMES.map(({ is, names }) => ({
  id: is ?? NOTHING,
  name: is === null ? 'nothing that matters' : nameOnLabel(is),
  names,
}));

const meaningText = ({ is }: LabelPart): string => {
  if (is === undefined) return 'not known here';
  return is === null ? 'does nothing that matters here' : nameOnLabel(is);
};

/** What was read from a label, thing by thing; what is not known, or not how much, is asked. */
export function PartsRead({ parts, answers, onAnswer }: Props) {
  const [asking, setAsking] = useState<string | null>(null);
  return (
    <Section>
      <Heading>Read so</Heading>
      {parts.map((part, i) => (
        <View key={`${i} ${part.words}`} style={[styles.part, isUnanswered(part) && styles.open]} testID="label-part">
          <Body style={styles.name}>
            {part.words}
            {part.share && part.is !== null ? `, ${shareText(part.share)}` : ''}
          </Body>
          <SecondaryText>{meaningText(part)}</SecondaryText>
          {part.is === undefined && (
            <>
              <Body style={styles.ask}>What is it? Until you say, nothing it is in is called Clear.</Body>
              <View style={styles.row}>
                <Action
                  title="Find it by another name"
                  label={`Find by another name: ${part.words}`}
                  onPress={() => setAsking(part.words)}
                />
                <Action
                  title="Only water, scent or colour"
                  label={`Only water, scent or colour: ${part.words}`}
                  onPress={() => onAnswer(part.words, { is: null })}
                />
              </View>
            </>
          )}
          {part.is && (part.share === null || answers[part.words]?.share) && (
            <>
              {part.share === null && (
                <Body style={styles.ask}>How much of it? Until you say, it counts as anything up to all of it.</Body>
              )}
              <Choice
                label={`How much ${part.words}`}
                options={SHARE_BANDS.map((share) => ({ value: shareText(share), label: shareText(share) }))}
                chosen={part.share ? [shareText(part.share)] : []}
                onChoose={(text) => {
                  const share = SHARE_BANDS.find((s) => shareText(s) === text);
                  if (share) onAnswer(part.words, { ...answers[part.words], share });
                }}
              />
            </>
          )}
        </View>
      ))}
      <Picker
        title={asking === null ? '' : `What is ${asking}?`}
        all={CHOICES}
        open={asking !== null}
        chosen=""
        onClose={() => setAsking(null)}
        onChoose={(id) => {
          if (asking !== null) onAnswer(asking, { is: id === NOTHING ? null : (id as SubstanceId) });
        }}
      />
    </Section>
  );
}

/** True if something is asked about it. */
export const isUnanswered = ({ is, share }: LabelPart): boolean => is === undefined || (is !== null && share === null);

const styles = StyleSheet.create({
  part: { paddingVertical: SPACE.s, borderBottomWidth: 1, borderBottomColor: COLORS.line, gap: SPACE.xs },
  open: {
    backgroundColor: COLORS.cautionTint,
    borderBottomColor: COLORS.caution,
    paddingHorizontal: SPACE.m,
    marginHorizontal: -SPACE.m,
    borderRadius: 8,
  },
  name: { fontWeight: '700' },
  ask: { color: COLORS.caution, fontWeight: '700' },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s, paddingTop: SPACE.xs },
});
