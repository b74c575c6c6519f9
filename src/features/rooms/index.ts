export { RoomsScreen } from './RoomsScreen';
