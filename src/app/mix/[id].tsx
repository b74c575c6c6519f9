import { useLocalSearchParams } from 'expo-router';
import { BenchScreen } from '@/features/mix/bench/BenchScreen';

export default function Bench() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <BenchScreen id={id} />;
}
