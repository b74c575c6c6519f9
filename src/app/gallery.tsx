import { lazy } from 'react';
import NotFound from './+not-found';

/** Every part of the interface in every state: in development alone, and no part of the export. */
const Gallery = __DEV__
  ? lazy(async () => ({ default: (await import('@/features/gallery/GalleryScreen')).GalleryScreen }))
  : NotFound;

export default Gallery;
