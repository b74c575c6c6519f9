import { BottomSheet } from '@rneui/themed';
import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Action } from './Action';
import { COLORS, SPACE } from './theme';
import { Heading } from './Words';

interface Props {
  readonly title: string;
  readonly open: boolean;
  readonly onClose: () => void;
  readonly children: ReactNode;
}

/** A sheet that comes up from below for one short choice. */
export function Sheet({ title, open, onClose, children }: Props) {
  return (
    <BottomSheet isVisible={open} onBackdropPress={onClose} modalProps={{ animationType: 'none', onRequestClose: onClose }} scrollViewProps={{ keyboardShouldPersistTaps: 'handled' }}>
      <View style={styles.sheet} role="dialog" aria-label={title}>
        <Heading>{title}</Heading>
        {children}
        <Action title="Close" weight="quiet" onPress={onClose} />
      </View>
    </BottomSheet>
  );
}

const styles = StyleSheet.create({
  sheet: { backgroundColor: COLORS.paper, padding: SPACE.l, gap: SPACE.m, borderTopLeftRadius: 18, borderTopRightRadius: 18, width: '100%', maxWidth: 640, alignSelf: 'center' },
});
