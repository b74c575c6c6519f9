import { useEffect, useMemo, useState } from 'react';
import { StyleSheet, useWindowDimensions, View } from 'react-native';
import { formulaText, type Formula, type LabelContent, type Profile } from '@/core';
import { fileNameOf } from '@/data';
import { Action, Body, Choice, COLORS, Sheet, SPACE, SecondaryText, Working } from '@/ui';
import { codeOf } from './code';
import { labelSizeFor, type LabelLayout, type LabelSize } from './labelLayout';
import { LabelPreview } from './LabelPreview';
import { perSheet } from './paper';
import type { PRESS_TASKS } from './press';
import { askPress } from './pressDesk';
import { setWords, useFiles } from './useFiles';

interface Props {
  readonly open: boolean;
  readonly onClose: () => void;
  readonly formula: Formula;
  readonly content: LabelContent;
  readonly profile: Profile;
  readonly volume: string;
  readonly made: string;
  readonly discardBy: string;
}

const SIZES: readonly { value: string; label: string; size: LabelSize | null }[] = [
  { value: 'bottle', label: 'Fits the bottle', size: null },
  { value: 'small', label: '50 × 40 mm', size: { widthMM: 50, heightMM: 40 } },
  { value: 'large', label: '100 × 70 mm', size: { widthMM: 100, heightMM: 70 } },
];

/** The label as it prints, its size, and its files. */
export function LabelSheet({ open, onClose, formula, content, profile, volume, made, discardBy }: Props) {
  const { width } = useWindowDimensions();
  const [layout, setLayout] = useState<LabelLayout | null>(null);
  const [which, setWhich] = useState('bottle');
  const { works, wrong, setWrong, save } = useFiles();
  const code = useMemo(() => codeOf(formulaText(formula)), [formula]);
  const size = SIZES.find((s) => s.value === which)?.size ?? null;
  // By what it says, not by whose object it is: a screen that is drawn anew asks for nothing anew.
  const asked = JSON.stringify({
    facts: { content, volume, made, discardBy, code },
    size: size ?? labelSizeFor(profile),
  });
  useEffect(() => {
    if (!open) return undefined;
    let stale = false;
    askPress('layout', JSON.parse(asked) as Parameters<typeof PRESS_TASKS.layout>[0]).then(
      (laidOut) => !stale && setLayout(laidOut),
      (error: unknown) => !stale && setWrong(setWords(error)),
    );
    return () => {
      stale = true;
    };
  }, [open, asked, setWrong]);
  const name = fileNameOf(content.name);
  const pdf = (sheet: boolean): void => {
    if (!layout) return;
    const file = `${name}${sheet ? '-sheet' : ''}.pdf`;
    const { columns, rows } = perSheet(layout);
    const copies = Array.from({ length: columns * rows }, () => layout);
    void save(file, 'application/pdf', (signal) =>
      sheet ? askPress('sheet', copies, signal) : askPress('pdf', layout, signal),
    );
  };
  const svg = (): void => {
    if (layout) void save(`${name}.svg`, 'image/svg+xml', (signal) => askPress('svg', layout, signal));
  };
  const sheetOf = layout && perSheet(layout);
  return (
    <Sheet title="The label, as it prints" open={open} onClose={onClose}>
      {wrong !== null && <Body style={styles.wrong}>{wrong}</Body>}
      <Choice label="Size of the label" options={SIZES} chosen={[which]} onChoose={setWhich} />
      {layout && (
        <>
          <View style={styles.paper}>
            <LabelPreview layout={layout} width={Math.min(width - 4 * SPACE.l, layout.widthMM * 4.6)} />
          </View>
          <SecondaryText>
            {Math.round(layout.widthMM)} × {Math.round(layout.heightMM)} mm, text of {layout.textPT} pt.
            {layout.grew ? ' Higher than asked: nothing that must stand on it is left out.' : ''}
            {layout.code
              ? ' The code holds the formula: take a picture of it under Paste a recipe.'
              : ' Too small for a code of this formula: take a larger label.'}
          </SecondaryText>
          <View style={styles.files}>
            <Action title="PDF, one label" weight="main" onPress={() => pdf(false)} testID="label-pdf" />
            <Action
              title={`PDF, a sheet of ${(sheetOf?.columns ?? 1) * (sheetOf?.rows ?? 1)}`}
              onPress={() => pdf(true)}
              testID="label-sheet"
            />
            <Action title="SVG" onPress={svg} testID="label-svg" />
          </View>
          <Working works={works} />
        </>
      )}
    </Sheet>
  );
}

const styles = StyleSheet.create({
  wrong: { color: COLORS.danger },
  paper: { alignItems: 'center', padding: SPACE.m, backgroundColor: COLORS.line, borderRadius: 8 },
  files: { gap: SPACE.s },
});
