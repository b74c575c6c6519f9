import { part } from '@/parts/part';

export default part(async () => (await import('@/features/shelf/kit/KitScreen')).KitScreen);
