import { readAmount } from './readAmount';
import type { CardHeader } from './reading';

const HEADER = /^(name|for|never on|use|makes|measures)\s*:\s*(.+)$/i;

/** True if a line is one of a card's header lines. */
export const isHeader = (text: string): boolean => HEADER.test(text);

/** What a header line says; null if it is none, or says nothing that can be used. */
export function readHeader(text: string): CardHeader | null {
  const match = HEADER.exec(text);
  const field = match?.[1]?.toLowerCase();
  const value = match?.[2]?.trim() ?? '';
  if (field === 'name') return { name: value };
  if (field === 'for') return { purpose: value };
  if (field === 'never on') return { never: value };
  if (field === 'use')
    return /^(?:at once|fresh)/i.test(value)
      ? { use: 'fresh' }
      : /^(?:kept|stored|keep)/i.test(value)
        ? { use: 'stored' }
        : null;
  if (field === 'makes') {
    const amount = readAmount(value)?.amount;
    if (amount?.kind === 'volume' && (amount.unit === 'mL' || amount.unit === 'L')) {
      return { makesML: amount.value.high * (amount.unit === 'L' ? 1000 : 1) };
    }
  }
  return null;
}
