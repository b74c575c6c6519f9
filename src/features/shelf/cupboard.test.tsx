import { fireEvent, screen, waitFor } from '@testing-library/react-native';
import { EMPTY_HOME, type Home, type PantryItem } from '@/core';
import { renderIn, settle } from '@/testing/renderIn';
import { CupboardScreen } from './CupboardScreen';

const mockPush = jest.fn();
jest.mock('expo-router', () => ({ useRouter: () => ({ push: mockPush }) }));

const soda: PantryItem = { id: 'baking-soda', left: { value: 250, unit: 'g' }, pack: null };
const withSoda: Home = { ...EMPTY_HOME, pantry: [soda] };
const type = (testID: string, text: string): void => fireEvent.changeText(screen.getByTestId(testID), text);

test('what is there is found by any of its names, and stands once', async () => {
  const { store } = await renderIn(<CupboardScreen />);
  expect(screen.getByText('Nothing in it yet.')).toBeTruthy();
  type('add-pantry', 'bicarb');
  fireEvent.press(screen.getByLabelText('Add baking soda'));
  await settle();
  expect(await store.all('pantry')).toEqual([{ id: 'baking-soda', left: null, pack: null }]);
  expect(screen.getByText('how much is left is not known')).toBeTruthy();
  type('add-pantry', 'bicarb');
  expect(screen.queryByLabelText('Add baking soda')).toBeNull();
});

test('a name that is not known says so, and stays to be mended', async () => {
  await renderIn(<CupboardScreen />);
  type('add-pantry', 'qwzx gloss');
  expect(screen.getByText(/Nothing new by that name/)).toBeTruthy();
  expect(screen.getByTestId('add-pantry').props.value).toBe('qwzx gloss');
});

test('what is left and what a pack cost are kept, with a comma as with a point', async () => {
  const { store } = await renderIn(<CupboardScreen />, withSoda);
  await openSoda();
  type('pantry-left', '500');
  type('pantry-price', '1,95');
  type('pantry-size', '500');
  fireEvent.press(screen.getByTestId('pantry-keep'));
  await settle();
  expect(await store.all('pantry')).toEqual([
    { id: 'baking-soda', left: { value: 500, unit: 'g' }, pack: { price: 1.95, value: 500, unit: 'g' } },
  ]);
  expect(screen.getByText(/500 g left · .1\.95 for 500 g/)).toBeTruthy();
});

const openSoda = async (): Promise<void> => {
  fireEvent.press(screen.getByLabelText('Change baking soda'));
  await screen.findByTestId('pantry-keep');
};

test.each([
  ['pantry-left', 'half', /Give what is left as a number, 0 or more/],
  ['pantry-left', '-1', /Give what is left as a number, 0 or more/],
  ['pantry-price', '2', /A pack holds more than nothing/],
  ['pantry-price', 'cheap', /Give the price as a number/],
  ['pantry-size', '0', /A pack holds more than nothing/],
])('%s: "%s" is said at its field, and not kept', async (field, text, message) => {
  const { store } = await renderIn(<CupboardScreen />, withSoda);
  await openSoda();
  type(field, text);
  fireEvent.press(screen.getByTestId('pantry-keep'));
  expect(await screen.findByText(message)).toBeTruthy();
  await settle();
  expect(await store.all('pantry')).toEqual([soda]);
});

test('taken out, it comes back by undo as it was', async () => {
  const { store } = await renderIn(<CupboardScreen />, withSoda);
  fireEvent.press(screen.getByLabelText('Change baking soda'));
  fireEvent.press(screen.getByText('Take it out'));
  await waitFor(() => expect(screen.getByText('baking soda was taken out.')).toBeTruthy());
  expect(await store.all('pantry')).toEqual([]);
  fireEvent.press(screen.getByText('Undo'));
  await settle();
  expect(await store.all('pantry')).toEqual([soda]);
});

test('an undo that cannot be written is said too', async () => {
  const { storage, store } = await renderIn(<CupboardScreen />, withSoda);
  await openSoda();
  fireEvent.press(screen.getByText('Take it out'));
  await screen.findByText('baking soda was taken out.');
  storage.full = true;
  fireEvent.press(screen.getByText('Undo'));
  expect(await screen.findByText(/^Not saved: The disk is full\. Free some space/)).toBeTruthy();
  expect(await store.all('pantry')).toEqual([]);
});

test('a full disk is said', async () => {
  const { storage, store } = await renderIn(<CupboardScreen />, withSoda);
  storage.full = true;
  type('add-pantry', 'castile');
  fireEvent(screen.getByTestId('add-pantry'), 'submitEditing');
  await waitFor(() => expect(screen.getByText(/Not saved: The disk is full/)).toBeTruthy());
  expect(await store.all('pantry')).toEqual([soda]);
});

test('what it may meet is two taps away', async () => {
  await renderIn(<CupboardScreen />, withSoda);
  fireEvent.press(screen.getByLabelText('Change baking soda'));
  fireEvent.press(screen.getByTestId('may-meet'));
  expect(mockPush).toHaveBeenCalledWith('/safety/meet?with=baking-soda');
});
