import { findIngredient } from '../../catalogue/lookup';
import { NEUTRAL_WORDS, PLACE_WORDS } from '../../catalogue/nameWords';
import type { MeasureSystem } from '../../quantity/units';
import { wordsIn, type Element, type Scan } from './element';
import { HAZARD_NEGATORS } from './hazardClauses';
import { measuredAt } from './measures';
import { namedAt, unknownEnd } from './nameTokens';
import { phraseAt } from './phrases';
import { isSign, isWord, type Token } from './tokens';
import {
  BETWEEN_WORDS,
  CLAUSE_WORDS,
  FILL_WORDS,
  PARTLY_WORDS,
  RINSE_VERBS,
  UNDOES_NEGATION,
  isKnownWord,
  isVerb,
} from './words';

/** Brackets within brackets are read so deep; deeper ones are signs like others. */
const MAX_DEPTH = 3;

/** Sentences taken apart before: a key changes one of them. */
const taken = new Map<string, readonly Element[]>();

const MAX_TAKEN = 1000;

/** Takes the tokens of a sentence for its elements, left to right; every token comes into one of them. */
export function elementsOf(tokens: readonly Token[], system: MeasureSystem): readonly Element[] {
  let key: string = system;
  for (const token of tokens) key += token.tight ? `\u0000${token.raw}` : ` ${token.raw}`;
  const before = taken.get(key);
  if (before) return before;
  const elements = elementsIn(0, tokens.length, { tokens, system, closes: closings(tokens) });
  if (taken.size >= MAX_TAKEN) taken.clear();
  taken.set(key, elements);
  return elements;
}

/** Every bracket that somebody closed, and where. */
function closings(tokens: readonly Token[]): Map<number, number> {
  const closes = new Map<number, number>();
  const open: number[] = [];
  tokens.forEach((token, i) => {
    if (isSign(token, '(', '[', '{')) open.push(i);
    if (!isSign(token, ')', ']', '}')) return;
    const from = open.pop();
    if (from !== undefined && open.length < MAX_DEPTH) closes.set(from, i);
  });
  return closes;
}

function elementsIn(start: number, end: number, scan: Scan): Element[] {
  const elements: Element[] = [];
  for (let i = start; i < end;) {
    const close = scan.closes.get(i);
    if (close !== undefined) {
      elements.push({ kind: 'bracket', inner: elementsIn(i + 1, close, scan), from: i, to: close + 1 });
      i = close + 1;
      continue;
    }
    const element = elementAt(i, scan, elements);
    elements.push(element);
    if (element.kind === 'amount' && element.found.names) {
      const match = findIngredient(element.found.names);
      if (match.kind !== 'none')
        elements.push({ kind: 'name', words: element.found.names, match, from: element.to, to: element.to });
    }
    i = Math.max(i + 1, element.to);
  }
  return elements;
}

function elementAt(i: number, scan: Scan, before: readonly Element[]): Element {
  const { tokens } = scan;
  const token = tokens[i];
  const at = (to: number) => ({ from: i, to });
  if (!token) return { kind: 'other', word: '', ...at(i + 1) };
  const phrase = phraseAt(i, tokens);
  if (phrase) return phrase;
  const upTo = token.text === 'up' && isWord(tokens[i + 1], 'to') && before.at(-1)?.kind === 'name';
  const measured = upTo ? null : measuredAt(i, scan);
  if (measured) return measured;
  const last = before.at(-1)?.kind;
  const afterAmount = last === 'amount' || last === 'strength';
  const named = namedAt(i, tokens, afterAmount);
  if (named) return named;
  if (token.kind === 'sign') return signAt(i, token, tokens);
  if (token.kind === 'number') return { kind: 'other', word: token.text, ...at(i + 1) };
  const { text } = token;
  if (HAZARD_NEGATORS.has(text)) {
    const next = tokens[i + 1];
    if (UNDOES_NEGATION.has(next?.text ?? '') && !(text === 'skip')) return { kind: 'other', word: text, ...at(i + 2) };
    return {
      kind: 'not',
      is: /^(?:isnt|arent|wasnt|never|not|shouldnt|mustnt|cannot|cant|wont)$/.test(text),
      ...at(i + 1),
    };
  }
  if (text === 'each' || text === 'apiece') return { kind: 'each', ...at(i + 1) };
  if (text === 'and') return { kind: 'and', ...at(i + 1) };
  if (text === 'or') return { kind: 'or', ...at(i + 1) };
  if (CLAUSE_WORDS.has(text)) return { kind: 'clause', ...at(i + 1) };
  if (BETWEEN_WORDS.has(text)) return { kind: 'between', word: text, ...at(i + 1) };
  if (FILL_WORDS.has(text)) return { kind: 'verb', word: text, rinses: false, fills: true, ...at(i + 1) };
  if (PARTLY_WORDS.has(text)) return { kind: 'partly', ...at(i + 1) };
  // Right after an amount "warm" and "clean" tell of what is measured.
  if (isVerb(text) && before.at(-1)?.kind === 'amount') return { kind: 'other', word: text, ...at(i + 1) };
  if (isVerb(text)) return { kind: 'verb', word: text, rinses: RINSE_VERBS.has(text), fills: false, ...at(i + 1) };
  if (text === 'twice' || text === 'double' || text === 'extra' || text === 'another')
    return { kind: 'more', ...at(i + 1) };
  if (isKnownWord(text) || NEUTRAL_WORDS.has(text) || PLACE_WORDS.has(text))
    return { kind: 'other', word: text, ...at(i + 1) };
  const to = unknownEnd(i, tokens);
  return { kind: 'unknown', words: wordsIn(tokens, i, to), ...at(to) };
}

function signAt(i: number, token: Token, tokens: readonly Token[]): Element {
  const at = { from: i, to: i + 1 };
  switch (token.text) {
    case ',':
      return { kind: 'comma', ...at };
    case '&':
    case '+':
      return { kind: 'and', ...at };
    case '/':
      // With space around it a slash parts lines; without, it means either.
      return { kind: token.tight || tokens[i + 1]?.tight === true ? 'or' : 'comma', ...at };
    case ':':
      return { kind: 'colon', ...at };
    case '=':
    case '|':
    case '...':
    case '~':
      return { kind: 'light', ...at };
    case ';':
    case '•':
      return { kind: 'comma', ...at };
    case '-':
      return token.tight && tokens[i + 1]?.tight && tokens[i + 1]?.kind === 'word'
        ? { kind: 'other', word: '-', ...at }
        : { kind: 'dash', ...at };
    default:
      return { kind: 'other', word: token.text, ...at };
  }
}
