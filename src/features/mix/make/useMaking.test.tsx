import { fireEvent, screen } from '@testing-library/react-native';
import { Text } from 'react-native';
import { STARTER_FORMULAS, type BatchInProgress, type Vessel } from '@/core';
import { renderIn, settle } from '@/testing/renderIn';
import { useMaking } from './useMaking';

const mockReplace = jest.fn();
jest.mock('expo-router', () => ({ useRouter: () => ({ replace: mockReplace }) }));

const formula = STARTER_FORMULAS.find((f) => f.id === 'starter-everyday')!;
const vessel: Vessel = {
  id: 'typed',
  name: 'Spray bottle',
  shape: 'straight-spray',
  capacityML: 500,
  material: 'hdpe',
  opaque: true,
};
const batch = (isNew: boolean): BatchInProgress => ({
  formula,
  vessel,
  isNew,
  aim: null,
  inBottle: true,
  dwell: null,
  labelled: true,
  poured: {},
  done: formula.lines.map((l) => l.id),
  accepted: [],
});

function Maker({ of, clear }: { of: BatchInProgress; clear: () => void }) {
  const making = useMaking({ batch: of, formulaId: of.formula.id, clear, guide: null });
  return <Text onPress={() => typeof making !== 'string' && making.finish()}>finish</Text>;
}

test('a bottle that was only typed goes on the shelf with its batch, under an id of its own', async () => {
  const clear = jest.fn();
  const { store } = await renderIn(<Maker of={batch(true)} clear={clear} />);
  fireEvent.press(screen.getByText('finish'));
  await settle();
  const [bottle] = await store.all('vessel');
  const [made] = await store.all('batch');
  expect(bottle).toEqual({ ...vessel, id: bottle!.id });
  expect(bottle!.id).not.toBe('typed');
  expect(made!.vessel.id).toBe(bottle!.id);
  expect(clear).toHaveBeenCalledTimes(1);
  expect(mockReplace).toHaveBeenCalledWith(`/shelf/${made!.id}`);
});

test('a bottle that stands in the home already is not put there twice', async () => {
  const { store } = await renderIn(<Maker of={batch(false)} clear={() => undefined} />);
  fireEvent.press(screen.getByText('finish'));
  await settle();
  expect(await store.all('vessel')).toEqual([]);
  expect((await store.all('batch'))[0]!.vessel.id).toBe('typed');
});
