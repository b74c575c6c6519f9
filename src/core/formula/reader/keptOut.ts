import type { Element } from './element';
import { isName, type Of } from './pair';
import type { Token } from './tokens';
import { USE_VERBS } from './words';

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

/** Behind a name that is to be kept out, these say when or how it goes in: nothing is kept out. */
const WHEN = new Set('first last yet early soon once undiluted neat straight directly quickly alone'.split(' '));

const UNTIL = new Set(['until', 'till', 'unless', 'before']);

/** True if a negation does not keep out what it is said of, but tells when it goes in. */
function tellsWhen(elements: readonly Element[], tokens: readonly Token[], at: number): boolean {
  for (let i = at + 1; i < elements.length; i++) {
    const e = elements[i];
    const word = tokens[e?.from ?? 0]?.text ?? '';
    if (e?.kind === 'clause') return UNTIL.has(word);
    if (e?.kind === 'other' && WHEN.has(e.word)) return elements.slice(at, i).some(isName);
    if (e?.kind === 'dash' || e?.kind === 'bracket') return false;
  }
  return false;
}

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
  let handled = false;
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
        out = !limited && !tellsWhen(elements, tokens, i);
        limits ||= limited;
        strong = after?.kind === 'verb';
        named = false;
        handled = false;
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
        // "Do not spill the bleach": it is there.
        if (!USE_VERBS.has(e.word)) handled = true;
        break;
      case 'comma':
        out &&= listGoesOn(elements, i + 1) && (strong || elements.slice(i + 1).some((x) => x.kind === 'or'));
        break;
      case 'and':
        if (next?.kind === 'verb' || next?.kind === 'amount' || next?.kind === 'not') out = false;
        break;
      case 'between':
        if (e.word === 'then' || e.word === 'followed') out = false;
        handled = false;
        break;
      case 'name':
      case 'unknown':
      case 'amount':
      case 'strength':
        if (
          e.kind === 'name' &&
          out &&
          handled &&
          !isOther(elements[i - 1], 'near') &&
          !isOther(elements[i - 1], 'from')
        )
          out = false;
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
  if (!alone && !is) return false;
  left[name] = blank(kept);
  return true;
}

const endsHere = (elements: readonly Element[], at: number): boolean =>
  elements.slice(at).every((e) => (e.kind === 'other' && e.word !== 'kept out' ? /^[!.?)]$/.test(e.word) : false));

function lastNameBefore(elements: readonly Element[]): number {
  for (let i = elements.length - 1; i >= 0; i--) if (elements[i]?.kind === 'name') return i;
  return -1;
}
