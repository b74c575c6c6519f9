import { isOpen, type Correction, type MeasureSystem, type ReadItem, type Remedy } from '@/core';
import { Action, Body, Choice, COLORS, Heading, Section } from '@/ui';
import { asksWhichRecipe, lineNumber, pendingDecision, type PasteDraft, type PasteReading } from './pasteReading';
import { Questions } from './Questions';
import { ReadLine } from './ReadLine';
import { UseChoice } from '../batch/UseChoice';
import { Verdict } from '../verdict/Verdict';

interface Props {
  readonly read: PasteReading;
  readonly onPut: (part: Partial<PasteDraft>) => void;
  /** A line's correction; null takes it back. */
  readonly onCorrect: (key: string, correction: Correction | null) => void;
  readonly onApply: (remedy: Remedy) => void;
}

/** What was found in a pasted text, and how each of its lines was read. */
export function ParsedLines({ read, onPut, onCorrect, onApply }: Props) {
  const { formula, evaluation, at: context, corrections, disagreeing } = read;
  const disagrees = (item: ReadItem): boolean => item.kind === 'line' && disagreeing.has(item.text);
  return (
    <>
      <Questions read={read} onPut={onPut} onCorrect={onCorrect} />
      {evaluation && formula && (
        <Verdict
          verdict={evaluation.verdict}
          findings={evaluation.findings}
          checked={evaluation.checked}
          withoutBanner
          // What is open would be lost with the text that a remedy writes anew.
          {...(read.waits === 0 ? { instead: { formula, verdict: evaluation.verdict, at: context, onApply } } : {})}
        />
      )}
      {formula && <UseChoice use={read.use} onChange={(use) => onPut({ use })} />}
      <Section>
        <Heading>How it was read</Heading>
        <Body style={read.doubtful > 0 || read.waits > 0 || read.problem ? ASK : undefined} testID="standing">
          {pendingDecision(read)}
        </Body>
        {read.recipe !== null && read.recipes.length > 1 && (
          <Action
            title={`Read as ${read.recipes[read.recipe] ?? 'one recipe'}: change`}
            weight="quiet"
            onPress={() => onPut({ recipe: null })}
          />
        )}
        {/* What is asked above is not said a second time. */}
        {read.items
          .filter((item) => !isOpen(item) || asksWhichRecipe(item))
          .map((item) => (
            <ReadLine
              key={item.key}
              item={item}
              line={lineNumber(read.text, item.span[0])}
              correction={corrections[item.key]}
              disagrees={disagrees(item)}
              onCorrect={(c) => onCorrect(item.key, c)}
            />
          ))}
      </Section>
    </>
  );
}

const CUPS: readonly { value: MeasureSystem; label: string }[] = [
  { value: 'us', label: 'US' },
  { value: 'metric', label: 'Metric' },
  { value: 'imperial', label: 'British' },
  { value: 'australian', label: 'Australian' },
];

/** The cups and spoons that a text was written for. */
export const MeasureSystemChoice = ({
  cup,
  onChoose,
}: {
  cup: MeasureSystem;
  onChoose: (cup: MeasureSystem) => void;
}) => (
  <Section>
    <Body style={BOLD}>Whose cups and spoons?</Body>
    <Choice label="Whose cups and spoons" options={CUPS} chosen={[cup]} onChoose={onChoose} />
  </Section>
);

const ASK = { color: COLORS.caution, fontWeight: '700' } as const;
const BOLD = { fontWeight: '700' } as const;
