export { JobScreen as default } from '@/features/clean/JobScreen';
