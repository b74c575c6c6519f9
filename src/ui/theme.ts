import { createTheme } from '@rneui/themed/dist/config';

/** A kitchen at morning: oat-coloured paper, dark ink, one deep green for action. */
export const COLORS = {
  paper: '#F3EADA',
  sheet: '#FCF8EF',
  ink: '#24201A',
  inkSoft: '#5B5244',
  line: '#D8CBB3',
  lineStrong: '#8C7F69',
  action: '#1E5638',
  actionInk: '#FFFDF7',
  actionTint: '#DDE7D5',
  tape: '#EBD9A6',
  tapeInk: '#3D3216',
  glass: '#8FA39B',
  danger: '#96261B',
  dangerTint: '#F6DDD6',
  defeats: '#5F3B78',
  defeatsTint: '#E9DFEE',
  caution: '#7A4B00',
  cautionTint: '#F6E5BF',
  clear: '#1E5638',
  clearTint: '#DDE7D5',
} as const;

/** Space between things, px. */
export const SPACE = { xs: 4, s: 8, m: 12, l: 16, xl: 24, xxl: 32 } as const;

/** The least side of anything to be touched, px. */
export const TOUCH = 48;

/** From this width the rail stands at the left and two panes side by side, px. */
export const WIDE_FROM = 900;

/** Families by the names they are loaded under (see public/page.css). */
export const FONTS = { display: 'Besley', body: 'Atkinson Hyperlegible Next' } as const;

const FALLBACK = ', system-ui, sans-serif';
export const FAMILY = { display: `${FONTS.display}, Georgia, serif`, body: FONTS.body + FALLBACK } as const;

/** React Native Elements in our own clothes. */
export const elementsTheme = createTheme({
  lightColors: {
    primary: COLORS.action,
    background: COLORS.paper,
    black: COLORS.ink,
    white: COLORS.sheet,
    error: COLORS.danger,
    greyOutline: COLORS.lineStrong,
  },
  mode: 'light',
});
