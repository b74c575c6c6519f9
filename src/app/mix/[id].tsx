import { useLocalSearchParams } from 'expo-router';
import { BenchScreen } from '@/features/mix';

export default function Bench() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <BenchScreen id={id} />;
}
