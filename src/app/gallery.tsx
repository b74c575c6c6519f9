import { part } from '@/parts/part';
import NotFound from './+not-found';

/** Every part of the interface in every state: in development alone, and no part of the export. */
const Gallery = __DEV__ ? part(async () => (await import('@/features/gallery/GalleryScreen')).GalleryScreen) : NotFound;

export default Gallery;
