export { LogHome as default } from '@/features/log/LogPlace';
