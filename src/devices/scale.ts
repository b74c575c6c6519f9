/** One reading of a kitchen scale. */
export interface ScaleReading {
  readonly massG: number;
  /** The scale's own step, g: finer than this it does not know. */
  readonly stepG: number;
}

/** A kitchen scale, real or simulated, behind one interface. Readings are of everything that stands on it. */
export interface KitchenScale {
  readonly name: string;
  /** Connects; throws an Error with words for the person if it cannot. */
  connect(): Promise<void>;
  /** Calls back at every reading; returns how to stop. */
  listen(heard: (reading: ScaleReading) => void): () => void;
  disconnect(): void;
}

/** Readings that have stayed this close together for {@link STEADY_MS} are one weight, in steps of the scale. */
const STEADY_STEPS = 1;
const STEADY_MS = 700;

/** Watches readings for the scale to come to rest. Give it every reading with its time, ms. */
export class Steadiness {
  private since: number | null = null;
  private about = 0;

  /** True once the weight has stood still for a while. */
  see(reading: ScaleReading, atMS: number): boolean {
    if (this.since === null || Math.abs(reading.massG - this.about) > STEADY_STEPS * reading.stepG + 1e-9) {
      this.since = atMS;
      this.about = reading.massG;
    }
    return atMS - this.since >= STEADY_MS;
  }
}
