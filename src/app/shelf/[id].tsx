import { useLocalSearchParams } from 'expo-router';
import { BatchScreen } from '@/features/shelf/BatchScreen';

export default function Label() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <BatchScreen id={id} />;
}
