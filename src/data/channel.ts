/** Tells other tabs that something was written, and hears it from them. */
export interface ChangeChannel {
  /** Says that these collections changed. */
  readonly publish: (collections: readonly string[]) => void;
  /** Calls back at every change another tab tells of; returns how to stop. */
  readonly onChange: (heard: (collections: readonly string[]) => void) => () => void;
}

/** Changes between the tabs of one browser, by BroadcastChannel; silent where there is none. */
export function createChannel(name: string): ChangeChannel {
  if (typeof BroadcastChannel === 'undefined') return { publish: () => undefined, onChange: () => () => undefined };
  const channel = new BroadcastChannel(name);
  return {
    publish: (collections) => channel.postMessage(collections),
    onChange: (heard) => {
      const onMessage = (event: MessageEvent<readonly string[]>): void => heard(event.data);
      channel.addEventListener('message', onMessage);
      return () => channel.removeEventListener('message', onMessage);
    },
  };
}
