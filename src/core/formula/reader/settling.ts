import { statedML, type Amount } from '../../quantity/amount';
import { midpoint } from '../../quantity/range';
import type { Element } from './element';
import type { ReadOptions } from './reading';
import type { Token } from './tokens';
import { firstAmount, type ReadUnit } from './units';

/** Shares of the whole come to about 100 together; a lone percentage beside a name is a strength. */
export function settlePercentages(units: readonly ReadUnit[], isCard: boolean): void {
  const pairs = units.flatMap((u) => u.paired.pairs);
  const shares = pairs.filter((p) => p.strength && p.amount === null);
  const sum = shares.reduce((total, p) => total + (p.strength?.percent.high ?? 0), 0);
  const fills = pairs.some((p) => p.amount?.kind === 'to-fill');
  if (shares.length === 0 || !(isCard || fills || (sum > 85 && sum < 115))) return;
  for (const p of shares) {
    if (!p.strength) continue;
    p.amount = { kind: 'percent', value: p.strength.percent, basis: p.strength.basis ?? 'v/v' };
    p.asksAmount ||= p.strength.asks;
    delete p.strength;
  }
}

/** "1/3 vinegar, 1/3 alcohol, 1/3 water": fractions of the whole are parts of it. */
export function settleFractions(units: readonly ReadUnit[]): void {
  const bare = units.flatMap((u) => u.paired.pairs).filter((p) => p.bare !== undefined);
  const values = bare.map((p) => p.bare?.high ?? 0);
  const sum = values.reduce((a, b) => a + b, 0);
  const least = Math.min(...values);
  if (bare.length < 2 || sum < 0.97 || sum > 1.03 || !(least > 0)) return;
  const whole = values.every((v) => Math.abs(v / least - Math.round(v / least)) < 0.02);
  for (const p of bare) {
    const share = (p.bare?.high ?? 0) / (whole ? least : sum / 12);
    const rounded = whole ? Math.round(share) : Number(share.toFixed(3));
    p.amount = { kind: 'parts', value: { low: rounded, high: rounded } };
    p.asksAmount = false;
  }
}

/** mL that a sentence says it comes to: "water to 500 mL", "Makes 2 cups". */
export function makesOf(unit: ReadUnit, options: ReadOptions): number | undefined {
  const inML = (amount: Amount | null | undefined): number | undefined => {
    const volume = amount?.kind === 'volume' ? statedML(amount, options.measures, 1) : null;
    return volume && volume.high > 0 ? midpoint(volume) : undefined;
  };
  if (unit.paired.makesML) return inML(unit.paired.makesML.amount);
  const words = unit.tokens.filter((t) => t.kind === 'word');
  const first = words[0]?.text ?? '';
  if (unit.paired.pairs.length === 0 && /^(?:makes|yields?)$/.test(first)) return inML(firstAmount(unit.elements));
  return inBrackets(unit.elements, unit.tokens, inML);
}

/** "(makes 4 litres)" behind a title. */
function inBrackets(
  elements: readonly Element[],
  tokens: readonly Token[],
  inML: (a: Amount | null) => number | undefined,
): number | undefined {
  for (const e of elements) {
    if (e.kind !== 'bracket') continue;
    if (/^(?:makes|yields?)$/.test(tokens[e.from + 1]?.text ?? '')) return inML(firstAmount(e.inner));
  }
  return undefined;
}
