import { useLocalSearchParams } from 'expo-router';
import { part } from '@/parts/part';

const MakeScreen = part(async () => (await import('@/features/mix/make/MakeScreen')).MakeScreen);

export default function Make() {
  const { formula, job, part } = useLocalSearchParams<{ formula?: string; job?: string; part?: string }>();
  return <MakeScreen formulaId={formula ?? ''} job={job} part={part} />;
}
