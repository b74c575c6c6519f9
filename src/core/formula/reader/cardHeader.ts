import { SUBSTANCES } from '../../catalogue/substances';
import { statedML, type PercentBasis } from '../../quantity/amount';
import { midpoint } from '../../quantity/range';
import { MEASURE_SYSTEMS, type MeasureSystem } from '../../quantity/units';
import type { Content } from '../../catalogue/ingredient';
import { MAX_ML, type IngredientRef } from '../formula';
import { FORMULA_KINDS, USE_FORMS, type FormulaKind, type UseForm } from '../use';
import { readAmount } from './readAmount';
import type { CardHeader } from './reading';

const HEADER = /^(name|for|never on|how|use|makes|measures|contains)\s*:\s*(.+)$/i;

/** The way of use and the kind: header lines only with one of their own values. */
const FORM = new RegExp(`^way\\s*:\\s*(${USE_FORMS.join('|')})\\s*$`, 'i');
const KIND = new RegExp(`^kind\\s*:\\s*(${FORMULA_KINDS.join('|')})\\s*$`, 'i');

/** True if a line is one of a card's header lines. */
export const isHeader = (text: string): boolean => HEADER.test(text) || FORM.test(text) || KIND.test(text);

/** What a header line says; null if it is none, or says nothing that can be used. */
export function readHeader(text: string, measures: MeasureSystem): CardHeader | null {
  const form = FORM.exec(text)?.[1]?.toLowerCase();
  if (form) return { form: form as UseForm };
  const kind = KIND.exec(text)?.[1]?.toLowerCase();
  if (kind) return { kind: kind as FormulaKind };
  const match = HEADER.exec(text);
  const field = match?.[1]?.toLowerCase();
  const value = match?.[2]?.trim() ?? '';
  if (field === 'name') return { name: value };
  if (field === 'for') return { purpose: value };
  if (field === 'never on') return { never: value };
  if (field === 'how') return { how: value };
  if (field === 'measures') {
    const system = MEASURE_SYSTEMS.find((m) => m === value.toLowerCase());
    return system ? { measures: system } : null;
  }
  if (field === 'contains') {
    const own = readContents(value);
    return own && { own: [own] };
  }
  if (field === 'use')
    return /^(?:at once|fresh)/i.test(value)
      ? { use: 'fresh' }
      : /^(?:kept|stored|keep)/i.test(value)
        ? { use: 'stored' }
        : null;
  if (field === 'makes') {
    const found = readAmount(value);
    const amount = found?.rest.trim() === '' ? found.amount : null;
    const volume = amount?.kind === 'volume' ? statedML(amount, measures, 1) : null;
    if (volume && volume.high > 0 && volume.high <= MAX_ML) return { makesML: midpoint(volume) };
  }
  return null;
}

const CONTENT = /^([a-z0-9-]+) ([\d.]+) % (w\/w|w\/v|v\/v) ([\d.]+) to ([\d.]+)$/;

function readContent(text: string): Content | null {
  const match = CONTENT.exec(text);
  const known = SUBSTANCES.find((s) => s.id === match?.[1]);
  if (!match || !known) return null;
  return {
    substance: known.id,
    percent: Number(match[2]),
    low: Number(match[4]),
    high: Number(match[5]),
    basis: match[3] as PercentBasis,
  };
}

/** "my cleaner | liquid | 1.02 g/mL | acetic-acid 5 % w/v 4 to 6": an ingredient of one's own, as a card says it. */
function readContents(text: string): (IngredientRef & { kind: 'own' }) | null {
  const [name = '', form = '', density = '', contents = ''] = text.split('|').map((t) => t.trim());
  const densityGPerML = Number(density.replace(/ g\/mL$/, ''));
  if (name === '' || !(densityGPerML > 0)) return null;
  if (form !== 'liquid' && form !== 'powder' && form !== 'oil') return null;
  const read = contents
    .split(';')
    .map((c) => c.trim())
    .filter((c) => c !== '')
    .map(readContent);
  const known = read.filter((c) => c !== null);
  if (known.length < read.length) return null;
  return { kind: 'own', id: `own:${name.toLowerCase()}`, name, form, densityGPerML, contents: known };
}
