import { act } from '@testing-library/react-native';

/** From here on time stands still but for {@link passTime}; ended by `jest.useRealTimers()`. */
export const stopTime = (): void => void jest.useFakeTimers();

/** So many ms pass at once, and what was due in them has run. */
export const passTime = (ms: number): Promise<void> =>
  act(async () => {
    await jest.advanceTimersByTimeAsync(ms);
  });
