import { useMemo } from 'react';
import {
  ingredientsOfFormula,
  residueConflicts,
  rankWays,
  residuesAt,
  type LogEntry,
  type ResidueConflict,
  type Settings,
  type Soil,
  type Way,
  type Ways,
} from '@/core';
import type { ChosenPlace } from './place';
import type { InTheHouse } from './useSupplies';

/** A way, with what it would meet of what is left from before. */
export interface HeldWay {
  readonly way: Way;
  readonly meets: readonly ResidueConflict[];
}

export interface FoundWays extends Omit<Ways, 'ways'> {
  readonly ways: readonly HeldWay[];
  /** Ways that would be sound, were it not for what is left from before. */
  readonly stopped: readonly HeldWay[];
}

/** The ways for a place and a soil, held against what earlier jobs left there. */
export function waysFor(
  chosen: ChosenPlace,
  soil: Soil,
  house: InTheHouse,
  settings: Settings,
  recent: readonly LogEntry[],
  nowMs: number,
): FoundWays {
  const at = { ...house.at, schools: { ...house.at.preferences, ...chosen.own?.schools } };
  const air = { roomC: settings.roomC, humidityPercent: settings.humidityPercent };
  const found = rankWays(house.candidates, chosen.envelope, soil, at, air, chosen.joints);
  const residues = residuesAt({ ...chosen.place, small: chosen.room?.small ?? false }, recent, nowMs);
  const held = found.ways.map((way): HeldWay => ({
    way,
    meets:
      residues.length === 0
        ? []
        : residueConflicts(ingredientsOfFormula(way.candidate.formula), residues, nowMs, settings.lives, at.room),
  }));
  // What the person does it with comes first, as long as it is among the ways.
  const usual = chosen.own?.upkeep?.soilId === soil.id ? chosen.own.upkeep.formulaId : null;
  held.sort((a, b) => Number(b.way.candidate.formula.id === usual) - Number(a.way.candidate.formula.id === usual));
  const isStopped = ({ meets }: HeldWay): boolean => meets.some((m) => m.level === 'danger');
  return { ...found, ways: held.filter((h) => !isStopped(h)), stopped: held.filter(isStopped) };
}

/** As {@link waysFor}, worked out anew only when one of these changes. */
export function useWays(
  chosen: ChosenPlace | null,
  soil: Soil | null,
  house: InTheHouse,
  settings: Settings,
  recent: readonly LogEntry[],
  nowMs: number,
): FoundWays | null {
  return useMemo(
    () => (chosen && soil && house.ready ? waysFor(chosen, soil, house, settings, recent, nowMs) : null),
    [chosen, soil, house, settings, recent, nowMs],
  );
}
