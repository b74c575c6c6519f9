import { screen } from '@testing-library/react-native';
import { Text } from 'react-native';
import { EMPTY_HOME, STARTER_FORMULAS } from '@/core';
import { demoHome } from '@/data/demo/demoHome';
import { renderIn } from '@/testing/renderIn';
import { useSupplies } from './useSupplies';

function Supplies() {
  const { candidates, knowsCupboard } = useSupplies();
  return (
    <>
      <Text>{knowsCupboard ? 'cupboard known' : 'cupboard not known'}</Text>
      {candidates.map((c) => (
        <Text key={`${c.formula.id}-${c.from}`} testID="candidate">{`${c.formula.id} ${c.from}`}</Text>
      ))}
    </>
  );
}

const listed = (): string[] => screen.getAllByTestId('candidate').map((c) => String(c.props.children));

test('with an empty cupboard every ingredient counts as there', async () => {
  await renderIn(<Supplies />, EMPTY_HOME);
  expect(screen.getByText('cupboard not known')).toBeTruthy();
  expect(listed()).toEqual(STARTER_FORMULAS.map((f) => `${f.id} cupboard`));
});

test('what stands on the shelf is not offered to be made as well', async () => {
  const home = demoHome(new Date());
  const [batch] = home.batches.filter((b) => b.state === 'kept');
  const here = { ...home, batches: [{ ...batch!, label: { ...batch!.label, expiresAt: '2099-01-01T00:00:00.000Z' } }] };
  await renderIn(<Supplies />, here as typeof home);
  const ids = listed().map((line) => line.split(' ')[0]);
  expect(new Set(ids).size).toBe(ids.length);
  expect(screen.getByText('cupboard known')).toBeTruthy();
});
