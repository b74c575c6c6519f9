import fc from 'fast-check';
import {
  adjustTimer,
  endTimer,
  nextEventMs,
  snoozeTimer,
  startTimer,
  timerAt,
  timerEvents,
  tookMinutes,
  dueEvents,
  recordRewet,
  markNotified,
  type Timer,
} from './timer';

// The times of a wait follow from its start by sums; no published source is needed for them.

const START = '2026-11-25T20:00:00.000Z';
const MIN = 60_000;
const at = (minutes: number): number => Date.parse(START) + minutes * MIN;
const iso = (minutes: number): string => new Date(at(minutes)).toISOString();

const dwell = (more: Partial<Timer> = {}): Timer => ({
  ...startTimer(
    {
      id: 't',
      kind: 'dwell',
      name: 'Scale lifter',
      place: 'Tiles',
      usefulMinutes: 5,
      bestMinutes: 20,
      longestMinutes: 60,
      mustComeOff: true,
      rewetEveryMinutes: 12,
    },
    START,
  ),
  ...more,
});

describe('where a wait stands', () => {
  test.each([
    [0, 'early', 'useful', 5],
    [4.99, 'early', 'useful', 0.01],
    [5, 'useful', 'best', 15],
    [19, 'useful', 'best', 1],
    [20, 'best', 'off', 40],
    [59.5, 'best', 'off', 0.5],
  ] as const)('after %d minutes it is %s, and %s comes in %d', (minutes, phase, mark, left) => {
    const now = timerAt(dwell(), at(minutes));
    expect(now.phase).toBe(phase);
    expect(now.next?.mark).toBe(mark);
    expect(now.next?.inMs).toBeCloseTo(left * MIN, -1);
  });

  test('past its longest it is over, and stays so', () => {
    for (const minutes of [60, 61, 10_000]) {
      expect(timerAt(dwell(), at(minutes))).toMatchObject({ phase: 'over', next: null, rewetInMs: null });
    }
  });

  test('it is the same whenever it is asked: nothing but the start and the clock counts', () => {
    const stored = JSON.parse(JSON.stringify(dwell())) as Timer;
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 200 * MIN }), (ms) => {
        expect(timerAt(stored, Date.parse(START) + ms)).toEqual(timerAt(dwell(), Date.parse(START) + ms));
        expect(timerAt(stored, Date.parse(START) + ms).elapsedMs).toBe(ms);
      }),
    );
  });

  test('a night across a change of the clocks lasts its hours, not what the wall shows', () => {
    // Clocks in Europe go back at 01:00 UTC on 25 Oct 2026 (EU Directive 2000/84/EC): 22:00 to 08:00 is 11 hours.
    const evening = new Date('2026-10-24T22:00:00+01:00').toISOString();
    const morning = Date.parse('2026-10-25T08:00:00+00:00');
    const soak = startTimer(
      {
        id: 's',
        kind: 'soak',
        name: 'Soak',
        place: 'Racks',
        usefulMinutes: 240,
        bestMinutes: 660,
        longestMinutes: 900,
      },
      evening,
    );
    expect(timerAt(soak, morning).elapsedMs).toBe(11 * 60 * MIN);
    expect(timerAt(soak, morning).phase).toBe('best');
    expect(timerAt(soak, morning - 1).phase).toBe('useful');
  });

  test('a clock set back is said, and the wait does not run backwards', () => {
    expect(timerAt(dwell(), at(-90))).toMatchObject({ elapsedMs: 0, clockWentBack: true, phase: 'early' });
  });
});

