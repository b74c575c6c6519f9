import { useState } from 'react';
import { Body, Action, Choice, COLORS, SecondaryText, Sheet, TickRow, Working } from '@/ui';
import type { LabelFacts, LabelSize } from './labelLayout';
import { askPress } from './pressDesk';
import { useFiles } from './useFiles';

/** A bottle whose label may be printed. */
export interface LabelToPrint {
  readonly id: string;
  /** Where it stands, or what it is in. */
  readonly bottle: string;
  readonly facts: LabelFacts;
}

interface Props {
  readonly open: boolean;
  readonly onClose: () => void;
  readonly all: readonly LabelToPrint[];
}

const SIZES: readonly { value: string; label: string; size: LabelSize }[] = [
  { value: 'small', label: '50 × 40 mm', size: { widthMM: 50, heightMM: 40 } },
  { value: 'middle', label: '70 × 50 mm', size: { widthMM: 70, heightMM: 50 } },
  { value: 'large', label: '93 × 70 mm', size: { widthMM: 93, heightMM: 70 } },
];

/** Labels of several bottles on sheets of A4: which, and how large. */
export function LabelsSheet({ open, onClose, all }: Props) {
  const [left, setLeft] = useState<readonly string[]>([]);
  const [which, setWhich] = useState('middle');
  const { works, wrong, save } = useFiles();
  const chosen = all.filter((l) => !left.includes(l.id));
  const size = (SIZES.find((s) => s.value === which) ?? SIZES[0])?.size;
  const pdf = (): void => {
    if (size)
      void save('labels.pdf', 'application/pdf', (signal) =>
        askPress('sheetOf', { all: chosen.map((l) => l.facts), size }, signal),
      );
  };
  return (
    <Sheet title="Labels on a sheet" open={open} onClose={onClose}>
      {wrong !== null && <Body style={{ color: COLORS.danger }}>{wrong}</Body>}
      {all.map((l) => (
        <TickRow
          key={l.id}
          title={l.facts.content.name}
          detail={l.bottle}
          ticked={!left.includes(l.id)}
          label={`Print ${l.facts.content.name}, ${l.bottle}`}
          onTick={() => setLeft(left.includes(l.id) ? left.filter((id) => id !== l.id) : [...left, l.id])}
          testID="label-of"
        />
      ))}
      <Choice label="Size of the labels" options={SIZES} chosen={[which]} onChoose={setWhich} />
      <SecondaryText>A label grows higher rather than lose a word.</SecondaryText>
      <Action
        title="PDF, the sheet"
        weight="main"
        onPress={pdf}
        disabled={chosen.length === 0}
        testID="labels-sheet-pdf"
      />
      <Working works={works} />
    </Sheet>
  );
}
