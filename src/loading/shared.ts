/** A part of the app that is not on this device yet, and could not be fetched. */
export class NotFetchedError extends Error {
  constructor(cause: unknown) {
    super('This part of Biscuit is not on this device yet, and could not be fetched.', { cause });
  }
}

let shared: Promise<void> | null = null;

/** Runs a script of the app's own. */
const run = (address: string): Promise<void> =>
  new Promise((resolve, reject) => {
    const script = document.createElement('script');
    script.src = address;
    script.onload = () => resolve();
    script.onerror = () => {
      script.remove();
      reject(new Error(`${address} did not come`));
    };
    document.head.appendChild(script);
  });

/**
 * What several parts stand on (chemistry, checks, what screens are drawn with): one file, named by the page, which is
 * fetched once, after the first screen. Where the page names none, as in development, it is there already.
 */
function sharedParts(): Promise<void> {
  const address = typeof document === 'undefined' ? undefined : document.documentElement.dataset.shared;
  if (!address) return Promise.resolve();
  shared ??= run(address).catch((error: unknown) => {
    shared = null;
    throw error;
  });
  return shared;
}

/**
 * Fetches a part that is not in the first load: what it shares with others first. Every import() of the app is
 * handed to this.
 * @throws NotFetchedError; the next call tries again
 */
export async function fetchPart<T>(load: () => Promise<T>): Promise<T> {
  try {
    await sharedParts();
    return await load();
  } catch (error) {
    throw new NotFetchedError(error);
  }
}
