import { Slot } from 'expo-router';
import { Frame } from '@/features/frame/Frame';

export default function Layout() {
  return (
    <Frame>
      <Slot />
    </Frame>
  );
}

/** Where the frame itself could not be drawn: a screen that fails is kept to itself (see `frame/Guard`). */
export { Broken as ErrorBoundary } from '@/features/frame/Broken';
