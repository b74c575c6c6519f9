import { plainWord } from '../../catalogue/lookup';
import { LEMON_JUICE_ML } from '../../quantity/amount';
import { numberAt } from './numberTokens';
import { ONE, type TokenAmount } from './tokenAmount';
import { isSign, isWord, type Token } from './tokens';

const LEMON = new Set(['lemon', 'lime']);

const FRUIT_WORDS = new Set(
  'juice juiced essential oil oils peel peels zest rind slice slices wedge wedges pulp soap scented eo extract flavour cleaner balm'.split(
    ' ',
  ),
);

/** "juice of 2 lemons", "2 lemons", "half a lemon", "1 lemon's worth of juice". */
export function lemonsAt(tokens: readonly Token[], start: number): TokenAmount | null {
  let i = start;
  if (isWord(tokens[i], 'the')) i += 1;
  const juice = isWord(tokens[i], 'juice') && isWord(tokens[i + 1], 'of', 'from');
  if (juice) i += 2;
  const number = numberAt(tokens, i);
  let at = number ? number.next : i;
  if (!number && !juice) return null;
  if (isWord(tokens[at], 'of')) at += 1;
  if (isWord(tokens[at], 'a', 'an')) at += 1;
  while (isWord(tokens[at], 'fresh', 'whole', 'large', 'small', 'medium', 'ripe', 'big', 'juicy', 'organic')) at += 1;
  const fruit = tokens[at];
  if (fruit?.kind !== 'word') return null;
  const worth = /^(?:lemon|lime)s$/.test(fruit.text) && /['’]s$/.test(fruit.raw);
  if (!LEMON.has(worth ? fruit.text.replace(/s$/, '') : plainWord(fruit.text))) return null;
  at += 1;
  if (worth && isWord(tokens[at], 'worth')) {
    at += 1;
    if (isWord(tokens[at], 'of')) at += 1;
    if (isWord(tokens[at], 'juice')) at += 1;
  } else {
    const after = tokens[isSign(tokens[at], ',') ? at + 1 : at];
    if (isWord(after, 'juiced', 'squeezed')) at = isSign(tokens[at], ',') ? at + 2 : at + 1;
    else if (
      isSign(tokens[at], ',')
        ? isWord(after, 'peel', 'zest', 'rind', 'sliced')
        : after?.kind === 'word' && FRUIT_WORDS.has(after.text)
    )
      return null;
  }
  return {
    amount: { kind: 'pieces', value: number?.span ?? ONE, juiceML: LEMON_JUICE_ML },
    next: at,
    asks: number?.doubtful ?? false,
    names: 'lemon-juice',
  };
}
