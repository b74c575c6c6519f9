import { useLocalSearchParams } from 'expo-router';
import { part } from '@/parts/part';

const EntryScreen = part(async () => (await import('@/features/log/EntryScreen')).EntryScreen);

export default function Entry() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <EntryScreen id={id} />;
}
