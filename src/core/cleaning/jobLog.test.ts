import { STARTER_FORMULAS } from '../formula/starters';
import { logEntrySchema } from '../exchange/records';
import { validate } from '../formula/schema';
import { DWELL_END_REASONS, type Job, type JobPart } from './job';
import { DWELL_END_WORDS, entryOfPart, entryOfUse, jobAfterEntry, usedOf } from './jobLog';
import { NO_RATING } from './logEntry';

const [formula] = STARTER_FORMULAS;
const AT = '2026-11-25T08:00:00.000Z';
const part: JobPart = {
  id: 'p',
  place: { surfaceId: 's', roomId: 'r', roomName: 'Galley', name: 'Tap', material: 'chrome', areaM2: 0.1 },
  soil: { id: 'limescale', name: 'Limescale' },
  formula: formula!,
  method: { id: 'scale-chrome', name: 'Wrapped', form: 'bag' },
  from: 'shelf',
  application: 'film',
  amount: null,
  dwell: {
    usefulMinutes: 5,
    bestMinutes: 10,
    longestMinutes: 15,
    limitedBy: 'soil',
    harmAfterMinutes: null,
    dryMinutes: null,
    rewetEveryMinutes: null,
  },
  steps: [
    { key: 'make', text: 'Make it.', minutes: null, mind: [], tip: null },
    { key: 'apply', text: 'Put it on.', minutes: null, mind: [], tip: null },
    { key: 'inspect', text: 'Look.', minutes: null, mind: [], tip: null },
  ],
  at: 2,
  timerId: 't',
  dwelt: { tookMinutes: 4, rewets: 1, endReason: 'dried-out' },
  rinsedAt: null,
  afterId: null,
  state: 'open',
};
const noted = { rating: NO_RATING, workMinutes: 5, strokes: null, notes: ' fine ', rinsed: true, took: null };

test('a part of a job, as the log has it', () => {
  const entry = validate(logEntrySchema, entryOfPart(part, 'done', noted, 'e', AT));
  expect(entry).toMatchObject({
    ok: true,
    value: {
      dwell: { plannedMinutes: 10, tookMinutes: 4, rewets: 1, endedBecause: 'it dried out' },
      rinsedAt: AT,
      notes: 'fine',
      used: { kind: 'formula', id: formula!.id },
    },
  });
  expect(entryOfPart(part, 'done', { ...noted, rinsed: false }, 'e', AT).rinsedAt).toBeNull();
  expect(entryOfPart({ ...part, rinsedAt: '2026-11-25T07:50:00.000Z' }, 'done', noted, 'e', AT).rinsedAt).toBe(
    '2026-11-25T07:50:00.000Z',
  );
  // What was typed and is no number is for the schema to refuse.
  expect(validate(logEntrySchema, entryOfPart(part, 'done', { ...noted, strokes: 'many' }, 'e', AT)).ok).toBe(false);
});

test('something used without the guide, as the log has it', () => {
  const surface = {
    id: 's',
    roomId: 'r',
    name: 'Tap',
    surfaceId: 'chrome',
    sealed: null,
    finish: null,
    ageYears: null,
    areaM2: 0.1,
    schools: {},
    upkeep: null,
    enteredAt: null,
  };
  const entry = entryOfUse(
    { surface, room: null, soil: null },
    usedOf(formula!),
    { rinsed: false, notes: '' },
    'e',
    AT,
  );
  expect(validate(logEntrySchema, entry)).toMatchObject({ ok: true, value: { rinsedAt: null, dwell: null } });
});

test('each reason has its words, and no two the same', () => {
  const words = DWELL_END_REASONS.map((r) => DWELL_END_WORDS[r]);
  expect(new Set(words).size).toBe(words.length);
});

test('once more begins at the wetting; anything else ends the part', () => {
  const job: Job = { id: 'j', name: 'J', startedAt: AT, parts: [part] };
  expect(jobAfterEntry(job, 'p', 'repeat').parts[0]).toMatchObject({
    at: 1,
    dwelt: null,
    timerId: null,
    state: 'open',
  });
  expect(jobAfterEntry(job, 'p', 'step-up').parts[0]).toMatchObject({ state: 'done', timerId: null });
});
