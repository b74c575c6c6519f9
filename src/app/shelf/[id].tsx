import { useLocalSearchParams } from 'expo-router';
import { part } from '@/parts/part';

const BatchScreen = part(async () => (await import('@/features/shelf/BatchScreen')).BatchScreen);

export default function Label() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <BatchScreen id={id} />;
}
