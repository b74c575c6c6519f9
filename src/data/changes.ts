/** Tells other tabs that something was written, and hears it from them. */
export interface Changes {
  /** Says that these collections changed. */
  readonly tell: (collections: readonly string[]) => void;
  /** Calls back at every change another tab tells of; returns how to stop. */
  readonly listen: (heard: (collections: readonly string[]) => void) => () => void;
}

/** Changes between the tabs of one browser, by BroadcastChannel; silent where there is none. */
export function changesNamed(name: string): Changes {
  if (typeof BroadcastChannel === 'undefined') return { tell: () => undefined, listen: () => () => undefined };
  const channel = new BroadcastChannel(name);
  return {
    tell: (collections) => channel.postMessage(collections),
    listen: (heard) => {
      const onMessage = (event: MessageEvent<readonly string[]>): void => heard(event.data);
      channel.addEventListener('message', onMessage);
      return () => channel.removeEventListener('message', onMessage);
    },
  };
}
