/** What opens a home and what watches over it: fetched together, in one file. */
export { openHome } from '@/data/homeStore';
export { Watch } from './Watch';
