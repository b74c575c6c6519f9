import { createContext, useCallback, useContext, useEffect, useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Action } from './Action';
import { COLORS, SPACE } from './theme';
import { Body } from './Text';

interface Said {
  readonly text: string;
  readonly undo?: () => void;
  /** What did not work and can be tried again: it stays until then, or until it is closed. */
  readonly again?: () => void;
}

interface Notices {
  readonly said: Said | null;
  readonly say: (said: Said | null) => void;
}

const NoticeContext = createContext<Notices>({ said: null, say: () => undefined });

/** Stays until undone, closed, or for a good while. */
const SHOWN_MS = 12_000;

/** Holds what was just said; {@link NoticeBar} shows it. */
export function NoticeProvider({ children }: { children: ReactNode }) {
  const [said, setSaid] = useState<Said | null>(null);
  useEffect(() => {
    if (!said || said.again) return undefined;
    const timer = setTimeout(() => setSaid(null), SHOWN_MS);
    return () => clearTimeout(timer);
  }, [said]);
  return <NoticeContext.Provider value={{ said, say: setSaid }}>{children}</NoticeContext.Provider>;
}

/** Says what was just done, with a way back; in thumb's reach, covering nothing. */
export function NoticeBar() {
  const { said, say } = useContext(NoticeContext);
  const { undo, again } = said ?? {};
  const thenClose = (run: () => void) => () => {
    say(null);
    run();
  };
  return (
    <View role="status" aria-live="polite">
      {said && (
        <View style={styles.notice}>
          <Body style={styles.text}>{said.text}</Body>
          <View style={styles.actions}>
            {undo && <Action title="Undo" onPress={thenClose(undo)} />}
            {again && <Action title="Try again" onPress={thenClose(again)} testID="try-again" />}
            <Action title="Close" onPress={() => say(null)} label="Close this message" />
          </View>
        </View>
      )}
    </View>
  );
}

/** How to say something was done. */
export function useNotice(): (said: Said) => void {
  const { say } = useContext(NoticeContext);
  return useCallback((said: Said) => say(said), [say]);
}

const styles = StyleSheet.create({
  notice: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: SPACE.s,
    paddingHorizontal: SPACE.l,
    paddingVertical: SPACE.s,
    backgroundColor: COLORS.ink,
    flexWrap: 'wrap',
  },
  text: { color: COLORS.sheet, flex: 1, minWidth: 180 },
  actions: { flexDirection: 'row', gap: SPACE.s },
});
