import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, render } from '@testing-library/react-native';
import { DEFAULT_SETTINGS } from '@/core';
import { MemorySyncStorage } from '@/testing/memoryStorage';
import { keptNumbers, useKeepNumbers, useNumbersToCall } from './numbersToCall';

const NUMBERS = { emergencyNumber: '112', poisonNumber: '01632 960 160' };

/** What is known of the numbers, drawn beside what keeps them. */
function draw(small: MemorySyncStorage) {
  const client = new QueryClient();
  const seen: unknown[] = [];
  const Keeps = (): null => {
    useKeepNumbers(small);
    seen.push(useNumbersToCall());
    return null;
  };
  render(
    <QueryClientProvider client={client}>
      <Keeps />
    </QueryClientProvider>,
  );
  return { client, seen };
}

test('numbers are kept as soon as the settings are read, and follow them', () => {
  const small = new MemorySyncStorage();
  const { client, seen } = draw(small);
  expect([keptNumbers(small), seen.at(-1)]).toEqual([null, null]);
  act(() => void client.setQueryData(['settings'], { ...DEFAULT_SETTINGS, ...NUMBERS }));
  expect(keptNumbers(small)).toEqual(NUMBERS);
  expect(seen.at(-1)).toMatchObject(NUMBERS);
  act(() => void client.setQueryData(['settings'], DEFAULT_SETTINGS));
  expect(keptNumbers(small)).toEqual({ emergencyNumber: '', poisonNumber: '' });
});

test('settings that are not read take nothing away', () => {
  const small = new MemorySyncStorage();
  small.setItem('biscuit-numbers/own', JSON.stringify(NUMBERS));
  draw(small);
  expect(keptNumbers(small)).toEqual(NUMBERS);
});
