import { forwardRef, memo, useEffect, useRef, useState } from 'react';
import { Pressable, StyleSheet, View, type TextInput } from 'react-native';
import { amountText, resolveIngredient, typedAmount, UNIT_CHIPS, unitText, type Amount, type Line } from '@/core';
import { typedMeasureIn, readAs } from '@/devices';
import { Action, Body, Choice, COLORS, Field, SPACE, SecondaryText, BareTextInput } from '@/ui';
import { SortHandle, useSortableEntry } from './Sortable';

/** What a line can ask of its formula. Stable, so that a line that does not change is not drawn again. */
export interface LineActions {
  readonly onAmount: (id: string, text: string, amount: Amount | null) => void;
  /** The amount's field is left. */
  readonly onLeave: () => void;
  readonly onStrength: (id: string, percent: number | null) => void;
  readonly onIngredient: (id: string) => void;
  readonly onMove: (id: string, by: number) => void;
  readonly onRemove: (id: string) => void;
  readonly onWhatIf: (id: string) => void;
}

interface Props {
  readonly line: Line;
  /** Its amount as typed, while that cannot be read; null while the line's own holds. */
  readonly typed: string | null;
  readonly place: number;
  readonly count: number;
  readonly open: boolean;
  readonly onOpen: (id: string | null) => void;
  readonly focus: boolean;
  /** See {@link Desk.revision}: what is typed here gives way when it changes. */
  readonly revision: number;
  readonly actions: LineActions;
}

/** Units to take with one tap, keeping the number. */
const UNITS: readonly { readonly value: string; readonly label: string }[] = [
  ...UNIT_CHIPS.map((unit) => ({ value: unit, label: unitText(unit, false) })),
  { value: 'drops', label: 'drops' },
  { value: 'part', label: 'parts' },
  { value: '%', label: '%' },
  { value: 'g per litre', label: 'g per litre' },
  { value: 'to fill', label: 'to fill' },
];

/** The unit of an amount as {@link UNITS} calls it. */
function unitOf(amount: Amount): string {
  switch (amount.kind) {
    case 'volume':
    case 'mass':
      return amount.unit;
    case 'parts':
      return 'part';
    case 'percent':
      return '%';
    case 'grams-per-litre':
      return 'g per litre';
    case 'to-fill':
      return 'to fill';
    default:
      return amount.kind;
  }
}

const numberIn = (text: string): string => /^[\s\d.,/½⅓⅔¼¾⅛–-]+(?:to [\d.,/½⅓⅔¼¾⅛]+)?/.exec(text)?.[0].trim() || '1';

/** One line of a formula: amount, ingredient, and one tap deeper its strength, unit, place and what if. */
export const LineEditor = memo(function LineEditor(props: Props) {
  const { line, typed, place, count, open, onOpen, focus, revision, actions } = props;
  const ingredient = resolveIngredient(line.ingredient);
  const sorting = useSortableEntry(line.id);
  // While it is typed in, the field shows what is typed; after that, the amount as it is written.
  const [typingAt, setTypingAt] = useState<number | null>(null);
  const typing = typingAt === revision;
  const written = typed ?? amountText(line.amount);
  const wrong = typed !== null && !typing;
  const detail = [
    line.strength ? `${line.strength.percent} % ${line.strength.basis}` : '',
    line.also ? `also ${amountText(line.also)}` : '',
  ]
    .filter((part) => part !== '')
    .join(', ');
  // The line itself follows a key a moment later: a unit chosen at once goes by what stands in the field.
  const inField = useRef('');
  const input = useRef<TextInput>(null);
  useEffect(() => {
    if (focus) input.current?.focus();
  }, [focus]);
  const set = (next: string): void => actions.onAmount(line.id, next, typedAmount(next, line.amount));
  return (
    <View
      ref={sorting.boxRef}
      style={[styles.line, open && styles.open, ...sorting.boxStyle]}
      role="listitem"
      testID={`line-${place + 1}`}
    >
      <View style={styles.row}>
        <SortHandle
          {...sorting.handle}
          label={`Move ${ingredient.name}, ${place + 1} of ${count}`}
          testID={`handle-${place + 1}`}
        />
        <AmountField
          ref={input}
          label={`Amount of ${ingredient.name}`}
          written={written}
          typing={typing}
          onType={(next) => {
            inField.current = next;
            setTypingAt(revision);
            set(next);
          }}
          onLeave={() => {
            setTypingAt(null);
            actions.onLeave();
          }}
          wrong={wrong}
          testID={`amount-${place + 1}`}
        />
        <Pressable role="button" aria-expanded={open} onPress={() => onOpen(open ? null : line.id)} style={styles.name}>
          <View style={styles.words}>
            <Body style={styles.bold}>{ingredient.name}</Body>
            {detail !== '' && <SecondaryText>{detail}</SecondaryText>}
          </View>
          <Body style={styles.arrow} aria-hidden>
            {open ? '▴' : '▾'}
          </Body>
        </Pressable>
      </View>
      {wrong && (
        <Body style={styles.wrong}>
          Not an amount yet; counted as {amountText(line.amount)}. Write ½ cup, 30 mL, 12 drops, 2 parts, 5 %, or to
          fill.
        </Body>
      )}
      {open && (
        <View style={styles.more}>
          <Choice
            label={`Unit of ${ingredient.name}`}
            options={UNITS}
            chosen={[unitOf(line.amount)]}
            onChoose={(unit) => {
              // A tap does not take the focus out of the field everywhere: what was typed gives way all the same.
              setTypingAt(null);
              set(
                unit === 'to fill'
                  ? unit
                  : `${numberIn(typing ? inField.current : written)} ${unit === '%' ? '% v/v' : unit}`,
              );
              actions.onLeave();
            }}
          />
          {ingredient.strengthOf !== null && (
            <StrengthField line={line} onStrength={(percent) => actions.onStrength(line.id, percent)} />
          )}
          <View style={styles.buttons}>
            <Action title="What if there were more or less?" onPress={() => actions.onWhatIf(line.id)} />
            <Action title="Another ingredient" onPress={() => actions.onIngredient(line.id)} />
            <Action
              title="Up"
              label={`Move ${ingredient.name} up`}
              disabled={place === 0}
              onPress={() => actions.onMove(line.id, -1)}
            />
            <Action
              title="Down"
              label={`Move ${ingredient.name} down`}
              disabled={place === count - 1}
              onPress={() => actions.onMove(line.id, 1)}
            />
            <Action
              title="Remove"
              weight="danger"
              label={`Remove ${ingredient.name}`}
              onPress={() => actions.onRemove(line.id)}
            />
          </View>
        </View>
      )}
    </View>
  );
});

