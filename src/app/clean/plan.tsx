export { PlanScreen as default } from '@/features/clean/PlanScreen';
