import { useLocalSearchParams } from 'expo-router';
import { MakeScreen } from '@/features/mix/make/MakeScreen';

export default function Make() {
  const { formula, job, part } = useLocalSearchParams<{ formula?: string; job?: string; part?: string }>();
  return <MakeScreen formulaId={formula ?? ''} job={job} part={part} />;
}
