/** An error that a person can cause, with a message for that person: what is wrong, what would be accepted. */
export interface Problem {
  /** Where: a field's path, or a line's number counted from 1. */
  readonly where: string;
  readonly message: string;
}

/** A value, or the reasons why there is none. */
export type Result<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly problems: readonly Problem[] };

export const ok = <T>(value: T): Result<T> => ({ ok: true, value });

export const err = <T>(...problems: readonly Problem[]): Result<T> => ({ ok: false, problems });
