/** Something to be done, and the sets of things that do it: any one of them, all that is in it. */
export interface KitTask {
  readonly id: string;
  /** Each a set of things, by their ids; an empty one needs nothing. None: it cannot be done. */
  readonly ways: readonly (readonly string[])[];
}

/** Things to have, and what they do. */
export interface Kit {
  /** What is to be had besides what is there, in alphabetical order. */
  readonly things: readonly string[];
  /** Ids of the tasks that can be done with these and with what is there. */
  readonly done: readonly string[];
  /** True if nothing better is possible; false where looking for it was ended before all was tried. */
  readonly isProven: boolean;
}

/** Places looked at before it is left at the best that was found: some seconds' work. */
const MOST_TRIED = 1_000_000;

/** Which tasks can be done with these things. */
export const coveredBy = (things: ReadonlySet<string>, tasks: readonly KitTask[]): KitTask[] =>
  tasks.filter((t) => t.ways.some((way) => way.every((id) => things.has(id))));

/** Sums of shares carry a grain of error. */
const GRAIN = 1e-9;

/** Things as bits of whole words, so that sets are compared fast. */
type Bits = Int32Array;

const WORD = 32;

/** True if all of `a` is in `b`. */
function isWithin(a: Bits, b: Bits): boolean {
  for (let w = 0; w < a.length; w++) if (((a[w] ?? 0) & ~(b[w] ?? 0)) !== 0) return false;
  return true;
}

function bitsIn(word: number): number {
  let n = word - ((word >>> 1) & 0x55555555);
  n = (n & 0x33333333) + ((n >>> 2) & 0x33333333);
  return Math.imul((n + (n >>> 4)) & 0x0f0f0f0f, 0x01010101) >>> 24;
}

/** How much of `a` is not in `b`. */
function lacking(a: Bits, b: Bits): number {
  let n = 0;
  for (let w = 0; w < a.length; w++) n += bitsIn((a[w] ?? 0) & ~(b[w] ?? 0));
  return n;
}

const withAll = (a: Bits, b: Bits): Bits => a.map((word, w) => word | (b[w] ?? 0));
const has = (set: Bits, i: number): boolean => (((set[i >> 5] ?? 0) >>> (i & 31)) & 1) === 1;
const withOne = (set: Bits, i: number): Bits => set.map((word, w) => (w === i >> 5 ? word | (1 << (i & 31)) : word));
const withoutOne = (set: Bits, i: number): Bits =>
  set.map((word, w) => (w === i >> 5 ? word & ~(1 << (i & 31)) : word));

/** Tasks that are done by the same ways. */
interface Group {
  readonly ways: readonly Bits[];
  /** How many tasks it stands for. */
  readonly tasks: number;
}

/** What is still to be covered: with what is there nothing of a way is left out of it that is not needed. */
interface Puzzle {
  readonly things: readonly string[];
  readonly groups: readonly Group[];
  readonly none: Bits;
}

/** Without ways that hold another way whole. */
const leastOf = (ways: readonly Bits[]): Bits[] =>
  ways.filter((way, i) => !ways.some((o, j) => i !== j && isWithin(o, way) && (!isWithin(way, o) || j < i)));

/** The tasks that want something, alike ones together; those that cannot be done are left out. */
function puzzleOf(tasks: readonly KitTask[], there: ReadonlySet<string>): Puzzle {
  const things = [...new Set(tasks.flatMap((t) => t.ways.flat()))].filter((id) => !there.has(id)).sort();
  const words = Math.max(1, Math.ceil(things.length / WORD));
  const none = new Int32Array(words);
  const place = new Map(things.map((id, i) => [id, i]));
  const bitsOf = (way: readonly string[]): Bits =>
    way.reduce<Bits>((set, id) => {
      const i = place.get(id);
      return i === undefined ? set : withOne(set, i);
    }, none);
  const groups = new Map<string, Group>();
  for (const { ways } of tasks) {
    const least = leastOf(ways.map(bitsOf));
    if (least.length === 0 || least.some((way) => isWithin(way, none))) continue;
    const key = least
      .map((w) => w.join())
      .sort()
      .join(';');
    groups.set(key, { ways: least, tasks: (groups.get(key)?.tasks ?? 0) + 1 });
  }
  return { things, groups: [...groups.values()], none };
}

const leastLacking = ({ ways }: Group, set: Bits): number =>
  ways.reduce((least, way) => Math.min(least, lacking(way, set)), Infinity);

const isDone = ({ ways }: Group, set: Bits): boolean => ways.some((way) => isWithin(way, set));

const kitOf = (
  { things }: Puzzle,
  set: Bits,
  tasks: readonly KitTask[],
  there: ReadonlySet<string>,
  isProven: boolean,
): Kit => {
  const chosen = things.filter((_, i) => has(set, i));
  return { things: chosen, done: coveredBy(new Set([...there, ...chosen]), tasks).map((t) => t.id), isProven };
};

/** Groups that are done wherever another one is, left out: what does the other does them too. */
const hardest = (groups: readonly Group[]): Group[] =>
  groups.filter(
    (g) => !groups.some((o) => o !== g && o.ways.every((way) => g.ways.some((mine) => isWithin(mine, way)))),
  );

