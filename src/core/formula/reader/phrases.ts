import { nameAt } from '../../catalogue/lookup';
import type { Element } from './element';
import { namePieces } from './nameTokens';
import { isSign, type Token } from './tokens';
import { UNDOES_NEGATION, isVerb } from './words';

/** Set phrases: what keeps out, what fills up, in equal parts. */
export function phraseAt(i: number, tokens: readonly Token[]): Element | null {
  const words = (count: number): string =>
    tokens
      .slice(i, i + count)
      .map((t) => t.text)
      .join(' ');
  const [two, three, four] = [words(2), words(3), words(4)];
  const not = (length: number, is = false): Element => ({ kind: 'not', is, from: i, to: i + length });
  const made = (kind: 'equal' | 'to-fill' | 'partly' | 'each' | 'more', length: number): Element => ({
    kind,
    from: i,
    to: i + length,
  });
  const other = (length: number): Element => ({ kind: 'other', word: words(length), from: i, to: i + length });
  // "never-fail", "not-too-strong", "no. 1": part of a name, no denial.
  const [x, y, z] = [tokens[i], tokens[i + 1], tokens[i + 2]];
  if (/^(?:no|not|never)$/.test(x?.text ?? '') && isSign(y, '-') && y?.tight && z?.tight)
    return other(compoundEnd(tokens, i) - i);
  if (x?.text === 'no' && (y?.kind === 'number' || (isSign(y, '.') && z?.kind === 'number')))
    return other(y?.kind === 'number' ? 2 : 3);
  if (two === 'why not') return other(2);
  if (/^(?:instead of|rather than|apart from|away from|free of|free from|other than)$/.test(two)) return not(2);
  if (two.endsWith(' than') && !/^(?:more|less|rather|other) /.test(two)) return not(2);
  if (words(1) === 'unlike') return not(1);
  if (/^(?:in place of|in lieu of|leave out the|no need for)$/.test(three)) return not(3);
  if (two === 'leave out') return not(2);
  if (/^(?:do not|does not|can not|should not|must not|will not|did not|need not|has not|is not|are not)$/.test(two)) {
    if (tokens[i + 2]?.text === 'be' && UNDOES_NEGATION.has(tokens[i + 3]?.text ?? '')) return other(4);
    if (UNDOES_NEGATION.has(tokens[i + 2]?.text ?? '')) return other(tokens[i + 3]?.text === 'out' ? 4 : 3);
    return not(2, !/^(?:do|does|did|has) /.test(two));
  }
  if (/^(?:never|not|dont) be$/.test(two) && UNDOES_NEGATION.has(tokens[i + 2]?.text ?? '')) return other(3);
  if (/^(?:never|not|dont|dont ever) (?:leave|forget|skip|omit|miss)$/.test(two))
    return other(tokens[i + 2]?.text === 'out' ? 3 : 2);
  if (/^(?:not|dont|never) (?:only|just|too|much|enough|diluted|quite|necessarily|yet)$/.test(two)) return other(2);
  if (
    /^no (?:need|problem|matter|substitutes?|substitution|name|brand|way|wonder|matter|more|less|longer|other|doubt|idea|worries|fuss|mess|rinsing|rinse|scrubbing|streaks?|residue|dyes?|scent|perfume|fragrance)$/.test(
      two,
    )
  )
    return other(2);
  if (/^(?:equal (?:parts?|amounts?|quantities|measures?|volumes?))$/.test(two)) {
    const of = tokens[i + 2]?.text === 'of' || tokens[i + 2]?.text === ':' ? 3 : 2;
    return made('equal', of);
  }
  if (/^in equal (?:parts|amounts|quantities|measures)$/.test(three)) return made('equal', 3);
  if (three === 'half and half' || three === 'half - half' || three === 'half / half') return made('equal', 3);
  if (/^(?:to (?:fill|top|full)|until full|till full)$/.test(two))
    return made('to-fill', ['up', 'it', 'the'].includes(tokens[i + 2]?.text ?? '') ? 3 : 2);
  if (/^to the (?:top|neck|brim|rim|line)$/.test(three)) return made('to-fill', 3);
  if (/^q \. s \.?$/.test(four) || words(1) === 'qs') return made('to-fill', words(1) === 'qs' ? 1 : 4);
  if (/^q \. s$/.test(three)) return made('to-fill', 3);
  if (/^(?:make|made|making|makes) up$/.test(two))
    return { kind: 'verb', word: 'fill', rinses: false, fills: true, from: i, to: i + 2 };
  if (two === 'dilute to') return { kind: 'verb', word: 'fill', rinses: false, fills: true, from: i, to: i + 1 };
  if (/^1 \/ 2 full$/.test(four)) return made('partly', 4);
  if (/^(?:as much|as many)$/.test(two)) return other(2);
  // What something is in it for: "glycerin (as a preservative)" is one thing, not two.
  const purpose = /^as (?:an? |the |its |your )?(?:natural |mild )?preservative\b/.exec(words(4))?.[0];
  if (purpose !== undefined) return other(purpose.split(' ').length);
  if (/^(?:the same|same amount|same quantity)$/.test(two)) return other(2);
  if (
    /^(?:to taste|at will|as needed|as required|if needed|if desired|if wanted|if necessary|if using|if liked|of choice|per bottle)$/.test(
      two,
    )
  )
    return other(2);
  if (/^(?:or (?:less|more|so)|and more|more or less)$/.test(two)) return other(2);
  // "perfume free", "no-rinse": what is not in the thing that follows.
  const [a, b, c] = [tokens[i], tokens[i + 1], tokens[i + 2]];
  const free = a?.kind === 'word' ? nameAt(namePieces(tokens, i), 0) : null;
  if (free && free.length > 2) return null;
  if (a?.kind === 'word' && isSign(b, '-') && b?.tight && c?.text === 'free') return other(3);
  if (
    a?.kind === 'word' &&
    b?.text === 'free' &&
    !['of', 'from'].includes(c?.text ?? '') &&
    !isVerb(a.text) &&
    !['is', 'are', 'be', 'and', 'or'].includes(a.text)
  )
    return other(2);
  if (
    (a?.text === 'no' || a?.text === 'non') &&
    isSign(b, '-') &&
    b?.tight &&
    c?.kind === 'word' &&
    nameAt(namePieces(tokens, i), 0) === null
  )
    return other(3);
  return null;
}

/** The end of words that hyphens join. */
function compoundEnd(tokens: readonly Token[], start: number): number {
  let i = start + 1;
  while (isSign(tokens[i], '-') && tokens[i]?.tight === true && tokens[i + 1]?.tight === true) i += 2;
  return i;
}
