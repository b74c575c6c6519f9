import { useLocalSearchParams } from 'expo-router';
import { part } from '@/parts/part';

const PasteScreen = part(async () => (await import('@/features/mix/paste/PasteScreen')).PasteScreen);

export default function Paste() {
  const { formula } = useLocalSearchParams<{ formula?: string }>();
  return <PasteScreen formulaId={formula ?? null} />;
}
