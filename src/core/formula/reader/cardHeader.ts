import { statedML } from '../../quantity/amount';
import { middleOf } from '../../quantity/span';
import type { MeasureSystem } from '../../quantity/units';
import { readAmount } from './readAmount';
import type { CardHeader } from './reading';

const HEADER = /^(name|for|never on|use|makes|measures)\s*:\s*(.+)$/i;

/** True if a line is one of a card's header lines. */
export const isHeader = (text: string): boolean => HEADER.test(text);

/** What a header line says; null if it is none, or says nothing that can be used. */
export function readHeader(text: string, measures: MeasureSystem): CardHeader | null {
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
    const volume = amount?.kind === 'volume' ? statedML(amount, measures, 1) : null;
    if (volume && volume.high > 0) return { makesML: middleOf(volume) };
  }
  return null;
}
