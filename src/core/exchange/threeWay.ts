/** Two changes of one thing that began from the same form, brought together. */

/** What a thing was when both began, what it has become here, and what elsewhere. */
export interface ThreeWay<T> {
  readonly base: T;
  readonly mine: T;
  readonly theirs: T;
}

/** One place that both have changed, and not alike. */
export interface Conflict {
  /** The way to the place: fields, and ids of things in lists. */
  readonly path: readonly string[];
  /** What stands there; undefined where it is not, or no longer. */
  readonly base: unknown;
  readonly mine: unknown;
  readonly theirs: unknown;
}

export interface Merged<T> {
  /** With both changes; where they differ, mine. */
  readonly withMine: T;
  /** With both changes; where they differ, theirs. */
  readonly withTheirs: T;
  readonly conflicts: readonly Conflict[];
}

type Fields = Readonly<Record<string, unknown>>;
interface Item {
  readonly id: string;
}

const isFields = (value: unknown): value is Fields =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
const isItem = (value: unknown): value is Item => isFields(value) && typeof value.id === 'string';
/** A list of things that each have an id of their own. */
const isItems = (value: unknown): value is readonly Item[] =>
  Array.isArray(value) && value.every(isItem) && new Set(value.map((v: Item) => v.id)).size === value.length;

/** The same, whatever the order of their fields. What is undefined is as if it were not there. */
export function isSame(a: unknown, b: unknown): boolean {
  if (Object.is(a, b)) return true;
  if (Array.isArray(a) && Array.isArray(b)) return a.length === b.length && a.every((v, i) => isSame(v, b[i]));
  if (!isFields(a) || !isFields(b)) return false;
  return [...new Set([...Object.keys(a), ...Object.keys(b)])].every((key) => isSame(a[key], b[key]));
}

/** How finely two changes are brought together; a path goes from the thing down. */
export interface MergeRules {
  /** True for what is changed as a whole, though it has fields: a line of a formula, whose amount is of its ingredient. */
  readonly isWhole?: (path: readonly string[]) => boolean;
  /** True for lists whose ids are of the list alone: two new things under one id are two. */
  readonly countsUp?: (path: readonly string[]) => boolean;
}

/** Both changes in one: field by field, in lists by id; what has neither fields nor ids is changed as a whole. */
export function threeWay<T>(of: ThreeWay<T>, rules: MergeRules = {}): Merged<T> {
  return merge(of, [], rules) as Merged<T>;
}

function merge({ base, mine, theirs }: ThreeWay<unknown>, path: readonly string[], rules: MergeRules): Merged<unknown> {
  const all = (value: unknown): Merged<unknown> => ({ withMine: value, withTheirs: value, conflicts: [] });
  if (isSame(mine, base)) return all(theirs);
  if (isSame(theirs, base) || isSame(mine, theirs)) return all(mine);
  const whole = rules.isWhole?.(path) ?? false;
  if (!whole && isItems(base) && isItems(mine) && isItems(theirs))
    return mergeItems({ base, mine, theirs }, path, rules);
  if (!whole && isFields(base) && isFields(mine) && isFields(theirs))
    return mergeFields({ base, mine, theirs }, path, rules);
  return { withMine: mine, withTheirs: theirs, conflicts: [{ path, base, mine, theirs }] };
}

function mergeFields(
  { base, mine, theirs }: ThreeWay<Fields>,
  path: readonly string[],
  rules: MergeRules,
): Merged<Fields> {
  const keys = [...new Set([...Object.keys(theirs), ...Object.keys(mine)])];
  const fields = keys.map((key) => {
    const of = { base: base[key], mine: mine[key], theirs: theirs[key] };
    return [key, merge(of, [...path, key], rules)] as const;
  });
  const built = (side: 'withMine' | 'withTheirs'): Fields =>
    Object.fromEntries(fields.flatMap(([key, m]) => (m[side] === undefined ? [] : [[key, m[side]]])));
  return {
    withMine: built('withMine'),
    withTheirs: built('withTheirs'),
    conflicts: fields.flatMap(([, m]) => m.conflicts),
  };
}

const byId = (items: readonly Item[]): ReadonlyMap<string, Item> => new Map(items.map((i) => [i.id, i]));

/** An id that none has: the next number. */
function freeId(taken: ReadonlySet<string>): string {
  let n = 1;
  while (taken.has(String(n))) n++;
  return String(n);
}

function mergeItems(
  of: ThreeWay<readonly Item[]>,
  path: readonly string[],
  rules: MergeRules,
): Merged<readonly Item[]> {
  const { base, theirs } = of;
  const old = byId(base);
  const there = byId(theirs);
  const taken = new Set([...of.mine, ...theirs, ...base].map((i) => i.id));
  const twoAreTwo = rules.countsUp?.(path) ?? false;
  const mine = of.mine.map((item) => {
    const other = there.get(item.id);
    if (!twoAreTwo || old.has(item.id) || !other || isSame(item, other)) return item;
    const id = freeId(taken);
    taken.add(id);
    return { ...item, id };
  });
  const here = byId(mine);
  const sides = { withMine: new Map<string, Item>(), withTheirs: new Map<string, Item>() };
  const conflicts: Conflict[] = [];
  for (const id of taken) {
    const at = { base: old.get(id), mine: here.get(id), theirs: there.get(id) };
    const merged = merge(at, [...path, id], rules) as Merged<Item | undefined>;
    conflicts.push(...merged.conflicts);
    if (merged.withMine) sides.withMine.set(id, merged.withMine);
    if (merged.withTheirs) sides.withTheirs.set(id, merged.withTheirs);
  }
  const order = orderOf({ base: idsOf(base), mine: idsOf(mine), theirs: idsOf(theirs) });
  const inOrder = (items: ReadonlyMap<string, Item>): Item[] =>
    order.flatMap((id) => {
      const item = items.get(id);
      return item ? [item] : [];
    });
  return { withMine: inOrder(sides.withMine), withTheirs: inOrder(sides.withTheirs), conflicts };
}

const idsOf = (items: readonly Item[]): string[] => items.map((i) => i.id);

/** The order of whoever has moved something (mine if both); what only the other has comes after what it followed there. */
function orderOf({ base, mine, theirs }: ThreeWay<readonly string[]>): string[] {
  const kept = (ids: readonly string[], other: readonly string[]): string[] => ids.filter((id) => other.includes(id));
  const moved = !isSame(kept(mine, base), kept(base, mine));
  const [lead, rest] = moved ? [mine, theirs] : [theirs, mine];
  const order = [...lead];
  rest.forEach((id, i) => {
    if (!order.includes(id)) order.splice(i === 0 ? 0 : order.indexOf(rest[i - 1] ?? '') + 1, 0, id);
  });
  return order;
}
