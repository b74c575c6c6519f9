import { memo, useState } from 'react';
import { classId, PLACE_CLASSES, SOILS, SURFACES, type MadeFor, type SurfacePlaceId } from '@/core';
import { Action, Choice, Heading, Picker, Section, SecondaryText, SURFACE_GROUP_WORDS } from '@/ui';

interface Place {
  readonly id: SurfacePlaceId;
  readonly name: string;
  readonly names: readonly string[];
  readonly group: string;
}

const CLASSES = 'Whole classes';
const PLACES: readonly Place[] = [
  ...PLACE_CLASSES.map((c) => ({
    id: classId(c),
    name: `All: ${SURFACE_GROUP_WORDS[c].toLowerCase()}`,
    names: [],
    group: CLASSES,
  })),
  ...SURFACES.map((s) => ({ id: s.id, name: s.name, names: s.names, group: SURFACE_GROUP_WORDS[s.group] })),
];

interface Named {
  readonly id: string;
  readonly name: string;
  readonly names: readonly string[];
}

interface ListProps<T extends Named> {
  readonly label: string;
  readonly add: string;
  readonly all: readonly T[];
  readonly chosen: readonly string[];
  readonly groupOf?: (one: T) => string;
  readonly onChange: (ids: readonly string[]) => void;
  readonly testID: string;
}

/** What is chosen, each taken off by a press, and one more from the list. */
function Chosen<T extends Named>({ label, add, all, chosen, groupOf, onChange, testID }: ListProps<T>) {
  const [picking, setPicking] = useState(false);
  const nameOf = (id: string): string => all.find((one) => one.id === id)?.name ?? id;
  return (
    <Section>
      {chosen.length > 0 && (
        <Choice
          label={label}
          several
          options={chosen.map((id) => ({ value: id, label: nameOf(id) }))}
          chosen={chosen}
          onChoose={(id) => onChange(chosen.filter((one) => one !== id))}
        />
      )}
      <Action title={add} onPress={() => setPicking(true)} testID={testID} />
      <Picker
        title={label}
        all={all}
        open={picking}
        chosen=""
        onClose={() => setPicking(false)}
        onChoose={(id) => onChange(chosen.includes(id) ? chosen : [...chosen, id])}
        {...(groupOf ? { groupOf } : {})}
      />
    </Section>
  );
}

interface Props {
  readonly madeFor: MadeFor | null;
  readonly keepOff: readonly SurfacePlaceId[];
  readonly onMadeFor: (madeFor: MadeFor) => void;
  readonly onKeepOff: (keepOff: readonly SurfacePlaceId[]) => void;
}

const NOTHING: MadeFor = { surfaces: [], soils: [] };

/** Where it goes and where it never does, by choosing: what is offered for a surface goes by it. */
export const Places = memo(function Places({ madeFor, keepOff, onMadeFor, onKeepOff }: Props) {
  const [open, setOpen] = useState(false);
  const made = madeFor ?? NOTHING;
  return (
    <Section>
      <Action
        title={open ? 'Less about where it goes' : 'Where it goes, and where it never does'}
        weight="quiet"
        onPress={() => setOpen(!open)}
        testID="places"
      />
      {open && (
        <>
          <Heading>Made for</Heading>
          <SecondaryText>What it is made for goes before what merely fits.</SecondaryText>
          <Chosen
            label="Made for these surfaces"
            add="Add a surface"
            all={PLACES}
            chosen={made.surfaces}
            groupOf={(p) => p.group}
            onChange={(surfaces) => onMadeFor({ ...made, surfaces })}
            testID="add-made-for"
          />
          <Chosen
            label="Made against"
            add="Add what it lifts"
            all={SOILS}
            chosen={made.soils}
            onChange={(soils) => onMadeFor({ ...made, soils })}
            testID="add-made-against"
          />
          <Heading>Kept off</Heading>
          <SecondaryText>It is never offered for these.</SecondaryText>
          <Chosen
            label="Kept off these surfaces"
            add="Add what to keep it off"
            all={PLACES}
            chosen={keepOff}
            groupOf={(p) => p.group}
            onChange={onKeepOff}
            testID="add-keep-off"
          />
        </>
      )}
    </Section>
  );
});
