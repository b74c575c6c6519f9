import { useLocalSearchParams } from 'expo-router';
import { part } from '@/parts/part';

const PasteScreen = part(async () => (await import('@/features/mix/paste/PasteScreen')).PasteScreen);

/** A text may come from another app: as its text, or as a title and an address (see public/manifest.webmanifest). */
export default function Paste() {
  const { formula, title, text, url } = useLocalSearchParams<{
    formula?: string;
    title?: string;
    text?: string;
    url?: string;
  }>();
  const shared = [text, title, url].find((part) => (part ?? '').trim() !== '') ?? null;
  return <PasteScreen formulaId={formula ?? null} shared={formula === undefined ? shared : null} />;
}
