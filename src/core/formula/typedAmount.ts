import type { Amount } from '../quantity/amount';
import { readAmount } from './reader/readAmount';

/**
 * An amount read from what is typed; null if it is none, or something stands behind it. A bare number keeps
 * the unit of the amount that stands.
 */
export function typedAmount(text: string, like: Amount): Amount | null {
  if (/^\s*(?:to fill|fill|rest|the rest)\s*$/i.test(text)) return { kind: 'to-fill' };
  const read = readAmount(text);
  if (read?.rest.trim() === '') return read.amount;
  const bare = /[a-z%]/i.test(text.replace(/\bto\b/i, '')) ? null : readAmount(`${text} mL`);
  if (bare?.rest.trim() !== '' || bare.amount.kind !== 'volume') return null;
  const { value } = bare.amount;
  if (like.kind === 'to-fill') return null;
  return like.kind === 'vague' ? { kind: 'volume', value, unit: 'mL' } : { ...like, value };
}
