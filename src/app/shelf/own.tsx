import { useLocalSearchParams } from 'expo-router';
import { part } from '@/parts/part';

const OwnScreen = part(async () => (await import('@/features/shelf/own/OwnScreen')).OwnScreen);

export default function Own() {
  const { id = null, name = '', bought } = useLocalSearchParams<{ id?: string; name?: string; bought?: string }>();
  return <OwnScreen key={id ?? 'new'} id={id} name={name} bought={bought === 'yes'} />;
}
