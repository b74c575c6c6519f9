import { screen } from '@testing-library/react-native';
import { changedHomes } from '@/testing/changedHomes';
import { renderIn, settle } from '@/testing/renderIn';
import { runs } from '@/testing/runs';
import { LogScreen } from './LogScreen';

jest.mock('expo-router', () => ({
  useRouter: () => ({ push: jest.fn(), replace: jest.fn() }),
  useLocalSearchParams: () => ({}),
}));

// A fifth of the hundred that are drawn for all screens together.
test('the log stands, whatever a file that was accepted holds', async () => {
  for (const home of changedHomes(runs(20))) {
    const { unmount } = await renderIn(<LogScreen openId={null} />, home);
    await settle();
    expect(screen.toJSON()).not.toBeNull();
    unmount();
  }
});
