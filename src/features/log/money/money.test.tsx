import { fireEvent, screen, within } from '@testing-library/react-native';
import { EMPTY_HOME, STARTER_FORMULAS, usedOf, type Home, type LogEntry } from '@/core';
import { entryOf } from '@/testing/entry';
import { renderIn, settle } from '@/testing/renderIn';
import { MoneyScreen } from './MoneyScreen';

const mockPush = jest.fn();
jest.mock('expo-router', () => ({ useRouter: () => ({ push: mockPush }) }));

const everyday = STARTER_FORMULAS.find((f) => f.id === 'starter-everyday')!;
/** Of this month: sums must not hang on the day of the year. */
const use = (id: string, money: number): LogEntry =>
  entryOf({
    id,
    at: new Date().toISOString(),
    room: { id: null, name: 'Shower room' },
    surface: { id: null, name: 'Tiles', material: 'glazed-tile' },
    soil: { id: 'limescale', name: 'Limescale' },
    used: usedOf(everyday),
    took: { volumeML: 50, massG: null, cost: { money, unpriced: [] } },
  });
const home: Home = {
  ...EMPTY_HOME,
  settings: { ...EMPTY_HOME.settings, currency: '£' },
  log: [use('a', 0.03), use('b', 0.05)],
  pantry: [{ id: 'white-vinegar', left: null, pack: { price: 1, value: 1000, unit: 'mL' } }],
};
const type = (id: string, text: string): void => fireEvent.changeText(screen.getByTestId(id), text);

test('what a use and a litre cost; what is held beside nothing is left out and said so', async () => {
  await renderIn(<MoneyScreen />, home);
  expect(screen.getByText('£0.040 a use · £0.50 a litre')).toBeTruthy();
  expect(screen.getByText(/Nothing is held beside it yet/)).toBeTruthy();
  expect(screen.getByTestId('money-missing')).toHaveTextContent(/2 uses are held beside nothing/);
});

test('named once, what would be bought says what was spared', async () => {
  const { store } = await renderIn(<MoneyScreen />, home);
  fireEvent.press(screen.getByTestId('beside-starter-everyday'));
  await screen.findByTestId('instead-keep');
  type('instead-name', 'bathroom spray');
  type('instead-price', '2,75');
  type('instead-size', '750');
  type('instead-uses', 'many');
  fireEvent.press(screen.getByTestId('instead-keep'));
  await settle();
  expect(screen.getByText(/Give how often one is used/)).toBeTruthy();
  type('instead-uses', '25');
  fireEvent.press(screen.getByTestId('instead-keep'));
  await settle();
  expect(await store.all('instead')).toMatchObject([
    { name: 'bathroom spray', price: 2.75, uses: 25, formulaIds: [everyday.id] },
  ]);
  // Twice 0.11 bought, 0.08 made: 0.14 spared.
  expect(screen.getByTestId('spared')).toHaveTextContent('£0.14');
  expect(screen.getByText('2 uses, had they been bought')).toBeTruthy();
  expect(screen.getByText('£0.22')).toBeTruthy();
  expect(screen.getByText(/bathroom spray £0\.11 a use, £3\.67 a litre/)).toBeTruthy();
});

test('held beside nothing again, it is on neither side', async () => {
  const instead = [
    {
      id: 'i',
      name: 'bathroom spray',
      price: 2.75,
      value: 750,
      unit: 'mL' as const,
      uses: 25,
      formulaIds: [everyday.id],
    },
  ];
  const { store } = await renderIn(<MoneyScreen />, { ...home, instead });
  fireEvent.press(screen.getByTestId('beside-starter-everyday'));
  fireEvent.press(screen.getByRole('radio', { name: 'Nothing' }));
  fireEvent.press(screen.getByTestId('instead-none'));
  await settle();
  expect(await store.all('instead')).toMatchObject([{ id: 'i', formulaIds: [] }]);
  expect(screen.queryByTestId('spared')).toBeNull();
});

test('where more was spent than spared it says so', async () => {
  const bought = { price: 3, at: new Date().toISOString() };
  const vessels = [
    {
      id: 'v',
      name: 'Glass',
      shape: 'straight-spray' as const,
      capacityML: 500,
      material: 'glass' as const,
      opaque: false,
      bought,
    },
  ];
  const instead = [
    { id: 'i', name: 'spray', price: 2.75, value: 750, unit: 'mL' as const, uses: 25, formulaIds: [everyday.id] },
  ];
  await renderIn(<MoneyScreen />, { ...home, vessels, instead });
  expect(screen.getByText(/^More than buying in \d{4}, so far$/)).toBeTruthy();
  // 0.14 less 3.00.
  expect(screen.getByTestId('spared')).toHaveTextContent('£2.86');
});

test('a chart says its figures in words, and stands as a table too', async () => {
  await renderIn(<MoneyScreen />, home);
  const chart = await screen.findByTestId('months-chart');
  expect(chart.props['aria-label']).toMatch(/£0\.080\.$/);
  fireEvent.press(screen.getByTestId('months-table'));
  const month = new Intl.DateTimeFormat('en-GB', { month: 'long', year: 'numeric' }).format(new Date());
  const table = screen.getByLabelText(month);
  expect(within(table).getAllByText('£0.080')).toHaveLength(2);
  expect(within(table).getByText('Shower room')).toBeTruthy();
});

test('without a price anywhere it leads to where prices stand', async () => {
  await renderIn(<MoneyScreen />, { ...home, pantry: [] });
  fireEvent.press(screen.getByText('Say what your packs cost'), { nativeEvent: {}, preventDefault: () => undefined });
  expect(mockPush).toHaveBeenCalledWith('/shelf/cupboard');
});
