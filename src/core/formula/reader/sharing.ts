import type { Chunk, EntryDraft } from './chunks';
import { give } from './pair';

/** Gives out what stands for several names at once, and amounts that stand alone beside a name that stands alone. */
export function shareOut(draft: EntryDraft, chunks: readonly Chunk[]): void {
  const { pairs, loose } = draft;
  if (draft.strength && pairs[0] && !pairs[0].strength) pairs[0].strength = draft.strength;
  if (draft.ratio || draft.equal) {
    const parts = draft.ratio ?? pairs.map(() => 1);
    const fits =
      parts.length === pairs.length &&
      pairs.length > 1 &&
      pairs.every((p) => p.amount === null || p.amount.kind === 'to-fill') &&
      loose.length === 0;
    pairs.forEach((p, i) => {
      const share = parts[i] ?? 1;
      if (fits && share > 0) p.amount = { kind: 'parts', value: { low: share, high: share } };
      else p.asksAmount = true;
      // "Equal parts vinegar/water": both go in.
    });
    return;
  }
  const amount = loose[0];
  if (draft.each) {
    const lone = pairs.filter((p) => p.amount === null);
    const shared = loose.length === 1 && amount ? amount.found : null;
    const given = pairs.find((p) => p.amount !== null && p.amount.kind !== 'to-fill');
    if (shared && lone.length > 0) {
      for (const p of lone) give(p, shared);
      loose.splice(0);
    } else if (loose.length === 0 && given && pairs.length > 1) {
      for (const p of lone) {
        p.amount = given.amount;
        p.asksAmount ||= given.asksAmount;
      }
    } else if (pairs.length > 0) for (const p of pairs) p.asksAmount = true;
    return;
  }
  if (loose.length > 0) alternate(draft, chunks);
  if (draft.partly)
    for (const p of pairs)
      if (p.amount === null || p.amount.kind === 'to-fill' || p.bare) {
        p.amount = null;
        p.asksAmount = true;
      }
}

/** Names and amounts that stand alone, strictly in turn: "water, 2 cups", "1 cup, vinegar, 2 cups, water". */
function alternate(draft: EntryDraft, chunks: readonly Chunk[]): void {
  const { pairs, loose } = draft;
  const lone = pairs.flatMap((p, i) => (p.amount === null ? [{ at: draft.pairChunk[i] ?? 0, pair: p }] : []));
  const turns = [
    ...lone.map((l) => ({ at: l.at, name: true })),
    ...loose.map((l) => ({ at: l.chunk, name: false })),
  ].sort((a, b) => a.at - b.at);
  const inTurn =
    lone.length === loose.length &&
    lone.length === pairs.length &&
    turns.every((t, i) => i === 0 || t.name !== turns[i - 1]?.name);
  const near = turns.every(
    (t, i) => i % 2 === 0 || ['comma', 'dash', 'of', '', 'and'].includes(chunks[t.at]?.by ?? ''),
  );
  if (inTurn && near && turns.length > 0) {
    lone.forEach((l, i) => {
      const found = loose[i]?.found;
      if (found) give(l.pair, found);
    });
    loose.splice(0);
    return;
  }
  for (const p of pairs) p.asksAmount = true;
}
