import { act, fireEvent, render, screen } from '@testing-library/react-native';
import { Text } from 'react-native';
import { createClient, HomeProvider, type HomeOpening } from '@/data/HomeProvider';
import { part } from './part';

const HOME = { store: { listen: () => () => undefined } } as unknown as HomeOpening['home'];

const within = (opening: Partial<HomeOpening>, children: React.ReactNode) => (
  <HomeProvider opening={{ home: HOME, failure: null, tryAgain: () => undefined, ...opening }} client={createClient()}>
    {children}
  </HomeProvider>
);

const Screen = ({ name }: { name: string }) => <Text>{name} is here</Text>;

test('a part says that it comes, and is drawn once it is there; the next time at once', async () => {
  let fetched = 0;
  const Part = part(() => {
    fetched++;
    return Promise.resolve(Screen);
  });
  const { unmount } = render(within({}, <Part name="Mix" />));
  expect(screen.getByText('Opening…')).toBeTruthy();
  expect(await screen.findByText('Mix is here')).toBeTruthy();
  unmount();
  render(within({}, <Part name="Shelf" />));
  expect(screen.getByText('Shelf is here')).toBeTruthy();
  expect(fetched).toBe(1);
});

test('it waits for the home, too', async () => {
  const fetched = Promise.resolve(Screen);
  const Part = part(() => fetched, { coming: <Text>Not open yet</Text> });
  const view = render(within({ home: null }, <Part name="Mix" />));
  await act(() => fetched);
  expect(screen.getByText('Not open yet')).toBeTruthy();
  view.rerender(within({}, <Part name="Mix" />));
  expect(await screen.findByText('Mix is here')).toBeTruthy();
});

test('where it cannot be fetched that is said in words, and can be tried again', async () => {
  let online = false;
  const Part = part(() => (online ? Promise.resolve(Screen) : Promise.reject(new Error('net::ERR_FAILED'))));
  render(within({}, <Part name="Mix" />));
  expect(await screen.findByTestId('not-fetched')).toHaveTextContent(/could not be fetched.*Nothing you wrote is lost/);
  expect(screen.queryByText(/ERR_FAILED/)).toBeNull();
  online = true;
  fireEvent.press(screen.getByTestId('fetch-again'));
  expect(await screen.findByText('Mix is here')).toBeTruthy();
});

test('what could not be opened is tried again with it', async () => {
  const tryAgain = jest.fn();
  const Part = part(() => Promise.resolve(Screen), { failed: 'Your home could not be opened here.' });
  render(within({ home: null, failure: new Error('gone'), tryAgain }, <Part name="Mix" />));
  expect(await screen.findByTestId('not-fetched')).toHaveTextContent('Your home could not be opened here.');
  fireEvent.press(screen.getByTestId('fetch-again'));
  expect(tryAgain).toHaveBeenCalledTimes(1);
});
