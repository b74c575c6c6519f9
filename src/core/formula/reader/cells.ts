import { elementsOf } from './elements';
import type { ReadOptions } from './reading';
import type { Sentence } from './sentences';
import type { Token } from './tokens';

/** Lines that hold one cell of a table each: amounts and names in turn become one sentence for each pair. */
export function joinedCells(sentences: readonly Sentence[], options: ReadOptions): Sentence[] {
  const sides = sentences.map((s) => (s.whole && s.tokens.length <= 6 ? sideOf(s.tokens, options) : null));
  const joined: Sentence[] = [];
  for (let i = 0; i < sentences.length;) {
    let end = i;
    while (end < sentences.length && sides[end] !== null && (end === i || sides[end] !== sides[end - 1])) end += 1;
    const run = end - i;
    const first = sentences[i];
    if (run < 2 || !first) {
      if (first) joined.push(first);
      i += 1;
      continue;
    }
    let at = i;
    if (sides[i] === 'name' && run % 2 === 1) {
      joined.push(first);
      at += 1;
    }
    for (; at + 1 < end; at += 2) {
      const [a, b] = [sentences[at], sentences[at + 1]];
      if (a && b) joined.push({ ...a, tokens: [...a.tokens, ...b.tokens], to: b.to, whole: true });
    }
    if (at < end) {
      const left = sentences[at];
      if (left) joined.push(left);
    }
    i = end;
  }
  return joined;
}

/** What a line that is one cell holds: an amount alone, a name alone; null for all else. */
function sideOf(tokens: readonly Token[], options: ReadOptions): 'amount' | 'name' | null {
  const elements = elementsOf(tokens, options.measures).filter((e) => e.kind !== 'light');
  const [only] = elements;
  if (elements.length !== 1 || !only) return null;
  if (only.kind === 'amount') return only.found.bare || only.found.names ? null : 'amount';
  return only.kind === 'name' ? 'name' : null;
}
