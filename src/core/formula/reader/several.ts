import { findIngredient } from '../../catalogue/lookup';
import type { Amount } from '../../quantity/amount';
import { exactly } from '../../quantity/span';
import type { MeasureSystem } from '../../quantity/units';
import { takeApart, type LineParts } from './lineParts';
import { readAmount } from './readAmount';

/** One ingredient's share of a line that names several; an amount of null has to be asked. */
export interface Share {
  readonly name: string;
  readonly amount: Amount | null;
}

const EQUAL_PARTS =
  /^(?:equal (?:parts|amounts|measures)|(?:50|half)\s*[/-]\s*(?:50|half)|half and half)(?: of)?:?\s+(.+)$/i;
const IN_EQUAL_PARTS = /^(.+?),? in equal (?:parts|amounts|measures)$/i;
const RATIO_FIRST =
  /^(\d+(?:\.\d+)?(?:\s*:\s*\d+(?:\.\d+)?)+)\s+(?:ratio (?:of )?|mix(?:ture)? of |solution of )?(.+)$/i;
const RATIO_LAST = /^([a-z][a-z ,&-]+?)[\s,(]+(\d+(?:\.\d+)?(?:\s*:\s*\d+(?:\.\d+)?)+)\)?$/i;
const BETWEEN_NAMES = /\s*(?:,|&|\+|\/|:|\band\b|\bto\b|\bwith\b)\s*/i;

const partsOf = (n: number): Amount => ({ kind: 'parts', value: exactly(n) });

/** "Equal parts vinegar and water", "1:2 vinegar to water": several lines in one, each as parts. */
export function ratioLine(text: string): Share[] | null {
  const equal = EQUAL_PARTS.exec(text) ?? IN_EQUAL_PARTS.exec(text);
  const names = (list: string): string[] =>
    list
      .split(BETWEEN_NAMES)
      .map((n) => n.trim())
      .filter(Boolean);
  if (equal?.[1]) {
    const found = names(equal[1]);
    return found.length > 1 ? found.map((name) => ({ name, amount: partsOf(1) })) : null;
  }
  const ratio = RATIO_FIRST.exec(text);
  const last = RATIO_LAST.exec(text);
  const numbers = ratio?.[1] ?? last?.[2];
  const list = ratio?.[2] ?? last?.[1];
  if (!numbers || !list) return null;
  const parts = numbers.split(':').map((n) => Number(n.trim()));
  const found = names(list);
  if (found.length !== parts.length || !parts.every((p) => p > 0)) return null;
  return found.map((name, i) => ({ name, amount: partsOf(parts[i] ?? 1) }));
}

/** Between ingredients; "to" and "in" only before an amount: "¼ cup bleach to 1 gallon of water". */
const JOINED =
  /\s*(?:,|;|&|\+|\band\b|\bplus\b|\bwith\b|\b(?:to|into|in|per)\b(?=\s+(?:an?\s|one\s|half\s|[\d½⅓⅔¼¾])))\s*/i;
const EACH = /^each\s+(?:of\s+)?/i;

/**
 * A line that names several ingredients: "1 tsp each of salt and borax", "1 cup vinegar and 2 cups water",
 * "vinegar and bleach". Null if it names one. An amount that is not said for the others has to be asked.
 */
export function severalIn(parts: LineParts, measures: MeasureSystem): Share[] | null {
  const each = EACH.test(parts.name) || /\beach$/i.test(parts.name);
  const list = parts.name.replace(EACH, '').replace(/[\s,(]+each\)?$/i, '');
  if (findIngredient(list).kind === 'exact') return null;
  const segments = list.split(JOINED).filter(Boolean);
  if (segments.length < 2) return null;
  const oils = /\boils?$/i.test(list);
  const shares = segments.map((segment, i): Share & { id: string | null } => {
    const own = takeApart(segment, measures);
    const withOil = oils && !/\boils?$/i.test(own.name) ? findIngredient(`${own.name} oil`) : null;
    const match = withOil?.kind === 'exact' ? withOil : findIngredient(own.name);
    const id =
      match.kind === 'exact' || match.kind === 'close'
        ? match.ingredient.id
        : match.kind === 'ambiguous'
          ? own.name
          : null;
    const name = withOil?.kind === 'exact' ? `${own.name} oil` : own.name;
    return { name, amount: own.amount ?? (i === 0 || each ? parts.amount : null), id };
  });
  const ids = new Set(shares.map((s) => s.id));
  return !ids.has(null) && ids.size > 1 ? shares : null;
}

const FILL_FIRST =
  /^(?:then )?(?:fill|top|make)(?: (?:up|off|it|the|rest|bottle|remainder|of|to|spray|with))*\s+(?:with|using)\s+(.+?)(?: to (?:the )?(?:top|fill|neck))?$/i;
const FILL_LAST = /^(.+?),?\s+(?:to|until)\s+(?:fill(?:ed)?|top up|full|make up)(?:\s+.*)?$/i;
const REST_FIRST =
  /^(?:to fill(?: up)?|(?:the )?(?:rest|remainder|balance)(?: of (?:the )?bottle)?)(?: with| of|:)?\s+(.+)$/i;

/** The name in a line that fills up the rest: "top up with water"; null if it is none. */
export const fillLine = (text: string): string | null =>
  (FILL_FIRST.exec(text) ?? REST_FIRST.exec(text) ?? (readAmount(text) ? null : FILL_LAST.exec(text)))?.[1] ?? null;
