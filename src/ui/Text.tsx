import { useEffect, type ReactNode } from 'react';
import { StyleSheet, Text, type TextProps } from 'react-native';
import { COLORS, FAMILY } from './theme';

interface Props extends TextProps {
  children: ReactNode;
}

/** The name of a place or a bottle: one a screen, a heading of the first level. */
export function Title({ style, ...rest }: Props) {
  const name = typeof rest.children === 'string' ? rest.children : null;
  // The tab and the browser's history carry the name too.
  useEffect(() => {
    if (name !== null && typeof document !== 'undefined') document.title = `${name} · Biscuit`;
  }, [name]);
  return <Text role="heading" aria-level={1} {...rest} style={[styles.title, style]} />;
}

/** A heading within a screen. */
export const Heading = ({ style, ...rest }: Props) => (
  <Text role="heading" aria-level={2} {...rest} style={[styles.heading, style]} />
);

/** Running text, 16 px. */
export const Body = ({ style, ...rest }: Props) => <Text {...rest} style={[styles.body, style]} />;

/** Text that steps back. */
export const SecondaryText = ({ style, ...rest }: Props) => (
  <Text {...rest} style={[styles.body, styles.soft, style]} />
);

/** A number that matters: large, every digit as wide as the next. */
export const Figure = ({ style, ...rest }: Props) => <Text {...rest} style={[styles.figure, style]} />;

/** Small capitals for the kind of a thing. */
export const Overline = ({ style, ...rest }: Props) => <Text {...rest} style={[styles.kind, style]} />;

const styles = StyleSheet.create({
  title: { fontFamily: FAMILY.display, fontWeight: '600', fontSize: 28, lineHeight: 34, color: COLORS.ink },
  heading: { fontFamily: FAMILY.display, fontWeight: '600', fontSize: 19, lineHeight: 25, color: COLORS.ink },
  body: { fontFamily: FAMILY.body, fontSize: 16, lineHeight: 23, color: COLORS.ink },
  soft: { color: COLORS.inkSoft },
  figure: {
    fontFamily: FAMILY.body,
    fontWeight: '700',
    fontSize: 22,
    lineHeight: 28,
    color: COLORS.ink,
    fontVariant: ['tabular-nums'],
  },
  kind: {
    fontFamily: FAMILY.body,
    fontWeight: '700',
    fontSize: 14,
    lineHeight: 18,
    letterSpacing: 0.3,
    color: COLORS.inkSoft,
  },
});
