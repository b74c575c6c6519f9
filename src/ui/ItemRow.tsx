import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Body, SecondaryText } from './Text';
import { COLORS, SPACE } from './theme';

interface Props {
  readonly title: string;
  /** What asks for something: in the colour of a caution. */
  readonly alert?: string;
  /** Its figures. */
  readonly how?: string;
  readonly detail?: string;
  /** What may be done with it, at its end. */
  readonly children?: ReactNode;
  readonly testID?: string;
}

/** A line of a list that leads nowhere: what it is, and what may be done with it. */
export function ItemRow({ title, alert = '', how = '', detail = '', children, testID }: Props) {
  return (
    <View style={styles.row} testID={testID}>
      <View style={styles.words}>
        <Body style={styles.title}>{title}</Body>
        {alert !== '' && <Body style={styles.alert}>{alert}</Body>}
        {how !== '' && <Body style={styles.how}>{how}</Body>}
        {detail !== '' && <SecondaryText>{detail}</SecondaryText>}
      </View>
      {children}
    </View>
  );
}

const styles = StyleSheet.create({
  row: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: SPACE.m,
    borderBottomWidth: 1,
    borderBottomColor: COLORS.line,
    paddingVertical: SPACE.s,
  },
  words: { flex: 1, minWidth: 0 },
  title: { fontWeight: '700', fontSize: 17 },
  alert: { color: COLORS.caution, fontWeight: '700' },
  how: { fontVariant: ['tabular-nums'] },
});
