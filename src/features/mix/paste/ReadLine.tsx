import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import {
  amountText,
  lineText,
  MAX_LINES,
  searchIngredients,
  type Amount,
  type Correction,
  type Doubt,
  type ReadItem,
  type UnreadBecause,
} from '@/core';
import { Action, Body, Choice, COLORS, Overline, formatNumber, SPACE, SecondaryText, volumeText } from '@/ui';
import { CorrectionSheet } from './CorrectionSheet';

/** What is asked about a stretch that could not be read, and what would be accepted. */
export const UNREAD: Readonly<Record<UnreadBecause, string>> = {
  'not-understood': 'Not understood. A line looks like “1 cup white vinegar”; a note says nothing that goes in.',
  'title-with-ingredient': 'Is that only its name, or does it go in? If it goes in, say how much.',
  'which-recipe': 'A recipe begins here.',
  'too-many-lines': `Not judged: only the first ${MAX_LINES} lines are. Paste one recipe, and leave the rest out.`,
  'too-long': 'Not read: it is too long. Paste the recipe alone.',
};

const ANSWERED_HERE: ReadonlySet<UnreadBecause> = new Set(['not-understood', 'title-with-ingredient']);

/** So much of a long stretch is shown, characters. */
const MAX_SHOWN = 160;
const shortened = (text: string): string => (text.length > MAX_SHOWN ? `${text.slice(0, MAX_SHOWN - 1)}…` : text);

function questionOf(doubt: Extract<Doubt, { kind: 'which-ingredient' | 'spelling' | 'other-words' }>): string {
  if (doubt.kind === 'spelling') return 'Is this what is meant?';
  if (doubt.kind === 'other-words') {
    return `“${doubt.words}” is not understood. Is it ${doubt.choices.length === 1 ? 'this' : 'one of these'}?`;
  }
  return doubt.because === 'several-meanings'
    ? 'Which one is meant?'
    : 'Products of that name are of more than one kind. What does its label say? Until then it is judged as the worse.';
}

/** How much is asked, with what is taken meanwhile. */
function howMuch(item: ReadItem): string {
  const amount = item.kind === 'line' ? item.line.amount : null;
  if (amount?.kind !== 'vague') return 'How much? It could be read in two ways. Write it as “250 mL” or “2 tbsp”.';
  const { low, high } = amount.volumeML;
  return `How much? Taken as anything from ${volumeText(low)} to ${volumeText(high)}. Write it as “250 mL” or “2 tbsp”.`;
}

interface Props {
  readonly item: ReadItem;
  /** Which line of the text it stands in, counted from 1. */
  readonly line: number;
  readonly correction: Correction | undefined;
  /** True if the line says its amount twice, differently. */
  readonly disagrees: boolean;
  readonly onCorrect: (correction: Correction | null) => void;
}

/** One line of the text as it was read, with what is doubtful and what it could be instead. */
export function ReadLine({ item, line, correction, disagrees, onCorrect }: Props) {
  const [open, setOpen] = useState(false);
  if (item.kind === 'title') return null;
  if (item.kind === 'note') {
    return (
      <View style={styles.item}>
        <SecondaryText>{item.text}</SecondaryText>
        <View style={styles.noteRow}>
          <Overline>A note, not an ingredient</Overline>
          {correction?.isNote && (
            <Action
              title="Undo"
              weight="quiet"
              onPress={() => onCorrect(null)}
              label={`Undo: read "${item.text}" as before`}
            />
          )}
        </View>
      </View>
    );
  }
  const doubts = item.kind === 'line' ? item.doubts : [];
  const doubtful = item.kind === 'unread' || doubts.length > 0 || disagrees;
  return (
    <View style={[styles.item, doubtful && styles.doubtful]} testID={doubtful ? 'doubtful-line' : 'sure-line'}>
      <View style={styles.head}>
        <View style={styles.words}>
          <SecondaryText>{doubtful ? `Line ${line}: ${shortened(item.text)}` : item.text}</SecondaryText>
          {item.kind === 'line' ? (
            <Body style={styles.reading}>{lineText(item.line)}</Body>
          ) : (
            <Body style={styles.ask}>{UNREAD[item.because]}</Body>
          )}
        </View>
        {item.kind === 'line' && (
          <Action
            title="Change"
            weight="quiet"
            onPress={() => setOpen(true)}
            label={`Change how "${item.text}" is read`}
          />
        )}
      </View>
      {item.kind === 'line' && item.line.also && disagrees && (
        <Agree line={item.line} also={item.line.also} onCorrect={(amount) => onCorrect({ ...correction, amount })} />
      )}
      {doubts.map((doubt) => (
        <Ask
          key={doubt.kind}
          doubt={doubt}
          onOther={() => setOpen(true)}
          item={item}
          onCorrect={(c) => onCorrect({ ...correction, ...c })}
        />
      ))}
      {((item.kind === 'unread' && ANSWERED_HERE.has(item.because)) || correction) && (
        <View style={styles.buttons}>
          {item.kind === 'unread' && (
            <Action
              title="It is an ingredient"
              onPress={() => setOpen(true)}
              label={`It is an ingredient: "${item.text}"`}
            />
          )}
          {item.kind === 'unread' && (
            <Action
              title={item.because === 'title-with-ingredient' ? 'It is only the name' : 'It is a note'}
              onPress={() => onCorrect({ isNote: true })}
              label={`${item.because === 'title-with-ingredient' ? 'It is only the name' : 'It is a note'}: "${item.text}"`}
            />
          )}
          {correction && (
            <Action
              title="Undo"
              weight="quiet"
              onPress={() => onCorrect(null)}
              label={`Undo: read "${item.text}" as before`}
            />
          )}
        </View>
      )}
      {open && (
        <CorrectionSheet
          item={item}
          onClose={() => setOpen(false)}
          onCorrect={(c) => onCorrect({ ...correction, ...c })}
        />
      )}
    </View>
  );
}

