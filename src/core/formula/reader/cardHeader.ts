import { isPlaceId } from '../../catalogue/placeIds';
import { SOILS } from '../../catalogue/soils';
import { SUBSTANCES } from '../../catalogue/substances';
import { statedML, type PercentBasis } from '../../quantity/amount';
import { midpoint } from '../../quantity/range';
import { MEASURE_SYSTEMS, type MeasureSystem } from '../../quantity/units';
import { PICTOGRAMS, SIGNAL_WORDS, type Content } from '../../catalogue/ingredient';
import { MAX_ML, type IngredientRef, type OwnIngredient } from '../formula';
import { FORMULA_KINDS, type FormulaKind } from '../use';
import { USE_FORMS, type UseForm } from '../../catalogue/useForms';
import { readAmount } from './readAmount';
import type { CardHeader } from './reading';

const HEADER = /^(name|for|never on|how|use|makes|measures|contains)\s*:\s*(.+)$/i;

/** The way of use and the kind: header lines only with one of their own values. */
const FORM = new RegExp(`^way\\s*:\\s*(${USE_FORMS.join('|')})\\s*$`, 'i');
const KIND = new RegExp(`^kind\\s*:\\s*(${FORMULA_KINDS.join('|')})\\s*$`, 'i');

/** Where it goes and where it does not, by ids: header lines only with known ones. */
const MADE_FOR = /^made for\s*:\s*([a-z0-9:, -]*)\|([a-z0-9, -]*)$/i;
const KEPT_OFF = /^kept off\s*:\s*([a-z0-9:, -]+)$/i;
const listed = (text: string | undefined): string[] =>
  (text ?? '')
    .toLowerCase()
    .split(',')
    .map((id) => id.trim())
    .filter((id) => id !== '' && id !== 'none');

function placesOf(text: string): CardHeader | null {
  const [, surfaces, soils] = MADE_FOR.exec(text) ?? [];
  if (surfaces !== undefined && soils !== undefined) {
    const madeFor = { surfaces: listed(surfaces), soils: listed(soils) };
    return madeFor.surfaces.every(isPlaceId) && madeFor.soils.every(isSoilId) ? { madeFor } : null;
  }
  const off = KEPT_OFF.exec(text)?.[1];
  const keepOff = off === undefined ? null : listed(off);
  return keepOff?.every(isPlaceId) ? { keepOff } : null;
}

const isSoilId = (id: string): boolean => SOILS.some((s) => s.id === id);

/** True if a line is one of a card's header lines. */
export const isHeader = (text: string): boolean =>
  HEADER.test(text) || FORM.test(text) || KIND.test(text) || placesOf(text) !== null;

/** What a header line says; null if it is none, or says nothing that can be used. */
export function readHeader(text: string, measures: MeasureSystem): CardHeader | null {
  const form = FORM.exec(text)?.[1]?.toLowerCase();
  if (form) return { form: form as UseForm };
  const kind = KIND.exec(text)?.[1]?.toLowerCase();
  if (kind) return { kind: kind as FormulaKind };
  const places = placesOf(text);
  if (places) return places;
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

/** What a card says of an own ingredient after its contents: "not known: X", "bought", "label: danger corrosive". */
function readMore(facts: readonly string[]): Partial<OwnIngredient> {
  const unknown = facts.flatMap((f) => /^not known: (.+)$/.exec(f)?.[1] ?? []);
  const [signalWord = '', ...pictograms] = (facts.flatMap((f) => /^label: (.+)$/.exec(f)?.[1] ?? [])[0] ?? '').split(
    ' ',
  );
  const warning = {
    signalWord: SIGNAL_WORDS.find((w) => w === signalWord) ?? null,
    pictograms: PICTOGRAMS.filter((p) => pictograms.includes(p)),
  };
  return {
    ...(unknown.length > 0 ? { unknown } : {}),
    ...(facts.includes('bought') ? { bought: true } : {}),
    ...(signalWord === '' ? {} : { warning }),
  };
}

/** "my cleaner | liquid | 1.02 g/mL | acetic-acid 5 % w/v 4 to 6": an ingredient of one's own, as a card says it. */
function readContents(text: string): (IngredientRef & { kind: 'own' }) | null {
  const [name = '', form = '', density = '', contents = '', ...more] = text.split('|').map((t) => t.trim());
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
  return {
    kind: 'own',
    id: `own:${name.toLowerCase()}`,
    name,
    form,
    densityGPerML,
    contents: known,
    ...readMore(more),
  };
}
