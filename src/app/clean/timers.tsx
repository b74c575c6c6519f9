export { TimersScreen as default } from '@/features/clean/TimersScreen';
