import { Slot, useGlobalSearchParams } from 'expo-router';
import { LogPlace } from '@/features/log/LogPlace';

export default function Layout() {
  const { id } = useGlobalSearchParams<{ id?: string }>();
  return (
    <LogPlace openId={id ?? null}>
      <Slot />
    </LogPlace>
  );
}
