import { isAtLeast } from '../quantity/limit';
import { DAY_MS } from '../quantity/time';

/** What is known of the copies of a home that stands on one device alone. */
export interface BackupState {
  /** When the first thing was kept, ISO 8601; null while there is nothing to lose. */
  readonly since: string | null;
  /** When a copy was last saved, ISO 8601; null if never. */
  readonly savedAt: string | null;
  /** What was kept, changed or removed since. */
  readonly changes: number;
  /** Until when nobody wants to hear of it, ISO 8601. */
  readonly quietUntil: string | null;
}

export const NO_BACKUP: BackupState = { since: null, savedAt: null, changes: 0, quietUntil: null };

/** A copy is asked for from so many days, or so many changes. Our own measure, no source. */
const DUE_FROM_DAYS = 30;
const DUE_FROM_CHANGES = 50;
/** "Not now" holds for so many days. */
const QUIET_DAYS = 7;

/** True if it is time to save a copy: something has changed, and that is long ago, or much has. */
export function isBackupDue({ since, savedAt, changes, quietUntil }: BackupState, nowMs: number): boolean {
  if (since === null || changes === 0) return false;
  if (quietUntil !== null && nowMs < Date.parse(quietUntil)) return false;
  const days = (nowMs - Date.parse(savedAt ?? since)) / DAY_MS;
  return isAtLeast(changes, DUE_FROM_CHANGES) || isAtLeast(days, DUE_FROM_DAYS);
}

/** After something was kept, changed or removed. */
export const withChange = (state: BackupState, nowISO: string): BackupState => ({
  ...state,
  since: state.since ?? nowISO,
  changes: state.changes + 1,
});

/**
 * After a copy was saved.
 * @param held how many of the changes it holds: those that were counted when it was begun; others may have come since
 */
export const withBackup = (state: BackupState, nowISO: string, held: number): BackupState => ({
  ...state,
  savedAt: nowISO,
  changes: Math.max(0, state.changes - held),
  quietUntil: null,
});

/** After "not now". */
export const withQuiet = (state: BackupState, nowMs: number): BackupState => ({
  ...state,
  quietUntil: new Date(nowMs + QUIET_DAYS * DAY_MS).toISOString(),
});
