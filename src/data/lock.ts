/** Runs jobs one after the other, across all tabs of the browser where it can. */
export type Lock = <T>(job: () => Promise<T>) => Promise<T>;

/** The browser's locks between its tabs; undefined where it has none. */
export const browserLocks = (): LockManager | undefined =>
  typeof navigator === 'undefined' ? undefined : (navigator as { locks?: LockManager }).locks;

/** A lock by name: the browser's Web Locks between tabs, or a queue within this page where there are none. */
export function createLock(name: string): Lock {
  const locks = browserLocks();
  if (locks) return (job) => locks.request(name, job) as ReturnType<typeof job>;
  let last: Promise<unknown> = Promise.resolve();
  return (job) => {
    const next = last.then(job, job);
    last = next.catch(() => undefined);
    return next;
  };
}
