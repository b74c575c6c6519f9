import { useLocalSearchParams } from 'expo-router';
import { BatchScreen } from '@/features/shelf';

export default function Label() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <BatchScreen id={id} />;
}
