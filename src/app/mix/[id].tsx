import { useLocalSearchParams } from 'expo-router';
import { BenchScreen } from '@/features/mix/bench/BenchScreen';

export default function Bench() {
  const asked = useLocalSearchParams<{ id: string; job?: string; part?: string }>();
  return <BenchScreen id={asked.id} job={asked.job} part={asked.part} />;
}
