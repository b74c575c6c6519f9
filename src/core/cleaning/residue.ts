import { DAY_MS, MINUTE_MS } from '../quantity/time';
import type { HouseholdMember } from '../catalogue/household';
import type { Ingredient } from '../catalogue/ingredient';
import { ingredientById } from '../catalogue/lookup';
import { methodById, type Method } from '../catalogue/methods';
import { surfaceByName } from '../catalogue/surfaces';
import { checkCompatibility } from '../evaluation/compatibility';
import { combinationsOf } from '../evaluation/combinations';
import { alsoByName, possibleIngredientsFor } from '../evaluation/compatibilityByName';
import { recipeTextOf } from '../evaluation/recipeText';
import type { Finding, Level, Scope } from '../findings/finding';
import { isWorse } from '../findings/finding';
import type { RoomSize } from '../findings/exposureRoute';
import type { Formula } from '../formula/formula';
import { formulaFromReading } from '../formula/fromReading';
import { readRecipe } from '../formula/reader/readRecipe';
import { atStrongest, isUnknown } from '../formula/resolveIngredient';
import type { LogEntry, Used } from './logEntry';
import { likeness } from './sameName';

/** Where something is about to be used. */
export interface Spot {
  /** The home's surface; null for one that is not of the home. */
  readonly surfaceId: string | null;
  readonly roomId: string | null;
  /** What they are called: what was written down by name alone is held to belong here, too. */
  readonly name?: string;
  readonly roomName?: string;
  /** True if the room is small and shut: its air takes twice as long to clear (common practice, no source). */
  readonly small?: boolean;
}

/** What an earlier job left, where the next one would meet it. */
export interface Residue {
  readonly entry: LogEntry;
  /** On the surface, in the room's air, or in its drain. */
  readonly scope: Extract<Scope, 'sequence' | 'air' | 'drain'>;
  /** What was used, in each way its names may be meant. */
  readonly readings: readonly (readonly Ingredient[])[];
  /** True if what was used is not wholly known: nothing can be promised. */
  readonly unknown: boolean;
  /** When waiting alone makes it safe, ms; null if only rinsing does. */
  readonly safeAtMs: number | null;
}

/** Bought fumes leave a room that is aired in about this long (common practice, no source). */
export const AIRED_MINUTES = 60;
/** What stands in a trap is carried away by a day's use (common practice, no source). */
const DRAIN_HOURS = 24;
/** An unrinsed residue is looked for this far back; older ones have been wiped and wetted over. */
export const LOOK_BACK_DAYS = 30;

/** True if what is rinsed off a material runs down the drain; of what is not known, it may. */
function drains(material: string | null): boolean {
  const surface = material === null ? null : surfaceByName(material);
  return surface === null || surface.drains;
}

/** What was used, in each way its names may be meant; `known` is false where that is not all that was in it. */
export interface UsedIngredients {
  readonly readings: readonly (readonly Ingredient[])[];
  readonly known: boolean;
}

/** What a formula is made of, each as strong as its label allows. */
export const ingredientsOfFormula = (formula: Formula): UsedIngredients => ({
  readings: [formula.lines.map(atStrongest)],
  known: !formula.lines.some((l) => isUnknown(l.ingredient)),
});

/** What of the kitchen a method takes along. */
export const ingredientsOfMethod = (method: Method | null): UsedIngredients => ({
  readings: [(method?.brings ?? []).flatMap((id) => ingredientById(id) ?? [])],
  known: true,
});

/** True for what leaves nothing behind that another thing could meet: dusted, scraped, frozen off, wiped with water. */
const leavesNothing = (used: Used): boolean =>
  used.kind === 'method' && (methodById(used.id)?.brings ?? []).length === 0;

/** True if what was used was not rinsed off, and left something. */
export const isLeftOn = ({ used, rinsedAt }: LogEntry): boolean => rinsedAt === null && !leavesNothing(used);

