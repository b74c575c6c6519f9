import { pantryItemSchema, validate, type OwnIngredient, type PantryItem, type Result, type StockUnit } from '@/core';
import {
  describedBy,
  labelText,
  readLabel,
  withAnswers,
  type LabelPart,
  type PartAnswer,
  type Pictogram,
  type SignalWord,
} from '@/core/doors/label';
import { typedNumberIn } from '@/devices';

/** A label as far as it has been typed. */
export interface OwnDraft {
  readonly name: string;
  readonly form: OwnIngredient['form'];
  readonly bought: boolean;
  /** What stands on it, as it was typed or pasted. */
  readonly label: string;
  /** What was answered about it, by the words that stand there. */
  readonly answers: Readonly<Record<string, PartAnswer>>;
  readonly signalWord: SignalWord | null;
  readonly pictograms: readonly Pictogram[];
  readonly density: string;
  readonly unit: StockUnit;
  readonly left: string;
  readonly price: string;
  readonly size: string;
}

export const isOwnDraft = (value: unknown): value is OwnDraft =>
  typeof value === 'object' && value !== null && 'label' in value && 'answers' in value && 'pictograms' in value;

export const newDraft = (name: string, bought: boolean): OwnDraft => ({
  name,
  form: 'liquid',
  bought,
  label: '',
  answers: {},
  signalWord: null,
  pictograms: [],
  density: '',
  unit: 'mL',
  left: '',
  price: '',
  size: '',
});

/** What is kept, as it would be typed. */
export function draftOf({ own, left, pack }: PantryItem & { readonly own: OwnIngredient }): OwnDraft {
  return {
    ...newDraft(own.name, own.bought ?? false),
    form: own.form,
    label: labelText(own),
    signalWord: own.warning?.signalWord ?? null,
    pictograms: own.warning?.pictograms ?? [],
    density: own.densityGPerML === USUAL_DENSITY[own.form] ? '' : String(own.densityGPerML),
    unit: left?.unit ?? pack?.unit ?? (own.form === 'powder' ? 'g' : 'mL'),
    left: left ? String(left.value) : '',
    price: pack?.price === undefined || pack.price === null ? '' : String(pack.price),
    size: pack ? String(pack.value) : '',
  };
}

/** What a mL weighs where nobody says, g: water, a loose powder, an oil (common practice, no source). */
const USUAL_DENSITY: Readonly<Record<OwnIngredient['form'], number>> = { liquid: 1, powder: 0.9, oil: 0.9 };

/** What the label says, with what was answered. */
export const partsOf = ({ label, answers }: OwnDraft): LabelPart[] => withAnswers(readLabel(label), answers);

/**
 * The item of the cupboard that is described; what is not right with it in words.
 * @param base as it is kept, with what nobody types here; null for a new one
 */
export function itemOf(draft: OwnDraft, id: string, base: PantryItem | null): Result<PantryItem> {
  const { unit, left, price, size, signalWord, pictograms } = draft;
  const hasWarning = signalWord !== null || pictograms.length > 0;
  const own = {
    name: draft.name,
    form: draft.form,
    densityGPerML: draft.density.trim() === '' ? USUAL_DENSITY[draft.form] : typedNumberIn(draft.density),
    ...describedBy(partsOf(draft)),
    ...(draft.bought ? { bought: true } : {}),
    ...(hasWarning ? { warning: { signalWord, pictograms } } : {}),
  };
  const hasPack = price.trim() !== '' || size.trim() !== '';
  return validate(pantryItemSchema, {
    ...base,
    id,
    own,
    left: left.trim() === '' ? null : { value: typedNumberIn(left), unit },
    pack: hasPack
      ? { price: price.trim() === '' ? null : typedNumberIn(price), value: typedNumberIn(size), unit }
      : null,
  });
}
