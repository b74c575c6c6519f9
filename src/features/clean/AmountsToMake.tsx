import { useMemo } from 'react';
import { StyleSheet } from 'react-native';
import {
  contextOf,
  DEFAULT_STORAGE,
  evaluate,
  lineText,
  makingAdvice,
  portionsFor,
  type Formula,
  type WayAmount,
} from '@/core';
import { useSettings } from '@/data';
import { Body, massText, volumeText } from '@/ui';

/** As a hand measures it out: to five above a hundred, to one above ten. */
const asMeasured = (n: number): number => (n >= 100 ? 5 * Math.round(n / 5) : n >= 10 ? Math.round(n) : n);

/** What goes in for this job, and what is to be said about making it by what the person holds with. */
export function AmountsToMake({ formula, amount }: { readonly formula: Formula; readonly amount: WayAmount | null }) {
  const settings = useSettings();
  const { units } = settings;
  const { said, lines } = useMemo(() => {
    const made = evaluate(formula, contextOf(formula.use, settings));
    if (!made.ok) return { said: [], lines: [] };
    const how = { ...DEFAULT_STORAGE, use: formula.use, roomC: settings.roomC };
    return {
      said: makingAdvice(made.value.state, how, settings.schools),
      lines: amount ? portionsFor(made.value, amount) : [],
    };
  }, [formula, amount, settings]);
  const words =
    lines.length > 0
      ? lines.map(
          (l) =>
            `${l.massG === null ? volumeText(asMeasured(l.volumeML), units) : massText(asMeasured(l.massG), units)} ${l.name}`,
        )
      : formula.lines.map((line) => lineText(line));
  return (
    <>
      <Body style={styles.amounts}>{words.join(' · ')}</Body>
      {said.map(({ question, says }) => (
        <Body key={question}>{says}</Body>
      ))}
    </>
  );
}

const styles = StyleSheet.create({ amounts: { textAlign: 'center' } });
