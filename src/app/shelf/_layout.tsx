import { Slot, useGlobalSearchParams } from 'expo-router';
import { part } from '@/parts/part';

const ShelfPlace = part(async () => (await import('@/features/shelf/ShelfPlace')).ShelfPlace);

export default function Layout() {
  const { id } = useGlobalSearchParams<{ id?: string }>();
  return (
    <ShelfPlace openId={id ?? null}>
      <Slot />
    </ShelfPlace>
  );
}
