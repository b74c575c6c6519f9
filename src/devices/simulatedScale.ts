import type { KitchenScale, ScaleReading } from './scale';

/** Time and chance come in, so that a test can hold both. */
export interface SimulatedParts {
  readonly nowMS: () => number;
  readonly every: (ms: number, tick: () => void) => () => void;
  /** From 0 up to 1. */
  readonly chance: () => number;
}

const READ_EVERY_MS = 100;
/** A kitchen scale of this step. */
const STEP_G = 1;
/** The pan takes so long to come to two thirds of a new weight, ms. */
const SETTLE_MS = 180;
/** What is in the air when the hand stops, ms of pouring. */
const FALLS_ON_MS = 350;
const DRIFT_G_PER_MIN = 0.4;
const NOISE_G = 0.25;

/** A scale that is not there: it pours when told, overshoots by what is in the air, drifts, and settles. */
export interface SimulatedScale extends KitchenScale {
  /** Pours at a rate, g/s, until stopped. */
  startPour(gramsPerSecond: number): void;
  stopPour(): void;
}

const REAL: SimulatedParts = {
  nowMS: () => performance.now(),
  every: (ms, tick) => {
    const timer = setInterval(tick, ms);
    return () => clearInterval(timer);
  },
  chance: Math.random,
};

/** Makes a simulated scale: for the demo home, and for tests. */
export function simulatedScale(parts: SimulatedParts = REAL): SimulatedScale {
  const listeners = new Set<(reading: ScaleReading) => void>();
  let stop: (() => void) | null = null;
  let onPanG = 0;
  let shownG = 0;
  let pouringG = 0;
  let stopsAtMS: number | null = null;
  let lastMS = 0;
  let drift = 0;

  const tick = (): void => {
    const now = parts.nowMS();
    const passedMS = Math.max(0, now - lastMS);
    if (pouringG > 0) {
      const until = stopsAtMS === null ? now : Math.min(now, stopsAtMS);
      onPanG += (pouringG * Math.max(0, until - lastMS)) / 1000;
      if (stopsAtMS !== null && now >= stopsAtMS) {
        pouringG = 0;
        stopsAtMS = null;
      }
    }
    shownG += (onPanG - shownG) * (1 - Math.exp(-passedMS / SETTLE_MS));
    drift += ((parts.chance() - 0.5) * 2 * DRIFT_G_PER_MIN * passedMS) / 60_000;
    lastMS = now;
    const noisyG = shownG + drift + (parts.chance() - 0.5) * 2 * NOISE_G;
    const massG = Math.max(0, Math.round(noisyG / STEP_G) * STEP_G);
    listeners.forEach((heard) => heard({ massG, stepG: STEP_G }));
  };

  return {
    name: 'Simulated scale',
    connect: () => {
      lastMS = parts.nowMS();
      stop ??= parts.every(READ_EVERY_MS, tick);
      return Promise.resolve();
    },
    listen: (heard) => {
      listeners.add(heard);
      return () => listeners.delete(heard);
    },
    disconnect: () => {
      stop?.();
      stop = null;
    },
    startPour: (gramsPerSecond) => {
      lastMS = parts.nowMS();
      pouringG = gramsPerSecond;
      stopsAtMS = null;
    },
    stopPour: () => {
      if (pouringG > 0 && stopsAtMS === null) stopsAtMS = parts.nowMS() + FALLS_ON_MS;
    },
  };
}
