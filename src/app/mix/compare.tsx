import { useLocalSearchParams } from 'expo-router';
import { CompareScreen } from '@/features/mix/compare/CompareScreen';

export default function Compare() {
  const { a, b } = useLocalSearchParams<{ a?: string; b?: string }>();
  return <CompareScreen aId={a ?? ''} bId={b ?? null} />;
}
