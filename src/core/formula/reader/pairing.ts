import { CLASS_WORDS } from '../../catalogue/askedNames';
import { findIngredient, plainWord } from '../../catalogue/lookup';
import { takeBracket } from './brackets';
import { chunksOf, type Chunk, type EntryDraft, type ChunkPosition } from './chunks';
import type { Element, Known } from './element';
import { withoutKeptOut } from './keptOut';
import { give, possible, merged, pairOf, type Of, type Pair, type Paired, type StatedStrength } from './pair';
import { shareOut } from './sharing';
import type { TokenAmount } from './tokenAmount';
import type { Token } from './tokens';

/** Pairs the amounts of a sentence with its names. What cannot be told for sure is asked, never guessed. */
export function pairUp(all: readonly Element[], tokens: readonly Token[]): Paired {
  const { left, keepsOut, limits } = withoutKeptOut(all, tokens);
  const chunks = chunksOf(left);
  const draft: EntryDraft = {
    pairs: [],
    unknown: [],
    loose: [],
    pairChunk: [],
    strength: null,
    ratio: ratioIn(left),
    equal: false,
    each: false,
    partly: false,
    makes: null,
  };
  chunks.forEach((chunk, i) => takeChunk({ chunk, index: i, tokens }, draft));
  shareOut(draft, chunks);
  // "… for the toilet, … for the sink": two things are made.
  const jobs = left.filter((e) => e.kind === 'other' && e.word === 'for').length;
  if (limits || (jobs > 1 && draft.pairs.length > 1)) for (const pair of draft.pairs) pair.asksAmount = true;
  return {
    pairs: draft.pairs,
    makesML: draft.makes ? { amount: draft.makes } : null,
    unknown: draft.unknown,
    keepsOut,
    tells: left.some((e) => e.kind === 'verb'),
    looseAmounts: draft.loose.length,
    measured: draft.loose.filter((l) => l.found.bare === undefined).length,
    words: all.length,
  };
}

/** The ratio that a sentence states, wherever it stands. */
function ratioIn(elements: readonly Element[]): readonly number[] | null {
  for (const e of elements) {
    if (e.kind === 'ratio') return e.parts;
    const inner = e.kind === 'bracket' ? ratioIn(e.inner) : null;
    if (inner) return inner;
  }
  return null;
}

type Atom = Of<'amount'> | Of<'name'> | Of<'unknown'>;

export function takeChunk({ chunk, index, tokens }: ChunkPosition, draft: EntryDraft): void {
  const atoms: Atom[] = [];
  const toFill = chunk.elements.some((e) => e.kind === 'to-fill');
  const before = draft.pairs.length;
  for (const e of chunk.elements) {
    switch (e.kind) {
      case 'amount':
      case 'name':
      case 'unknown':
        atoms.push(e);
        break;
      case 'ratio':
        draft.ratio = draft.ratio ?? e.parts;
        break;
      case 'equal':
        draft.equal = true;
        break;
      case 'each':
        draft.each = true;
        break;
      case 'partly':
        draft.partly = true;
        break;
      default:
        break;
    }
  }
  const order = atoms.map((a) => (a.kind === 'amount' ? 'A' : 'N')).join('');
  const known = atoms.map((a) => (a.kind === 'amount' ? 'A' : a.kind === 'name' ? 'N' : 'U')).join('');
  const named = atoms.filter((a): a is Of<'name'> | Of<'unknown'> => a.kind !== 'amount');
  const amounts = atoms.filter((a): a is Of<'amount'> => a.kind === 'amount');
  const pair = (a: Of<'name'> | Of<'unknown'>): Pair => {
    // Behind an amount a misspelt name is looked up as well.
    const found = a.kind === 'name' ? a.match : findIngredient(a.words);
    const made = pairOf(a.words, found.kind === 'none' ? null : found, chunk);
    made.isMade = found.kind === 'asked' && saysWhatIsMade(found, a, chunk, tokens);
    draft.pairs.push(made);
    draft.pairChunk.push(index);
    return made;
  };
  const toMakes =
    chunk.by === 'to' &&
    amounts.length === 1 &&
    amounts[0]?.found.amount.kind === 'volume' &&
    amounts[0].found.bare === undefined;
  if (toMakes && order === 'A') {
    const filled = draft.pairs.find((p) => p.amount === null || p.amount.kind === 'to-fill');
    const fillsLater = chunk.fills || filled?.match?.kind === 'exact';
    if (filled && filled.match?.kind === 'exact' && (chunk.fills || filled.match.ingredient.water !== null)) {
      filled.amount = { kind: 'to-fill' };
      draft.makes = amounts[0]?.found.amount ?? null;
    } else if (chunk.fills && fillsLater !== undefined && !filled) draft.makes = amounts[0]?.found.amount ?? null;
    else if (amounts[0]) draft.loose.push({ found: amounts[0].found, chunk: index });
  } else if (/^(?:AN)+$/.test(order)) {
    for (let k = 0; k < named.length; k++) {
      const [a, n] = [amounts[k], named[k]];
      if (a && n) give(pair(n), a.found);
    }
  } else if (/^(?:NA)+$/.test(order) && !known.includes('U')) {
    for (let k = 0; k < named.length; k++) {
      const [a, n] = [amounts[k], named[k]];
      if (a && n) give(pair(n), a.found);
    }
  } else if (amounts.length === 0) {
    for (const n of named) {
      if (n.kind === 'unknown') {
        // "vinegar, white": the word belongs to the name before it, if it makes one with it.
        const last = draft.pairs.at(-1);
        if (last && chunk.by === 'comma' && merged(last, n.words)) continue;
        draft.unknown.push(n.words);
      } else pair(n);
    }
  } else if (named.length === 0) {
    for (const a of amounts) draft.loose.push({ found: a.found, chunk: index });
  } else {
    // One amount among several names, or the other way: which belongs to which has to be asked.
    let waiting: TokenAmount | null = null;
    let last: Pair | null = null;
    const words: string[] = [];
    for (const atom of atoms) {
      if (atom.kind === 'amount') {
        if (waiting && last === null) draft.loose.push({ found: waiting, chunk: index });
        waiting = atom.found;
      } else if (atom.kind === 'unknown') {
        words.push(atom.words);
      } else {
        last = pair(atom);
        last.asksAmount = true;
        if (waiting) give(last, waiting);
        waiting = null;
      }
    }
    if (waiting && last?.amount === null) give(last, waiting);
    else if (waiting) draft.loose.push({ found: waiting, chunk: index });
    if (last) last.leftWords.push(...words);
    else draft.unknown.push(...words);
  }
  const added = draft.pairs.slice(before);
  const first = added[0];
  if (
    added.length === 1 &&
    first?.amount === null &&
    (toFill || (chunk.fills && !['and', 'or', 'comma'].includes(chunk.by)))
  ) {
    first.amount = { kind: 'to-fill' };
  } else if (toFill && added.length === 0) {
    const last = draft.pairs.at(-1);
    if (last?.amount === null) last.amount = { kind: 'to-fill' };
  }
  if (chunk.by === 'or' && index > 0) joinAlternative(draft, before);
  if (chunk.elements.some((e) => e.kind === 'more')) for (const p of added) p.more = true;
  strengths(chunk, added, draft);
  for (const e of chunk.elements) if (e.kind === 'bracket') takeBracket(e, { chunk, index, tokens }, draft, takeChunk);
}

