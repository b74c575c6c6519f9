import { beginOnce, intentOf, newPresses, withIntent, type Intent, type Presses } from './press';

/** Presses, and says whether something was begun: for each writer that asks within the press. */
const press = (intent: Intent, ...writers: readonly string[]): boolean[] => {
  const begun: boolean[] = [];
  withIntent(intent, () => {
    for (const writer of writers) begun.push(beginOnce(writer) !== null);
  });
  return begun;
};
const intent = (): Intent => ({ begun: new Set(), underWay: 0 });
const once = (presses: Presses, atMs: number, inSeries = 1): Intent | null => intentOf(presses, { inSeries, atMs });

describe('what is begun for an intent', () => {
  test('is begun once, however often it is pressed; another intent begins it anew', () => {
    const first = intent();
    expect([press(first, 'w'), press(first, 'w'), press(first, 'w')]).toEqual([[true], [false], [false]]);
    expect(press(intent(), 'w')).toEqual([true]);
  });

  test('several writers, and one that is asked twice in a press, are each begun', () => {
    const first = intent();
    expect(press(first, 'a', 'b', 'a')).toEqual([true, true, true]);
    expect(press(first, 'a', 'b', 'a')).toEqual([false, false, false]);
  });

  test('what failed is let go of, and can be tried again', () => {
    const first = intent();
    withIntent(first, () => beginOnce('w')?.letGo());
    expect(press(first, 'w')).toEqual([true]);
  });

  test('outside a press everything is begun, after one that threw as well', () => {
    const first = intent();
    expect(() =>
      withIntent(first, () => {
        throw new Error('no');
      }),
    ).toThrow('no');
    expect([beginOnce('w'), beginOnce('w')].every((b) => b !== null)).toBe(true);
    expect(first.begun.size).toBe(0);
  });
});

describe('which presses are of one intent', () => {
  test('a double and a triple click on one thing, and a second press within 700 ms', () => {
    const button = newPresses(0);
    const first = once(button, 1000);
    expect([once(button, 1100, 2), once(button, 1900, 3)]).toEqual([first, first]);
    const fast = newPresses(0);
    const one = once(fast, 5000);
    expect(once(fast, 5699)).toBe(one);
    // Counted from the press before: an impatient thumb goes on for a while.
    expect(once(fast, 6300)).toBe(one);
  });

  test('a press while the first is still being written, however late', () => {
    const button = newPresses(0);
    const first = once(button, 1000)!;
    let done = (): void => undefined;
    withIntent(first, () => (done = beginOnce('w')!.settled));
    expect(once(button, 9000)).toBe(first);
    done();
    expect(once(button, 18_000)).not.toBe(first);
  });

  test('a press a second later, or on something else, is another', () => {
    const button = newPresses(0);
    const first = once(button, 1000);
    expect(once(button, 1700)).not.toBe(first);
    expect(once(newPresses(0), 1750)).not.toBe(first);
  });

  test('the second click of a series is not meant for what has just come under it', () => {
    once(newPresses(0), 1000);
    expect(once(newPresses(1050), 1150, 2)).toBeNull();
    // A click of its own is, however soon.
    expect(once(newPresses(1200), 1250, 1)).not.toBeNull();
    // What was there before the first click is pressed on purpose.
    once(newPresses(0), 2000);
    expect(once(newPresses(900), 2100, 2)).not.toBeNull();
  });
});
