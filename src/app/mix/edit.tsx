import { useLocalSearchParams } from 'expo-router';
import { EditScreen } from '@/features/mix/edit/EditScreen';

export default function Edit() {
  const { formula } = useLocalSearchParams<{ formula?: string }>();
  return <EditScreen formulaId={formula ?? null} />;
}
