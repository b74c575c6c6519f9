import { useLocalSearchParams } from 'expo-router';
import { part } from '@/parts/part';

const CompareScreen = part(async () => (await import('@/features/mix/compare/CompareScreen')).CompareScreen);

export default function Compare() {
  const { a, b } = useLocalSearchParams<{ a?: string; b?: string }>();
  return <CompareScreen aId={a ?? ''} bId={b ?? null} />;
}
