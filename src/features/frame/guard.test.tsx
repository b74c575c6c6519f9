import { fireEvent, render, screen } from '@testing-library/react-native';
import { Text } from 'react-native';
import { Guard } from './Guard';

let broken = true;
const Screen = ({ name = 'Mix' }: { name?: string }) => {
  if (broken) throw new Error('no such bottle');
  return <Text>{name} is here</Text>;
};

beforeEach(() => {
  broken = true;
  jest.spyOn(console, 'error').mockImplementation(() => undefined);
});
afterEach(() => jest.restoreAllMocks());

test('a screen that fails says so in its own place, and what stands beside it stands', () => {
  render(
    <>
      <Text>Alarms</Text>
      <Guard at="/mix">
        <Screen />
      </Guard>
    </>,
  );
  expect(screen.getByText('Alarms')).toBeTruthy();
  expect(screen.getByText('This did not open')).toBeTruthy();
  expect(screen.getByTestId('broken')).toHaveTextContent('no such bottle');
  broken = false;
  fireEvent.press(screen.getByText('Try again'));
  expect(screen.getByText('Mix is here')).toBeTruthy();
});

test('at another address there is another screen', () => {
  const view = render(
    <Guard at="/mix">
      <Screen />
    </Guard>,
  );
  broken = false;
  view.rerender(
    <Guard at="/shelf">
      <Screen name="Shelf" />
    </Guard>,
  );
  expect(screen.getByText('Shelf is here')).toBeTruthy();
});

test('what watches over the home fails without a word of its own', () => {
  render(
    <Guard at="" instead={null}>
      <Screen />
    </Guard>,
  );
  expect(screen.toJSON()).toBeNull();
});
