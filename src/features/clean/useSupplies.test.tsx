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
  await renderIn(<Supplies />, home);
  const lines = listed();
  const onShelf = lines.filter((line) => line.endsWith(' shelf')).map((line) => line.split(' ')[0]);
  expect(onShelf.length).toBeGreaterThan(0);
  expect(home.formulas.some((f) => onShelf.includes(f.id))).toBe(true);
  for (const id of onShelf)
    expect(lines.filter((line) => line.startsWith(`${id} `) && !line.endsWith(' shelf'))).toEqual([]);
  expect(screen.getByText('cupboard known')).toBeTruthy();
});
