export { RoomsHome as default } from '@/features/rooms/RoomsPlace';
