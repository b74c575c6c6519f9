export { NewRoomScreen as default } from '@/features/rooms/NewRoomScreen';
