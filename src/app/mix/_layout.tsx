import { Slot, useGlobalSearchParams } from 'expo-router';
import { part } from '@/parts/part';

const MixPlace = part(async () => (await import('@/features/mix/list/MixPlace')).MixPlace);

export default function Layout() {
  const { id } = useGlobalSearchParams<{ id?: string }>();
  return (
    <MixPlace openId={id ?? null}>
      <Slot />
    </MixPlace>
  );
}
