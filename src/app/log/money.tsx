import { part } from '@/parts/part';

export default part(async () => (await import('@/features/log/money/MoneyScreen')).MoneyScreen);
