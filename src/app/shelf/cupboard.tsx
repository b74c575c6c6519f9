export { CupboardScreen as default } from '@/features/shelf/CupboardScreen';
