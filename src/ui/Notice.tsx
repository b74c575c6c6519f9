import { createContext, useCallback, useContext, useEffect, useMemo, useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Action } from './Action';
import { COLORS, SPACE } from './theme';
import { Body } from './Words';

interface Said {
  readonly text: string;
  readonly undo?: () => void;
}

const NoticeContext = createContext<(said: Said) => void>(() => undefined);

/** Says what was just done, with a way back. Stays until undone, closed, or for a good while. */
const SHOWN_MS = 12_000;

export function NoticeProvider({ children }: { children: ReactNode }) {
  const [said, setSaid] = useState<Said | null>(null);
  const say = useCallback((next: Said) => setSaid(next), []);
  useEffect(() => {
    if (!said) return undefined;
    const timer = setTimeout(() => setSaid(null), SHOWN_MS);
    return () => clearTimeout(timer);
  }, [said]);
  const shown = useMemo(
    () =>
      said && (
        <View style={styles.notice} role="status" aria-live="polite">
          <Body style={styles.text}>{said.text}</Body>
          {said.undo && (
            <Action
              title="Undo"
              onPress={() => {
                said.undo?.();
                setSaid(null);
              }}
            />
          )}
          <Action title="Close" weight="plain" onPress={() => setSaid(null)} label="Close this message" />
        </View>
      ),
    [said],
  );
  return (
    <NoticeContext.Provider value={say}>
      <View style={styles.fill}>{children}</View>
      {shown}
    </NoticeContext.Provider>
  );
}

/** How to say something was done. */
export const useNotice = (): ((said: Said) => void) => useContext(NoticeContext);

const styles = StyleSheet.create({
  fill: { flex: 1 },
  notice: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: SPACE.s,
    padding: SPACE.m,
    backgroundColor: COLORS.ink,
    flexWrap: 'wrap',
  },
  text: { color: COLORS.sheet, flex: 1, minWidth: 140 },
});
