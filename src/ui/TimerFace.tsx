import { MINUTE_MS } from '@/core/quantity/time';
import { memo } from 'react';
import { StyleSheet, View } from 'react-native';
import Svg, { Circle, G, Path } from 'react-native-svg';
import type { Timer, TimerKind, TimerNow } from '../core';
import { scallopPath } from './scallop';
import { COLORS, FAMILY, SPACE } from './theme';
import { countdownText, whenText } from './times';
import { Body, SecondaryText } from './Text';

interface Props {
  readonly timer: Timer;
  readonly now: TimerNow;
  readonly nowMs: number;
  /** px; from 200 on it carries its times beside it. */
  readonly size?: number;
}

const CENTRE = 100;
const RADIUS = 78;

/** Each stretch takes its own share of the ring, whatever its length: minutes or weeks read alike. */
const SHARES = { early: 0.3, useful: 0.4, best: 0.3 } as const;

/** Waits with one mark alone: there is nothing to be taken off. */
const PLAIN: readonly TimerKind[] = ['own', 'steam', 'spot-test'];

/** How far round the ring a wait is, 0 to 1. */
function turned(timer: Timer, now: TimerNow): number {
  const minutes = now.elapsedMs / MINUTE_MS;
  const { usefulMinutes: useful, bestMinutes: best, longestMinutes: longest } = timer;
  const within = (from: number, to: number): number => (to > from ? Math.min(1, (minutes - from) / (to - from)) : 1);
  if (PLAIN.includes(timer.kind)) return within(0, best);
  if (minutes < useful) return SHARES.early * within(0, useful);
  if (minutes < best) return SHARES.early + SHARES.useful * within(useful, best);
  return SHARES.early + SHARES.useful + SHARES.best * within(best, longest);
}

/** An arc of the ring between two turns, clockwise from the top. */
function arc(from: number, to: number, radius = RADIUS): string {
  const end = Math.min(to, from + 0.9999);
  const point = (turn: number): string => {
    const angle = 2 * Math.PI * turn - Math.PI / 2;
    return `${(CENTRE + radius * Math.cos(angle)).toFixed(2)} ${(CENTRE + radius * Math.sin(angle)).toFixed(2)}`;
  };
  return `M${point(from)}A${radius} ${radius} 0 ${end - from > 0.5 ? 1 : 0} 1 ${point(end)}`;
}

const SAYS = {
  early: 'until it is of use',
  useful: 'until it is best',
  best: 'left at its best',
  over: 'more adds nothing',
} as const;

/** The three stretches of the ring, and where each ends. */
const USEFUL_AT = SHARES.early;
const BEST_AT = SHARES.early + SHARES.useful;

/** A wait in a line: the ring alone. */
export function TimerRing({ timer, now, size = 40 }: Pick<Props, 'timer' | 'now' | 'size'>) {
  const at = turned(timer, now);
  const over = now.phase === 'over' && timer.mustComeOff;
  const ripe = now.phase === 'best' || now.phase === 'over' || (timer.kind === 'infusion' && now.phase === 'useful');
  return (
    <Svg width={size} height={size} viewBox="0 0 200 200" aria-hidden>
      {ripe && <Path d={scallopPath(CENTRE, CENTRE, 92, 14)} fill={over ? COLORS.dangerTint : COLORS.tape} />}
      <Path d={arc(0, 0.9999)} fill="none" stroke={COLORS.line} strokeWidth={26} />
      {at > 0.004 && <Path d={arc(0, at)} fill="none" stroke={over ? COLORS.danger : COLORS.action} strokeWidth={26} />}
    </Svg>
  );
}

/**
 * A wait on one face: when it becomes of use, when it is best, when it must come off. The ring runs
 * through three stretches; once it is at its best it gets the biscuit's edge.
 */
export const TimerFace = memo(function TimerFace({ timer, now, nowMs, size = 240 }: Props) {
  const at = turned(timer, now);
  const over = now.phase === 'over' && timer.mustComeOff;
  const ink = over ? COLORS.danger : COLORS.action;
  const done = now.phase === 'best' || now.phase === 'over';
  const plain = PLAIN.includes(timer.kind);
  const left = countdownText(now.next && !(plain && done) ? now.next.inMs : 0);
  const says = plain ? (done ? 'the time is up' : 'to go') : over ? 'take it off now' : SAYS[now.phase];
  const start = Date.parse(timer.startedAt);
  const three: readonly (readonly [string, number])[] = [
    ['Of use', timer.usefulMinutes],
    ['Best', timer.bestMinutes],
    [timer.mustComeOff ? 'Off by' : 'No more after', timer.longestMinutes],
  ];
  const marks = plain ? [['Over at', timer.bestMinutes] as const] : three;
  return (
    <View style={styles.face}>
      <View
        style={{ width: size, height: size }}
        role="timer"
        aria-label={`${timer.name}: ${says}`}
        testID="timer-face"
      >
        <Svg width={size} height={size} viewBox="0 0 200 200" aria-hidden>
          {done ? (
            <Path d={scallopPath(CENTRE, CENTRE, 92, 22)} fill={over ? COLORS.dangerTint : COLORS.actionTint} />
          ) : (
            <Circle cx={CENTRE} cy={CENTRE} r={94} fill={COLORS.sheet} />
          )}
          <G fill="none" strokeWidth={13}>
            {plain ? (
              <Path d={arc(0, 0.9999)} stroke={COLORS.line} />
            ) : (
              <>
                <Path d={arc(0, USEFUL_AT - 0.008)} stroke={COLORS.line} />
                <Path d={arc(USEFUL_AT + 0.008, BEST_AT - 0.008)} stroke="#B9CDB4" />
                <Path d={arc(BEST_AT + 0.008, 0.992)} stroke={timer.mustComeOff ? '#E3B4A8' : '#B9CDB4'} />
              </>
            )}
            {at > 0.004 && <Path d={arc(0, at)} stroke={ink} strokeWidth={7} strokeLinecap="round" />}
          </G>
        </Svg>
        <View style={styles.middle}>
          <Body style={[styles.left, { color: ink, fontSize: left.length > 6 ? 34 : 46 }]} testID="time-left">
            {left}
          </Body>
          <SecondaryText style={styles.says}>{says}</SecondaryText>
        </View>
      </View>
      <View style={styles.marks}>
        {marks.map(([word, minutes]) => (
          <View key={word} style={styles.mark}>
            <SecondaryText style={styles.word}>{word}</SecondaryText>
            <Body style={styles.when} testID={`when-${word.split(' ')[0]?.toLowerCase() ?? ''}`}>
              {whenText(start + minutes * MINUTE_MS, nowMs)}
            </Body>
          </View>
        ))}
      </View>
    </View>
  );
});

const styles = StyleSheet.create({
  face: { alignItems: 'center', gap: SPACE.m },
  middle: {
    position: 'absolute',
    top: 0,
    left: 0,
    right: 0,
    bottom: 0,
    alignItems: 'center',
    justifyContent: 'center',
  },
  left: { fontFamily: FAMILY.body, fontWeight: '700', lineHeight: 54, fontVariant: ['tabular-nums'] },
  says: { maxWidth: 120, textAlign: 'center', lineHeight: 19 },
  marks: { flexDirection: 'row', alignSelf: 'stretch', justifyContent: 'center' },
  mark: { flex: 1, maxWidth: 130, alignItems: 'center' },
  word: { lineHeight: 20 },
  when: { fontWeight: '700', fontSize: 19, fontVariant: ['tabular-nums'] },
});
