import { StyleSheet, useWindowDimensions, View } from 'react-native';
import { vesselShape, type PourPlan, type Vessel } from '@/core';
import { BottleDrawing, Heading, Part, readable, Soft, SPACE, useWide, volumeText } from '@/ui';
import { MeasureList } from './MeasureList';
import { RoundingNote } from './ScaleChoice';

/** The bottle with its layers, and beside or below it the measure list. */
export function Pour({
  plan,
  vessel,
  units,
  inBottle,
}: {
  plan: PourPlan;
  vessel: Vessel;
  units: 'metric' | 'us';
  inBottle: boolean;
}) {
  const wide = useWide();
  const { width } = useWindowDimensions();
  const drawing = Math.min(360, width - 2 * SPACE.l);
  const shape = vesselShape(vessel.shape);
  return (
    <Part>
      <Heading>How much of each</Heading>
      <Soft>
        {!inBottle
          ? `${volumeText(plan.batchML, units)} in a bowl, bucket or jug that holds a third more.`
          : plan.bottles > 1
            ? `${volumeText(plan.batchML, units)} in all; each bottle to ${volumeText(plan.fillML, units)}, ${readable(plan.fillMM)} mm high.`
            : `${volumeText(plan.fillML, units)} into ${vessel.name}, ${Math.round(100 * (1 - plan.fillML / vessel.capacityML))} % left free${shape.closes ? ' to shake' : ' to stir'}.`}
      </Soft>
      <RoundingNote plan={plan} units={units} />
      <View style={[styles.pour, wide && styles.pourWide]}>
        {inBottle && (
          <BottleDrawing
            profile={plan.profile}
            top={shape.top}
            width={drawing}
            height={wide ? 380 : 300}
            layers={
              plan.bottles > 1
                ? [
                    {
                      key: 'all',
                      name: 'all of it, mixed',
                      ingredientId: 'mixed',
                      form: 'liquid',
                      topMM: plan.fillMM,
                      levelML: plan.fillML,
                    },
                  ]
                : plan.lines.map((l) => ({
                    key: l.line.id,
                    name: l.name,
                    ingredientId: l.ingredientId,
                    form: l.form,
                    topMM: l.pourToMM,
                    levelML: l.levelML,
                  }))
            }
          />
        )}
        <View style={styles.list}>
          <MeasureList lines={plan.lines} units={units} />
        </View>
      </View>
    </Part>
  );
}

const styles = StyleSheet.create({
  pour: { gap: SPACE.m, alignItems: 'stretch' },
  pourWide: { flexDirection: 'row', alignItems: 'flex-start' },
  list: { flex: 1 },
});
