import { part } from '@/parts/part';

export default part(async () => (await import('@/features/shelf/shopping/ShoppingScreen')).ShoppingScreen);
