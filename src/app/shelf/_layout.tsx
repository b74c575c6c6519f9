import { Slot, useGlobalSearchParams } from 'expo-router';
import { ShelfPlace } from '@/features/shelf/ShelfPlace';

export default function Layout() {
  const { id } = useGlobalSearchParams<{ id?: string }>();
  return (
    <ShelfPlace openId={id ?? null}>
      <Slot />
    </ShelfPlace>
  );
}