interface AmountFieldProps {
  readonly label: string;
  readonly written: string;
  /** True while what is typed here stands in place of what is written. */
  readonly typing: boolean;
  readonly onType: (text: string) => void;
  readonly onLeave: () => void;
  readonly wrong: boolean;
  readonly testID: string;
}

/** The amount's field, which a key redraws alone. */
const AmountField = forwardRef<TextInput, AmountFieldProps>(function AmountField(
  { written, typing, onType, onLeave, ...rest },
  ref,
) {
  const [text, setText] = useState('');
  return (
    <View style={styles.amountBox}>
      <BareTextInput
        {...rest}
        ref={ref}
        value={typing ? text : written}
        onChangeText={(next) => {
          setText(next);
          onType(next);
        }}
        onBlur={onLeave}
        selectTextOnFocus
        maxLength={60}
        style={styles.amount}
      />
    </View>
  );
});

/** "My vinegar says 8 %". */
function StrengthField({ line, onStrength }: { line: Line; onStrength: (percent: number | null) => void }) {
  const ingredient = resolveIngredient(line.ingredient);
  const usual = ingredient.contents.find((c) => c.substance === ingredient.strengthOf);
  const [text, setText] = useState(line.strength ? String(line.strength.percent) : '');
  const number = typedMeasureIn(text);
  const good = text.trim() === '' || (number > 0 && number <= 100);
  return (
    <Field
      label={`Its label says, in % ${line.strength?.basis ?? usual?.basis ?? ''} (usually ${usual?.percent ?? ''})`}
      value={text}
      inputMode="decimal"
      hint={readAs(text)}
      maxLength={8}
      error={good ? null : 'A strength is a number above 0 and up to 100.'}
      onChangeText={(typed) => {
        setText(typed);
        const value = typedMeasureIn(typed);
        if (typed.trim() === '') onStrength(null);
        else if (value > 0 && value <= 100) onStrength(value);
      }}
      testID="strength"
    />
  );
}

/**
 * For the browser: what is typed in the field moves nothing outside it, so a key lays out the field alone and
 * not the page. That holds for a box of fixed size in a block; never for an item of a flex box.
 */
const CONTAINED: object = { contain: 'strict' };
const BLOCK: object = { display: 'block' };

const styles = StyleSheet.create({
  line: { borderBottomWidth: 1, borderBottomColor: COLORS.line, paddingVertical: SPACE.s - 1 },
  open: { backgroundColor: COLORS.sheet, borderRadius: 10, paddingHorizontal: SPACE.s, marginHorizontal: -SPACE.s },
  row: { flexDirection: 'row', alignItems: 'center', gap: SPACE.s, minHeight: 48 },
  amountBox: { width: 128, height: 48, ...BLOCK },
  amount: { width: 128, height: 48, fontWeight: '700', ...CONTAINED },
  name: { flex: 1, minHeight: 48, flexDirection: 'row', alignItems: 'center', gap: SPACE.s },
  words: { flex: 1 },
  bold: { fontWeight: '700' },
  arrow: { width: 24, textAlign: 'center', color: COLORS.inkSoft },
  wrong: { color: COLORS.danger },
  more: { gap: SPACE.m, paddingVertical: SPACE.m },
  buttons: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s },
});
