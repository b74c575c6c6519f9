import { useLocalSearchParams } from 'expo-router';
import { part } from '@/parts/part';

const TricksScreen = part(async () => (await import('@/features/mix/tricks/TricksScreen')).TricksScreen);

export default function Tricks() {
  const { id } = useLocalSearchParams<{ id?: string }>();
  return <TricksScreen trickId={id ?? ''} />;
}