/**
 * The fewest things with which all of these can be done, that can be done at all. A kind of set cover in which a task
 * may want several things at once: by branch and bound over the task with the fewest ways left, below which no set of
 * fewer things is left untried.
 *
 * @param there what is there already, and counts for nothing
 * @param costOf of sets of one size the one that costs less is taken: 0 or more for a thing
 */
export function smallestKit(
  tasks: readonly KitTask[],
  there: ReadonlySet<string> = new Set(),
  costOf: (id: string) => number = () => 0,
): Kit {
  const puzzle = puzzleOf(tasks, there);
  const costs = puzzle.things.map(costOf);
  const groups = hardest(puzzle.groups);
  let best: { readonly set: Bits; readonly size: number; readonly cost: number } | null = null;
  let tried = 0;
  const seen = new Set<string>();
  const sizeOf = (set: Bits): number => lacking(set, puzzle.none);
  const costIn = (set: Bits): number => costs.reduce((sum, c, i) => (has(set, i) ? sum + c : sum), 0);

  /** At least so many more things: what groups want that have nothing in common. */
  const moreThan = (open: readonly Group[], set: Bits): number => {
    let bound = 0;
    let used = puzzle.none;
    for (const group of open) {
      const all = group.ways.reduce(withAll, puzzle.none);
      if (sharesNone(all, used, set)) {
        bound += leastLacking(group, set);
        used = withAll(used, all);
      }
    }
    return bound;
  };

  const search = (set: Bits): void => {
    if (++tried > MOST_TRIED) return;
    const key = set.join();
    if (seen.has(key)) return;
    seen.add(key);
    const size = sizeOf(set);
    const open = groups.filter((g) => !isDone(g, set)).sort((a, b) => a.ways.length - b.ways.length);
    const [first] = open;
    if (!first) {
      const cost = costIn(set);
      if (best === null || size < best.size || (size === best.size && cost < best.cost)) best = { set, size, cost };
      return;
    }
    const least = size + moreThan(open, set);
    if (best !== null && (least > best.size || (least === best.size && costIn(set) >= best.cost))) return;
    const ways = first.ways.toSorted((a, b) => lacking(a, set) - lacking(b, set));
    for (const way of ways) search(withAll(set, way));
  };
  search(puzzle.none);
  const found = best as { readonly set: Bits } | null;
  return kitOf(puzzle, found?.set ?? puzzle.none, tasks, there, tried <= MOST_TRIED);
}

/** True if two sets have nothing in common that is not in the third. */
function sharesNone(a: Bits, b: Bits, but: Bits): boolean {
  for (let w = 0; w < a.length; w++) if (((a[w] ?? 0) & (b[w] ?? 0) & ~(but[w] ?? 0)) !== 0) return false;
  return true;
}

/**
 * The things, no more than so many, with which the most of these can be done; of those that do as much, the fewest. By
 * branch and bound over things: with each it is reckoned how much could be done at most with as many as may still come.
 *
 * @param most how many things, a whole number, 0 or more
 * @param there what is there already, and counts for nothing
 */
export function bestKit(tasks: readonly KitTask[], most: number, there: ReadonlySet<string> = new Set()): Kit {
  const puzzle = puzzleOf(tasks, there);
  const { groups, none, things } = puzzle;
  const all = things.reduce((set, _, i) => withOne(set, i), none);
  let best = { set: none, tasks: 0, size: 0 };
  let tried = 0;

  const search = (set: Bits, may: Bits, room: number): void => {
    if (++tried > MOST_TRIED) return;
    let done = 0;
    let reach = 0;
    const worth = new Float64Array(things.length);
    for (const group of groups) {
      if (isDone(group, set)) {
        done += group.tasks;
        continue;
      }
      // With what may still come: how many things it wants at least, and which could be among them.
      const ways = group.ways.filter((way) => isWithin(way, may) && lacking(way, set) <= room);
      if (ways.length === 0) continue;
      const wants = ways.reduce((least, way) => Math.min(least, lacking(way, set)), Infinity);
      reach += group.tasks;
      const any = ways.reduce(withAll, none);
      for (let i = 0; i < things.length; i++)
        if (has(any, i) && !has(set, i)) worth[i] = (worth[i] ?? 0) + group.tasks / wants;
    }
    const size = lacking(set, none);
    if (done > best.tasks || (done === best.tasks && size < best.size)) best = { set, tasks: done, size };
    if (room === 0 || reach === 0) return;
    // Whatever comes, each task is shared out among the things it wants: no more is done than the best of these add up to.
    const byWorth = [...worth.keys()]
      .filter((i) => (worth[i] ?? 0) > 0)
      .sort((i, j) => (worth[j] ?? 0) - (worth[i] ?? 0));
    const atMost = (more: number): number =>
      done + Math.min(reach, Math.floor(byWorth.slice(0, more).reduce((sum, i) => sum + (worth[i] ?? 0), 0) + GRAIN));
    const [next] = byWorth;
    const mayDoMore = atMost(room) > best.tasks;
    // As much with fewer.
    const mayBeSmaller = atMost(Math.max(0, Math.min(room, best.size - 1 - size))) >= best.tasks;
    if (next === undefined || !(mayDoMore || mayBeSmaller)) return;
    search(withOne(set, next), may, room - 1);
    search(set, withoutOne(may, next), room);
  };
  search(none, all, Math.min(most, things.length));
  return kitOf(puzzle, best.set, tasks, there, tried <= MOST_TRIED);
}
