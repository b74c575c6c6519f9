import type { RecordTypes } from '../core';
import type { EditableName } from './edits';

/** What a person is asked when one record was changed in two tabs: how it would be, with whose change. */
export type MergeQuestion = {
  readonly [N in EditableName]: {
    readonly collection: N;
    readonly mine: RecordTypes[N];
    /** Null where the other tab has removed it. */
    readonly theirs: RecordTypes[N] | null;
    /** True if both changes together would be a danger: then one of them goes. */
    readonly isUnsafe: boolean;
  };
}[EditableName];

/** Whose change is to hold; neither: nothing is written, and what is here stays as it is. */
export type MergeAnswer = 'mine' | 'theirs' | 'neither';

/** Neither was chosen: nothing is written, what was to be kept is still on the screen. */
export class LeftOpenError extends Error {}

interface Open {
  readonly question: MergeQuestion;
  readonly answer: (answer: MergeAnswer) => void;
}

/** Questions about changes of two tabs, one at a time: a write asks, the frame shows it, the person answers. */
export class MergeQuestions {
  private waiting: readonly Open[] = [];
  private readonly listeners = new Set<() => void>();

  /** The one to be answered first. */
  readonly open = (): Open | null => this.waiting[0] ?? null;

  readonly subscribe = (heard: () => void): (() => void) => {
    this.listeners.add(heard);
    return () => this.listeners.delete(heard);
  };

  ask(question: MergeQuestion): Promise<MergeAnswer> {
    return new Promise((resolve) => {
      const one: Open = {
        question,
        answer: (answer) => {
          this.put(this.waiting.filter((w) => w !== one));
          resolve(answer);
        },
      };
      this.put([...this.waiting, one]);
    });
  }

  private put(waiting: readonly Open[]): void {
    this.waiting = waiting;
    this.listeners.forEach((heard) => heard());
  }
}
