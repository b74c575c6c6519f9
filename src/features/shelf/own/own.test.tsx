import { fireEvent, screen } from '@testing-library/react-native';
import { EMPTY_HOME, type Home, type PantryItem } from '@/core';
import { renderIn, settle } from '@/testing/renderIn';
import { OwnScreen } from './OwnScreen';

const mockReplace = jest.fn();
jest.mock('expo-router', () => ({
  useRouter: () => ({ push: mockReplace, replace: mockReplace, canGoBack: () => false }),
}));

const type = (testID: string, text: string): void => fireEvent.changeText(screen.getByTestId(testID), text);
const open = (home: Home = EMPTY_HOME, id: string | null = null, name = '') =>
  renderIn(<OwnScreen id={id} name={name} bought={false} />, home);
const suds: PantryItem = {
  id: 'o1',
  left: { value: 250, unit: 'mL' },
  pack: null,
  own: {
    name: 'Reed suds',
    form: 'liquid',
    densityGPerML: 1,
    contents: [{ substance: 'soap', percent: 10, low: 5, high: 15, basis: 'w/w' }],
    unknown: ['purple stuff'],
  },
};

test('what a label says is read as it is typed, and kept as it was read', async () => {
  const { store } = await open(EMPTY_HOME, null, 'Reed suds');
  await screen.findByTestId('own-label');
  expect(screen.getByTestId('own-name').props.value).toBe('Reed suds');
  expect(screen.getByText(/everything it meets then asks for care/)).toBeTruthy();
  type('own-label', '5-15 % anionic surfactants, perfume');
  expect(screen.getByText('anionic surfactants, 5–15 %')).toBeTruthy();
  fireEvent.press(screen.getByRole('radio', { name: 'Warning' }));
  fireEvent.press(screen.getByRole('checkbox', { name: 'Harmful' }));
  type('own-left', '400');
  fireEvent.press(screen.getByTestId('own-keep'));
  await settle();
  const [item] = await store.all('pantry');
  expect(item).toEqual({
    id: item!.id,
    left: { value: 400, unit: 'mL' },
    pack: null,
    own: {
      name: 'Reed suds',
      form: 'liquid',
      densityGPerML: 1,
      contents: [{ substance: 'surfactant', percent: 10, low: 5, high: 15, basis: 'w/w' }],
      warning: { signalWord: 'warning', pictograms: ['harmful'] },
    },
  });
  expect(mockReplace).toHaveBeenLastCalledWith('/shelf/cupboard');
});

test('what is not known, or not how much of it, is asked; nothing has to be answered', async () => {
  const { store } = await open(EMPTY_HOME, null, 'Swan wash');
  await screen.findByTestId('own-label');
  type('own-label', 'purple stuff 2 %\ncitric acid');
  expect(screen.getAllByTestId('label-part')).toHaveLength(2);
  expect(screen.getByText(/What is it\? Until you say/)).toBeTruthy();
  expect(screen.getByText(/How much of it\? Until you say, it counts as anything/)).toBeTruthy();
  fireEvent.press(screen.getByRole('radio', { name: '5–15 %' }));
  expect(screen.queryByText(/How much of it/)).toBeNull();
  fireEvent.press(screen.getByLabelText('Only water, scent or colour: purple stuff'));
  expect(screen.queryByText(/What is it\?/)).toBeNull();
  fireEvent.press(screen.getByTestId('own-keep'));
  await settle();
  const own = (await store.all('pantry'))[0]?.own;
  expect([own?.contents.map((c) => [c.substance, c.low, c.high]), own?.unknown]).toEqual([
    [['citric-acid', 5, 15]],
    undefined,
  ]);
});

test('kept without an answer, what is not known is kept as not known', async () => {
  const { store } = await open(EMPTY_HOME, null, 'Swan wash');
  await screen.findByTestId('own-label');
  type('own-label', 'purple stuff 2 %');
  fireEvent.press(screen.getByRole('radio', { name: 'Used as it is sold' }));
  fireEvent.press(screen.getByTestId('own-keep'));
  await settle();
  expect((await store.all('pantry'))[0]?.own).toMatchObject({ unknown: ['purple stuff'], contents: [], bought: true });
});

test.each([
  ['own-name', '', /Give it a name/],
  ['own-density', 'heavy', /0\.05 to 5/],
  ['own-left', 'half', /Give what is left as a number/],
  ['own-price', 'cheap', /price/],
])('%s: "%s" is said at its field, and nothing is lost', async (field, text, message) => {
  const { store } = await open(EMPTY_HOME, null, 'Reed suds');
  await screen.findByTestId('own-label');
  type('own-label', 'soap 5 %');
  type('own-size', '500');
  type(field, text);
  fireEvent.press(screen.getByTestId('own-keep'));
  await settle();
  expect(screen.getAllByText(message).length).toBeGreaterThan(0);
  expect(screen.getByTestId('own-label').props.value).toBe('soap 5 %');
  expect(await store.all('pantry')).toEqual([]);
});

test('what is in the cupboard is shown as its label would say it, and changed', async () => {
  const { store } = await open({ ...EMPTY_HOME, pantry: [suds] }, 'o1');
  await screen.findByTestId('own-label');
  expect(screen.getByTestId('own-label').props.value).toBe('soap 5–15 %\npurple stuff');
  type('own-label', 'soap 5–15 %');
  fireEvent.press(screen.getByTestId('own-keep'));
  await settle();
  const [item] = await store.all('pantry');
  expect(item?.own).toEqual({ ...suds.own, unknown: undefined });
  expect(item?.left).toEqual(suds.left);
});

test('what is not there any more says so', async () => {
  await open(EMPTY_HOME, 'gone');
  expect(await screen.findByText('Not here')).toBeTruthy();
});
