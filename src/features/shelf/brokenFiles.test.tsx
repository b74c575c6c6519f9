import { screen } from '@testing-library/react-native';
import { changedHomes } from '@/testing/changedHomes';
import { renderIn, settle } from '@/testing/renderIn';
import { runs } from '@/testing/runs';
import { ShelfScreen } from './ShelfScreen';

jest.mock('expo-router', () => ({
  useRouter: () => ({ push: jest.fn(), replace: jest.fn() }),
  useLocalSearchParams: () => ({}),
}));

// A fifth of the hundred that are drawn for all screens together.
test('the shelf stands, whatever a file that was accepted holds', async () => {
  for (const home of changedHomes(runs(20))) {
    const { unmount } = await renderIn(<ShelfScreen openId={null} />, home);
    await settle();
    expect(screen.toJSON()).not.toBeNull();
    unmount();
  }
});
