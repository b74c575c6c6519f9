import { fireEvent, screen } from '@testing-library/react-native';
import { EMPTY_HOME, startTimer, type Home, type Timer } from '@/core';
import { ring } from '@/devices';
import { passTime } from '@/testing/passTime';
import { renderIn, settle } from '@/testing/renderIn';
import { Alarms } from './Alarms';

const mockPush = jest.fn();
jest.mock('expo-router', () => ({ useRouter: () => ({ push: mockPush }) }));
jest.mock('@/devices', () => ({
  ring: jest.fn(() => ({ sounded: true })),
  soundState: () => 'ready',
  wakeSound: () => Promise.resolve('ready'),
}));
const rung = jest.mocked(ring);

const MINUTE_MS = 60_000;
/** A wait that is at its best in so many milliseconds; negative is ago. */
const bestIn = (ms: number, more: Partial<Timer> = {}): Timer => ({
  ...startTimer(
    { id: 't', kind: 'dwell', name: 'Soda paste', place: 'Hob', usefulMinutes: 1, bestMinutes: 10, longestMinutes: 20 },
    new Date(Date.now() + ms - 10 * MINUTE_MS).toISOString(),
  ),
  told: ['useful'],
  ...more,
});
const withTimer = (timer: Timer): Home => ({ ...EMPTY_HOME, timers: [timer] });

const SOON_MS = 2000;
/** Rendered with a clock that runs on by itself, and jumps when it is told. */
const renderWith = (timer: Timer) => {
  jest.useFakeTimers({ advanceTimers: true });
  return renderIn(<Alarms />, withTimer(timer));
};

afterEach(() => jest.useRealTimers());

beforeEach(() => rung.mockClear());

test('what is due is told once, is written down as told, and stays in sight until it is seen', async () => {
  const { store } = await renderIn(<Alarms />, withTimer(bestIn(-1000)));
  await settle();
  expect(rung.mock.calls.map(([r]) => [r.title, r.urgent])).toEqual([['Hob: best now.', false]]);
  expect((await store.all('timer'))[0]?.told).toContain('best');
  await settle();
  expect(rung).toHaveBeenCalledTimes(1);
  fireEvent.press(screen.getByText('Seen'));
  expect(screen.queryByTestId('alarm')).toBeNull();
});

test('what was told, in another tab or before a reload, is not told again', async () => {
  await renderIn(<Alarms />, withTimer(bestIn(-1000, { told: ['useful', 'best'] })));
  await settle();
  expect(rung).not.toHaveBeenCalled();
});

test('after a closed tab the newest of what was missed is told, urgently where it must come off', async () => {
  await renderIn(<Alarms />, withTimer(bestIn(-60 * MINUTE_MS, { told: [], mustComeOff: true })));
  await settle();
  expect(rung.mock.calls.map(([r]) => [r.title, r.urgent])).toEqual([['Hob: take it off now.', true]]);
});

test('it comes by itself, with no touch between', async () => {
  const timer = bestIn(SOON_MS);
  await renderWith(timer);
  expect(rung).not.toHaveBeenCalled();
  await passTime(SOON_MS);
  expect(rung).toHaveBeenCalledTimes(1);
});

test('a wait removed elsewhere in the meantime does not ring', async () => {
  const { storage } = await renderWith(bestIn(SOON_MS));
  storage.records.delete('1/timer/t');
  await passTime(SOON_MS + 500);
  expect(rung).not.toHaveBeenCalled();
});

test('a full disk keeps it neither silent nor ringing on', async () => {
  const { storage } = await renderWith(bestIn(SOON_MS));
  storage.full = true;
  await passTime(SOON_MS);
  expect(rung).toHaveBeenCalledTimes(1);
  await passTime(400);
  expect(rung).toHaveBeenCalledTimes(1);
  expect(screen.getByTestId('alarm')).toBeTruthy();
});

test('it leads to its wait', async () => {
  await renderIn(<Alarms />, withTimer(bestIn(-1000)));
  await settle();
  fireEvent.press(screen.getByText('Open'));
  expect(mockPush).toHaveBeenCalledWith('/clean/timer?id=t');
});

test('fifty due at once: one ring and one write, the most urgent on top, the rest counted in a line', async () => {
  const timers = Array.from({ length: 50 }, (_, i) => bestIn(-1000 - i, { id: `t${i}`, place: `Pan ${i}` }));
  const urgent = bestIn(-60 * MINUTE_MS, { id: 'u', place: 'Tray', mustComeOff: true, told: ['useful', 'best'] });
  const { store, storage } = await renderIn(<Alarms />, { ...EMPTY_HOME, timers: [...timers, urgent] });
  const writes = jest.spyOn(storage, 'setMany');
  await settle();
  expect(rung.mock.calls.map(([r]) => [r.title, r.urgent])).toEqual([['Tray: take it off now. And 50 more.', true]]);
  expect((await store.all('timer')).every((t) => t.told.includes(t.id === 'u' ? 'off' : 'best'))).toBe(true);
  // The page's journal and the database: not fifty of either.
  expect(writes.mock.calls.length).toBeLessThanOrEqual(4);
  expect(screen.getAllByTestId('alarm')).toHaveLength(2);
  expect(screen.getByText('Tray: take it off now.')).toBeTruthy();
  expect(screen.getByText('49 more waits are due.')).toBeTruthy();
  fireEvent.press(screen.getByTestId('all-seen'));
  expect(screen.queryByTestId('alarm')).toBeNull();
});
