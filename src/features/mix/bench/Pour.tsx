import { useWindowDimensions } from 'react-native';
import { vesselShape, type PourPlan, type Vessel } from '@/core';
import { BottleDrawing, Heading, Section, formatNumber, SecondaryText, SPACE, useWide, volumeText } from '@/ui';
import { MeasureList } from '../batch/MeasureList';
import { RoundingNote } from './ScaleChoice';

/** Width and height of the picture at most, px: beside the facts on a wide screen, alone on a phone. */
const BESIDE = { width: 320, height: 400 };
const ALONE = { width: 360, height: 300 };

/** The bottle with its layers and tape marks: the picture of the bench. */
export function PourPicture({ plan, vessel }: { plan: PourPlan; vessel: Vessel }) {
  const wide = useWide();
  const { width } = useWindowDimensions();
  const most = wide ? BESIDE : ALONE;
  return (
    <BottleDrawing
      profile={plan.profile}
      top={vesselShape(vessel.shape).top}
      width={Math.min(most.width, width - 2 * SPACE.l)}
      height={most.height}
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
  );
}

interface MeasuresProps {
  readonly plan: PourPlan;
  readonly vessel: Vessel;
  readonly units: 'metric' | 'us';
  readonly inBottle: boolean;
}

/** How much in all, what rounding does, and the measure list. */
export function PourMeasures({ plan, vessel, units, inBottle }: MeasuresProps) {
  const { closes } = vesselShape(vessel.shape);
  return (
    <Section>
      <Heading>How much of each</Heading>
      <SecondaryText>
        {!inBottle
          ? `${volumeText(plan.batchML, units)} in a bowl, bucket or jug that holds a third more.`
          : plan.bottles > 1
            ? `${volumeText(plan.batchML, units)} in all; each bottle to ${volumeText(plan.fillML, units)}, ${formatNumber(plan.fillMM)} mm high.`
            : `${volumeText(plan.fillML, units)} into ${vessel.name}, ${Math.round(100 * (1 - plan.fillML / vessel.capacityML))} % left free${closes ? ' to shake' : ' to stir'}.`}
      </SecondaryText>
      <RoundingNote plan={plan} units={units} />
      <MeasureList lines={plan.lines} units={units} />
    </Section>
  );
}
