import { useLocalSearchParams } from 'expo-router';
import { part } from '@/parts/part';

const EditScreen = part(async () => (await import('@/features/mix/edit/EditScreen')).EditScreen);

export default function Edit() {
  const { formula } = useLocalSearchParams<{ formula?: string }>();
  return <EditScreen formulaId={formula ?? null} />;
}
