import { Slot } from 'expo-router';
import { Frame } from '@/features/frame/Frame';

export default function Layout() {
  return (
    <Frame>
      <Slot />
    </Frame>
  );
}

export { Broken as ErrorBoundary } from '@/features/frame/Broken';
