import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import {
  wayAmountOf,
  disputedHere,
  DISPUTED_ADVICE,
  preferenceOf,
  type AdvicePreferences,
  likelihoodOf,
  RATED_DAYS,
  SOURCES,
  strengthLine,
  SHARES,
  wayKey,
  type Finding,
  type Share,
  type WayAmount,
  type RuledOut,
  type Soil,
  type Way,
  MINUTE_MS,
  type HeldWay,
} from '@/core';
import { newId, useRecentLog, useSettings, useWriteHome } from '@/data';
import {
  Action,
  Body,
  capital,
  formatNumber,
  massText,
  volumeText,
  Choice,
  COLORS,
  Columns,
  FindingCard,
  Heading,
  Overline,
  minutesText,
  Section,
  Screen,
  SecondaryText,
  SPACE,
  Title,
  useNow,
} from '@/ui';
import type { ChosenPlace } from './place';
import { jobOf, partFrom } from './startJob';
import { BlockedByResidue } from './BlockedByResidue';
import { useSupplies } from './useSupplies';
import { useWays } from './useWays';
import { wayTitle } from './wayTitle';

interface Props {
  readonly chosen: ChosenPlace;
  readonly soil: Soil;
  readonly onSoil: () => void;
}

const EFFORT = { 1: 'a wipe', 2: 'some rubbing', 3: 'hard work' } as const;

const sourcesOf = (f: Finding): string[] => f.sources.map((s) => SOURCES[s]);

/** Where a way comes from, in words. */
export function fromWords({ candidate }: Way, knowsCupboard: boolean): string {
  if (!candidate) return 'Nothing to be made';
  switch (candidate.from) {
    case 'shelf':
      return 'On the shelf';
    case 'cupboard':
      return knowsCupboard ? 'You can make it now' : 'To be made';
    case 'one-missing':
      return `With one thing more: ${candidate.missing.join('')}`;
    case 'more-missing':
      return `Needs ${candidate.missing.join(', ')}`;
  }
}

function dwellWords({ dwell }: Way): string {
  if (!dwell) return 'At once';
  const on = dwell.bestMinutes === 0 ? 'wipe at once' : `${minutesText(dwell.bestMinutes)} on`;
  const most = dwell.longestMinutes > dwell.bestMinutes ? `, ${minutesText(dwell.longestMinutes)} at most` : '';
  const wet = dwell.rewetEveryMinutes === null ? '' : `, wetted every ${minutesText(dwell.rewetEveryMinutes)}`;
  return on + most + wet;
}

/** What careful people differ about here, and what holds: the person's own choice, or the default. */
function heldHere({ surface, own }: ChosenPlace, soil: Soil, home: AdvicePreferences): string[] {
  const choices = { ...home, ...own?.schools };
  return disputedHere(surface, soil.id).flatMap((id) => {
    const asked = DISPUTED_ADVICE.find((d) => d.id === id);
    const held = asked?.choices.find((c) => c.id === preferenceOf(id, choices));
    return asked && held ? [`${asked.question} ${held.says}`] : [];
  });
}

const SHARE_WORDS: Readonly<Record<Share, string>> = { spot: 'A spot', part: 'A part', all: 'All of it' };
const SHARE_OPTIONS = SHARES.map((value) => ({ value, label: SHARE_WORDS[value] }));

const amountWords = (amount: WayAmount | null): string =>
  amount === null ? '' : amount.volumeML === null ? massText(amount.massG ?? 0) : volumeText(amount.volumeML);

/** A way in the amount for as much of the place as the person says. */
const withShare = (way: Way, { surface, place }: ChosenPlace, share: Share | null): Way =>
  share === null ? way : { ...way, amount: wayAmountOf(way.method, surface.id, place.areaM2, share) };

/** How many ways stand open at first. */
const SHOWN = 3;

