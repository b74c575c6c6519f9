import { fireEvent, screen } from '@testing-library/react-native';
import { demoHome } from '@/data/demo/demoHome';
import { renderIn } from '@/testing/renderIn';
import { TodayScreen } from './TodayScreen';

const mockPush = jest.fn();
jest.mock('expo-router', () => ({ useRouter: () => ({ push: mockPush }) }));

test('a new home says what to do first', async () => {
  await renderIn(<TodayScreen />);
  expect(screen.getByText(/Nothing made yet/)).toBeTruthy();
  fireEvent.press(screen.getByText('Paste a recipe'));
  expect(mockPush).toHaveBeenCalledWith('/mix/paste');
});

test('what is past its day is named, and leads to its label', async () => {
  await renderIn(<TodayScreen />, demoHome(new Date()));
  expect(screen.getByText('Past its day')).toBeTruthy();
  fireEvent.press(screen.getByText('Worktop soap'), { nativeEvent: {}, preventDefault: () => undefined });
  expect(mockPush).toHaveBeenCalledWith('/shelf/pipit-b2');
  expect(screen.getByText('3 bottles')).toBeTruthy();
});

test('what runs and what is due lead to where they are seen to', async () => {
  await renderIn(<TodayScreen />, demoHome(new Date()));
  expect(screen.getByText('Running')).toBeTruthy();
  fireEvent.press(screen.getByText(/Shower head/), { nativeEvent: {}, preventDefault: () => undefined });
  expect(mockPush).toHaveBeenLastCalledWith('/clean/timer?id=pipit-soak');
  fireEvent.press(screen.getByText('Sink, Galley'), { nativeEvent: {}, preventDefault: () => undefined });
  expect(mockPush).toHaveBeenLastCalledWith('/clean?surface=pipit-sink&soil=limescale');
});

test('with nothing due, that is said', async () => {
  const home = demoHome(new Date());
  await renderIn(<TodayScreen />, { ...home, surfaces: home.surfaces.map((s) => ({ ...s, upkeep: null })) });
  expect(screen.getByText('Nothing is due today.')).toBeTruthy();
});

test('without rooms, setting one up is offered', async () => {
  await renderIn(<TodayScreen />);
  fireEvent.press(screen.getByText('Set up a room'), { nativeEvent: {}, preventDefault: () => undefined });
  expect(mockPush).toHaveBeenLastCalledWith('/rooms/new');
});
