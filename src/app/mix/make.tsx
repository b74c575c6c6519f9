import { useLocalSearchParams } from 'expo-router';
import { MakeScreen } from '@/features/mix/make/MakeScreen';

export default function Make() {
  const { formula } = useLocalSearchParams<{ formula?: string }>();
  return <MakeScreen formulaId={formula ?? ''} />;
}
