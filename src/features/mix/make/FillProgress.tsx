import { useWindowDimensions } from 'react-native';
import {
  shiftML,
  toPourML,
  vesselHeightMM,
  vesselShape,
  type BatchInProgress,
  type PouredLine,
  type PourPlan,
} from '@/core';
import { BottleDrawing, SPACE, useWide } from '@/ui';

/** The bottle as far as it is filled, and the mark to pour the next line to. */
export function FillProgress({
  batch,
  plan,
  line,
  extraML,
}: {
  batch: BatchInProgress;
  plan: PourPlan;
  line: PouredLine | null;
  /** mL of the line that is being poured: all that is wanted, or what the scale shows. */
  extraML: number;
}) {
  const wide = useWide();
  const { width } = useWindowDimensions();
  if (!batch.inBottle || plan.bottles > 1) return null;
  const { vessel } = batch;
  const shift = shiftML(batch, plan);
  const shown = plan.lines.filter((l) => batch.done.includes(l.line.id) || l === line);
  return (
    <BottleDrawing
      profile={plan.profile}
      top={vesselShape(vessel.shape).top}
      width={Math.min(360, width - 2 * SPACE.l)}
      height={wide ? 400 : 250}
      layers={shown.map((l) => {
        const short = l === line ? toPourML(batch, l) - extraML : 0;
        const levelML = Math.max(0, l.levelML + (batch.done.includes(l.line.id) || l === line ? shift : 0) - short);
        return {
          key: l.line.id,
          name: l.name,
          ingredientId: l.ingredientId,
          form: l.form,
          topMM: l.pourToMM === null ? null : vesselHeightMM(vessel, levelML),
          levelML,
        };
      })}
    />
  );
}
