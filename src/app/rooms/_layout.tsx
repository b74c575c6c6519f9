import { Slot, useGlobalSearchParams } from 'expo-router';
import { part } from '@/parts/part';

const RoomsPlace = part(async () => (await import('@/features/rooms/RoomsPlace')).RoomsPlace);

export default function Layout() {
  const { id } = useGlobalSearchParams<{ id?: string }>();
  return (
    <RoomsPlace openId={id ?? null}>
      <Slot />
    </RoomsPlace>
  );
}
