import { fireEvent, screen, waitFor } from '@testing-library/react-native';
import { demoHome } from '@/data/demo/demoHome';
import { renderIn, settle } from '@/testing/renderIn';
import { EntryScreen } from './EntryScreen';
import { LogScreen } from './LogScreen';
import { NewEntryScreen } from './NewEntryScreen';

const mockPush = jest.fn();
jest.mock('expo-router', () => ({
  useRouter: () => ({ push: mockPush, replace: mockPush }),
  useLocalSearchParams: () => ({}),
}));

const home = demoHome(new Date());
const ID = 'pipit-log-tile-0';

describe('the log', () => {
  test('an empty one says what will be there', async () => {
    await renderIn(<LogScreen openId={null} />);
    expect(screen.getByText(/What you clean is written here/)).toBeTruthy();
    fireEvent.press(screen.getByText('What are you cleaning?'));
    expect(mockPush).toHaveBeenCalledWith('/clean');
  });

  test('is searched, narrowed and put together', async () => {
    await renderIn(<LogScreen openId={null} />, home);
    expect(screen.getByTestId('log-count')).toHaveTextContent(`${home.log.length} entries`);
    fireEvent.changeText(screen.getByTestId('log-search'), 'bleach sealant');
    await waitFor(() => expect(screen.getByTestId('log-count')).toHaveTextContent('One entry'));
    fireEvent.changeText(screen.getByTestId('log-search'), 'zzz');
    await waitFor(() => expect(screen.getByText(/Nothing like that/)).toBeTruthy());
    fireEvent.changeText(screen.getByTestId('log-search'), '');
    fireEvent.press(screen.getByRole('radio', { name: 'Room' }));
    const galley = home.log.filter((e) => e.room.name === 'Galley').length;
    await waitFor(() => expect(screen.getAllByText(/^(Galley|Shower room|Saloon): \d+$/).length).toBeGreaterThan(0));
    fireEvent.press(screen.getByTestId('narrow'));
    fireEvent.press(screen.getByRole('radio', { name: 'Galley' }));
    await waitFor(() => expect(screen.getByTestId('log-count')).toHaveTextContent(`${galley} entries`));
  });
});

describe('an entry', () => {
  test('changed, keeps what it said before', async () => {
    const { store } = await renderIn(<EntryScreen id={ID} />, home);
    fireEvent.press(screen.getByTestId('change-entry'));
    fireEvent.changeText(await screen.findByTestId('change-notes'), 'Better than it looks');
    fireEvent.press(screen.getByTestId('keep-change'));
    await settle();
    expect(screen.getByText('What it said before')).toBeTruthy();
    const entry = (await store.log()).entries.find((e) => e.id === ID)!;
    expect(entry.notes).toBe('Better than it looks');
    expect(entry.history[0]?.was).toEqual({ notes: home.log.find((e) => e.id === ID)!.notes });
  });

  test('a number that is none is said at its own field, and nothing is changed', async () => {
    const { store } = await renderIn(<EntryScreen id={ID} />, home);
    fireEvent.press(screen.getByTestId('change-entry'));
    fireEvent.changeText(await screen.findByTestId('change-strokes'), 'many');
    fireEvent.press(screen.getByTestId('keep-change'));
    expect(await screen.findByText('Give the strokes as a whole number, or leave it empty.')).toBeTruthy();
    await settle();
    expect((await store.log()).entries.find((e) => e.id === ID)).toEqual(home.log.find((e) => e.id === ID));
  });

  test('taken out, comes back by undo exactly as it was', async () => {
    const { store } = await renderIn(<EntryScreen id={ID} />, home);
    fireEvent.press(screen.getByTestId('remove-entry'));
    await settle();
    expect((await store.log()).entries.some((e) => e.id === ID)).toBe(false);
    fireEvent.press(screen.getByText('Undo'));
    await settle();
    expect((await store.log()).entries.find((e) => e.id === ID)).toEqual(home.log.find((e) => e.id === ID));
  });

  test('on a full disk stays as it was, and says so', async () => {
    const { storage, store } = await renderIn(<EntryScreen id={ID} />, home);
    storage.full = true;
    fireEvent.press(screen.getByTestId('remove-entry'));
    await waitFor(() => expect(screen.getByText(/Not saved: The disk is full/)).toBeTruthy());
    expect((await store.log()).entries.some((e) => e.id === ID)).toBe(true);
  });
});

describe('something written down', () => {
  test('a bought product on a surface, unrinsed until said otherwise', async () => {
    const { store } = await renderIn(<NewEntryScreen />, home);
    fireEvent.press(screen.getByRole('radio', { name: 'chlorine bleach' }));
    fireEvent.press(screen.getByText('Which surface?'), { nativeEvent: {}, preventDefault: () => undefined });
    fireEvent.press(screen.getByRole('radio', { name: 'Sink' }));
    // Nothing is taken for granted: it cannot be written down before rinsed or not is said.
    fireEvent.press(screen.getByTestId('save-entry'));
    await settle();
    expect((await store.log()).entries).toHaveLength(home.log.length);
    fireEvent.press(screen.getByRole('radio', { name: 'Not rinsed, or not sure' }));
    fireEvent.press(screen.getByTestId('save-entry'));
    await settle();
    expect((await store.log()).entries[0]).toMatchObject({
      used: { kind: 'bought', id: 'chlorine-bleach' },
      surface: { id: 'pipit-sink' },
      rinsedAt: null,
    });
  });

  test('what was there before is held against it: vinegar where bleach was left', async () => {
    await renderIn(<NewEntryScreen />, home);
    fireEvent.press(screen.getByRole('radio', { name: 'acid toilet cleaner' }));
    fireEvent.press(screen.getByText('Which surface?'), { nativeEvent: {}, preventDefault: () => undefined });
    fireEvent.press(screen.getByRole('radio', { name: 'Sealant' }));
    await settle();
    expect(screen.getAllByTestId('finding-chlorine-gas').length).toBeGreaterThan(0);
    expect(screen.getByText(/Waiting alone does not make it safe/)).toBeTruthy();
    // What was used a week ago meets nothing that came later.
    fireEvent.press(screen.getByRole('radio', { name: 'A week ago' }));
    await settle();
    expect(screen.queryAllByTestId('finding-chlorine-gas')).toHaveLength(0);
  });

  test('when it was used is written down, not when it was typed', async () => {
    const { store } = await renderIn(<NewEntryScreen />, home);
    fireEvent.press(screen.getByRole('radio', { name: 'chlorine bleach' }));
    fireEvent.press(screen.getByText('Which surface?'), { nativeEvent: {}, preventDefault: () => undefined });
    fireEvent.press(screen.getByRole('radio', { name: 'Sink' }));
    fireEvent.press(screen.getByRole('radio', { name: 'Yesterday' }));
    fireEvent.press(screen.getByRole('radio', { name: 'Not rinsed, or not sure' }));
    const before = new Set(home.log.map((e) => e.id));
    fireEvent.press(screen.getByTestId('save-entry'));
    await settle();
    const entry = (await store.log()).entries.find((e) => !before.has(e.id))!;
    const hoursAgo = (Date.now() - Date.parse(entry.at)) / 3_600_000;
    expect(hoursAgo).toBeGreaterThan(23.9);
    expect(hoursAgo).toBeLessThan(24.1);
  });

  test('a kind that is not known is written down, and said to be unknown', async () => {
    await renderIn(<NewEntryScreen />, home);
    fireEvent.changeText(screen.getByTestId('bought-name'), 'green stuff');
    expect(screen.getByText(/Biscuit does not know what is in it/)).toBeTruthy();
  });
});
