export { CleanScreen as default } from '@/features/clean/CleanScreen';
