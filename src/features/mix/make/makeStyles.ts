import { StyleSheet } from 'react-native';
import { COLORS, SPACE } from '@/ui';

/** What the steps of mixing share: large type, read at arm's length. */
export const styles = StyleSheet.create({
  head: { gap: 2 },
  column: { gap: SPACE.m },
  large: { fontSize: 21, lineHeight: 29 },
  huge: { fontSize: 34, lineHeight: 40, fontWeight: '700', fontVariant: ['tabular-nums'] },
  bold: { fontWeight: '700' },
  quiet: { flexDirection: 'row', flexWrap: 'wrap', columnGap: SPACE.l, rowGap: SPACE.s },
  choice: { gap: SPACE.s, backgroundColor: COLORS.sheet, borderRadius: 12, padding: SPACE.l },
  care: { flexDirection: 'row', gap: SPACE.m, alignItems: 'center' },
  grow: { flex: 1 },
  stopped: { color: COLORS.danger, fontWeight: '700' },
});
