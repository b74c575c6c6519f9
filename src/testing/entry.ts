import { NO_RATING, type Batch, type Formula, type HomeSurface, type LogEntry } from '@/core';

/** An entry of the log with nothing special about it, and what a test wants to be so. */
export const entryOf = (more: Partial<LogEntry> = {}): LogEntry => ({
  id: 'e',
  at: '2026-11-20T10:00:00.000Z',
  room: { id: 'r', name: 'Galley' },
  surface: { id: 's', name: 'Sink', material: 'stainless-steel' },
  soil: { id: null, name: '' },
  used: { kind: 'bought', id: null, name: 'soap' },
  dwell: null,
  rinsedAt: more.at ?? '2026-11-20T10:00:00.000Z',
  outcome: 'done',
  rating: NO_RATING,
  workMinutes: null,
  strokes: null,
  notes: '',
  history: [],
  ...more,
});

/** A bottle of a formula with nothing special about it: half a litre's, made on the first of November. */
export const bottleOf = (formula: Formula, more: Partial<Batch> = {}, keepsDays = 90): Batch => ({
  id: 'b',
  formula,
  vessel: { id: 'v', name: 'Sprayer', shape: 'straight-spray', capacityML: 500, material: 'hdpe', opaque: true },
  label: {
    name: formula.name,
    purpose: '',
    never: '',
    contents: [],
    strengths: [],
    cautions: [],
    keeps: { lowDays: keepsDays, highDays: keepsDays, reason: '' },
    shake: false,
  },
  volumeML: 450,
  madeAt: '2026-11-01T10:00:00.000Z',
  state: 'kept',
  endedAt: null,
  ...more,
});

/** A surface of a home of which nothing more is known. */
export const surfaceOf = (more: Partial<HomeSurface> = {}): HomeSurface => ({
  id: 's',
  roomId: 'r',
  name: 'Sink',
  surfaceId: 'stainless-steel',
  sealed: null,
  finish: null,
  ageYears: null,
  areaM2: 1,
  schools: {},
  upkeep: null,
  enteredAt: null,
  ...more,
});
