import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { useHome, useSettings } from '@/data';
import { hasBluetooth } from '@/devices/scales';
import { Action, Body, Overline, massText, formatNumber, SecondaryText } from '@/ui';
import { styles } from './makeStyles';
import type { OnScale } from './useScale';

/** g/s of the simulated hand. */
const HAND_G_PER_S = 45;

/** Grams on a scale, from where this line began; cumulative over the lines as the scale itself counts. */
export function ByWeight({
  scale,
  wantG,
  onLive,
  onDone,
  onStop,
}: {
  scale: OnScale;
  wantG: number;
  onLive: (grams: number) => void;
  onDone: (grams: number) => void;
  onStop: () => void;
}) {
  const settings = useSettings();
  const { kind } = useHome();
  const [base, setBase] = useState<number | null>(null);
  const [pouring, setPouring] = useState(false);
  const total = scale.reading?.massG ?? null;
  const grams = total === null || base === null ? null : Math.max(0, total - base);
  // The line begins from the first weight that stands still.
  if (base === null && total !== null && scale.steady) setBase(total);
  useEffect(() => {
    if (grams !== null) onLive(grams);
  }, [grams, onLive]);

  if (scale.name === null) {
    return (
      <View style={styles.choice}>
        <Body>The bottle stands on the scale; what is in it already is counted off.</Body>
        {hasBluetooth() && (
          <Action title="Find a Bluetooth scale" onPress={() => scale.connect('bluetooth')} testID="scale-bluetooth" />
        )}
        {kind === 'demo' && (
          <Action
            title="Take the simulated scale"
            onPress={() => scale.connect('simulated')}
            testID="scale-simulated"
          />
        )}
        {!hasBluetooth() && kind !== 'demo' && (
          <Body>This browser cannot speak to a scale. Weigh, and type the grams under “Another amount went in”.</Body>
        )}
        {scale.problem !== null && <Body style={styles.stopped}>{scale.problem}</Body>}
        <Action title="Not by weight" weight="quiet" onPress={onStop} />
      </View>
    );
  }
  const left = grams === null ? wantG : wantG - grams;
  const coarse = scale.reading !== null && scale.reading.stepG > 0.1 * wantG;
  return (
    <View style={styles.choice} testID="scale">
      <Overline>{scale.name}</Overline>
      <Body style={styles.huge} testID="scale-grams" aria-live="polite">
        {grams === null ? 'Wait…' : massText(grams, settings.units)}
      </Body>
      <Body style={[styles.large, left < -0.05 * wantG && styles.stopped]}>
        {left > 0.5
          ? `${massText(left, settings.units)} to go`
          : left < -0.05 * wantG
            ? `${massText(-left, settings.units)} too much`
            : 'That is it'}
        {grams !== null && !scale.steady ? ' · moving' : ''}
      </Body>
      <SecondaryText>
        {total === null
          ? ''
          : `${massText(total, settings.units)} on the scale in all; ${massText((base ?? 0) + wantG, settings.units)} when this is in.`}
      </SecondaryText>
      {coarse && (
        <SecondaryText>
          This scale counts in steps of {formatNumber(scale.reading?.stepG ?? 0)} g: too coarse for so little. Use a
          spoon or drops.
        </SecondaryText>
      )}
      {scale.simulated && (
        <Action
          title={pouring ? 'Stop pouring' : 'Pour'}
          onPress={() => {
            if (pouring) scale.simulated?.stopPour();
            else scale.simulated?.startPour(HAND_G_PER_S);
            setPouring(!pouring);
          }}
          testID="simulated-pour"
        />
      )}
      <Action
        title={grams === null ? 'It is in' : `It is in: ${massText(grams, settings.units)}`}
        weight="main"
        onPress={() => onDone(grams ?? 0)}
        disabled={grams === null || grams <= 0 || !scale.steady || pouring}
        testID="weighed"
      />
      <Action title="Not by weight" weight="quiet" onPress={onStop} />
    </View>
  );
}
