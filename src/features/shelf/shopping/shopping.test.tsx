import { fireEvent, screen } from '@testing-library/react-native';
import { EMPTY_HOME, STARTER_FORMULAS, type Home, type PantryItem } from '@/core';
import { surfaceOf } from '@/testing/entry';
import { renderIn, settle } from '@/testing/renderIn';
import { ShoppingScreen } from './ShoppingScreen';

const mockPush = jest.fn();
const mockParams: { days?: string } = {};
jest.mock('expo-router', () => ({
  useRouter: () => ({ push: mockPush, setParams: (to: { days: string }) => Object.assign(mockParams, to) }),
  useLocalSearchParams: () => mockParams,
}));

afterEach(() => delete mockParams.days);

const hob = surfaceOf({
  id: 'hob',
  roomId: 'galley',
  name: 'Hob',
  surfaceId: 'induction-hob',
  areaM2: 0.2,
  upkeep: { everyDays: 2, soilId: 'fresh-grease', formulaId: 'starter-dish-spray' },
});
const soap: PantryItem = {
  id: 'dish-soap',
  left: { value: 0, unit: 'mL' },
  pack: { price: 1.6, value: 500, unit: 'mL' },
  alsoSold: [{ price: 2.6, value: 1000, unit: 'mL' }],
};
const home: Home = {
  ...EMPTY_HOME,
  settings: { ...EMPTY_HOME.settings, currency: '£' },
  rooms: [{ id: 'galley', name: 'Galley', kind: 'kitchen', small: false }],
  surfaces: [hob],
  pantry: [soap],
};
const row = (name: string) => screen.getByRole('checkbox', { name: new RegExp(`^Bought: ${name}`) });

test('what a rhythm asks for is on the list, in the packs that cost the least', async () => {
  await renderIn(<ShoppingScreen />, home);
  expect(screen.getByTestId('to-buy-head')).toHaveTextContent('2 things to buy, £1.60');
  // A little soap: the half litre costs less than the litre.
  expect(screen.getByText('1 × 500 mL · £1.60')).toBeTruthy();
  expect(screen.getByText('1 of them without a price yet.')).toBeTruthy();
  fireEvent.press(screen.getByTestId('what-for'));
  expect(screen.getByText(/^7 times · .*Hob, Galley$/)).toBeTruthy();
});

test('what is taken along is all of it, with what all of it costs', async () => {
  const low: PantryItem = { id: 'borax', left: { value: 0, unit: 'g' }, pack: { price: 2, value: 500, unit: 'g' } };
  await renderIn(<ShoppingScreen />, { ...home, pantry: [soap, low] });
  expect(screen.getByTestId('to-buy-head')).toHaveTextContent('2 things to buy, £1.60');
  fireEvent.press(screen.getByTestId('take-along'));
  expect(screen.getByTestId('list-text')).toHaveTextContent(/Dish soap.*Borax, 1 × 500 g.*About £3\.60\.$/s);
});

test('a tick puts it into the cupboard, a second takes it out again', async () => {
  const { store } = await renderIn(<ShoppingScreen />, home);
  fireEvent.press(row('Dish soap'));
  await settle();
  expect((await store.all('pantry')).find((p) => p.id === 'dish-soap')?.left).toEqual({ value: 500, unit: 'mL' });
  expect(screen.getByTestId('to-buy-head')).toHaveTextContent('1 thing to buy');
  fireEvent.press(screen.getByTestId('bought'));
  await settle();
  expect((await store.all('pantry')).find((p) => p.id === 'dish-soap')?.left?.value).toBe(0);
  expect(await store.all('purchase')).toEqual([]);
});

