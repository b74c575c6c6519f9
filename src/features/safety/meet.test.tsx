import { act, fireEvent, screen, within } from '@testing-library/react-native';
import { useState } from 'react';
import { Text } from 'react-native';
import { DEFAULT_SETTINGS, EMPTY_HOME, type Home, type LogEntry } from '@/core';
import { demoHome } from '@/data/demo/demoHome';
import { linesThatFit } from '@/print/pagePdf';
import { Store } from '@/data/store';
import { readAnew, renderIn, settle } from '@/testing/renderIn';
import { HomeNever } from './HomeNever';
import { MeetScreen } from './MeetScreen';
import { batchKey, entryKey, meetAddress, thingOf, thingsInHome } from './things';

const mockReplace = jest.fn();
const mockPush = jest.fn();
jest.mock('expo-router', () => ({ useRouter: () => ({ push: mockPush, replace: mockReplace }) }));

beforeEach(() => {
  mockReplace.mockClear();
});

test('names are typed as people say them, several at once', async () => {
  await renderIn(<MeetScreen asked={[]} />);
  fireEvent.changeText(screen.getByTestId('meet-name'), 'bleach and loo cleaner');
  fireEvent(screen.getByTestId('meet-name'), 'submitEditing');
  expect(mockReplace).toHaveBeenCalledWith('/safety/meet?with=bleach&with=loo%20cleaner');
});

// Public-health never-mix lists (from memory): bleach and acid, everywhere; baking soda and vinegar only closed up.
test('a danger everywhere stands once, with the first steps that belong to it', async () => {
  await renderIn(<MeetScreen asked={['bleach', 'vinegar']} />);
  expect(screen.getByText('Keep them apart. It can hurt someone.')).toBeTruthy();
  expect(screen.getAllByTestId(/^place-/)).toHaveLength(4);
  expect(screen.getAllByTestId('finding-chlorine-gas')).toHaveLength(1);
  expect(screen.getByText('Breathed fumes')).toBeTruthy();
  expect(screen.queryByText('It smokes or burns')).toBeNull();
});

test('what is harmless somewhere is said to be', async () => {
  await renderIn(<MeetScreen asked={['baking soda', 'vinegar']} />);
  expect(within(screen.getByTestId('place-stored')).getByText('Danger')).toBeTruthy();
  expect(within(screen.getByTestId('place-sequence')).getByText('Cancels out')).toBeTruthy();
  expect(within(screen.getByTestId('place-air')).getByText('Clear')).toBeTruthy();
});

test('which kind it is, is asked, and one tap answers', async () => {
  await renderIn(<MeetScreen asked={['toilet cleaner', 'bleach']} />);
  fireEvent.press(screen.getByText('Acid toilet cleaner'));
  expect(mockReplace).toHaveBeenCalledWith('/safety/meet?with=acid%20toilet%20cleaner&with=bleach');
});

test('one thing is taken out again; with one left, nothing is judged', async () => {
  await renderIn(<MeetScreen asked={['bleach', 'vinegar']} />);
  fireEvent.press(screen.getByLabelText(/^Vinegar/));
  expect(mockReplace).toHaveBeenCalledWith('/safety/meet?with=bleach');
});

test('with one thing, what is at home stands to be tapped', async () => {
  await renderIn(<MeetScreen asked={['chlorine-bleach']} />, demoHome(new Date('2026-11-26T09:00:00.000Z')));
  expect(screen.getByText('With one of these?')).toBeTruthy();
  expect(screen.queryByTestId('verdict')).toBeNull();
});

