import { useCallback, useEffect, useRef, useState } from 'react';
import {
  bluetoothScale,
  simulatedScale,
  Steadiness,
  type KitchenScale,
  type ScaleReading,
  type SimulatedScale,
} from '@/devices/scales';

export interface OnScale {
  readonly name: string | null;
  readonly reading: ScaleReading | null;
  /** True while the weight stands still. */
  readonly steady: boolean;
  readonly problem: string | null;
  /** Null unless it is the simulated one: the hand that pours. */
  readonly simulated: SimulatedScale | null;
  readonly connect: (which: 'bluetooth' | 'simulated') => void;
  readonly disconnect: () => void;
}

/** A kitchen scale while it is looked at. */
export function useScale(): OnScale {
  const [scale, setScale] = useState<KitchenScale | null>(null);
  const [simulated, setSimulated] = useState<SimulatedScale | null>(null);
  const [reading, setReading] = useState<ScaleReading | null>(null);
  const [steady, setSteady] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const steadiness = useRef(new Steadiness());

  useEffect(() => {
    if (!scale) return undefined;
    const stop = scale.listen((next) => {
      setReading(next);
      setSteady(steadiness.current.see(next, performance.now()));
    });
    return () => {
      stop();
      scale.disconnect();
    };
  }, [scale]);

  const connect = useCallback((which: 'bluetooth' | 'simulated') => {
    setProblem(null);
    const pretend = which === 'simulated' ? simulatedScale() : null;
    const chosen = pretend ?? bluetoothScale();
    chosen.connect().then(
      () => {
        setScale(chosen);
        setSimulated(pretend);
      },
      (error: unknown) =>
        setProblem(
          error instanceof Error && error.name === 'NotFoundError'
            ? 'No scale was chosen.'
            : error instanceof Error
              ? error.message
              : 'The scale did not answer.',
        ),
    );
  }, []);
  const disconnect = useCallback(() => {
    setScale(null);
    setSimulated(null);
    setReading(null);
    setSteady(false);
  }, []);
  return { name: scale?.name ?? null, reading, steady, problem, simulated, connect, disconnect };
}
