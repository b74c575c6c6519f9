import { useMemo } from 'react';
import {
  heldWays,
  rankWays,
  residuesAt,
  wentHere,
  type EvaluationContext,
  type HeldWays,
  type LogEntry,
  type Settings,
  type Soil,
  type Ways,
} from '@/core';
import type { ChosenPlace } from './place';
import type { InTheHouse } from './useSupplies';

/** What is to be cleaned. */
export interface CleaningTask {
  readonly chosen: ChosenPlace;
  readonly soil: Soil;
}

/** The home's context, with the choices made for this surface alone. */
const contextAt = ({ chosen }: CleaningTask, house: InTheHouse): EvaluationContext => ({
  ...house.context,
  preferences: { ...house.context.preferences, ...chosen.own?.schools },
});

function rankedFor(
  task: CleaningTask,
  house: InTheHouse,
  { roomC, humidityPercent }: Settings,
  recent: readonly LogEntry[],
): Ways {
  const { surface, joints, place } = task.chosen;
  const went = wentHere(recent, place.surfaceId, task.soil.id);
  return rankWays(
    house.candidates,
    surface,
    task.soil,
    contextAt(task, house),
    { roomC, humidityPercent },
    { joints, areaM2: place.areaM2, went },
  );
}

function heldFor(task: CleaningTask, ranked: Ways, house: InTheHouse, recent: readonly LogEntry[], nowMs: number) {
  const { chosen, soil } = task;
  const residues = residuesAt({ ...chosen.place, small: chosen.room?.small ?? false }, recent, nowMs);
  const usual = chosen.own?.upkeep?.soilId === soil.id ? chosen.own.upkeep.formulaId : null;
  return heldWays(ranked, residues, nowMs, house.context, usual);
}

/**
 * The ways for each of some tasks. Weighing them up depends on the tasks, the supplies and the air; only what
 * earlier jobs left is looked at anew as time goes on.
 * @param tasks stable between renders; null while they are not known
 */
export function useWays(
  tasks: readonly CleaningTask[] | null,
  house: InTheHouse,
  settings: Settings,
  recent: readonly LogEntry[],
  nowMs: number,
): readonly HeldWays[] | null {
  const ranked = useMemo(
    () => (tasks && house.ready ? tasks.map((task) => rankedFor(task, house, settings, recent)) : null),
    [tasks, house, settings, recent],
  );
  return useMemo(
    () =>
      tasks && ranked
        ? tasks.flatMap((task, i) => (ranked[i] ? [heldFor(task, ranked[i], house, recent, nowMs)] : []))
        : null,
    [tasks, ranked, house, recent, nowMs],
  );
}