/** Before the name of a product these make it the mixture itself: "a good degreaser", "this cleaner". */
const OF_THE_MIXTURE = new Set(
  'a an this that your our my as like great best good better nice homemade diy natural perfect favourite favorite simple easy'.split(
    ' ',
  ),
);
/** What is put in is none of that. */
const PUTS = new Set('add adding mix mixing stir pour pouring combine put include blend whisk tip'.split(' '));

/** True for a product's name that says what the mixture is, and names nothing of a hazardous class. */
function saysWhatIsMade(
  match: Extract<Known, { kind: 'asked' }>,
  name: Element,
  chunk: Chunk,
  tokens: readonly Token[],
): boolean {
  if (match.because !== 'unknown-kind' || PUTS.has(chunk.verb)) return false;
  const words = tokens.slice(name.from, name.to).filter((t) => t.kind === 'word');
  if (words.some((w) => CLASS_WORDS.has(plainWord(w.text)))) return false;
  return OF_THE_MIXTURE.has(tokens[name.from - 1]?.text ?? '') || OF_THE_MIXTURE.has(words[0]?.text ?? '');
}

/** "A or B": one of them goes in, and which is asked. */
function joinAlternative(draft: EntryDraft, before: number): void {
  const added = draft.pairs[before];
  const first = draft.pairs[before - 1];
  if (!added || !first || draft.ratio) return;
  const same = added.amount === null || added.amount.kind === 'to-fill';
  if (added.match === null) {
    first.leftWords.push(added.words);
  } else {
    first.alternatives.push(...possible(added.match));
    if (!same) first.asksAmount = true;
  }
  if (first.amount === null && added.amount !== null) first.amount = added.amount;
  draft.pairs.splice(before, 1);
  draft.pairChunk.splice(before, 1);
}

function strengths(chunk: Chunk, added: readonly Pair[], draft: EntryDraft): void {
  const stated = chunk.elements.filter((e): e is Of<'strength'> => e.kind === 'strength');
  const [first, second] = stated;
  if (!first) return;
  const strength: StatedStrength = {
    percent: first.percent,
    basis: first.basis,
    asks: first.asks || second !== undefined,
  };
  const target = added[0] ?? draft.pairs.at(-1);
  if (added.length > 1) for (const p of added) p.asksAmount = true;
  if (target) target.strength = target.strength ? { ...target.strength, asks: true } : strength;
  else draft.strength = strength;
}
