import type { SourceKey } from './sources';

/**
 * The acid–base systems of the cupboard: an acid and all it turns into as it gives its protons away one
 * by one. The equilibrium knows these alone; a substance says which of them it brings.
 */
export type SystemId =
  | 'acetic'
  | 'citric'
  | 'tartaric'
  | 'lactic'
  | 'oxalic'
  | 'sulfamic'
  | 'hydrochloric'
  | 'sulfuric'
  | 'formic'
  | 'nitric'
  | 'hydrofluoric'
  | 'peracetic'
  | 'phosphoric'
  | 'carbonic'
  | 'boric'
  | 'ammonium'
  | 'peroxide'
  | 'hypochlorous'
  | 'silicic'
  | 'fatty';

export interface AcidSystem {
  readonly id: SystemId;
  readonly name: string;
  /** Charge of the form that holds all its protons. */
  readonly charge: number;
  /** pKa of each proton in turn, in water at 25 °C and no ionic strength. */
  readonly pKas: readonly number[];
  readonly source: SourceKey;
}

/** A strong acid gives its proton whatever it meets: any figure this far below 0 says so. */
const STRONG = -6;

/** pKa at 25 °C: CRC Handbook; "memory" where the source says so. */
export const ACID_SYSTEMS: readonly AcidSystem[] = [
  { id: 'acetic', name: 'acetic acid', charge: 0, pKas: [4.756], source: 'crc' },
  { id: 'citric', name: 'citric acid', charge: 0, pKas: [3.128, 4.761, 6.396], source: 'crc' },
  { id: 'tartaric', name: 'tartaric acid', charge: 0, pKas: [3.036, 4.366], source: 'crc-memory' },
  { id: 'lactic', name: 'lactic acid', charge: 0, pKas: [3.86], source: 'crc-memory' },
  { id: 'oxalic', name: 'oxalic acid', charge: 0, pKas: [1.25, 4.27], source: 'crc-memory' },
  { id: 'sulfamic', name: 'sulfamic acid', charge: 0, pKas: [1.0], source: 'crc-memory' },
  { id: 'hydrochloric', name: 'hydrochloric acid', charge: 0, pKas: [STRONG], source: 'crc-memory' },
  { id: 'sulfuric', name: 'sulfuric acid', charge: 0, pKas: [STRONG, 1.99], source: 'crc-memory' },
  { id: 'formic', name: 'formic acid', charge: 0, pKas: [3.75], source: 'crc-memory' },
  { id: 'nitric', name: 'nitric acid', charge: 0, pKas: [STRONG], source: 'crc-memory' },
  { id: 'hydrofluoric', name: 'hydrofluoric acid', charge: 0, pKas: [3.17], source: 'crc-memory' },
  { id: 'peracetic', name: 'peracetic acid', charge: 0, pKas: [8.2], source: 'crc-memory' },
  { id: 'phosphoric', name: 'phosphoric acid', charge: 0, pKas: [2.148, 7.198, 12.35], source: 'crc' },
  { id: 'carbonic', name: 'carbonic acid', charge: 0, pKas: [6.352, 10.329], source: 'crc' },
  { id: 'boric', name: 'boric acid', charge: 0, pKas: [9.237], source: 'crc' },
  { id: 'ammonium', name: 'ammonium', charge: 1, pKas: [9.246], source: 'crc' },
  { id: 'peroxide', name: 'hydrogen peroxide', charge: 0, pKas: [11.65], source: 'crc' },
  { id: 'hypochlorous', name: 'hypochlorous acid', charge: 0, pKas: [7.53], source: 'crc' },
  { id: 'silicic', name: 'silicic acid', charge: 0, pKas: [9.84, 13.2], source: 'crc-memory' },
  // The acids of soap in micelles: apparent pKa 7 to 9, 8 taken (from memory).
  { id: 'fatty', name: 'fatty acid', charge: 0, pKas: [8], source: 'crc-memory' },
];

/** The band of the apparent pKa of soap's acids. */
export const FATTY_PKA = { low: 7, middle: 8, high: 9 } as const;

const INDEX = new Map(ACID_SYSTEMS.map((s, i) => [s.id, i]));

/** Where a system stands in {@link ACID_SYSTEMS}. */
export function systemIndex(id: SystemId): number {
  const index = INDEX.get(id);
  if (index === undefined) throw new Error(`No row for the acid–base system ${id}`);
  return index;
}

/** The system of an id. */
export function acidSystem(id: SystemId): AcidSystem {
  const found = ACID_SYSTEMS[systemIndex(id)];
  if (!found) throw new Error(`No row for the acid–base system ${id}`);
  return found;
}