test('how a thing is sold is asked where nobody has said; what cannot be is said at its field', async () => {
  const { store } = await renderIn(<ShoppingScreen />, home);
  fireEvent.press(row('Distilled water'));
  await screen.findByTestId('pantry-keep');
  fireEvent.changeText(screen.getByTestId('pantry-price'), '1,90');
  fireEvent.changeText(screen.getByTestId('pantry-size'), '5000');
  fireEvent.press(screen.getByTestId('pantry-more-sizes'));
  fireEvent.changeText(screen.getByTestId('pantry-price-2'), 'cheap');
  fireEvent.changeText(screen.getByTestId('pantry-size-2'), '1000');
  fireEvent.press(screen.getByTestId('pantry-keep'));
  await settle();
  expect(screen.getByText(/Give the price as a number/)).toBeTruthy();
  fireEvent.changeText(screen.getByTestId('pantry-price-2'), '0.7');
  fireEvent.press(screen.getByTestId('pantry-keep'));
  await settle();
  expect((await store.all('pantry')).find((p) => p.id === 'distilled-water')).toEqual({
    id: 'distilled-water',
    left: { value: 0, unit: 'mL' },
    pack: { price: 1.9, value: 5000, unit: 'mL' },
    alsoSold: [{ price: 0.7, value: 1000, unit: 'mL' }],
  });
  expect(screen.getByText('1 × 1000 mL · £0.70')).toBeTruthy();
});

test('bought whatever the pack, it counts as much as was short', async () => {
  const { store } = await renderIn(<ShoppingScreen />, home);
  fireEvent.press(row('Distilled water'));
  fireEvent.press(await screen.findByTestId('just-bought'));
  await settle();
  const water = (await store.all('pantry')).find((p) => p.id === 'distilled-water');
  expect(water?.left?.value).toBeGreaterThan(50);
  // No size it is sold in has come of it.
  expect(water?.pack).toBeNull();
  expect(screen.queryByRole('checkbox', { name: /^Bought: Distilled water, \d/ })).toBeNull();
});

test('what else is to be brought along, and made, is on it', async () => {
  const { store } = await renderIn(<ShoppingScreen />, home);
  fireEvent.changeText(screen.getByTestId('bring-along'), 'two sponges');
  fireEvent.press(screen.getByTestId('bring-along-add'));
  await settle();
  fireEvent.press(row('two sponges'));
  await settle();
  expect(await store.all('wanted')).toMatchObject([
    { kind: 'thing', name: 'two sponges', boughtAt: expect.any(String) },
  ]);
  fireEvent.press(screen.getByText('Make something besides'));
  fireEvent.press(screen.getByText('Scale lifter'));
  fireEvent.changeText(screen.getByTestId('wanted-ml'), 'a lot');
  fireEvent.press(screen.getByTestId('wanted-keep'));
  expect(screen.getByText(/Give how much in mL/)).toBeTruthy();
  fireEvent.changeText(screen.getByTestId('wanted-ml'), '500');
  fireEvent.press(screen.getByTestId('wanted-keep'));
  await settle();
  // 30 g of citric acid to the litre.
  expect(row('Citric acid')).toBeTruthy();
  expect(screen.getByText('15 g')).toBeTruthy();
  expect(screen.getByTestId('wanted-mixture')).toHaveTextContent(/Scale lifter.*500 mL to make/);
  fireEvent.press(screen.getByTestId('take-along'));
  expect(screen.getByTestId('list-text')).toHaveTextContent(/\[ \] Citric acid, 15 g.*\[x\] two sponges/s);
});

test('other days ask for more or less', async () => {
  await renderIn(<ShoppingScreen />, home);
  fireEvent.press(screen.getByRole('radio', { name: '4 weeks' }));
  expect(mockParams.days).toBe('28');
  const { unmount } = await renderIn(<ShoppingScreen />, home);
  fireEvent.press(screen.getAllByTestId('what-for').at(-1)!);
  expect(screen.getByText(/^14 times · .*Hob, Galley$/)).toBeTruthy();
  unmount();
});

test('a home that asks for nothing says what would', async () => {
  await renderIn(<ShoppingScreen />);
  expect(screen.getByText(/Nothing asks for anything yet/)).toBeTruthy();
  fireEvent.press(screen.getByText('Set up a room'), { nativeEvent: {}, preventDefault: () => undefined });
  expect(mockPush).toHaveBeenCalledWith('/rooms/new');
});

test('where there is enough, it says so', async () => {
  const full = STARTER_FORMULAS.flatMap((f) => f.lines).flatMap(({ ingredient }) =>
    ingredient.kind === 'known'
      ? [{ id: ingredient.id, left: { value: 90_000, unit: 'mL' as const }, pack: null }]
      : [],
  );
  const pantry = full.filter((p, i) => full.findIndex((o) => o.id === p.id) === i);
  await renderIn(<ShoppingScreen />, { ...home, pantry });
  expect(screen.getByText('There is enough of everything.')).toBeTruthy();
});