/** The ways for a surface and a soil, the best first; below, what is ruled out and why. */
export function WaysList({ chosen, soil, onSoil }: Props) {
  const router = useRouter();
  const settings = useSettings();
  const house = useSupplies(chosen.room?.small ? 'small' : 'large');
  const recent = useRecentLog(RATED_DAYS);
  const nowMs = useNow(MINUTE_MS);
  const write = useWriteHome({ failed: 'Not started' });
  const tasks = useMemo(() => [{ chosen, soil }], [chosen, soil]);
  const found = useWays(tasks, house, settings, recent.data ?? NONE, nowMs)?.[0];
  const [picked, setPicked] = useState(0);
  const [all, setAll] = useState(false);
  const [share, setShare] = useState<Share | null>(null);
  if (!found || !recent.isSuccess) return <Screen>{null}</Screen>;
  const disputed = heldHere(chosen, soil, house.context.preferences);
  const unlikely = likelihoodOf(chosen.surface.id, soil.id, chosen.room?.kind ?? null) === 'unlikely';
  const shown = all ? found.ways : found.ways.slice(0, SHOWN);
  const best = found.ways[picked];
  const start = ({ way }: HeldWay): void => {
    const job = jobOf(
      newId(),
      `${chosen.place.name}: ${soil.name.toLowerCase()}`,
      [partFrom(newId(), chosen, soil, withShare(way, chosen, share))],
      new Date().toISOString(),
    );
    write.mutate(
      { put: [{ collection: 'job', value: job }] },
      {
        onSuccess: () => router.push(`/clean/job?id=${job.id}`),
      },
    );
  };
  return (
    <Screen
      broad
      next={
        best ? (
          <Action
            title={`Start: ${wayTitle(best.way)}`}
            weight="main"
            onPress={() => start(best)}
            disabled={write.isPending}
            testID="start-way"
          />
        ) : (
          <Action title="Another soil" onPress={onSoil} />
        )
      }
    >
      <Section>
        <Title>{chosen.place.name}</Title>
        <SecondaryText>
          {soil.name}, on {chosen.surface.name.toLowerCase()}
        </SecondaryText>
        <Body>
          <Body style={styles.bold}>First: </Body>
          {found.first}
        </Body>
        {unlikely && (
          <Body>
            Hardly ever on {chosen.surface.name.toLowerCase()}: look again what it is before anything goes on it.
          </Body>
        )}
        {found.beyond !== null && found.ways.length > 0 && <Body style={styles.beyond}>{found.beyond}</Body>}
      </Section>
      {found.stopped.length > 0 && <BlockedByResidue stopped={found.stopped} nowMs={nowMs} />}
      {chosen.own !== null && (
        <Action
          title="Something bought was used on it lately"
          weight="quiet"
          onPress={() => router.push(`/log/new?surface=${chosen.place.surfaceId ?? ''}`)}
          testID="bought-lately"
        />
      )}
      {chosen.own === null && (
        <SecondaryText>
          Not one of your own surfaces: Biscuit does not know what was last used on it. If it was a bought cleaner,
          rinse it well first.
        </SecondaryText>
      )}
      <Columns
        left={
          <Section>
            <Heading>
              {found.ways.length === 1 ? 'One way' : found.ways.length === 0 ? 'No way' : 'Ways, the best first'}
            </Heading>
            {found.ways.length === 0 && (
              <Body>
                {found.beyond ??
                  'Nothing you have, and none of Biscuit’s formulas, does this without harm. See below why.'}
              </Body>
            )}
            {found.ways.some((h) => h.way.amount !== null) && (
              <View style={styles.share}>
                <SecondaryText>How much of it is soiled?</SecondaryText>
                <Choice
                  label="How much of it is soiled?"
                  options={SHARE_OPTIONS}
                  chosen={[share ?? best?.way.method.share ?? 'all']}
                  onChoose={setShare}
                />
              </View>
            )}
            {disputed.length > 0 && <SecondaryText>Careful people differ. {disputed.join(' ')}</SecondaryText>}
            {!house.knowsCupboard && found.ways.some((h) => h.way.candidate) && (
              <SecondaryText>Your cupboard is not filled in yet, so every ingredient counts as there.</SecondaryText>
            )}
            {shown.map((held, i) => (
              <WayCard
                key={wayKey(held.way)}
                held={held}
                material={chosen.surface.id}
                areaM2={chosen.place.areaM2}
                share={share}
                on={i === picked}
                knowsCupboard={house.knowsCupboard}
                onPick={() => setPicked(i)}
              />
            ))}
            {!all && found.ways.length > SHOWN && (
              <Action
                title={`${found.ways.length - SHOWN} more ways`}
                onPress={() => setAll(true)}
                testID="more-ways"
              />
            )}
          </Section>
        }
        right={found.ruledOut.length > 0 && <RuledOutList ruledOut={found.ruledOut} />}
      />
    </Screen>
  );
}

const NONE: readonly never[] = [];

interface CardProps {
  readonly material: string;
  readonly areaM2: number;
  readonly share: Share | null;
  readonly held: HeldWay;
  readonly on: boolean;
  readonly knowsCupboard: boolean;
  readonly onPick: () => void;
}

