import type { JobPart } from '../cleaning/job';
import type { Batch } from '../shelf-life/batch';
import { bottleAfterUse, runOut, suitsForm } from './bottles';

const NOW = '2026-11-27T10:00:00.000Z';
const daysAgo = (n: number): string => new Date(Date.parse(NOW) - n * 86_400_000).toISOString();

/** A bottle of 400 mL of a formula that keeps for 60 days. */
const bottle = (id: string, change: Partial<Batch> & { place?: string; of?: string } = {}): Batch => {
  const { place, of = 'wash', ...more } = change;
  return {
    id,
    formula: { id: of, name: of },
    vessel: { id: `v-${id}`, name: `Bottle ${id}`, ...(place ? { place } : {}) },
    label: { name: of, keeps: { lowDays: 60, highDays: 90, reason: '' } },
    volumeML: 400,
    madeAt: daysAgo(10),
    state: 'kept',
    endedAt: null,
    ...more,
  } as unknown as Batch;
};
const part = (usesML: number | undefined, roomName = 'Galley', formula = 'wash') =>
  ({
    formula: { id: formula },
    place: { roomName },
    ...(usesML === undefined ? {} : { usesML }),
  }) as Pick<JobPart, 'formula' | 'usesML' | 'place'>;
const after = (of: ReturnType<typeof part>, ...batches: Batch[]) => {
  const used = bottleAfterUse(of, batches, NOW);
  return used && [used.id, used.leftML];
};

describe('the bottle that a job takes from', () => {
  test('is the one that stands in the room, then the one that is begun', () => {
    const [far, near] = [bottle('far', { leftML: 100 }), bottle('near', { place: ' galley' })];
    expect(after(part(60), far, near)).toEqual(['near', 340]);
    expect(after(part(60, 'Saloon'), bottle('full'), far)).toEqual(['far', 40]);
    expect(after(part(60, ''), bottle('nowhere'), far)).toEqual(['far', 40]);
  });

  test('is none that is empty, poured away, past its day or of another formula', () => {
    const none = [
      bottle('dry', { leftML: 0 }),
      bottle('gone', { state: 'discarded' }),
      bottle('old', { madeAt: daysAgo(62) }),
      bottle('other', { of: 'soak' }),
    ];
    expect(after(part(60), ...none)).toBeNull();
  });

  test('is left as it is where nobody knows how much was used, or nothing was', () => {
    expect(after(part(undefined), bottle('b'))).toBeNull();
    expect(bottleAfterUse({ ...part(60), formula: null }, [bottle('b')], NOW)).toBeNull();
  });

  test('never holds less than nothing', () => {
    expect(after(part(600), bottle('b', { leftML: 30 }))).toEqual(['b', 0]);
  });
});

describe('what has run out, or nearly', () => {
  const ids = (...batches: Batch[]) => runOut(batches, NOW).map((b) => b.id);

  test('is the last of a formula, emptied within a month, or down to a quarter', () => {
    expect(ids(bottle('low', { leftML: 100 }))).toEqual(['low']);
    expect(ids(bottle('half', { leftML: 200 }))).toEqual([]);
    expect(ids(bottle('empty', { state: 'emptied', endedAt: daysAgo(29) }))).toEqual(['empty']);
    expect(ids(bottle('long gone', { state: 'emptied', endedAt: daysAgo(31) }))).toEqual([]);
    // What was poured away was not wanted.
    expect(ids(bottle('poured', { state: 'discarded', endedAt: daysAgo(1) }))).toEqual([]);
  });

  test('is none of which another good bottle stands there', () => {
    const low = bottle('low', { leftML: 50 });
    expect(ids(low, bottle('more'))).toEqual([]);
    expect(ids(low, bottle('old', { madeAt: daysAgo(70) }))).toEqual(['low']);
    expect(ids(low, bottle('other', { of: 'soak' }))).toEqual(['low']);
  });

  test('is said once of a formula, of its newest bottle', () => {
    expect(
      ids(
        bottle('a', { leftML: 10, madeAt: daysAgo(20) }),
        bottle('b', { leftML: 10, madeAt: daysAgo(5) }),
        bottle('soak', { of: 'soak', leftML: 0, madeAt: daysAgo(1) }),
      ),
    ).toEqual(['soak', 'b']);
  });
});

// Common practice, no source.
test('sprays go under a trigger, pastes into a jar, and neither into a dropper bottle', () => {
  const fits = (form: string, shape: string) => suitsForm({ form } as never, { shape } as never);
  expect([fits('spray', 'straight-spray'), fits('spray', 'wide-jar'), fits('paste', 'wide-jar')]).toEqual([
    true,
    false,
    true,
  ]);
  expect([fits('paste', 'straight-spray'), fits('bucket', 'tub')]).toEqual([false, true]);
});
