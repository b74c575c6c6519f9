import { memo, useState } from 'react';
import type { FormulaKind, UseForm } from '@/core';
import { Action, Choice, Heading, Section, SecondaryText } from '@/ui';

const FORM_WORDS: Readonly<Record<UseForm, string>> = {
  spray: 'Sprayed',
  cloth: 'On a cloth',
  bucket: 'From a bucket',
  paste: 'As a paste',
  soak: 'As a soak',
  pour: 'Poured',
  strew: 'Strewn dry',
  hand: 'Rubbed in',
  fill: 'Filled in',
  bag: 'In a bag',
  blot: 'Blotted',
  absorb: 'To soak up',
  machine: 'In a machine',
  foil: 'With foil',
  steam: 'Steamed',
  heat: 'Heated',
  cold: 'Frozen off',
  air: 'Into the air',
  pieces: 'In pieces',
  dry: 'Dry',
};

const USUAL_FORMS: readonly UseForm[] = ['spray', 'cloth', 'bucket', 'paste', 'soak', 'strew'];
const ALL_FORMS = Object.keys(FORM_WORDS) as UseForm[];

const KIND_WORDS: Readonly<Record<FormulaKind, string>> = {
  surface: 'A cleaner',
  'hand-soap': 'Hand soap',
  'room-spray': 'Room spray',
  reeds: 'Reed scent',
  'dry-powder': 'Dry powder',
  bowl: 'For the bowl',
};

const KINDS = Object.keys(KIND_WORDS) as FormulaKind[];

interface Props {
  readonly form: UseForm | null;
  readonly kind: FormulaKind;
  readonly onForm: (form: UseForm) => void;
  readonly onKind: (kind: FormulaKind) => void;
}

/** How a mixture gets to where it works, and what kind of thing it is: what is breathed and touched is judged by it. */
export const FormChoice = memo(function FormChoice({ form, kind, onForm, onKind }: Props) {
  const [all, setAll] = useState(false);
  const forms = all || (form !== null && !USUAL_FORMS.includes(form)) ? ALL_FORMS : USUAL_FORMS;
  return (
    <Section>
      <Heading>How is it used?</Heading>
      {form === null && <SecondaryText>Not said: what can be poured counts as sprayed.</SecondaryText>}
      <Choice
        label="How it is used"
        options={forms.map((value) => ({ value, label: FORM_WORDS[value] }))}
        chosen={form === null ? [] : [form]}
        onChoose={onForm}
      />
      {forms === USUAL_FORMS && <Action title="Other ways" weight="quiet" onPress={() => setAll(true)} />}
      <Heading>What is it?</Heading>
      <Choice
        label="What kind of thing it is"
        options={KINDS.map((value) => ({ value, label: KIND_WORDS[value] }))}
        chosen={[kind]}
        onChoose={onKind}
      />
    </Section>
  );
});
