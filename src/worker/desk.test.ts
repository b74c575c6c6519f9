import fc from 'fast-check';
import { runs } from '@/testing/runs';
import { answerTasks, createDesk, StoppedError, type WorkerSide } from './desk';
import { Assembly, cutUp, PIECE } from './pieces';

const TASKS = {
  double: (list: readonly number[]) => ({ list: list.map((n) => 2 * n) }),
  fail: (): number => {
    throw new Error('The file is not JSON.');
  },
  never: () => new Promise<null>(() => undefined),
};

/** A worker in the same thread: what is sent is cloned as a browser clones it, and comes a turn later. */
function worker(ended: () => void): WorkerSide {
  const outside: WorkerSide = { postMessage: () => undefined, terminate: ended, onmessage: null, onerror: null };
  const inside: Parameters<typeof answerTasks>[1] = {
    onmessage: null,
    postMessage: (message) => {
      const data: unknown = structuredClone(message);
      setImmediate(() => void outside.onmessage?.call(outside as Worker, { data } as MessageEvent));
    },
  };
  outside.postMessage = (message: unknown) => {
    const data = structuredClone(message) as never;
    setImmediate(() => inside.onmessage?.({ data } as MessageEvent<never>));
  };
  answerTasks(TASKS, inside);
  return outside;
}

const deskWith = (start: () => WorkerSide | null) => createDesk({ start, here: () => Promise.resolve(TASKS) });

test('what is asked is done in a worker, which is ended with it', async () => {
  let ended = 0;
  const ask = deskWith(() => worker(() => ended++));
  expect(await ask('double', [1, 2, 3])).toEqual({ list: [2, 4, 6] });
  expect(ended).toBe(1);
});

test('a long list goes over in pieces, the page having its turn between them', async () => {
  const long = Array.from({ length: 10 * PIECE + 7 }, (_, i) => i);
  let turns = 0;
  let running = true;
  const count = (): void => {
    turns++;
    if (running) setImmediate(count);
  };
  setImmediate(count);
  const { list } = await deskWith(() => worker(() => undefined))('double', long);
  running = false;
  expect(list).toEqual(long.map((n) => 2 * n));
  expect(turns).toBeGreaterThan(10);
});

test('a failure comes back in its own words, and the worker is ended', async () => {
  let ended = 0;
  await expect(deskWith(() => worker(() => ended++))('fail', null as never)).rejects.toThrow('The file is not JSON.');
  expect(ended).toBe(1);
});

test('what is stopped ends at once, and its worker with it', async () => {
  let ended = 0;
  const stop = new AbortController();
  const asked = deskWith(() => worker(() => ended++))('never', null as never, stop.signal);
  stop.abort();
  await expect(asked).rejects.toBeInstanceOf(StoppedError);
  expect(ended).toBe(1);
  await expect(deskWith(() => worker(() => ended++))('double', [1], stop.signal)).rejects.toBeInstanceOf(StoppedError);
  expect(ended).toBe(1);
});

test('a worker that is kept does the next task too, and is ended once nothing has come for a while', async () => {
  const KEEP_MS = 60_000;
  /** What ends those that wait, in turn: the while is over when the test says so. */
  const ends: (() => void)[] = [];
  const later = setTimeout;
  jest
    .spyOn(globalThis, 'setTimeout')
    .mockImplementation(((run: () => void, ms: number) =>
      ms === KEEP_MS ? ends.push(run) : later(run, ms)) as typeof setTimeout);
  let started = 0;
  let ended = 0;
  const start = (): WorkerSide => {
    started++;
    return worker(() => ended++);
  };
  const ask = createDesk({ start, here: () => Promise.resolve(TASKS), keepMs: KEEP_MS });
  expect(await ask('double', [1])).toEqual({ list: [2] });
  expect(await ask('double', [2])).toEqual({ list: [4] });
  expect([started, ended]).toEqual([1, 0]);
  // Two at once are two.
  expect(await Promise.all([ask('double', [3]), ask('double', [4])])).toEqual([{ list: [6] }, { list: [8] }]);
  expect([started, ended]).toEqual([2, 0]);
  // What fails is not used again.
  await expect(ask('fail', null as never)).rejects.toThrow('The file is not JSON.');
  expect([started, ended]).toEqual([2, 1]);
  ends.at(-1)?.();
  expect([started, ended]).toEqual([2, 2]);
  expect(await ask('double', [5])).toEqual({ list: [10] });
  expect(started).toBe(3);
  jest.restoreAllMocks();
});

test('a worker that breaks is said to, in words', async () => {
  const broken = worker(() => undefined);
  broken.postMessage = () =>
    void setImmediate(
      () => void broken.onerror?.call(broken as unknown as AbstractWorker, { message: '' } as ErrorEvent),
    );
  await expect(deskWith(() => broken)('double', [1])).rejects.toThrow('It could not be done on this device.');
});

test('without workers it is done here', async () => {
  expect(await deskWith(() => null)('double', [4])).toEqual({ list: [8] });
});

test('anything that can be cloned comes together as it was, long lists too', () => {
  const long = fc.array(fc.integer(), { minLength: PIECE - 2, maxLength: 2 * PIECE + 2 });
  const value = fc.record({
    ok: fc.boolean(),
    value: fc.record({ log: long, name: fc.string(), few: fc.array(fc.string()) }),
  });
  fc.assert(
    fc.property(fc.oneof(value, long, fc.string()), (one) => {
      const assembly = new Assembly();
      let whole: unknown = null;
      for (const piece of cutUp(one)) {
        expect(whole).toBeNull();
        whole = assembly.take(structuredClone(piece));
      }
      expect(whole).toEqual({ whole: one });
    }),
    { numRuns: runs(60) },
  );
});
