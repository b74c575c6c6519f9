import { fireEvent, screen } from '@testing-library/react-native';
import ICAL from 'ical.js';
import { DEFAULT_SETTINGS, EMPTY_HOME, startTimer, type Settings, type Timer } from '@/core';
import { askToNotify, notifyState } from '@/devices';
import { renderIn, settle } from '@/testing/renderIn';
import { HowItRings } from './HowItRings';

const mockSaved = new Map<string, string>();
jest.mock('@/data/files', () => ({
  ...jest.requireActual<object>('@/data/files'),
  saveFile: (name: string, text: string) => mockSaved.set(name, text),
}));
jest.mock('@/devices', () => ({
  ...jest.requireActual<object>('@/devices'),
  notifyState: jest.fn(() => 'not-asked'),
  askToNotify: jest.fn(() => Promise.resolve('granted')),
}));

/** The calendar leaves out what is past by the real clock: the waits here begin at its last full second. */
const NOW_MS = Math.floor(Date.now() / 1000) * 1000;
/** An instant as RFC 5545 and ical.js write it, minutes after the start. */
const after = (minutes: number): string => new Date(NOW_MS + minutes * 60_000).toISOString().replace('.000', '');
const wait = (minutes: number, more: Partial<Timer> = {}): Timer => ({
  ...startTimer(
    {
      id: 'w',
      kind: 'soak',
      name: 'Soda soak',
      place: 'Oven racks',
      usefulMinutes: minutes / 2,
      bestMinutes: minutes,
      longestMinutes: 2 * minutes,
    },
    new Date(NOW_MS).toISOString(),
  ),
  ...more,
});
const draw = (timer: Timer, settings: Settings = DEFAULT_SETTINGS) =>
  renderIn(<HowItRings timer={timer} settings={settings} nowMs={NOW_MS} />, EMPTY_HOME);

beforeEach(() => {
  mockSaved.clear();
  jest.mocked(notifyState).mockReturnValue('not-asked');
});

test('a wait of under ten minutes is one to stay with', async () => {
  await draw(wait(9));
  expect(screen.queryByTestId('how-it-rings')).toBeNull();
});

test('a longer one says which rings, and asks to notify', async () => {
  const { store } = await draw(wait(10));
  expect(screen.getByText('While Biscuit is open, also behind other tabs: a sound alone.')).toBeTruthy();
  expect(screen.getByText('With Biscuit closed: nothing, unless it is in your calendar.')).toBeTruthy();
  fireEvent.press(screen.getByTestId('notify-me'));
  await settle();
  expect(jest.mocked(askToNotify)).toHaveBeenCalledTimes(1);
  expect((await store.settings()).notifications).toBe(true);
});

test('what was allowed is not asked again; what was refused is not asked again either', async () => {
  jest.mocked(notifyState).mockReturnValue('granted');
  const { unmount } = await draw(wait(20), { ...DEFAULT_SETTINGS, notifications: true });
  expect(screen.getByText(/a notification and a sound\.$/)).toBeTruthy();
  expect(screen.queryByTestId('notify-me')).toBeNull();
  unmount();
  jest.mocked(notifyState).mockReturnValue('denied');
  await draw(wait(20), { ...DEFAULT_SETTINGS, notifications: true, sound: false });
  expect(screen.getByText(/^Nothing rings/)).toBeTruthy();
  expect(screen.queryByTestId('notify-me')).toBeNull();
});

// RFC 5545, read by ical.js: the calendar has the instants of the wait itself.
test('the calendar gets its best, and its last only where it must come off', async () => {
  const starts = (): string[] =>
    new ICAL.Component(ICAL.parse(mockSaved.get('oven-racks.ics') ?? '') as unknown[])
      .getAllSubcomponents('vevent')
      .map((one) => `${new ICAL.Event(one).startDate.toString()} ${new ICAL.Event(one).summary}`);
  const { unmount } = await draw(wait(480));
  fireEvent.press(screen.getByTestId('to-calendar'));
  expect(starts()).toEqual([`${after(480)} Oven racks: best now.`]);
  expect(screen.getByText('With Biscuit closed: your calendar, once you have opened the file in it.')).toBeTruthy();
  unmount();
  await draw(wait(480, { mustComeOff: true }));
  fireEvent.press(screen.getByTestId('to-calendar'));
  expect(starts()).toEqual([`${after(480)} Oven racks: best now.`, `${after(960)} Oven racks: take it off now.`]);
});
