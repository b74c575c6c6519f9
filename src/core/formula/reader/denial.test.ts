import { keepsOut } from './denial';

/** A sentence cut at its negator (in square brackets) and the name (in braces). */
function denied(sentence: string): boolean {
  const [, before = '', negator = '', between = '', after = ''] =
    /^(.*?)\[(.+?)\](.*?)\{.+?\}(.*)$/.exec(sentence) ?? [];
  const words = (text: string): string[] => text.trim().split(/\s+/).filter(Boolean);
  return keepsOut(words(before), negator, words(between), words(after));
}

// Plain English; common practice, no source.
test.each([
  '[never] mix with {bleach}',
  '[do not] ever use this with any {bleach}',
  '[no] {bleach}',
  'safe [without] harsh {bleach}',
  '[never] combine vinegar or ammonia with {bleach} on a surface',
  '[do not] add 1 cup {bleach}',
  '[never] mix with {bleach} as it makes a toxic gas',
  'it [not] contains {bleach}',
])('%s: kept out', (sentence) => expect(denied(sentence)).toBe(true));

test.each([
  'it does not work [without] {bleach}',
  'why [not] add {bleach}',
  '[never] use too much {bleach}',
  '[cannot] hurt to add {bleach}',
  '[do not] be stingy with the {bleach}',
  '[never] pour the water into the {bleach}',
  '[never] add {bleach} first',
  '[never] pour {bleach} too fast',
  '[do not] use {bleach} undiluted',
  '[never] spill the {bleach}',
])('%s: it goes in', (sentence) => expect(denied(sentence)).toBe(false));
