import { part } from '@/parts/part';

export default part(async () => (await import('@/features/mix/tricks/BakeScreen')).BakeScreen);
