import { useLocalSearchParams } from 'expo-router';
import { TricksScreen } from '@/features/mix/tricks/TricksScreen';

export default function Tricks() {
  const { id } = useLocalSearchParams<{ id?: string }>();
  return <TricksScreen trickId={id ?? ''} />;
}