function WayCard({ held: { way, meets }, material, areaM2, share, on, knowsCupboard, onPick }: CardProps) {
  const cautions = [...meets.map((m) => m.finding), ...way.cautions];
  const { method, candidate, went } = way;
  const name = wayTitle(way);
  const strength = candidate ? strengthLine(candidate.evaluation.state) : '';
  const amount = amountWords(wayAmountOf(method, material, areaM2, share ?? method.share));
  return (
    <View style={[styles.card, on && styles.on]} testID="way">
      <View style={styles.head}>
        <View style={styles.words}>
          <Overline style={candidate?.from === 'shelf' ? styles.made : undefined}>
            {fromWords(way, knowsCupboard)}
          </Overline>
          <Body style={styles.name}>{name}</Body>
        </View>
        {on ? (
          <Body style={styles.chosen}>Chosen</Body>
        ) : (
          <Action title="Choose" label={`Choose ${name}`} onPress={onPick} />
        )}
      </View>
      <Body>
        {candidate && <Body style={styles.bold}>{method.name}. </Body>}
        {way.why}
      </Body>
      {went && (
        <Body style={styles.went}>
          {formatNumber(went.mean)} of 10 here, {went.times === 1 ? 'once' : `${went.times} times`}
        </Body>
      )}
      {on && method.does !== null && <Body>{method.does}</Body>}
      {on &&
        way.conditions.map((condition) => (
          <Body key={condition} style={styles.condition}>
            {condition}
          </Body>
        ))}
      {strength !== '' && <SecondaryText>{capital(strength)}</SecondaryText>}
      <Body style={styles.figures}>{[dwellWords(way), amount, EFFORT[way.effort]].filter(Boolean).join(' · ')}</Body>

      {on && cautions.map((f) => <FindingCard key={f.code + f.scope} finding={f} sources={sourcesOf(f)} />)}
      {!on && cautions.length > 0 && (
        <SecondaryText>
          {cautions.length === 1 ? 'One thing to mind' : `${cautions.length} things to mind`}
        </SecondaryText>
      )}
    </View>
  );
}

const BECAUSE: Readonly<Record<RuledOut['because'], string>> = {
  danger: 'A danger',
  surface: 'Would harm this surface',
  sets: 'Would set it for good',
  cancels: 'Cancels itself out',
  'too-strong': 'Stronger than this wants',
  'too-weak': 'Too weak for it',
  form: 'Not put on this way',
  'does-not-lift': 'Does not lift it',
};

/** What is ruled out, together where the reason is one and the same. */
function RuledOutList({ ruledOut }: { ruledOut: readonly RuledOut[] }) {
  const reasons = Object.keys(BECAUSE) as RuledOut['because'][];
  return (
    <Section>
      <Heading>Ruled out</Heading>
      {reasons.map((because) => {
        const here = ruledOut.filter((r) => r.because === because);
        if (here.length === 0) return null;
        const whys = [...new Set(here.map((r) => r.why))];
        return (
          <View key={because} style={styles.out}>
            <Body style={styles.bold}>{BECAUSE[because]}</Body>
            {whys.map((why) => (
              <View key={why} style={styles.why}>
                <Body>
                  {here
                    .filter((r) => r.why === why)
                    .map((r) => r.candidate.formula.name)
                    .join(', ')}
                </Body>
                <SecondaryText>{why}</SecondaryText>
              </View>
            ))}
          </View>
        );
      })}
    </Section>
  );
}

const styles = StyleSheet.create({
  bold: { fontWeight: '700' },
  beyond: { color: COLORS.caution, fontWeight: '700' },
  card: {
    backgroundColor: COLORS.sheet,
    borderRadius: 12,
    padding: SPACE.m,
    gap: SPACE.xs,
    borderWidth: 1.5,
    borderColor: COLORS.line,
  },
  on: { borderColor: COLORS.action, borderWidth: 3 },
  head: { flexDirection: 'row', alignItems: 'center', gap: SPACE.m },
  words: { flex: 1 },
  made: { color: COLORS.action },
  name: { fontWeight: '700', fontSize: 19, lineHeight: 25 },
  chosen: { color: COLORS.action, fontWeight: '700' },
  condition: { color: COLORS.caution, fontWeight: '700' },
  share: { gap: SPACE.xs },
  went: { color: COLORS.action, fontWeight: '700' },
  figures: { fontVariant: ['tabular-nums'], fontWeight: '700' },
  out: { gap: SPACE.xs, paddingBottom: SPACE.s },
  why: { borderLeftWidth: 3, borderLeftColor: COLORS.line, paddingLeft: SPACE.m, paddingVertical: 2 },
});
