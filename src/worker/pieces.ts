/** Longer lists go over in pieces of this many: a page that hands over years at once stands still while it does. */
export const PIECE = 250;

/** Stands for a list that follows in pieces. */
interface Following {
  readonly piecesOf: number;
}

/** What goes over between a page and its worker to make up one value. */
export type Piece =
  | { readonly kind: 'piece'; readonly list: number; readonly items: readonly unknown[] }
  | { readonly kind: 'rest'; readonly value: unknown };

const isPlain = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && Object.getPrototypeOf(value) === Object.prototype;

/** How deep long lists are looked for: a home's stand at its top, an answer's a little below. */
const DEPTH = 4;

/** A value cut up for the way: its long lists in pieces, then what holds them. */
export function* cutUp(value: unknown): Generator<Piece> {
  const lists: (readonly unknown[])[] = [];
  const without = (one: unknown, depth: number): unknown => {
    if (Array.isArray(one)) {
      if (one.length <= PIECE) return one;
      lists.push(one);
      return { piecesOf: lists.length - 1 } satisfies Following;
    }
    if (depth === 0 || !isPlain(one)) return one;
    return Object.fromEntries(Object.entries(one).map(([key, inner]) => [key, without(inner, depth - 1)]));
  };
  const rest = without(value, DEPTH);
  for (const [list, items] of lists.entries())
    for (let at = 0; at < items.length; at += PIECE) yield { kind: 'piece', list, items: items.slice(at, at + PIECE) };
  yield { kind: 'rest', value: rest };
}

/** Puts a value together again from its pieces, in the order in which they were cut. */
export class Assembly {
  private readonly lists = new Map<number, unknown[]>();

  /** Takes a piece; gives the whole, in a box, with the last of them, and null before. */
  take(piece: Piece): { readonly whole: unknown } | null {
    if (piece.kind === 'rest') return { whole: this.filled(piece.value, DEPTH) };
    const list = this.lists.get(piece.list) ?? [];
    for (const item of piece.items) list.push(item);
    this.lists.set(piece.list, list);
    return null;
  }

  private filled(one: unknown, depth: number): unknown {
    if (!isPlain(one)) return one;
    if (typeof one.piecesOf === 'number') return this.lists.get(one.piecesOf) ?? [];
    if (depth === 0) return one;
    return Object.fromEntries(Object.entries(one).map(([key, inner]) => [key, this.filled(inner, depth - 1)]));
  }
}
