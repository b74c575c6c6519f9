import { View } from 'react-native';
import { formulaText, writeFormulaFile, type Formula } from '@/core';
import { fileNameOf, saveFile } from '@/data';
import { Action, Body, COLORS, Sheet, SPACE, SecondaryText, useNotice } from '@/ui';

/** A formula handed on: as a card that people and Biscuit read, or as a file. */
export function ShareSheet({ formula, open, onClose }: { formula: Formula; open: boolean; onClose: () => void }) {
  const say = useNotice();
  const text = formulaText(formula);
  const copy = (): void => {
    const clipboard = typeof navigator === 'undefined' ? undefined : navigator.clipboard;
    if (!clipboard) {
      say({ text: 'This browser lets nothing be copied: take the file instead.' });
      return;
    }
    clipboard.writeText(text).then(
      () => say({ text: 'Copied. Whoever has Biscuit pastes it under Paste a recipe.' }),
      () => say({ text: 'The browser did not allow it: take the file instead.' }),
    );
  };
  return (
    <Sheet title={`Share ${formula.name}`} open={open} onClose={onClose}>
      <View style={{ backgroundColor: COLORS.sheet, padding: SPACE.m, borderRadius: 8 }} testID="card-text">
        <Body>{text}</Body>
      </View>
      <SecondaryText>Nothing is lost on the way: the card and the file both come back as this formula.</SecondaryText>
      <Action title="Copy the card" weight="main" onPress={copy} testID="copy-card" />
      <Action
        title="Card as a text file"
        onPress={() => saveFile(`${fileNameOf(formula.name)}.txt`, text, 'text/plain')}
        testID="card-file"
      />
      <Action
        title="Formula file"
        onPress={() => saveFile(`${fileNameOf(formula.name)}.formula.json`, writeFormulaFile(formula))}
        testID="formula-file"
      />
    </Sheet>
  );
}
