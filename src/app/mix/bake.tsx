export { BakeScreen as default } from '@/features/mix/tricks/BakeScreen';
