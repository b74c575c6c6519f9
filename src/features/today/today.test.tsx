import { fireEvent, screen } from '@testing-library/react-native';
import { demoHome } from '@/data/demo/demoHome';
import { MemorySyncStorage } from '@/testing/memoryStorage';
import { renderIn, settle } from '@/testing/renderIn';
import { bottleMade, scentedHome } from '@/testing/scentedHome';
import { TodayScreen } from './TodayScreen';

const mockPush = jest.fn();
const mockSaved: string[] = [];
jest.mock('@/data/files', () => ({ saveFile: (name: string) => mockSaved.push(name) }));
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

test('what is low, open too long or run out is said, and leads to where it is mended', async () => {
  await renderIn(<TodayScreen />, demoHome(new Date()));
  await settle();
  expect(screen.getByText('Running low')).toBeTruthy();
  expect(screen.getByText(/liquid castile soap/)).toBeTruthy();
  fireEvent.press(screen.getByText('Running low'), { nativeEvent: {}, preventDefault: () => undefined });
  expect(mockPush).toHaveBeenLastCalledWith('/shelf/shopping');
  fireEvent.press(screen.getByText('Open too long'), { nativeEvent: {}, preventDefault: () => undefined });
  expect(mockPush).toHaveBeenLastCalledWith('/shelf/cupboard');
  fireEvent.press(screen.getByText('Make Shower wall again'), { nativeEvent: {}, preventDefault: () => undefined });
  expect(mockPush).toHaveBeenLastCalledWith('/mix/pipit-shower?again=pipit-b3');
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

describe('a copy', () => {
  const smallWith = (state: object): MemorySyncStorage => {
    const small = new MemorySyncStorage();
    small.setItem('test-backup', JSON.stringify(state));
    return small;
  };
  const daysAgo = (days: number): string => new Date(Date.now() - days * 86_400_000).toISOString();
  const home = demoHome(new Date());

  test.each([
    [{ since: daysAgo(40), changes: 12 }, /12 changes so far, and no copy of it/],
    [{ since: daysAgo(90), savedAt: daysAgo(34), changes: 1 }, /saved 34 days ago; one change since, on this/],
    [{ since: daysAgo(2), savedAt: daysAgo(1), changes: 50 }, /saved yesterday; 50 changes since, on this/],
  ])('is asked for when it is due: %j', async (state, words) => {
    await renderIn(<TodayScreen />, home, undefined, smallWith(state));
    expect(screen.getByTestId('copy-line')).toHaveTextContent(words);
  });

  test.each([[{}], [{ since: daysAgo(29), changes: 49 }], [{ since: daysAgo(90), savedAt: daysAgo(80), changes: 0 }]])(
    'is not asked for before: %j',
    async (state) => {
      await renderIn(<TodayScreen />, home, undefined, smallWith(state));
      expect(screen.queryByTestId('copy-line')).toBeNull();
    },
  );

  test('saved, or not now: it is not asked for any more', async () => {
    await renderIn(<TodayScreen />, home, undefined, smallWith({ since: daysAgo(40), changes: 12 }));
    fireEvent.press(screen.getByTestId('save-copy'));
    await settle();
    expect(mockSaved).toEqual(['biscuit.json']);
    expect(screen.queryByTestId('copy-line')).toBeNull();
    const small = smallWith({ since: daysAgo(40), changes: 12 });
    screen.unmount();
    await renderIn(<TodayScreen />, home, undefined, small);
    fireEvent.press(screen.getByTestId('copy-not-now'));
    await settle();
    expect(screen.queryByTestId('copy-line')).toBeNull();
    const { quietUntil } = JSON.parse(small.getItem('test-backup') ?? '{}') as { quietUntil: string };
    expect(Math.round((Date.parse(quietUntil) - Date.now()) / 86_400_000)).toBe(7);
  });
});

describe('when a cat and someone with asthma live here', () => {
  const home = scentedHome();
  const livedIn = { ...home, settings: { ...home.settings, lives: ['cat', 'asthma'] as const } };

  test('what is no longer right stands first, with what to do, and leads there', async () => {
    await renderIn(<TodayScreen />, livedIn);
    await settle();
    expect(screen.getByText('Not right for who lives here')).toBeTruthy();
    expect(screen.getByText(/peppermint.* Pour it away by local rules/i)).toBeTruthy();
    fireEvent.press(screen.getByText('Mint spray, on the shelf'), { nativeEvent: {}, preventDefault: () => undefined });
    expect(mockPush).toHaveBeenLastCalledWith(`/shelf/${home.batches[0]!.id}`);
    fireEvent.press(screen.getByText('A label to write anew'), { nativeEvent: {}, preventDefault: () => undefined });
    expect(mockPush).toHaveBeenLastCalledWith(`/shelf/${home.batches[1]!.id}`);
    expect(screen.getByText(/Vinegar spray: sprayed, /)).toBeTruthy();
  });

  test('formulas of their own are judged too, however many', async () => {
    const { formula } = home.batches[0]!;
    const many = Array.from({ length: 20 }, (_, i) => ({
      ...(i === 19 ? formula : bottleMade(`Suds ${i}`, '1 cup water\n1 tsp dish soap', []).formula),
      id: `own-${i}`,
    }));
    await renderIn(<TodayScreen />, { ...livedIn, batches: [], formulas: many });
    await settle();
    expect(await screen.findByText('Mint spray, a formula of yours')).toBeTruthy();
    expect(screen.queryByText(/Suds/)).toBeNull();
  });
});

test('in a home of nobody in particular, nothing is said of it', async () => {
  await renderIn(<TodayScreen />, scentedHome());
  await settle();
  expect(screen.queryByText('Not right for who lives here')).toBeNull();
});
