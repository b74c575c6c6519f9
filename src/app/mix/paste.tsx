import { useLocalSearchParams } from 'expo-router';
import { PasteScreen } from '@/features/mix/paste/PasteScreen';

export default function Paste() {
  const { formula } = useLocalSearchParams<{ formula?: string }>();
  return <PasteScreen formulaId={formula ?? null} />;
}
