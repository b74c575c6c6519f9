export { NewEntryScreen as default } from '@/features/log/NewEntryScreen';
