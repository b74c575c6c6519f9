import { useMemo, useState, type ReactNode } from 'react';
import { Choice } from './Choice';
import { Field } from './Field';
import { Section } from './Screen';
import { Sheet } from './Sheet';
import { Body, Heading } from './Text';
import { useSearch } from './useSearch';

interface Named {
  readonly id: string;
  readonly name: string;
  readonly names: readonly string[];
}

interface Props<T extends Named> {
  readonly title: string;
  readonly all: readonly T[];
  readonly open: boolean;
  readonly chosen: string;
  readonly onClose: () => void;
  readonly onChoose: (id: string) => void;
  /** What a phrase means among them: it stands first. */
  readonly meant?: (text: string) => readonly T[];
  /** Under which heading each stands while nothing is typed. */
  readonly groupOf?: (one: T) => string;
  /** What else speaks of what is typed. */
  readonly beside?: (typed: string) => ReactNode;
}

const EVERYTHING = '';

/** Each name on a line of its own: what is typed is found within one. */
const namesOf = (one: Named): string => [one.name, ...one.names].join('\n');

/** A long list under headings, narrowed by typing any name people use. */
export function Picker<T extends Named>({
  title,
  all,
  open,
  chosen,
  onClose,
  onChoose,
  meant,
  groupOf,
  beside,
}: Props<T>) {
  const [typed, setTyped] = useState('');
  const key = typed.trim().toLowerCase();
  const spoken = useSearch(all, namesOf, typed);
  const found = useMemo(
    () => (key === '' || !meant ? spoken : [...new Set([...meant(key), ...spoken])]),
    [key, meant, spoken],
  );
  const grouped = key === '' && groupOf ? groupOf : () => EVERYTHING;
  const groups = [...new Set(found.map(grouped))];
  const choose = (id: string): void => {
    onChoose(id);
    setTyped('');
    onClose();
  };
  return (
    <Sheet title={title} open={open} onClose={onClose}>
      <Field label="Type to find" value={typed} onChangeText={setTyped} placeholder="any name for it" />
      {key !== '' && beside?.(key)}
      {found.length === 0 && <Body>Nothing is called that. Try another word, such as wood, glass or metal.</Body>}
      {key === '' && chosen !== '' && (
        <Choice label="None" options={[{ value: '', label: 'None' }]} chosen={[chosen]} onChoose={choose} />
      )}
      {groups.map((group) => (
        <Section key={group}>
          {group !== EVERYTHING && <Heading>{group}</Heading>}
          <Choice
            label={group === EVERYTHING ? title : group}
            options={found.filter((s) => grouped(s) === group).map((s) => ({ value: s.id, label: s.name }))}
            chosen={[chosen]}
            onChoose={choose}
          />
        </Section>
      ))}
    </Sheet>
  );
}
