export { ShelfHome as default } from '@/features/shelf/ShelfPlace';