/** Two amounts in one line: either may be taken. */
function Agree({
  line,
  also,
  onCorrect,
}: {
  line: { amount: Amount };
  also: Amount;
  onCorrect: (amount: Amount) => void;
}) {
  return (
    <View style={styles.askBlock}>
      <Body style={styles.ask}>The two amounts do not agree; the first is used.</Body>
      <Choice
        label="Which amount counts"
        options={[
          { value: 'first', label: amountText(line.amount) },
          { value: 'second', label: amountText(also) },
        ]}
        chosen={['first']}
        onChoose={(which) => onCorrect(which === 'first' ? line.amount : also)}
      />
    </View>
  );
}

interface AskProps {
  readonly doubt: Doubt;
  readonly item: ReadItem;
  readonly onOther: () => void;
  readonly onCorrect: (c: Correction) => void;
}

function Ask({ doubt, item, onOther, onCorrect }: AskProps) {
  const router = useRouter();
  switch (doubt.kind) {
    case 'which-ingredient':
    case 'spelling':
    case 'other-words':
      return (
        <View style={styles.askBlock}>
          <Body style={styles.ask}>{questionOf(doubt)}</Body>
          <Choice
            label="Which ingredient is meant"
            options={doubt.choices.map((i) => ({ value: i.id, label: i.name }))}
            chosen={[]}
            onChoose={(id) => onCorrect({ ingredient: { kind: 'known', id } })}
          />
          <View style={styles.start}>
            <Action title="Something else" weight="quiet" onPress={onOther} label={`Something else: "${item.text}"`} />
          </View>
        </View>
      );
    case 'how-strong':
      return <Body style={styles.ask}>How strong? The stronger is taken. Write one figure, such as 70 %.</Body>;
    case 'which-recipe':
      return null;
    case 'which-unit':
      return (
        <View style={styles.askBlock}>
          <Body style={styles.ask}>By volume or by weight?</Body>
          <Choice
            label="Which unit is meant"
            options={doubt.choices.map((a, i) => ({
              value: String(i),
              label: a.kind === 'mass' ? `${amountText(a)} by weight` : `${amountText(a)} by volume`,
            }))}
            chosen={[]}
            onChoose={(i) => {
              const amount = doubt.choices[Number(i)];
              if (amount) onCorrect({ amount });
            }}
          />
        </View>
      );
    case 'how-much':
      return <Body style={styles.ask}>{howMuch(item)}</Body>;
    case 'vague': {
      const span = item.kind === 'line' && item.line.amount.kind === 'vague' ? item.line.amount.volumeML : null;
      return (
        <Body style={styles.ask}>
          {span
            ? `Taken as ${formatNumber(span.low)} to ${formatNumber(span.high)} mL. Change it if you know better.`
            : 'Taken as a range.'}
        </Body>
      );
    }
    case 'unknown-ingredient': {
      const near = doubt.choices.length > 0 ? doubt.choices : searchIngredients(doubt.written, 4);
      return (
        <View style={styles.askBlock}>
          <Body style={styles.ask}>
            {doubt.choices.length > 0
              ? 'Biscuit knows only what kind of thing this is. It is judged as the worst of its kind.'
              : 'Biscuit does not know this ingredient: it is not checked.'}
          </Body>
          {near.length > 0 && (
            <Choice
              label="Perhaps it is"
              options={near.map((i) => ({ value: i.id, label: i.name }))}
              chosen={[]}
              onChoose={(id) => onCorrect({ ingredient: { kind: 'known', id } })}
            />
          )}
          <View style={styles.start}>
            <Action
              title="It is mine: describe it"
              label={`It is mine, describe it: “${doubt.written}”`}
              onPress={() => router.push(`/shelf/own?name=${encodeURIComponent(doubt.written)}`)}
              testID="describe-it"
            />
          </View>
        </View>
      );
    }
  }
}

const styles = StyleSheet.create({
  item: { paddingVertical: SPACE.s, borderBottomWidth: 1, borderBottomColor: COLORS.line, gap: 2 },
  doubtful: {
    backgroundColor: COLORS.cautionTint,
    borderBottomColor: COLORS.caution,
    paddingHorizontal: SPACE.m,
    marginHorizontal: -SPACE.m,
    borderRadius: 8,
  },
  reading: { fontWeight: '700', fontSize: 18, lineHeight: 25 },
  ask: { color: COLORS.caution, fontWeight: '700' },
  start: { flexDirection: 'row' },
  askBlock: { gap: SPACE.xs, paddingTop: SPACE.xs },
  buttons: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s, paddingTop: SPACE.xs },
  head: { flexDirection: 'row', alignItems: 'center', gap: SPACE.s },
  words: { flex: 1 },
  noteRow: { flexDirection: 'row', alignItems: 'center', gap: SPACE.m },
});
