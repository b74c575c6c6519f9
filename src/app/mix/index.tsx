export { MixHome as default } from '@/features/mix/list/MixPlace';
