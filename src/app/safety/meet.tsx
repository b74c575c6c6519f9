import { useLocalSearchParams } from 'expo-router';
import { part } from '@/parts/part';

const MeetScreen = part(async () => (await import('@/features/safety/MeetScreen')).MeetScreen);

/** Things that are asked about stand in the address: `with`, one after another. */
export default function Meet() {
  const { with: asked } = useLocalSearchParams<{ with?: string | string[] }>();
  return <MeetScreen asked={asked === undefined ? [] : Array.isArray(asked) ? asked : [asked]} />;
}
