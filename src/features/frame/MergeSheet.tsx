import { StyleSheet, View } from 'react-native';
import { cardLines, ingredientById, soilByName, type HomeSurface, type PantryItem } from '@/core';
import { useMergeQuestion, useSettings, useSurfaces, type MergeQuestion } from '@/data';
import { Action, Body, COLORS, moneyText, OUTCOME_WORDS, Overline, RATED, SecondaryText, Sheet, SPACE } from '@/ui';

/** What records are said with. */
interface Words {
  readonly currency: string;
  readonly surfaces: readonly HomeSurface[];
}

type Side = 'mine' | 'theirs';

const packText = ({ pack }: PantryItem, currency: string): string[] =>
  pack
    ? [`A pack: ${pack.price === null ? 'no price' : moneyText(pack.price, currency)} for ${pack.value} ${pack.unit}`]
    : ['No pack'];

/** A record in lines, of which those that differ are shown. */
function linesOf(question: MergeQuestion, side: Side, { currency, surfaces }: Words): readonly string[] {
  switch (question.collection) {
    case 'formula': {
      const formula = question[side];
      return formula ? cardLines(formula) : [];
    }
    case 'pantry': {
      const item = question[side];
      if (!item) return [];
      return [
        item.left ? `${item.left.value} ${item.left.unit} left` : 'How much is left is not known',
        ...packText(item, currency),
      ];
    }
    case 'plan': {
      const plan = question[side];
      if (!plan) return [];
      const part = (surfaceId: string, soilId: string): string =>
        `${surfaces.find((s) => s.id === surfaceId)?.name ?? 'A surface'}: ${(soilByName(soilId)?.name ?? soilId).toLowerCase()}`;
      return [`Called ${plan.name}`, ...plan.parts.map((p) => part(p.surfaceId, p.soilId))];
    }
    case 'log': {
      const entry = question[side];
      if (!entry) return [];
      return [
        OUTCOME_WORDS[entry.outcome],
        ...RATED.map(({ key, label }) => `${label}: ${entry.rating[key] ?? 'not said'}`),
        `Minutes at work: ${entry.workMinutes ?? 'not said'}`,
        `Strokes: ${entry.strokes ?? 'not said'}`,
        entry.notes === '' ? 'No note' : entry.notes,
      ];
    }
    default:
      return [];
  }
}

function nameOf({ collection, mine }: MergeQuestion): string {
  if (collection === 'pantry') return ingredientById(mine.id)?.name ?? mine.id;
  if (collection === 'log') return mine.surface.name;
  return 'name' in mine ? mine.name : 'It';
}

/** Where the one that is not chosen can be found again. */
const KEPT_WHERE: Readonly<Partial<Record<MergeQuestion['collection'], string>>> = {
  formula: 'Whichever you choose, the other stays among its earlier forms.',
  log: 'What the entry said before stays in its history.',
};

/** Asks whose change is to hold where one thing was changed in two tabs. */
export function MergeSheet() {
  const open = useMergeQuestion();
  const { currency } = useSettings();
  const surfaces = useSurfaces();
  if (!open) return null;
  const { question, answer } = open;
  const words: Words = { currency, surfaces: surfaces.data ?? [] };
  const mine = linesOf(question, 'mine', words);
  const theirs = linesOf(question, 'theirs', words);
  const isRemoved = question.theirs === null;
  return (
    <Sheet title="Changed in another tab" open onClose={() => answer('neither')}>
      <Body>
        {isRemoved
          ? `${nameOf(question)} was removed in another tab while you changed it here.`
          : question.isUnsafe
            ? `${nameOf(question)} was changed in another tab too. Both changes together would be a danger: one of them has to go.`
            : `${nameOf(question)} was changed in another tab too. What was changed in one of them alone is kept. This was changed in both:`}
      </Body>
      {!isRemoved && (
        <>
          <Differing title="In the other tab" lines={theirs.filter((l) => !mine.includes(l))} testID="theirs" />
          <Differing title="Here" lines={mine.filter((l) => !theirs.includes(l))} testID="mine" />
        </>
      )}
      <Action
        title={isRemoved ? 'Keep it, as it is here' : 'Keep it as it is here'}
        weight="main"
        onPress={() => answer('mine')}
        testID="keep-mine"
      />
      <Action
        title={isRemoved ? 'Leave it removed' : 'Keep it as in the other tab'}
        onPress={() => answer('theirs')}
        testID="keep-theirs"
      />
      {!isRemoved && KEPT_WHERE[question.collection] && (
        <SecondaryText>{KEPT_WHERE[question.collection]}</SecondaryText>
      )}
    </Sheet>
  );
}

function Differing({ title, lines, testID }: { title: string; lines: readonly string[]; testID: string }) {
  return (
    <View style={styles.side} testID={testID}>
      <Overline>{title}</Overline>
      {lines.length === 0 ? (
        <Body>Not there</Body>
      ) : (
        // Two lines may say the same.
        lines.map((line, i) => <Body key={`${i} ${line}`}>{line}</Body>)
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  side: { backgroundColor: COLORS.sheet, borderRadius: 10, padding: SPACE.m, gap: SPACE.xs },
});
