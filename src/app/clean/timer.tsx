export { TimerScreen as default } from '@/features/clean/TimerScreen';
