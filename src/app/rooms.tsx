export { RoomsScreen as default } from '@/features/rooms';
