export { SafetyScreen as default } from '@/features/safety/SafetyScreen';
