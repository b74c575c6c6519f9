import { Slot } from 'expo-router';
import { Frame } from '@/features/frame';

export default function Layout() {
  return (
    <Frame>
      <Slot />
    </Frame>
  );
}
