import { fireEvent, screen, waitFor } from '@testing-library/react-native';
import { demoHome } from '@/data/demo/demoHome';
import { renderIn, settle } from '@/testing/renderIn';
import { NewRoomScreen } from './NewRoomScreen';
import { RoomsScreen } from './RoomsScreen';
import { SurfaceScreen } from './SurfaceScreen';

const mockPush = jest.fn();
let mockParams: Record<string, string> = {};
jest.mock('expo-router', () => ({
  useRouter: () => ({ push: mockPush, replace: mockPush }),
  useLocalSearchParams: () => mockParams,
}));

const home = demoHome(new Date());

describe('rooms', () => {
  test('are set up in three taps: kind, and all that is usual is ticked', async () => {
    mockParams = {};
    const { store } = await renderIn(<NewRoomScreen />);
    fireEvent.press(screen.getByRole('radio', { name: 'Bathroom or shower room' }));
    fireEvent.press(screen.getByRole('checkbox', { name: 'Toilet bowl' }));
    fireEvent.press(screen.getByTestId('save-room'));
    await settle();
    expect(await store.all('room')).toMatchObject([{ name: 'Bathroom', kind: 'bathroom', small: true }]);
    const surfaces = (await store.all('surface')).map((s) => s.name);
    expect(surfaces).toContain('Grout');
    expect(surfaces).not.toContain('Toilet bowl');
  });

  test('an empty name is said, and what was ticked stays', async () => {
    mockParams = {};
    const { store } = await renderIn(<NewRoomScreen />);
    fireEvent.press(screen.getByRole('radio', { name: 'Toilet' }));
    fireEvent.changeText(screen.getByTestId('room-name'), '  ');
    expect(screen.getByText(/Give the room a name/)).toBeTruthy();
    fireEvent.press(screen.getByTestId('save-room'));
    await settle();
    expect(await store.all('room')).toEqual([]);
  });

  test('removed, a room and its surfaces come back by undo', async () => {
    mockParams = { room: 'pipit-galley' };
    const { store } = await renderIn(<NewRoomScreen />, home);
    fireEvent.press(screen.getByTestId('remove-room'));
    await settle();
    expect(await store.all('room')).toHaveLength(2);
    fireEvent.press(screen.getByText('Undo'));
    await settle();
    expect(await store.all('room')).toHaveLength(3);
    expect(await store.all('surface')).toHaveLength(home.surfaces.length);
  });

  test('the list says what was last used, and what was not rinsed off', async () => {
    await renderIn(<RoomsScreen openId={null} />, home);
    expect(screen.getByText(/bleach mould spray not rinsed off/)).toBeTruthy();
    expect(screen.getAllByText(/Everyday vinegar/).length).toBeGreaterThan(0);
  });
});

describe('a surface', () => {
  test('what is answered about it is kept; wrong input is said and kept in its field', async () => {
    const { store } = await renderIn(<SurfaceScreen id="pipit-grout" />, home);
    fireEvent.press(screen.getByRole('radio', { name: 'Sealed' }));
    await settle();
    fireEvent.press(screen.getByRole('radio', { name: 'Monthly' }));
    await settle();
    fireEvent.changeText(screen.getByTestId('surface-area'), '-1');
    await waitFor(() => expect(screen.getByText(/Give the area in m²/)).toBeTruthy());
    fireEvent.changeText(screen.getByTestId('surface-area'), '0,7');
    await settle();
    expect((await store.all('surface')).find((s) => s.id === 'pipit-grout')).toMatchObject({
      sealed: true,
      areaM2: 0.7,
      upkeep: { everyDays: 30 },
    });
  });

  test('the rinse that makes it safe is written down from here too', async () => {
    const { store } = await renderIn(<SurfaceScreen id="pipit-sealant" />, home);
    expect(screen.getByText(/bleach mould spray may still be on it/)).toBeTruthy();
    fireEvent.press(screen.getByTestId('rinsed-now'));
    await settle();
    await waitFor(() => expect(screen.queryByTestId('rinsed-now')).toBeNull());
    expect((await store.log()).entries.find((e) => e.id === 'pipit-log-bought')?.rinsedAt).not.toBeNull();
  });

  test('removed, it comes back by undo', async () => {
    const { store } = await renderIn(<SurfaceScreen id="pipit-rug" />, home);
    fireEvent.press(screen.getByTestId('remove-surface'));
    await settle();
    expect((await store.all('surface')).some((s) => s.id === 'pipit-rug')).toBe(false);
    fireEvent.press(screen.getByText('Undo'));
    await settle();
    expect((await store.all('surface')).find((s) => s.id === 'pipit-rug')).toEqual(
      home.surfaces.find((s) => s.id === 'pipit-rug'),
    );
  });

  test('a surface that is not there says so', async () => {
    await renderIn(<SurfaceScreen id="nothing" />, home);
    expect(screen.getByText('Not here')).toBeTruthy();
  });
});
