import { fireEvent, screen } from '@testing-library/react-native';
import { demoHome } from '@/data/demo/demoHome';
import { renderIn, settle } from '@/testing/renderIn';
import { KitScreen } from './KitScreen';

const mockPush = jest.fn();
jest.mock('expo-router', () => ({ useRouter: () => ({ push: mockPush }) }));

const pipit = demoHome(new Date());
// A few surfaces, so that every way is weighed up in a moment.
const home = {
  ...pipit,
  log: [],
  surfaces: pipit.surfaces.filter((s) => ['pipit-tile', 'pipit-mirror', 'pipit-hob'].includes(s.id)),
};
const claim = () => screen.getByTestId('kit-claim').props.children as string;
const jobs = (): [number, number] => {
  const [, all, done, of] = /all (\d+) jobs|(\d+) of (\d+) jobs/.exec(claim()) ?? [];
  return all === undefined ? [Number(done), Number(of)] : [Number(all), Number(all)];
};

test('the fewest things do all of it, and it is proven', async () => {
  await renderIn(<KitScreen />, home);
  expect(claim()).toMatch(/^\d things? does? all|^\d things do all/);
  expect(screen.getByTestId('kit-proof')).toHaveTextContent('Proven: no fewer will do.');
  const things = screen.getAllByTestId('kit-thing').length;
  expect(things).toBeLessThanOrEqual(4);
  // Each of them is needed.
  expect(screen.getAllByText(/jobs? hangs? on it/)).toHaveLength(things);
});

test('for one room, and of no more than so many things', async () => {
  await renderIn(<KitScreen />, home);
  const [, all] = jobs();
  fireEvent.press(screen.getByTestId('kit-change'));
  fireEvent.press(screen.getByRole('checkbox', { name: 'Galley' }));
  await settle();
  const [, galley] = jobs();
  expect(galley).toBeLessThan(all);
  fireEvent.press(screen.getByRole('checkbox', { name: 'All rooms' }));
  fireEvent.press(screen.getByRole('radio', { name: 'At most 2' }));
  await settle();
  expect(screen.getAllByTestId('kit-thing').length).toBeLessThanOrEqual(2);
  expect(screen.getByTestId('kit-proof')).toHaveTextContent(/^Proven: no other \d do more\.$/);
});

test('without one of its things another takes its place, or it says what is left undone', async () => {
  await renderIn(<KitScreen />, home);
  fireEvent.press(screen.getByLabelText('Without it: dish soap'));
  await settle();
  expect(screen.getByText('Left out: dish soap.')).toBeTruthy();
  expect(screen.queryByLabelText('Without it: dish soap')).toBeNull();
  fireEvent.press(screen.getByText('Take them back'));
  await settle();
  expect(screen.getByLabelText('Without it: dish soap')).toBeTruthy();
});

test('one’s own pick says what could be done with it', async () => {
  await renderIn(<KitScreen />, home);
  const [, all] = jobs();
  fireEvent.press(screen.getByRole('radio', { name: 'My own pick' }));
  await settle();
  fireEvent.press(screen.getByRole('checkbox', { name: 'Dish soap' }));
  await settle();
  const [done, of] = jobs();
  expect(of).toBe(all);
  expect(done).toBeGreaterThan(0);
  expect(done).toBeLessThan(all);
  expect(screen.getByText('What it does not do')).toBeTruthy();
});

test('what is missing goes onto the list', async () => {
  const { store } = await renderIn(<KitScreen />, { ...home, pantry: [] });
  fireEvent.press(screen.getByTestId('kit-to-list'));
  await settle();
  expect(mockPush).toHaveBeenCalledWith('/shelf/shopping');
  expect((await store.all('pantry')).map((p) => p.left?.value)).toEqual(
    Array.from({ length: screen.getAllByTestId('kit-thing').length }, () => 0),
  );
});

test('without rooms it says what comes first', async () => {
  await renderIn(<KitScreen />);
  fireEvent.press(screen.getByText('Set up a room'));
  expect(mockPush).toHaveBeenCalledWith('/rooms/new');
});