/** The ingredients of what was used. A name that is only close is never taken for sure. */
export function ingredientsUsed(used: Used): UsedIngredients {
  if (used.kind === 'method') return ingredientsOfMethod(methodById(used.id));
  if (used.kind === 'bought') {
    const byId = used.id === null ? null : ingredientById(used.id);
    if (byId) return { readings: [[byId]], known: true };
    if (used.card === undefined) {
      const thing = possibleIngredientsFor(used.name);
      return { readings: thing.choices.map((c) => [c]), known: thing.understood };
    }
  }
  const reading = readRecipe(used.card ?? '', { measures: 'metric' });
  const formula = formulaFromReading(reading, 'used', '', 'metric');
  if (!formula) return { readings: [], known: false };
  const { open, unread, hazards } = recipeTextOf(reading);
  const lines = formula.lines.map((line) => {
    return open.find((o) => o.lineId === line.id)?.choices ?? [atStrongest(line)];
  });
  const known = unread.length === 0 && hazards.length === 0 && !formula.lines.some((l) => isUnknown(l.ingredient));
  const also = used.kind === 'bought' ? alsoByName(used.name) : [];
  return { readings: [...combinationsOf(lines), ...also], known };
}

/** True if an entry is of a spot's room: by its id, or where it has none by its name. */
const isInRoom = ({ room }: LogEntry, { roomId, roomName = '' }: Spot): boolean =>
  room.id === null ? roomId !== null && likeness(room.name, roomName) !== null : room.id === roomId;

/** True if an entry is of a spot's surface: by its id, or where it has none by a name that is the same or close, in this room or in none. */
function isOnSurface(entry: LogEntry, spot: Spot): boolean {
  const { surface, room } = entry;
  if (spot.surfaceId === null) return false;
  if (surface.id !== null) return surface.id === spot.surfaceId;
  const isHere = isInRoom(entry, spot) || (room.id === null && (room.name === '' || (spot.roomName ?? '') === ''));
  return isHere && likeness(surface.name, spot.name ?? '') !== null;
}

/** An instant of an entry, ms. What is no instant, and what lies ahead of now, counts as now: it hides nothing. */
const atLatestNow = (iso: string, nowMs: number): number => {
  const ms = Date.parse(iso);
  return Number.isNaN(ms) ? nowMs : Math.min(ms, nowMs);
};

/** A clock may be this much out of step, ms. */
const OUT_OF_STEP_MS = MINUTE_MS;

/** When an entry was rinsed off, ms; null if it was not, or where that is no instant, or still lies ahead. */
function rinseOf({ rinsedAt }: LogEntry, nowMs: number): number | null {
  const ms = rinsedAt === null ? NaN : Date.parse(rinsedAt);
  return Number.isNaN(ms) || ms > nowMs + OUT_OF_STEP_MS ? null : ms;
}

/**
 * What earlier jobs left at a spot: unrinsed on the surface itself, fresh in the air of its room, unflushed
 * in its drain. A rinse of the surface takes away all that was put on it before. What lies ahead of now counts as
 * now, and a rinse that lies ahead as none: a clock that was put right hides nothing.
 *
 * @param entries of the last {@link LOOK_BACK_DAYS} days at least, in any order
 */
export function residuesAt(spot: Spot, entries: readonly LogEntry[], nowMs: number): Residue[] {
  const found: Residue[] = [];
  const recent = entries
    .filter((e) => !leavesNothing(e.used) || e.rinsedAt !== null)
    .map((e) => ({ entry: e, atMs: atLatestNow(e.at, nowMs), rinsedMs: rinseOf(e, nowMs) }))
    .filter(({ atMs }) => nowMs - atMs < LOOK_BACK_DAYS * DAY_MS)
    .sort((a, b) => b.atMs - a.atMs);
  const lastRinse = Math.max(
    -Infinity,
    ...recent.flatMap(({ entry, rinsedMs }) => (rinsedMs !== null && isOnSurface(entry, spot) ? [rinsedMs] : [])),
  );
  const add = (entry: LogEntry, scope: Residue['scope'], safeAtMs: number | null): void => {
    const { readings, known } = ingredientsUsed(entry.used);
    found.push({ entry, scope, readings, unknown: !known, safeAtMs });
  };
  for (const { entry: e, atMs, rinsedMs } of recent) {
    // As it was told, not as it is held to now: a rinse of today does not lift what is dated tomorrow.
    const toldMs = Math.max(atMs, Date.parse(e.at) || atMs);
    if (isOnSurface(e, spot) && toldMs > lastRinse) add(e, 'sequence', null);
    if (!isInRoom(e, spot)) continue;
    const airedMs = atMs + AIRED_MINUTES * (spot.small ? 2 : 1) * MINUTE_MS;
    if (airedMs > nowMs) add(e, 'air', airedMs);
    const flushedMs = atMs + DRAIN_HOURS * 60 * MINUTE_MS;
    if (drains(e.surface.material) && rinsedMs === null && flushedMs > nowMs) add(e, 'drain', flushedMs);
  }
  return found;
}

