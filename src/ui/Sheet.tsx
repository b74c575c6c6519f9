import type { ReactNode } from 'react';
import { Modal, Pressable, ScrollView, StyleSheet, View } from 'react-native';
import { Action } from './Action';
import { COLORS, SPACE } from './theme';
import { Heading } from './Text';

interface Props {
  readonly title: string;
  readonly open: boolean;
  readonly onClose: () => void;
  readonly children: ReactNode;
}

/** A sheet that comes up from below for one short choice. Escape or the ground behind it closes it. */
export function Sheet({ title, open, onClose, children }: Props) {
  return (
    <Modal visible={open} transparent animationType="none" onRequestClose={onClose} aria-label={title}>
      <View style={styles.ground}>
        <Pressable style={styles.behind} onPress={onClose} aria-hidden tabIndex={-1} />
        <View style={styles.sheet}>
          <ScrollView contentContainerStyle={styles.content} keyboardShouldPersistTaps="handled">
            <Heading>{title}</Heading>
            {children}
            <Action title="Close" onPress={onClose} />
          </ScrollView>
        </View>
      </View>
    </Modal>
  );
}

const styles = StyleSheet.create({
  ground: { flex: 1, justifyContent: 'flex-end' },
  behind: { position: 'absolute', top: 0, right: 0, bottom: 0, left: 0, backgroundColor: 'rgba(36, 32, 26, 0.45)' },
  sheet: {
    backgroundColor: COLORS.paper,
    borderTopLeftRadius: 18,
    borderTopRightRadius: 18,
    width: '100%',
    maxWidth: 640,
    maxHeight: '90%',
    alignSelf: 'center',
  },
  content: { padding: SPACE.l, gap: SPACE.m },
});
