import { useSyncExternalStore } from 'react';
import { StyleSheet, View } from 'react-native';
import { SecondaryText } from '@/ui/Text';
import { COLORS, SPACE } from '@/ui/theme';

const subscribe = (heard: () => void): (() => void) => {
  if (typeof window === 'undefined' || !window.addEventListener) return () => undefined;
  window.addEventListener('online', heard);
  window.addEventListener('offline', heard);
  return () => {
    window.removeEventListener('online', heard);
    window.removeEventListener('offline', heard);
  };
};

const isOffline = (): boolean => typeof navigator !== 'undefined' && !navigator.onLine;

/** True if this page answers without its server. */
const isKept = (): boolean => typeof navigator !== 'undefined' && Boolean(navigator.serviceWorker?.controller);

/** Says that there is no connection, and what that means here: nothing, once Biscuit is on this device. */
export function OfflineSign() {
  const offline = useSyncExternalStore(subscribe, isOffline, () => false);
  if (!offline) return null;
  return (
    <View style={styles.sign} role="status" testID="offline">
      <SecondaryText>
        {isKept()
          ? 'No connection. Biscuit works without one.'
          : 'No connection, and Biscuit is not on this device yet: leave this page open.'}
      </SecondaryText>
    </View>
  );
}

const styles = StyleSheet.create({
  sign: {
    paddingHorizontal: SPACE.l,
    paddingVertical: 4,
    borderTopWidth: 1,
    borderBottomWidth: 1,
    borderColor: COLORS.line,
  },
});
