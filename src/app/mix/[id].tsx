import { useLocalSearchParams } from 'expo-router';
import { part } from '@/parts/part';

const BenchScreen = part(async () => (await import('@/features/mix/bench/BenchScreen')).BenchScreen);

export default function Bench() {
  const asked = useLocalSearchParams<{ id: string; job?: string; part?: string; again?: string }>();
  return (
    <BenchScreen key={asked.again ?? ''} id={asked.id} job={asked.job} part={asked.part} again={asked.again ?? null} />
  );
}
