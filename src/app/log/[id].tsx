import { useLocalSearchParams } from 'expo-router';
import { EntryScreen } from '@/features/log/EntryScreen';

export default function Entry() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <EntryScreen id={id} />;
}