describe('the things of a home', () => {
  const home: Home = demoHome(new Date('2026-11-26T09:00:00.000Z'));
  const around = { batches: home.batches, log: home.log, pantry: home.pantry };
  const batch = home.batches[0]!;
  const entry = home.log.find((e: LogEntry) => e.used.kind === 'bought')!;

  test('a bottle and what a job used are known by what is in them', () => {
    expect(thingOf(batchKey(batch), around).name).toBe(batch.formula.name);
    expect(thingOf(batchKey(batch), around).readings[0]).toHaveLength(batch.formula.lines.length);
    expect(thingOf(entryKey(entry), around).name).toBe(entry.used.name);
    expect(thingOf('batch:gone', around).understood).toBe(false);
    expect(meetAddress('a b', 'batch:1')).toBe('/safety/meet?with=a%20b&with=batch%3A1');
  });

  test('each stands once, and poured-away bottles do not', () => {
    const names = thingsInHome(around).map((t) => t.name);
    expect(new Set(names).size).toBe(names.length);
    const gone = home.batches.map((b) => ({ ...b, state: 'emptied' as const }));
    const left = thingsInHome({ batches: gone, log: [], pantry: [] });
    expect(left).toEqual([]);
  });

  test('two bottles of one name that hold two things are both looked at', () => {
    const { lines } = home.batches.find((b) => b.formula.lines.some((l) => l.ingredient.kind === 'known'))!.formula;
    const bleach = { ...lines[0]!, ingredient: { kind: 'known', id: 'chlorine-bleach' } as const };
    const other = { ...batch, id: 'other', formula: { ...batch.formula, lines: [bleach] } };
    const things = thingsInHome({ batches: [batch, batch, other], log: [], pantry: [] });
    expect(things).toHaveLength(1);
    expect(things[0]!.readings.map((r) => r[0]!.id)).toEqual([
      thingOf(batchKey(batch), around).readings[0]![0]!.id,
      'chlorine-bleach',
    ]);
  });

  test('a thing of one’s own that is called like a known one is both', () => {
    const own = { name: 'Bleach', form: 'liquid', densityGPerML: 1, contents: [], bought: true } as const;
    const pantry = [{ id: 'mine', left: null, pack: null, own }];
    const ids = (key: string) => thingOf(key, { ...around, pantry }).readings.map((r) => r[0]!.id);
    expect(ids('bleach')).toEqual(expect.arrayContaining(['chlorine-bleach']));
    const named = { ...pantry[0]!, own: { ...own, name: 'Reed suds' } };
    expect(thingOf('Reed suds', { ...around, pantry: [named] }).readings).toHaveLength(1);
  });

  const withBleach: Home = {
    ...EMPTY_HOME,
    settings: { ...DEFAULT_SETTINGS, poisonNumber: '112' },
    pantry: ['chlorine-bleach', 'white-vinegar', 'lemon-juice', 'baking-soda'].map((id) => ({
      id,
      left: null,
      pack: null,
    })),
  };

  test('what must never meet is looked for at a tap, and said for a home with bleach', async () => {
    await renderIn(<HomeNever />, withBleach);
    fireEvent.press(screen.getByTestId('look-through'));
    expect(
      screen.getByText(/^Chlorine bleach: never with (?:white vinegar, lemon juice|lemon juice, white vinegar)\.$/),
    ).toBeTruthy();
    expect(screen.queryByText(/baking soda/)).toBeNull();
  });

  test('nothing is said of a home that is not read yet', async () => {
    // Shown only once the home is open: its cupboard is then read late.
    const Later = () => {
      const [shown, setShown] = useState(false);
      return shown ? <HomeNever /> : <Text onPress={() => setShown(true)}>show</Text>;
    };
    await renderIn(<Later />, withBleach);
    let read = (): void => undefined;
    const late = new Promise<void>((resolve) => (read = resolve));
    const all = Store.prototype.all;
    const held = jest.spyOn(Store.prototype, 'all').mockImplementation(async function (this: Store, name) {
      if (name === 'pantry') await late;
      return all.call(this, name);
    });
    fireEvent.press(screen.getByText('show'));
    fireEvent.press(screen.getByTestId('look-through'));
    await act(() => Promise.resolve());
    expect(screen.getByText('Your home is being read…')).toBeTruthy();
    expect(screen.queryByText(/^(?:Nothing that is known|There is nothing)/)).toBeNull();
    read();
    await settle();
    expect(screen.getByText(/^Chlorine bleach: never with /)).toBeTruthy();
    held.mockRestore();
  });

  test('what cannot be read is said, nothing is promised, and it can be tried again', async () => {
    const held = jest.spyOn(Store.prototype, 'log').mockRejectedValue(new Error('The disk gave no answer.'));
    await renderIn(<HomeNever />, withBleach);
    fireEvent.press(screen.getByTestId('look-through'));
    expect(screen.getByText(/could not be looked through: The disk gave no answer\./)).toBeTruthy();
    expect(screen.queryByText(/never with/)).toBeNull();
    held.mockRestore();
    fireEvent.press(screen.getByText('Try again'));
    await settle();
    expect(screen.getByText(/^Chlorine bleach: never with /)).toBeTruthy();
  });

  test.each([
    ['its dangers stay in sight', withBleach, 1],
    ['nothing is said to be without danger', { ...EMPTY_HOME, pantry: withBleach.pantry.slice(1) }, 0],
    ['nothing is said to be empty', EMPTY_HOME, 0],
  ])('of a home that cannot be read anew %s', async (_, home, dangers) => {
    await renderIn(<HomeNever />, home);
    fireEvent.press(screen.getByTestId('look-through'));
    await settle();
    const held = jest.spyOn(Store.prototype, 'log').mockRejectedValue(new Error('The disk gave no answer.'));
    try {
      await readAnew();
      expect(await screen.findByText(/could not be looked through: The disk gave no answer\./)).toBeTruthy();
      expect(screen.queryAllByText(/^Chlorine bleach: never with /)).toHaveLength(dangers);
      expect(screen.queryByText(/^(?:Nothing that is known|There is nothing)/)).toBeNull();
    } finally {
      held.mockRestore();
    }
  });

  test('what is not known is named, and no promise is made of it', async () => {
    const unknown: LogEntry = { ...entry, used: { kind: 'bought', id: null, name: 'Qwzx gel' } };
    const { unmount } = await renderIn(<HomeNever />, { ...EMPTY_HOME, log: [unknown] });
    fireEvent.press(screen.getByTestId('look-through'));
    expect(screen.getByText(/so never with anything else: Qwzx gel\. Go by the label\./)).toBeTruthy();
    expect(screen.getByText(/^Nothing that is known here is a danger with anything else known here\./)).toBeTruthy();
    unmount();
    await renderIn(<HomeNever />, EMPTY_HOME);
    fireEvent.press(screen.getByTestId('look-through'));
    expect(screen.getByText(/^There is nothing to look through yet/)).toBeTruthy();
  });
});

test('lines of the printed sheet fit, and hold every word', () => {
  const text = 'Acid turns hypochlorite into chlorine, within seconds, even in small amounts.';
  const lines = linesThatFit(text, 20, (part) => part.length);
  expect(lines.join(' ')).toBe(text);
  expect(Math.max(...lines.map((l) => l.length))).toBeLessThanOrEqual(20);
  expect(lines.length).toBeGreaterThan(3);
});
