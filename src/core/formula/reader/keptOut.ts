import type { Element } from './element';
import { isName, type Of } from './pair';
import type { Token } from './tokens';
import { CLASS_WORDS } from '../../catalogue/askedNames';
import { keepsOut as denies } from './denial';

/** What a comma after something that is kept out leads to: more of it, or something else. */
function listGoesOn(elements: readonly Element[], at: number): boolean {
  for (let i = at; i < elements.length; i++) {
    const e = elements[i];
    if (e?.kind === 'or') return true;
    if (
      e?.kind === 'and' ||
      e?.kind === 'comma' ||
      e?.kind === 'name' ||
      e?.kind === 'unknown' ||
      (e?.kind === 'other' && !/^(?:measure|vessel)$/.test(e.word))
    )
      continue;
    return e === undefined;
  }
  return true;
}

/** Said of a name before it, these keep it out: "bleach is not needed". */
const KEPT_OUT_BY =
  /^(?:needed|necessary|required|recommended|used|added|advised|allowed|safe|suitable|good|mixed|combined|applied|wanted|advisable|ideal|right)$/;

/** Words between two places, without the signs. */
const wordsBetween = (tokens: readonly Token[], from: number, to: number): string[] =>
  tokens.slice(from, to).flatMap((t) => (t.kind === 'word' ? [t.text] : []));

/** Where the clause of an element ends: at a comma, a dash, a word that begins another. */
function clauseEnd(elements: readonly Element[], at: number, tokens: readonly Token[]): number {
  const end = elements
    .slice(at + 1)
    .find(
      (e) =>
        e.kind === 'comma' ||
        e.kind === 'dash' ||
        e.kind === 'bracket' ||
        (e.kind === 'clause' && !UNTIL.has(tokens[e.from]?.text ?? '')),
    );
  return end?.from ?? elements.at(-1)?.to ?? 0;
}

const UNTIL = new Set(['until', 'till', 'unless', 'before', 'instead']);

const blank = (e: Element): Element => ({ kind: 'other', word: 'kept out', from: e.from, to: e.to });

/** The elements without the names that a clause of their own keeps out, and their amounts. */
export function withoutKeptOut(
  elements: readonly Element[],
  tokens: readonly Token[],
): { left: Element[]; keepsOut: boolean; limits: boolean } {
  const left: Element[] = [];
  let out = false;
  let strong = false;
  let named = false;
  let negator: Of<'not'> | null = null;
  let keepsOut = false;
  let limits = false;
  elements.forEach((e, i) => {
    const next = elements[i + 1];
    switch (e.kind) {
      case 'not': {
        const after = elements.slice(i + 1).find((x) => x.kind !== 'other');
        // "Do not add more than 1 cup": a limit keeps nothing out. Neither does "not before", "not first".
        const limited = elements
          .slice(i + 1, i + 6)
          .some((x, k, all) => x.kind === 'other' && x.word === 'more' && isOther(all[k + 1], 'than'));
        out = !limited;
        negator = e;
        limits ||= limited;
        strong = after?.kind === 'verb';
        named = false;
        left.push(blank(e));
        keepsOut = keepsOutBefore(e, i, elements, left) || keepsOut;
        return;
      }
      case 'clause':
      case 'dash':
        out = false;
        break;
      case 'verb':
        // "Instead of vinegar use bleach"
        if (named) out = false;
        break;
      case 'comma':
        out &&= listGoesOn(elements, i + 1) && (strong || elements.slice(i + 1).some((x) => x.kind === 'or'));
        break;
      case 'and':
        if (next?.kind === 'verb' || next?.kind === 'amount' || next?.kind === 'not') out = false;
        break;
      case 'between':
        if (e.word === 'then' || e.word === 'followed') out = false;
        break;
      case 'name':
      case 'unknown':
      case 'amount':
      case 'strength':
        if (e.kind === 'name' && out && negator && !isDenied(elements, tokens, negator, i)) out = false;
        if (out) {
          keepsOut ||= e.kind === 'name';
          named ||= e.kind === 'name';
          left.push(blank(e));
          return;
        }
        break;
      case 'bracket':
        if (out && e.inner.some(isName)) {
          keepsOut = true;
          left.push(blank(e));
          return;
        }
        break;
      default:
        break;
    }
    left.push(e);
  });
  return { left, keepsOut, limits };
}

const WITH_IT = new Set('based type style product containing'.split(' '));

/** True if a negator keeps out the name at a place. */
function isDenied(elements: readonly Element[], tokens: readonly Token[], negator: Of<'not'>, at: number): boolean {
  const name = elements[at];
  if (name?.kind !== 'name') return false;
  // "Bleach-based", "bleach products" are kept out with it; a word that nobody understands keeps nothing out.
  if (name.match.kind === 'asked' && name.match.words.some((w) => !WITH_IT.has(w) && !CLASS_WORDS.has(w))) return false;
  return denies(
    wordsBetween(tokens, 0, negator.from),
    tokens[negator.to - 1]?.text ?? '',
    wordsBetween(tokens, negator.to, name.from),
    wordsBetween(tokens, name.to, clauseEnd(elements, at, tokens)),
  );
}

const isOther = (e: Element | undefined, word: string): boolean => e?.kind === 'other' && e.word === word;

/** "Bleach: NEVER", "bleach is not needed": what stands before is kept out. True if it was. */
function keepsOutBefore(e: Of<'not'>, at: number, elements: readonly Element[], left: Element[]): boolean {
  const name = lastNameBefore(left);
  const kept = left[name];
  if (!kept || (name > 0 && left[name - 1]?.kind === 'amount')) return false;
  const between = left.slice(name + 1, -1);
  const after = elements.slice(at + 1).filter((x) => !isOther(x, 'be') && !(x.kind === 'verb' && x.word === 'be'));
  const first = after[0];
  const said = first?.kind === 'verb' || first?.kind === 'other' ? KEPT_OUT_BY.test(first.word) : false;
  const alone =
    endsHere(elements, at + 1) && between.every((x) => x.kind === 'colon' || x.kind === 'other' || x.kind === 'dash');
  const is =
    e.is &&
    said &&
    between.every((x) => x.kind === 'verb' || (x.kind === 'other' && x.word !== 'kept out')) &&
    !after.some(isName);
  const but = elements.slice(at + 1).some((x) => x.kind === 'clause');
  if (!alone && !(is && !but)) return false;
  left[name] = blank(kept);
  return true;
}

const endsHere = (elements: readonly Element[], at: number): boolean =>
  elements.slice(at).every((e) => (e.kind === 'other' && e.word !== 'kept out' ? /^[!.?)]$/.test(e.word) : false));

function lastNameBefore(elements: readonly Element[]): number {
  for (let i = elements.length - 1; i >= 0; i--) if (elements[i]?.kind === 'name') return i;
  return -1;
}
