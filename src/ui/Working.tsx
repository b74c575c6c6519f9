import { useCallback, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Action } from './Action';
import { Body } from './Text';
import { COLORS, SPACE } from './theme';
import { useNow } from './useNow';

/** What takes no longer is over before it could be read, ms. */
const SHOWN_AFTER_MS = 500;

/** Something long that is under way. */
export interface Work {
  /** What is being done: "The file is being checked". */
  readonly what: string;
  readonly sinceMs: number;
  readonly stop: () => void;
}

/** Runs what is long, so that it can be seen (see `Working`) and stopped. It goes on where its screen is left. */
export function useWork(): {
  readonly works: readonly Work[];
  readonly run: <T>(what: string, job: (signal: AbortSignal) => Promise<T>) => Promise<T>;
} {
  const [works, setWorks] = useState<readonly Work[]>([]);
  const run = useCallback(async <T,>(what: string, job: (signal: AbortSignal) => Promise<T>): Promise<T> => {
    const stop = new AbortController();
    const work: Work = { what, sinceMs: Date.now(), stop: () => stop.abort() };
    setWorks((before) => [...before, work]);
    try {
      return await job(stop.signal);
    } finally {
      setWorks((before) => before.filter((one) => one !== work));
    }
  }, []);
  return { works, run };
}

/** That something long is under way, for how long, and what stops it. */
export const Working = ({ works }: { readonly works: readonly Work[] }) => (
  <>
    {works.map((work) => (
      <Line key={`${work.what} ${work.sinceMs}`} work={work} />
    ))}
  </>
);

function Line({ work }: { readonly work: Work }) {
  const ranMs = useNow(SHOWN_AFTER_MS) - work.sinceMs;
  if (ranMs < SHOWN_AFTER_MS) return null;
  return (
    <View style={styles.line} testID="working">
      <Body style={styles.words}>
        {work.what}…{ranMs >= 2000 ? ` ${Math.floor(ranMs / 1000)} s` : ''}
      </Body>
      <Action title="Stop" label={`Stop: ${work.what}`} onPress={work.stop} testID="stop-work" />
    </View>
  );
}

const styles = StyleSheet.create({
  line: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: SPACE.m,
    backgroundColor: COLORS.sheet,
    borderRadius: 10,
    paddingHorizontal: SPACE.m,
    paddingVertical: SPACE.xs,
  },
  words: { flex: 1, fontVariant: ['tabular-nums'] },
});
