import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import {
  resolveIngredient,
  shiftML,
  toPourML,
  vesselHeightMM,
  withPoured,
  type BatchInProgress,
  type PouredLine,
  type PourPlan,
} from '@/core';
import { useSettings } from '@/data';
import { typedMeasureIn, readAs } from '@/devices';
import {
  Action,
  Body,
  Columns,
  Field,
  massText,
  formatNumber,
  Screen,
  SecondaryText,
  VerdictMark,
  volumeText,
  capital,
} from '@/ui';
import { ByWeight } from './ByWeight';
import { styles } from './makeStyles';
import { measureText } from '../batch/MeasureList';
import { FillProgress } from './FillProgress';
import type { OnScale } from './useScale';

interface PourProps {
  readonly batch: BatchInProgress;
  readonly plan: PourPlan;
  readonly line: PouredLine;
  readonly head: ReactNode;
  readonly back: ReactNode;
  readonly put: (batch: BatchInProgress) => void;
  readonly scale: OnScale;
  readonly byWeight: boolean;
  readonly onByWeight: (byWeight: boolean) => void;
}

/** One line to pour: how much, up to where, and why now. By tools and marks, or by weight. */
export function PourStep({ batch, plan, line, head, back, put, scale, byWeight, onByWeight }: PourProps) {
  const settings = useSettings();
  const [other, setOther] = useState<string | null>(null);
  const [liveML, setLiveML] = useState(0);
  const wantML = toPourML(batch, line);
  const topUp = (batch.poured[line.line.id] ?? 0) > 0;
  const density = resolveIngredient(line.line.ingredient).densityGPerML;
  const dry = line.form === 'powder' || line.form === 'solid';
  const grams = wantML * density;
  const typed = other === null ? NaN : typedMeasureIn(other);
  const typedML = dry ? typed / density : typed;
  const done = (volumeML: number): void => put(withPoured(batch, line, volumeML));
  const levelML = line.levelML + shiftML(batch, plan);
  const mark = batch.inBottle && plan.bottles === 1 && line.pourToMM !== null;
  return (
    <Screen
      next={
        byWeight ? null : other !== null ? (
          <Action
            title="This much went in"
            weight="main"
            onPress={() => done(typedML)}
            disabled={!(typedML > 0) || typedML > 100_000}
            testID="poured-other"
          />
        ) : (
          <Action title="It is in" weight="main" onPress={() => done(wantML)} testID="poured" />
        )
      }
    >
      {head}
      <Columns
        left={<FillProgress batch={batch} plan={plan} line={line} extraML={byWeight ? liveML : wantML} />}
        right={
          <View style={styles.column}>
            <Body style={styles.huge} testID="pour">
              {byWeight
                ? massText(grams, settings.units)
                : topUp
                  ? `${dry ? massText(grams, settings.units) : volumeText(wantML, settings.units)} more`
                  : capital(measureText(line, settings.units))}
            </Body>
            <Body style={styles.large}>{line.name}</Body>
            {!byWeight && (
              <Body>
                {dry
                  ? `${massText(grams, settings.units)}, or ${volumeText(wantML, settings.units)} by spoon`
                  : `${volumeText(wantML, settings.units)}, or ${massText(grams, settings.units)}`}
                {mark && !topUp
                  ? `; up to the mark: ${formatNumber(levelML)} mL, ${formatNumber(vesselHeightMM(batch.vessel, levelML))} mm high`
                  : ''}
                .
              </Body>
            )}
            {line.care !== null && (
              <View style={styles.care} testID="care">
                <VerdictMark level="caution" size={28} />
                <Body style={styles.grow}>{line.care}</Body>
              </View>
            )}
            <SecondaryText>{line.why}</SecondaryText>
            {byWeight ? (
              <ByWeight
                scale={scale}
                wantG={grams}
                onLive={(g) => setLiveML(g / density)}
                onDone={(g) => done(g / density)}
                onStop={() => onByWeight(false)}
              />
            ) : (
              <>
                {other !== null && (
                  <Field
                    label={`What really went in, ${dry ? 'g' : 'mL'}`}
                    value={other}
                    onChangeText={setOther}
                    inputMode="decimal"
                    hint={readAs(other)}
                    autoFocus
                    maxLength={8}
                    error={
                      other.trim() === '' || typed > 0
                        ? null
                        : `Give a number of ${dry ? 'g' : 'mL'}, for example ${formatNumber(dry ? grams : wantML)}.`
                    }
                    testID="really"
                  />
                )}
                <View style={styles.quiet}>
                  <Action
                    title={other === null ? 'Another amount went in' : 'It went in as meant'}
                    onPress={() => setOther(other === null ? '' : null)}
                    testID="other-amount"
                  />
                  {line.drops === null && (
                    <Action title="By weight" onPress={() => onByWeight(true)} testID="by-weight" />
                  )}
                </View>
              </>
            )}
            {back}
          </View>
        }
      />
    </Screen>
  );
}
