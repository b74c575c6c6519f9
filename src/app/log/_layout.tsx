import { Slot, useGlobalSearchParams } from 'expo-router';
import { part } from '@/parts/part';

const LogPlace = part(async () => (await import('@/features/log/LogPlace')).LogPlace);

export default function Layout() {
  const { id } = useGlobalSearchParams<{ id?: string }>();
  return (
    <LogPlace openId={id ?? null}>
      <Slot />
    </LogPlace>
  );
}
