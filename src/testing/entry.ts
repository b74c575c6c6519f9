import { NO_RATING, type LogEntry } from '@/core';

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
