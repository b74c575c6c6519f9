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
  SHARES,
  wayKey,
  type Share,
  type Soil,
  type Way,
  MINUTE_MS,
  type HeldWay,
  oneStepFurther,
  type UsedBefore,
} from '@/core';
import { tricksFor } from '@/core/doors/tricks';
import { newId, useRecentLog, useSettings, useWriteHome } from '@/data';
import {
  Action,
  Body,
  Choice,
  COLORS,
  Columns,
  Heading,
  Section,
  Screen,
  SecondaryText,
  SPACE,
  Title,
  TrickLine,
  useNow,
} from '@/ui';
import type { ChosenPlace } from './place';
import { jobOf, partFrom } from './startJob';
import { BlockedByResidue } from './BlockedByResidue';
import { useSupplies } from './useSupplies';
import { useWays } from './useWays';
import { RuledOutList } from './RuledOutList';
import { WayCard } from './WayCard';
import { wayTitle } from './wayTitle';

interface Props {
  readonly chosen: ChosenPlace;
  readonly soil: Soil;
  readonly onSoil: () => void;
  /** What was not enough; null where nothing was tried. */
  readonly used: UsedBefore | null;
  /** The method that was asked for; empty where none was. */
  readonly methodId: string;
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

/** A way in the amount for as much of the place as the person says. */
const withShare = (way: Way, { surface, place }: ChosenPlace, share: Share | null): Way =>
  share === null ? way : { ...way, amount: wayAmountOf(way.method, surface.id, place.areaM2, share) };

/** True where it takes more of it for all than for a spot: a kettle is filled either way. */
function goesByShare(way: Way, chosen: ChosenPlace): boolean {
  const [spot, all] = (['spot', 'all'] as const).map((share) => withShare(way, chosen, share).amount);
  return spot?.volumeML !== all?.volumeML || spot?.massG !== all?.massG;
}

/** How many ways stand open at first. */
const SHOWN = 3;

/** The ways for a surface and a soil, the best first; below, what is ruled out and why. */
export function WaysList({ chosen, soil, onSoil, used, methodId }: Props) {
  const router = useRouter();
  const settings = useSettings();
  const house = useSupplies(chosen.room?.small ? 'small' : 'large');
  const recent = useRecentLog(RATED_DAYS);
  const nowMs = useNow(MINUTE_MS);
  const write = useWriteHome({ failed: 'Not started' });
  const tasks = useMemo(() => [{ chosen, soil }], [chosen, soil]);
  const found = useWays(tasks, house, settings, recent.data ?? NONE, nowMs)?.[0];
  const [chosenAt, setPicked] = useState<number | null>(null);
  const [all, setAll] = useState(false);
  const [share, setShare] = useState<Share | null>(null);
  if (!found || !recent.isSuccess) return <Screen>{null}</Screen>;
  const disputed = heldHere(chosen, soil, house.context.preferences);
  const unlikely = likelihoodOf(chosen.surface.id, soil.id, chosen.room?.kind ?? null) === 'unlikely';
  const asked = Math.max(
    0,
    found.ways.findIndex(({ way }) => way.method.id === methodId),
  );
  const picked = chosenAt ?? (used ? oneStepFurther(found.ways, used) : asked);
  const tricks = tricksFor(chosen.surface.id, soil.id);
  // What is chosen is always to be seen.
  const shown = found.ways.map((held, at) => ({ held, at })).filter(({ at }) => all || at < SHOWN || at === picked);
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
        {found.first !== '' && (
          <Body>
            <Body style={styles.bold}>First: </Body>
            {found.first}
          </Body>
        )}
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
          Biscuit does not know what was last used on it: after a bought cleaner, rinse it well first.
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
            {best?.way.amount && goesByShare(best.way, chosen) && (
              <View style={styles.share}>
                <SecondaryText>How much of it is soiled?</SecondaryText>
                <Choice
                  label="How much of it is soiled?"
                  options={SHARE_OPTIONS}
                  chosen={[share ?? best.way.method.share]}
                  onChoose={setShare}
                />
              </View>
            )}
            {!house.knowsCupboard && found.ways.some((h) => h.way.candidate) && (
              <SecondaryText>Your cupboard is not filled in yet, so every ingredient counts as there.</SecondaryText>
            )}
            {shown.map(({ held, at }) => (
              <WayCard
                key={wayKey(held.way)}
                held={held}
                material={chosen.surface.id}
                areaM2={chosen.place.areaM2}
                share={share}
                on={at === picked}
                knowsCupboard={house.knowsCupboard}
                leftML={house.leftML.get(held.way.candidate?.formula.id ?? '') ?? null}
                onPick={() => setPicked(at)}
              />
            ))}
            {found.ways.length > shown.length && (
              <Action
                title={`${found.ways.length - shown.length} more ways`}
                onPress={() => setAll(true)}
                testID="more-ways"
              />
            )}
            {disputed.length > 0 && <SecondaryText>Careful people differ. {disputed.join(' ')}</SecondaryText>}
          </Section>
        }
        right={
          <>
            {tricks.length > 0 && (
              <Section>
                <Heading>Tricks people know for this</Heading>
                <View>
                  {tricks.map((trick) => (
                    <TrickLine key={trick.id} trick={trick} onGo={router.push} />
                  ))}
                </View>
              </Section>
            )}
            {found.ruledOut.length > 0 && <RuledOutList ruledOut={found.ruledOut} />}
          </>
        }
      />
    </Screen>
  );
}

const NONE: readonly never[] = [];

const styles = StyleSheet.create({
  beyond: { color: COLORS.caution, fontWeight: '700' },
  bold: { fontWeight: '700' },
  share: { gap: SPACE.xs },
});
