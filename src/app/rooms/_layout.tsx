import { Slot, useGlobalSearchParams } from 'expo-router';
import { RoomsPlace } from '@/features/rooms/RoomsPlace';

export default function Layout() {
  const { id } = useGlobalSearchParams<{ id?: string }>();
  return (
    <RoomsPlace openId={id ?? null}>
      <Slot />
    </RoomsPlace>
  );
}
