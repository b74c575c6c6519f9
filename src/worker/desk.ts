import { Assembly, cutUp, type Piece } from './pieces';

/** Work that is done beside the page: each by its name, a plain function of what is handed in. */
export type Tasks = Readonly<Record<string, (input: never) => unknown>>;

type InputOf<T extends Tasks, N extends keyof T> = Parameters<T[N]>[0];
type OutputOf<T extends Tasks, N extends keyof T> = Awaited<ReturnType<T[N]>>;

/** What a page sends: what is to be done, and then what with, in pieces. */
type Sent = { readonly kind: 'task'; readonly name: string } | Piece;

/** What comes back: the answer in pieces, or why there is none. */
type Answer = Piece | { readonly kind: 'failed'; readonly message: string };

/** The person has stopped it. */
export class StoppedError extends Error {
  constructor() {
    super('It was stopped. Nothing was changed.');
  }
}

/** Gives the page its turn. */
export const turn = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 0));

/** A worker as far as it is asked. */
export type WorkerSide = Pick<Worker, 'postMessage' | 'terminate' | 'onmessage' | 'onerror'>;

interface DeskParts<T extends Tasks> {
  /** Starts a worker that works by `answerTasks`; null where there are none. */
  readonly start: () => WorkerSide | null;
  /** The tasks themselves, for where there are no workers: then the page stands still meanwhile. */
  readonly here: () => Promise<T>;
  /** So long a worker that has done its task waits for another, ms; not at all if not given. For what is asked again and again. */
  readonly keepMs?: number;
}

/** Workers that have done their task, and wait a while for another. */
class Idle {
  private readonly waiting = new Map<WorkerSide, ReturnType<typeof setTimeout>>();

  constructor(private readonly keepMs: number) {}

  take(): WorkerSide | null {
    const [first] = this.waiting;
    if (!first) return null;
    const [worker, end] = first;
    clearTimeout(end);
    this.waiting.delete(worker);
    return worker;
  }

  put(worker: WorkerSide): void {
    if (this.keepMs === 0) {
      worker.terminate();
      return;
    }
    const end = setTimeout(() => {
      this.waiting.delete(worker);
      worker.terminate();
    }, this.keepMs);
    this.waiting.set(worker, end);
  }
}

/**
 * Asks for work that would hold up the page: each in a worker of its own, which is ended with it, when it fails, or
 * when it is stopped. Long lists go over in pieces, the page having its turn between them.
 */
export function createDesk<T extends Tasks>({ start, here, keepMs = 0 }: DeskParts<T>) {
  const idle = new Idle(keepMs);
  /**
   * @param signal stops it: the promise is then broken at once with a StoppedError
   * @throws the task's own error, by its message
   */
  return async function ask<N extends keyof T & string>(
    name: N,
    input: InputOf<T, N>,
    signal?: AbortSignal,
  ): Promise<OutputOf<T, N>> {
    if (signal?.aborted) throw new StoppedError();
    const worker = idle.take() ?? start();
    if (!worker) {
      const tasks = await here();
      await turn();
      return (await (tasks[name] as (input: InputOf<T, N>) => unknown)(input)) as OutputOf<T, N>;
    }
    let done = false;
    try {
      const output = await new Promise<OutputOf<T, N>>((resolve, reject) => {
        const answer = new Assembly();
        signal?.addEventListener('abort', () => reject(new StoppedError()));
        worker.onmessage = ({ data }: MessageEvent<Answer>) => {
          if (data.kind === 'failed') {
            reject(new Error(data.message));
            return;
          }
          const all = answer.take(data);
          if (all) resolve(all.whole as OutputOf<T, N>);
        };
        worker.onerror = (event) => reject(new Error(event.message || 'It could not be done on this device.'));
        void send(worker, name, input, () => signal?.aborted === true).catch(reject);
      });
      done = true;
      return output;
    } finally {
      if (done) idle.put(worker);
      else worker.terminate();
    }
  };
}

async function send(worker: WorkerSide, name: string, input: unknown, isStopped: () => boolean): Promise<void> {
  worker.postMessage({ kind: 'task', name } satisfies Sent);
  for (const piece of cutUp(input)) {
    if (isStopped()) return;
    worker.postMessage(piece);
    await turn();
  }
}

/** The inside of a worker, as far as it is asked. */
interface Inside {
  onmessage: ((event: MessageEvent<Sent>) => void) | null;
  postMessage(message: Answer): void;
}

/** What a worker does: takes what it is to do, does it, and hands it back, a failure as its words. */
export function answerTasks(tasks: Tasks, inside: Inside): void {
  let name = '';
  let input = new Assembly();
  inside.onmessage = ({ data }) => {
    if (data.kind === 'task') {
      ({ name } = data);
      input = new Assembly();
      return;
    }
    const done = input.take(data);
    if (done) void answer(tasks, name, done.whole, inside);
  };
}

async function answer(tasks: Tasks, name: string, input: unknown, inside: Inside): Promise<void> {
  try {
    const task = tasks[name] as ((input: unknown) => unknown) | undefined;
    if (!task) throw new Error(`There is no task ${name}`);
    for (const piece of cutUp(await task(input))) inside.postMessage(piece);
  } catch (error) {
    inside.postMessage({ kind: 'failed', message: error instanceof Error ? error.message : String(error) });
  }
}
