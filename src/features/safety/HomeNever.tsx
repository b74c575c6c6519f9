import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { incompatiblePairs, listOf, type IncompatiblePair, type NamedSubstance } from '@/core';
import { saveFile, StoppedError, useBatches, useLog, usePantry, useSettings } from '@/data';
import { printedPage, type PageBlock } from '@/print';
import {
  Action,
  Alert,
  Body,
  capital,
  Heading,
  Section,
  SecondaryText,
  SPACE,
  useNotice,
  useWork,
  VerdictMark,
  Working,
} from '@/ui';
import { thingsInHome } from './things';

interface Reason {
  readonly why: string;
  readonly pairs: readonly (readonly [string, string])[];
}

/** Pairs of the same reason together: one thing, and all that it must not meet. */
function byReason(found: readonly IncompatiblePair[]): Reason[] {
  const reasons = new Map<string, Reason>();
  for (const { names, finding } of found) {
    const before = reasons.get(finding.code);
    reasons.set(finding.code, {
      why: before?.why ?? `${finding.why} ${finding.instead}`,
      pairs: [...(before?.pairs ?? []), names],
    });
  }
  return [...reasons.values()];
}

/** "chlorine bleach: not with white vinegar, lemon juice". */
function lines({ pairs }: Reason): string[] {
  const by = new Map<string, string[]>();
  const often = (name: string): number => pairs.filter((p) => p.includes(name)).length;
  for (const [a, b] of pairs) {
    const [head, other] = often(b) > often(a) ? [b, a] : [a, b];
    by.set(head, [...(by.get(head) ?? []), other]);
  }
  return [...by].map(([head, others]) => `${capital(head)}: never with ${others.join(', ')}.`);
}

/** What a home was found to hold: what must never meet, and what nobody knows enough of to say. */
interface Found {
  readonly reasons: readonly Reason[];
  /** Names of what is not wholly understood. */
  readonly notKnown: readonly string[];
  readonly isEmpty: boolean;
}

function foundIn(things: readonly NamedSubstance[]): Found {
  return {
    reasons: byReason(incompatiblePairs(things)),
    notKnown: things.filter((t) => !t.understood || t.unknownKind).map((t) => t.name),
    isEmpty: things.length === 0,
  };
}

const notKnownText = (names: readonly string[]): string =>
  `Not known for sure what is in it, so never with anything else: ${listOf(names)}. Go by the label.`;

/** What in this home must never meet: from the cupboard, the shelf and the log; on the screen, and to print. */
export function HomeNever() {
  const say = useNotice();
  const { works, run } = useWork();
  const pantry = usePantry();
  const batches = useBatches();
  const log = useLog();
  const { emergencyNumber, poisonNumber } = useSettings();
  const [asked, setAsked] = useState(false);
  const [cupboard, shelf] = [pantry.data, batches.data];
  const entries = log.data?.complete ? log.data.entries : undefined;
  // Null until all of the home has been read: of what was not looked at, nothing is said.
  const found = useMemo(
    () =>
      asked && cupboard && shelf && entries
        ? foundIn(thingsInHome({ batches: shelf, log: entries, pantry: cupboard }))
        : null,
    [asked, cupboard, shelf, entries],
  );
  const failed = [pantry, batches, log].filter((read) => read.isError);
  const print = async ({ reasons, notKnown }: Found): Promise<void> => {
    const numbers = [
      ...(poisonNumber ? [`Poison advice: ${poisonNumber}`] : []),
      ...(emergencyNumber ? [`Emergency: ${emergencyNumber}`] : []),
    ];
    const blocks: PageBlock[] = [
      { text: 'What must never meet in this home', as: 'title' },
      ...(numbers.length > 0 ? [{ text: numbers.join('    '), as: 'strong' as const }] : []),
      ...reasons.flatMap((r) => [
        ...lines(r).map((text) => ({ text, as: 'strong' as const })),
        { text: r.why, as: 'plain' as const },
      ]),
      ...(notKnown.length > 0 ? [{ text: notKnownText(notKnown), as: 'strong' as const }] : []),
      {
        text: 'The label of what you bought comes before anything said here. Never add a bought cleaner to a mixture.',
        as: 'plain',
      },
    ];
    const pdf = await run('The sheet is being made', (signal) => printedPage(blocks, signal));
    saveFile('never-meet.pdf', pdf, 'application/pdf');
  };
  return (
    <Section>
      <Heading>What must never meet in this home</Heading>
      <SecondaryText>From your cupboard, your shelf, and bought products in the log.</SecondaryText>
      {!asked && <Action title="Look through this home" onPress={() => setAsked(true)} testID="look-through" />}
      {asked && failed.length > 0 && (
        <Alert>
          <Body>Your home could not be looked through: {failed[0]?.error?.message}</Body>
          <Action title="Try again" onPress={() => failed.forEach((read) => void read.refetch())} />
        </Alert>
      )}
      {asked && !found && failed.length === 0 && <SecondaryText role="status">Your home is being read…</SecondaryText>}
      {found?.isEmpty && failed.length === 0 && (
        <Body>There is nothing to look through yet: put what you have into the cupboard.</Body>
      )}
      {found && !found.isEmpty && (
        <>
          {found.reasons.map((r) => (
            <View key={r.why} style={styles.reason}>
              <VerdictMark level="danger" size={28} />
              <View style={styles.words}>
                {lines(r).map((text) => (
                  <Body key={text} style={styles.bold}>
                    {text}
                  </Body>
                ))}
                <SecondaryText>{r.why}</SecondaryText>
              </View>
            </View>
          ))}
          {found.reasons.length === 0 && failed.length === 0 && (
            <Body>
              Nothing that is known here is a danger with anything else known here. Bleach or a drain opener would
              change that.
            </Body>
          )}
          {found.notKnown.length > 0 && (
            <View style={styles.reason}>
              <VerdictMark level="caution" size={28} />
              <Body style={styles.words}>{notKnownText(found.notKnown)}</Body>
            </View>
          )}
          {found.reasons.length + found.notKnown.length > 0 && (
            <Action
              title="A sheet to print"
              onPress={() => {
                print(found).catch((error: unknown) => {
                  if (error instanceof StoppedError) return;
                  say({ text: `The sheet could not be made: ${error instanceof Error ? error.message : 'unknown'}.` });
                });
              }}
              testID="print-never"
            />
          )}
          <Working works={works} />
        </>
      )}
    </Section>
  );
}

const styles = StyleSheet.create({
  reason: { flexDirection: 'row', gap: SPACE.m, alignItems: 'flex-start', paddingVertical: SPACE.xs },
  words: { flex: 1, gap: 2 },
  bold: { fontWeight: '700' },
});
