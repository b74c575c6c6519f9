export { MixHome as default } from '@/features/mix/MixPlace';
