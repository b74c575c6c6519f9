import { memo } from 'react';
import { StyleSheet, View } from 'react-native';
import { isOpen, type Correction, type NamedHazard, type ReadItem } from '@/core';
import { Action, Body, Choice, COLORS, Heading, Section, SPACE, SecondaryText } from '@/ui';
import { asksWhichRecipe, lineNumber, type PasteDraft, type PasteReading } from './pasteReading';
import { ReadLine, UNREAD } from './ReadLine';

interface Props {
  readonly read: PasteReading;
  readonly onPut: (part: Partial<PasteDraft>) => void;
  readonly onCorrect: (key: string, correction: Correction | null) => void;
}

/** What has to be answered before anything is made of a text: in the very words that stand there, and where. */
export const Questions = memo(function Questions({ read, onPut, onCorrect }: Props) {
  const { items, hazards, recipes, text, corrections } = read;
  const open = items.filter((i) => isOpen(i) && !asksWhichRecipe(i));
  if (read.waits === 0) return null;
  return (
    <Section>
      <Heading>{read.waits === 1 ? 'One question first' : `${read.waits} questions first`}</Heading>
      {recipes.length > 1 && read.recipe === null && (
        <View style={styles.question} testID="which-recipe">
          <Body style={styles.ask}>There is more than one recipe in it. Which one is it?</Body>
          <Choice
            label="Which recipe is meant"
            options={recipes.map((name, i) => ({ value: String(i), label: name }))}
            chosen={[]}
            onChoose={(i) => onPut({ recipe: Number(i) })}
          />
        </View>
      )}
      {hazards.map((hazard) => (
        <NamedHazardQuestion
          key={`${hazard.key} ${hazard.word}`}
          hazard={hazard}
          text={text}
          onGoesIn={() => onPut({ text: `${text.trimEnd()}\n${hazard.word}` })}
          onKeepsOut={() => onCorrect(hazard.key, { ...corrections[hazard.key], keepsOut: true })}
        />
      ))}
      {open.filter(isRest).map((item) => (
        <View key={item.key} style={styles.question} testID="rest-of-text">
          <SecondaryText>
            From line {lineNumber(text, item.span[0])}: {beginning(item.text)}
          </SecondaryText>
          <Body style={styles.ask}>{UNREAD[item.because]}</Body>
          <View style={styles.buttons}>
            <Action title="Leave the rest out" onPress={() => onPut({ text: text.slice(0, item.span[0]).trimEnd() })} />
          </View>
        </View>
      ))}
      {open
        .filter((item) => !isRest(item))
        .map((item) => (
          <ReadLine
            key={item.key}
            item={item}
            line={lineNumber(text, item.span[0])}
            correction={corrections[item.key]}
            disagrees={false}
            onCorrect={(c) => onCorrect(item.key, c)}
          />
        ))}
    </Section>
  );
});

/** What stands beyond the lines that are judged: it can only be left out. */
const isRest = (item: ReadItem): item is ReadItem & { kind: 'unread' } =>
  item.kind === 'unread' && (item.because === 'too-many-lines' || item.because === 'too-long');

/** So much of a long stretch is shown, characters. */
const MAX_BEGINNING = 80;
const beginning = (text: string): string => {
  const plain = text.replace(/\s+/g, ' ');
  return plain.length > MAX_BEGINNING ? `${plain.slice(0, MAX_BEGINNING - 1)}…` : plain;
};

interface HazardProps {
  readonly hazard: NamedHazard;
  readonly text: string;
  readonly onGoesIn: () => void;
  readonly onKeepsOut: () => void;
}

/** A hazard that stands somewhere in the text: whether it goes in is the person's to say. */
function NamedHazardQuestion({ hazard, text, onGoesIn, onKeepsOut }: HazardProps) {
  const line = text.split(/\r\n|\r|\n/)[lineNumber(text, hazard.span[0]) - 1] ?? '';
  return (
    <View style={styles.question} testID="named-hazard">
      <SecondaryText>
        Line {lineNumber(text, hazard.span[0])}: {line.trim()}
      </SecondaryText>
      <Body style={styles.ask}>“{hazard.word}” stands in the text. Does it go in?</Body>
      <View style={styles.buttons}>
        <Action title="It goes in" onPress={onGoesIn} label={`It goes in: ${hazard.word}`} />
        <Action title="It does not" onPress={onKeepsOut} label={`It does not: ${hazard.word}`} />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  question: {
    backgroundColor: COLORS.cautionTint,
    borderRadius: 8,
    padding: SPACE.m,
    marginHorizontal: -SPACE.m,
    gap: SPACE.xs,
  },
  ask: { color: COLORS.caution, fontWeight: '700' },
  buttons: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s, paddingTop: SPACE.xs },
});
