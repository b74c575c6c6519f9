import { part } from '@/parts/part';

export default part(async () => (await import('@/features/settings/OpenScreen')).OpenScreen);
