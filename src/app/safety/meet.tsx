import { useLocalSearchParams } from 'expo-router';
import { MeetScreen } from '@/features/safety/MeetScreen';

/** Things that are asked about stand in the address: `with`, one after another. */
export default function Meet() {
  const { with: asked } = useLocalSearchParams<{ with?: string | string[] }>();
  return <MeetScreen asked={asked === undefined ? [] : Array.isArray(asked) ? asked : [asked]} />;
}
