import { Slot, useGlobalSearchParams } from 'expo-router';
import { MixPlace } from '@/features/mix/list/MixPlace';

export default function Layout() {
  const { id } = useGlobalSearchParams<{ id?: string }>();
  return (
    <MixPlace openId={id ?? null}>
      <Slot />
    </MixPlace>
  );
}
