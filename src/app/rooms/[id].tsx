import { useLocalSearchParams } from 'expo-router';
import { SurfaceScreen } from '@/features/rooms/SurfaceScreen';

export default function Surface() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <SurfaceScreen id={id} />;
}
