import { useEffect, useMemo, useState } from 'react';
import { StyleSheet, useWindowDimensions, View } from 'react-native';
import { formulaText, type Formula, type LabelContent, type Profile } from '@/core';
import { fileNameOf, saveFile } from '@/data';
import { Action, Body, Choice, COLORS, Sheet, SPACE, SecondaryText } from '@/ui';
import { codeOf } from './code';
import { dataAddress, shippedFonts, type LabelFonts } from './fonts';
import { labelLayout, labelSizeFor, type LabelSize } from './labelLayout';
import { LabelPreview } from './LabelPreview';
import { labelPdf, perSheet } from './labelPdf';
import { labelSvg } from './labelSvg';

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
export default function LabelSheet({ open, onClose, formula, content, profile, volume, made, discardBy }: Props) {
  const { width } = useWindowDimensions();
  const [fonts, setFonts] = useState<LabelFonts | null>(null);
  const [wrong, setWrong] = useState<string | null>(null);
  const [which, setWhich] = useState('bottle');
  useEffect(() => {
    if (!open) return undefined;
    let stale = false;
    shippedFonts().then(
      (read) => !stale && setFonts(read),
      (error: unknown) => !stale && setWrong(error instanceof Error ? error.message : 'The label could not be drawn.'),
    );
    return () => {
      stale = true;
    };
  }, [open]);
  const code = useMemo(() => codeOf(formulaText(formula)), [formula]);
  const size = SIZES.find((s) => s.value === which)?.size ?? labelSizeFor(profile);
  const layout = useMemo(
    () => fonts && labelLayout({ content, volume, made, discardBy, code }, size, fonts.width),
    [fonts, content, volume, made, discardBy, code, size],
  );
  const name = fileNameOf(content.name);
  const pdf = async (sheet: boolean): Promise<void> => {
    if (!layout || !fonts) return;
    saveFile(`${name}${sheet ? '-sheet' : ''}.pdf`, await labelPdf(layout, fonts, sheet), 'application/pdf');
  };
  const svg = (): void => {
    if (!layout || !fonts) return;
    const faces = { regular: dataAddress(fonts.regular, 'font/woff'), bold: dataAddress(fonts.bold, 'font/woff') };
    saveFile(`${name}.svg`, labelSvg(layout, faces), 'image/svg+xml');
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
            <Action title="PDF, one label" weight="main" onPress={() => void pdf(false)} testID="label-pdf" />
            <Action
              title={`PDF, a sheet of ${(sheetOf?.columns ?? 1) * (sheetOf?.rows ?? 1)}`}
              onPress={() => void pdf(true)}
              testID="label-sheet"
            />
            <Action title="SVG" onPress={svg} testID="label-svg" />
          </View>
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
