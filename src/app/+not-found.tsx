export { NotFoundScreen as default } from '@/features/frame/NotFoundScreen';
