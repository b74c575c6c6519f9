import type { Amount } from '../../quantity/amount';
import type { Range } from '../../quantity/range';
import { chunksOf, type Chunk, type EntryDraft, type ChunkPosition } from './chunks';
import type { Element, Known } from './element';
import { withoutKeptOut } from './keptOut';
import { give, merged, pairOf, possible, sameThing, shares, type Of } from './pair';
import type { TokenAmount } from './tokenAmount';

/** Takes a run of elements into a draft: brackets hold such runs as well. */
type TakeChunk = (place: ChunkPosition, draft: EntryDraft) => void;

/** What stands in brackets: the amount again, a strength, the same name, a part of the name, or something more. */
export function takeBracket(bracket: Of<'bracket'>, place: ChunkPosition, draft: EntryDraft, take: TakeChunk): void {
  const { chunk, index, tokens } = place;
  const { left } = withoutKeptOut(bracket.inner, tokens);
  const has = (kind: Element['kind']): boolean => left.some((e) => e.kind === kind);
  const of = <K extends Element['kind']>(kind: K): Of<K>[] => left.filter((e): e is Of<K> => e.kind === kind);
  for (const e of of('bracket')) takeBracket(e, place, draft, take);
  const ratio = of('ratio')[0];
  if (ratio) draft.ratio = draft.ratio ?? ratio.parts;
  if (has('equal')) draft.equal = true;
  const last = draft.pairs.at(-1);
  const amounts = of('amount');
  const names = of('name');
  const loose = draft.loose.at(-1);
  const [again, only] = [amounts[0], names[0]];
  // "2 tbsp lemon juice (1 lemon)": the same, said again.
  if (
    again &&
    only &&
    amounts.length === 1 &&
    names.length === 1 &&
    last?.match &&
    last.amount &&
    shares(last.match, only.match)
  ) {
    last.also = again.found.amount;
    return;
  }
  const strange = chunksOf(left).some(
    (c) => c.elements.some((e) => e.kind === 'amount') && c.elements.some((e) => e.kind === 'unknown'),
  );
  if (strange || (names.length > 0 && (amounts.length > 0 || names.length > 1 || has('verb') || has('between')))) {
    const inner = chunksOf(left);
    const base = draft.pairs.length;
    inner.forEach((c) => take({ chunk: { ...c, rinses: c.rinses || chunk.rinses }, index, tokens }, draft));
    // The same thing said again is no second one.
    for (let i = draft.pairs.length - 1; i >= base; i--) {
      const p = draft.pairs[i];
      if (p?.amount === null && draft.pairs.slice(0, base).some((q) => sameThing(q, p))) {
        draft.pairs.splice(i, 1);
        draft.pairChunk.splice(i, 1);
      }
    }
    return;
  }
  const name = names[0];
  const stated = of('strength')[0];
  // "(10 % acetic acid)": the strength, with what it is of.
  if (
    name &&
    stated &&
    last?.match &&
    amounts.length === 0 &&
    strengthSubstances(last.match).some((s) => strengthSubstances(name.match).includes(s))
  ) {
    last.strength = { percent: stated.percent, basis: stated.basis, asks: stated.asks };
    return;
  }
  if (name) {
    // "vodka (preservative)": what it is in it for.
    if (
      last?.match &&
      name.match.kind === 'exact' &&
      name.match.ingredient.id === 'preservative' &&
      amounts.length === 0
    )
      return;
    if (last && (merged(last, name.words) || (last.match && shares(last.match, name.match)))) return;
    draft.pairs.push(pairOf(name.words, name.match, chunk));
    draft.pairChunk.push(index);
    return;
  }
  const amount = amounts[0];
  // "(makes 2 cups)" says nothing of the name before it.
  if (amount && !has('verb')) {
    if (amounts.length > 1 || amount.found.bare) {
      if (last) last.asksAmount = true;
    } else if (loose) {
      // "2 boxes (454 g each)", "1 cup (240 ml)" before the name.
      draft.loose.pop();
      draft.loose.push({ found: bracketed(loose.found, amount.found, has('each')), chunk: loose.chunk });
    } else if (last?.amount === null || last?.amount.kind === 'to-fill') give(last, amount.found);
    else if (last?.amount) {
      const whole: TokenAmount = {
        amount: last.amount,
        next: 0,
        asks: last.asksAmount,
        ...(countOf(chunk) ? { counts: countOf(chunk) ?? { low: 1, high: 1 } } : {}),
      };
      const both = bracketed(whole, amount.found, has('each'));
      last.amount = both.amount;
      last.asksAmount = both.asks;
      if (both.also) last.also = both.also;
    } else draft.loose.push({ found: amount.found, chunk: index });
  }
  const strength = of('strength')[0];
  if (strength && last)
    last.strength = {
      percent: strength.percent,
      basis: strength.basis,
      asks: strength.asks || strength.percent.low !== strength.percent.high || of('strength').length > 1,
    };
  const sentence = left.filter((e) => e.kind === 'other' && /[a-z]/.test(e.word)).length > 0 || has('verb');
  for (const u of of('unknown')) {
    if (last && merged(last, u.words)) continue;
    // A single word may change what is meant; in a remark it does not.
    const joined = has('and') || of('between').some((e) => ['with', 'plus', 'then', 'followed'].includes(e.word));
    if (!last) draft.unknown.push(u.words);
    else if (!sentence || joined) last.leftWords.push(u.words);
  }
}

const strengthSubstances = (match: Known): readonly string[] => possible(match).flatMap((i) => i.strengthOf ?? []);

/** The count of a container in a chunk: "2 boxes". */
const countOf = (chunk: Chunk): Range | undefined =>
  chunk.elements.flatMap((e) => (e.kind === 'amount' && e.found.counts ? [e.found.counts] : []))[0];

const times = (amount: Amount, by: Range): Amount =>
  amount.kind === 'volume' || amount.kind === 'mass'
    ? { ...amount, value: { low: amount.value.low * by.low, high: amount.value.high * by.high } }
    : amount;

/** An amount with the one in brackets behind it: said again, or the size of what is counted. */
function bracketed(found: TokenAmount, size: TokenAmount, each: boolean): TokenAmount {
  const { amount } = size;
  const counts = found.counts;
  if (counts && (amount.kind === 'volume' || amount.kind === 'mass')) {
    const value = { low: amount.value.low * counts.low, high: amount.value.high * counts.high };
    const whole = counts.low === 1 && counts.high === 1;
    // What is in a box is said by weight.
    const inBox = found.amount.kind === 'vague' && found.amount.word === 'pack' && size.otherwise?.kind === 'mass';
    if (inBox)
      return { amount: times(size.otherwise ?? amount, counts), next: found.next, asks: size.asks || !(each || whole) };
    return { amount: { ...amount, value }, next: found.next, asks: size.asks || !(each || whole) };
  }
  if (found.amount.kind === 'vague' || found.bare) return { ...size, asks: size.asks || found.bare !== undefined };
  return { ...found, also: amount };
}
