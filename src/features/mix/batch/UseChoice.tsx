import { memo } from 'react';
import type { FormulaUse } from '@/core';
import { Choice, Heading, Section } from '@/ui';

/** Whether a mixture is kept in its closed bottle or made, used open and poured away: the verdict turns on it. */
export const UseChoice = memo(function UseChoice({
  use,
  onChange,
}: {
  use: FormulaUse;
  onChange: (use: FormulaUse) => void;
}) {
  return (
    <Section>
      <Heading>Kept, or used at once?</Heading>
      <Choice
        label="Kept or used at once"
        options={[
          { value: 'stored', label: 'Kept in its bottle' },
          { value: 'fresh', label: 'Used at once, open' },
        ]}
        chosen={[use]}
        onChoose={onChange}
      />
    </Section>
  );
});
