import type { Journal } from './journal';
import { QUARANTINE, quarantineEntries } from './quarantine';
import type { Storage } from './storage';
import { applyWrite, overlaps, readNote, touchedBy, type Write } from './write';

/** A noted write that could not be carried out yet. */
interface NotedWrite {
  readonly entryId: string;
  readonly write: Write;
}

interface Parts {
  readonly storage: Storage;
  readonly journal: Journal;
  /** The generation that counts, by its head on the disk. */
  readonly generation: () => Promise<number>;
  /** Room for a draft that the disk has none for; false if there is none. */
  readonly putElsewhere: (draft: NonNullable<Write['draft']>) => boolean;
  /** Says what has changed by a write that another page had noted. */
  readonly tell: (collections: readonly string[]) => void;
}

/** Carries out writes in the order in which they were noted, whichever page noted them; all of it under the lock. */
export class WritesInTurn {
  constructor(private readonly parts: Parts) {}

  /** Carries out a write after what was noted before it. */
  async apply(what: Write, mark: string | null): Promise<void> {
    const before = await this.pending(mark);
    // Noted, and removed by now: another page, or this one's start, has carried it out.
    if (mark !== null && !before.mine) return;
    await applyWrite(this.parts.storage, await this.parts.generation(), what);
    this.dropSuperseded(before.failed, what);
  }

  /** Carries out, in their order, what is noted before this mark (all there is, if none). */
  async pending(until: string | null): Promise<{ readonly mine: boolean; readonly failed: NotedWrite[] }> {
    const { journal, storage, putElsewhere, tell } = this.parts;
    const failed: NotedWrite[] = [];
    const generation = await this.parts.generation();
    for (const noted of journal.pending()) {
      if (noted.entryId === until) return { mine: true, failed };
      const note = readNote(noted.raw);
      if (note.kind === 'newer') continue;
      if (note.kind === 'broken') {
        await storage.setMany(quarantineEntries([{ key: noted.entryId, reason: note.reason, raw: noted.raw }]));
        journal.remove(noted.entryId);
        tell([QUARANTINE]);
        continue;
      }
      const { write } = note;
      try {
        await applyWrite(storage, generation, write);
      } catch {
        // A full disk: a draft goes where there is room; the rest stays noted, and is tried again at the next write.
        if (write.draft && touchedBy(write).length === 0 && putElsewhere(write.draft)) journal.remove(noted.entryId);
        else failed.push({ entryId: noted.entryId, write });
        continue;
      }
      journal.remove(noted.entryId);
      this.dropSuperseded(failed, write);
      tell(touchedBy(write));
    }
    return { mine: false, failed };
  }

  /** Carries out a write that is known only under the lock, noted first; the note of before (`mark`) goes. */
  async applyNoted(write: Write, failed: readonly NotedWrite[], mark: string | null): Promise<void> {
    const { journal, storage } = this.parts;
    const exact = journal.append(write);
    if (mark !== null && exact !== null) journal.remove(mark);
    try {
      await applyWrite(storage, await this.parts.generation(), write);
      this.dropSuperseded(failed, write);
    } finally {
      if (exact !== null) journal.remove(exact);
    }
  }

  /** What failed before is given up where something newer has been written since: it must not come over that. */
  private dropSuperseded(failed: readonly NotedWrite[], newer: Write): void {
    for (const { entryId, write } of failed) if (overlaps(write, newer)) this.parts.journal.remove(entryId);
  }
}
