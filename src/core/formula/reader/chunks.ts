import type { Amount } from '../../quantity/amount';
import type { Element } from './element';
import type { Pair, StatedStrength } from './pair';
import type { TokenAmount } from './tokenAmount';
import type { Token } from './tokens';

/** A run of elements between two separators. */
export interface Chunk {
  readonly elements: Element[];
  /** What stands before it. */
  readonly by: string;
  readonly rinses: boolean;
  readonly fills: boolean;
  /** The last verb before it; empty if there is none. */
  readonly verb: string;
}

export function chunksOf(elements: readonly Element[]): Chunk[] {
  const chunks: Chunk[] = [];
  let current: Element[] = [];
  let by = '';
  let rinses = false;
  let fills = false;
  let verb = '';
  const close = (next: string): void => {
    if (current.length > 0) chunks.push({ elements: current, by, rinses, fills, verb });
    current = [];
    by = next;
  };
  for (const e of elements) {
    switch (e.kind) {
      case 'verb':
        close('verb');
        rinses = e.rinses;
        fills = e.fills;
        verb = e.word;
        break;
      case 'comma':
      case 'and':
      case 'dash':
      case 'or':
      case 'clause':
        close(e.kind);
        break;
      case 'between':
        close(e.word);
        break;
      case 'to-fill':
        fills = true;
        current.push(e);
        break;
      default:
        current.push(e);
    }
  }
  close('');
  return chunks;
}

export interface EntryDraft {
  readonly pairs: Pair[];
  readonly unknown: string[];
  /** Amounts not yet given to a name, with the chunk they stand in. */
  readonly loose: { readonly found: TokenAmount; readonly chunk: number }[];
  readonly pairChunk: number[];
  strength: StatedStrength | null;
  ratio: readonly number[] | null;
  equal: boolean;
  each: boolean;
  partly: boolean;
  makes: Amount | null;
}

export interface ChunkPosition {
  readonly chunk: Chunk;
  readonly index: number;
  readonly tokens: readonly Token[];
}