describe('what a wait tells', () => {
  test('each thing once, in the order of time', () => {
    expect(timerEvents(dwell()).map((e) => [e.what, (e.atMs - at(0)) / MIN])).toEqual([
      ['useful', 5],
      ['rewet', 12],
      ['best', 20],
      ['off', 60],
    ]);
  });

  test('nothing is told twice, however often and late it is looked at', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 120 * MIN }), { minLength: 1, maxLength: 30 }), (looks) => {
        let timer = dwell();
        const told: string[] = [];
        for (const ms of [...looks].sort((a, b) => a - b)) {
          told.push(...dueEvents(timer, at(0) + ms).map((e) => e.key));
          timer = markNotified(timer, at(0) + ms);
        }
        expect(new Set(told).size).toBe(told.length);
        // And nothing that was due is left out.
        const last = Math.max(...looks);
        expect(told).toHaveLength(timerEvents(timer).filter((e) => e.atMs <= at(0) + last).length);
      }),
    );
  });

  test('after a closed tab all that was missed is due at once', () => {
    expect(dueEvents(dwell(), at(25)).map((e) => e.what)).toEqual(['useful', 'rewet', 'best']);
  });

  test('wetted again counts from then, and not past the best', () => {
    const wet = recordRewet(markNotified(dwell(), at(12)), iso(13));
    expect(wet.rewets).toBe(1);
    expect(timerAt(wet, at(13)).rewetInMs).toBe(12 * MIN);
    // 13 and 12 is 25: past the best at 20, so there is nothing to wet again for.
    expect(timerEvents(wet).some((e) => e.what === 'rewet')).toBe(false);
    const early = recordRewet(dwell(), iso(6));
    expect(dueEvents(early, at(18)).map((e) => e.what)).toEqual(['useful', 'rewet']);
  });

  test('put off, it tells once more', () => {
    const later = snoozeTimer(markNotified(dwell(), at(21)), iso(21), 5);
    expect(dueEvents(later, at(25.9))).toEqual([]);
    expect(dueEvents(later, at(26)).map((e) => e.what)).toEqual(['again']);
    // What must come off is told whatever was put off.
    expect(dueEvents(markNotified(later, at(26)), at(60)).map((e) => e.what)).toEqual(['off']);
  });

  test('what is ended tells nothing more, and stands where it ended', () => {
    const off = endTimer(dwell(), iso(9), 'looks-done');
    expect(dueEvents(off, at(100))).toEqual([]);
    expect(nextEventMs(off, at(10))).toBeNull();
    expect(tookMinutes(off, at(100))).toBe(9);
    expect(endTimer(off, iso(50), 'reacts')).toBe(off);
  });

  test('where two marks fall together it is told once', () => {
    const own = dwell({ usefulMinutes: 15, bestMinutes: 15, rewetEveryMinutes: null });
    expect(timerEvents(own).map((e) => e.what)).toEqual(['best', 'off']);
  });
});

describe('a wait moved', () => {
  test('shorter and longer moves the best, never past what the surface bears', () => {
    expect(adjustTimer(dwell(), 10, at(1)).bestMinutes).toBe(30);
    expect(adjustTimer(dwell(), 500, at(1))).toMatchObject({ bestMinutes: 60, longestMinutes: 60 });
    expect(adjustTimer(dwell({ mustComeOff: false }), 500, at(1))).toMatchObject({
      bestMinutes: 520,
      longestMinutes: 520,
    });
    expect(adjustTimer(dwell(), -18, at(1))).toMatchObject({ bestMinutes: 2, usefulMinutes: 2 });
    expect(adjustTimer(dwell(), -500, at(1)).bestMinutes).toBe(1);
  });

  test('what lies ahead again is told again', () => {
    const told = markNotified(dwell(), at(21));
    expect(told.told).toContain('best');
    const moved = adjustTimer(told, 10, at(21));
    expect(moved.told).not.toContain('best');
    expect(dueEvents(moved, at(30)).map((e) => e.what)).toEqual(['best']);
  });

  test('the three marks keep their order', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: -90, max: 90 }), { maxLength: 12 }), (moves) => {
        const timer = moves.reduce((t, m) => adjustTimer(t, m, at(3)), dwell());
        expect(timer.usefulMinutes).toBeLessThanOrEqual(timer.bestMinutes);
        expect(timer.bestMinutes).toBeLessThanOrEqual(timer.longestMinutes);
        expect(timer.longestMinutes).toBe(60);
      }),
    );
  });
});
