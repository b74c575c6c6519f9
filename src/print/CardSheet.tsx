import { useEffect, useState } from 'react';
import { StyleSheet, useWindowDimensions, View } from 'react-native';
import { fileNameOf } from '@/data';
import { Action, Body, COLORS, Sheet, SPACE, SecondaryText, Working } from '@/ui';
import type { CardFacts } from './cardLayout';
import type { LabelLayout } from './labelLayout';
import { LabelPreview } from './LabelPreview';
import { askPress } from './pressDesk';
import { setWords, useFiles } from './useFiles';

interface Props {
  readonly open: boolean;
  readonly onClose: () => void;
  readonly facts: CardFacts;
}

/** The card that goes with a bottle to somebody else, as it prints. */
export function CardSheet({ open, onClose, facts }: Props) {
  const { width } = useWindowDimensions();
  const [layout, setLayout] = useState<LabelLayout | null>(null);
  const { works, wrong, setWrong, save } = useFiles();
  const asked = JSON.stringify(facts);
  useEffect(() => {
    if (!open) return undefined;
    let stale = false;
    askPress('card', JSON.parse(asked) as CardFacts).then(
      (laidOut) => !stale && setLayout(laidOut),
      (error: unknown) => !stale && setWrong(setWords(error)),
    );
    return () => {
      stale = true;
    };
  }, [open, asked, setWrong]);
  const pdf = (): void => {
    if (layout)
      void save(`${fileNameOf(facts.content.name)}-card.pdf`, 'application/pdf', (signal) =>
        askPress('pdf', layout, signal),
      );
  };
  return (
    <Sheet title="The card that goes with it" open={open} onClose={onClose}>
      {wrong !== null && <Body style={styles.wrong}>{wrong}</Body>}
      <SecondaryText>
        For somebody who knows nothing of it: what it is, for, never for, what to do first, and until when. Stick the
        label on the bottle as well.
      </SecondaryText>
      {layout && (
        <>
          <View style={styles.paper}>
            <LabelPreview layout={layout} width={Math.min(width - 4 * SPACE.l, layout.widthMM * 4.2)} />
          </View>
          <Action title="PDF, the card" weight="main" onPress={pdf} testID="card-pdf" />
          <Working works={works} />
        </>
      )}
    </Sheet>
  );
}

const styles = StyleSheet.create({
  wrong: { color: COLORS.danger },
  paper: { alignItems: 'center', padding: SPACE.m, backgroundColor: COLORS.line, borderRadius: 8 },
});
