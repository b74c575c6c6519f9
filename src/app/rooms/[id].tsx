import { useLocalSearchParams } from 'expo-router';
import { part } from '@/parts/part';

const SurfaceScreen = part(async () => (await import('@/features/rooms/SurfaceScreen')).SurfaceScreen);

export default function Surface() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <SurfaceScreen id={id} />;
}
