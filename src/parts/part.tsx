import { useEffect, useReducer, useState, type ComponentType, type ReactNode } from 'react';
import { useHomeOpening } from '@/data/HomeProvider';
import { fetchPart } from '@/loading/shared';
import { Screen } from '@/ui/Screen';
import { SecondaryText } from '@/ui/Text';
import { NotFetched, NotFetchedHere } from './NotFetched';

interface Options {
  /** What stands in its place until it is there; for a whole screen a line that says so. */
  readonly coming?: ReactNode;
  /**
   * What is said in its place where it cannot be fetched, a sentence; null where another says it. A whole screen says
   * it of itself.
   */
  readonly failed?: string | null;
}

/**
 * A part of the interface that is not in the first load: fetched when it is first drawn, and drawn once the home is
 * open. It never takes the frame with it.
 * @param load gives the component; its import() stands in it
 */
export function part<P extends object>(
  load: () => Promise<ComponentType<P>>,
  { coming = <Coming />, failed }: Options = {},
): ComponentType<P> {
  let there: ComponentType<P> | null = null;
  return function Part(props: P) {
    const { home, failure, tryAgain } = useHomeOpening();
    const [, drawAnew] = useReducer((drawn: number) => drawn + 1, 0);
    const [isMissing, setMissing] = useState(false);
    const [tries, setTries] = useState(0);
    useEffect(() => {
      if (there) return undefined;
      let gone = false;
      fetchPart(load).then(
        (component) => {
          there = component;
          if (!gone) drawAnew();
        },
        () => {
          if (!gone) setMissing(true);
        },
      );
      return () => {
        gone = true;
      };
    }, [tries]);
    if (isMissing || failure) {
      const again = (): void => {
        setMissing(false);
        setTries(tries + 1);
        tryAgain();
      };
      if (failed === null) return null;
      return failed === undefined ? <NotFetched tryAgain={again} /> : <NotFetchedHere what={failed} tryAgain={again} />;
    }
    const Component = there;
    return home && Component ? <Component {...props} /> : coming;
  };
}

/** While a screen is on its way. */
function Coming() {
  return (
    <Screen>
      <SecondaryText role="status">Opening…</SecondaryText>
    </Screen>
  );
}