/** The next product held against what is left of an earlier one. */
export interface ResidueConflict {
  readonly residue: Residue;
  readonly level: Level;
  readonly finding: Finding;
  /** What makes it safe, in a sentence. */
  readonly safe: string;
}

const clock = (ms: number, nowMs: number): string => {
  const minutes = Math.max(1, Math.ceil((ms - nowMs) / MINUTE_MS));
  return minutes < 120 ? `${minutes} minutes` : `${Math.ceil(minutes / 60)} hours`;
};

function safeWords(residue: Residue, nowMs: number): string {
  switch (residue.scope) {
    case 'sequence':
      return 'Rinse twice with plenty of plain water, wipe, then rinse once more. Waiting alone does not make it safe.';
    case 'air':
      return `Air the room with window and door open for ${clock(residue.safeAtMs ?? nowMs, nowMs)} more.`;
    case 'drain':
      // Written down as the rinse of that surface, so the surface itself must be rinsed, not the drain alone.
      return `Rinse ${residue.entry.surface.name} off with plenty of plain water, and let two minutes of it, or three flushes, run down the drain.`;
  }
}

/** What two things bring about together that neither does alone, the harmless left out. */
function together(
  residue: Residue,
  left: readonly Ingredient[],
  next: readonly Ingredient[],
  unknown: readonly string[],
  household: readonly HouseholdMember[],
  room: RoomSize,
): readonly Finding[] {
  const apart = [
    checkCompatibility(left, residue.scope, [], household, [], room),
    checkCompatibility(next, residue.scope, [], household, [], room),
  ].flatMap((j) => j.findings);
  // What each brings about by itself is not said again: the same finding of the same things.
  const isOld = (f: Finding): boolean => {
    const same = apart.filter((a) => a.code === f.code && a.level === f.level);
    return same.length > 0 && f.subjects.every((name) => same.some((a) => a.subjects.includes(name)));
  };
  return checkCompatibility([...left, ...next], residue.scope, unknown, household, [], room).findings.filter(
    (f) => f.level !== 'clear' && f.level !== 'defeats' && !isOld(f),
  );
}

/**
 * What happens when a product is put onto what earlier ones left. Only what the two bring about together is
 * said, the worst first; nothing if they may meet. Where a name may mean several things, every one of them
 * is held against every other.
 *
 * @param next the product's ingredients, in each way its names may be meant
 */
export function residueConflicts(
  next: UsedIngredients,
  residues: readonly Residue[],
  nowMs: number,
  household: readonly HouseholdMember[] = [],
  room: RoomSize = 'large',
): ResidueConflict[] {
  const found: ResidueConflict[] = [];
  for (const residue of residues) {
    const unknown = residue.unknown ? [residue.entry.used.name] : [];
    const left = residue.readings.length > 0 ? residue.readings : [[]];
    const coming = next.readings.length > 0 ? next.readings : [[]];
    for (const one of left) {
      for (const other of coming) {
        for (const finding of together(residue, one, other, unknown, household, room)) {
          found.push({ residue, level: finding.level, finding, safe: safeWords(residue, nowMs) });
        }
      }
    }
  }
  const once = found.filter(
    (m, i) =>
      found.findIndex(
        (o) => o.finding.code === m.finding.code && o.residue === m.residue && !isWorse(m.level, o.level),
      ) === i,
  );
  return once.sort((a, b) => (isWorse(a.level, b.level) ? -1 : isWorse(b.level, a.level) ? 1 : 0));
}
