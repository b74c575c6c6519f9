import { useCallback, useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { resolveIngredient, type FoundIngredient } from '@/core';
import { Heading, SPACE, useNotice } from '@/ui';
import { FormChoice } from '../batch/FormChoice';
import { UseChoice } from '../batch/UseChoice';
import { AddLine } from './AddLine';
import { MakesField, NamedField, Steps, Words } from './editorParts';
import { LineEditor, type LineActions } from './LineEditor';
import { Sortable } from './Sortable';
import { Places } from './Places';
import type { FieldActions } from './useDesk';
import type { Editor } from './useEditor';

/** What is asked about a line in a sheet of its own. */
export interface LineSheet {
  readonly of: 'swap' | 'what-if';
  readonly lineId: string;
}

const NOWHERE: readonly never[] = [];

interface FieldsProps {
  readonly editor: Editor;
  readonly actions: FieldActions;
  /** True where the amounts leave open how much they make. */
  readonly assumedBatch: boolean;
  readonly onSheet: (sheet: LineSheet) => void;
}

/** The formula as it is written: its name, its lines, its use and its words. */
export function FormulaFields({ editor, actions, assumedBatch, onSheet }: FieldsProps) {
  const { history } = editor;
  const { formula } = history;
  const [focus, setFocus] = useState<string | null>(null);
  const { latest } = actions;
  const addIngredient = useCallback(
    (ingredient: FoundIngredient) => setFocus(latest.current.addIngredient(ingredient)),
    [latest],
  );
  return (
    <View style={styles.column}>
      <NamedField
        name="name"
        label="Name"
        value={formula.name}
        most={80}
        onChange={actions.setField}
        placeholder="for example Galley spray"
      />
      <View>
        <View style={styles.goesIn}>
          <Heading style={styles.grow}>What goes in</Heading>
          <Steps
            back={history.past.length > 0}
            ahead={history.future.length > 0}
            onBack={actions.undo}
            onAhead={actions.redo}
          />
        </View>
        <Lines editor={editor} actions={actions} focus={focus} onSheet={onSheet} />
      </View>
      <AddLine measures={formula.measures} onLines={actions.addLines} onIngredient={addIngredient} />
      {(assumedBatch || formula.makesML !== null) && (
        <MakesField makesML={formula.makesML} onChange={actions.setMakes} />
      )}
      <UseChoice use={formula.use} onChange={actions.setUse} />
      <FormChoice
        form={formula.form ?? null}
        kind={formula.kind ?? 'surface'}
        onForm={actions.setForm}
        onKind={actions.setKind}
      />
      <Places
        madeFor={formula.madeFor ?? null}
        keepOff={formula.keepOff ?? NOWHERE}
        onMadeFor={actions.setMadeFor}
        onKeepOff={actions.setKeepOff}
      />
      <Words purpose={formula.purpose} never={formula.never} how={formula.how ?? ''} onChange={actions.setField} />
    </View>
  );
}

type LinesProps = Omit<FieldsProps, 'assumedBatch'> & { readonly focus: string | null };

/** The lines, one of which may be open. */
function Lines({ editor: { history }, actions: { latest }, focus, onSheet }: LinesProps) {
  const say = useNotice();
  const [open, setOpen] = useState<string | null>(null);
  const { formula } = history;
  const lineActions = useMemo(
    (): LineActions => ({
      onAmount: (id, text, amount) => latest.current.amount(id, text, amount),
      onLeave: () => latest.current.catchUp(),
      onStrength: (id, percent) => latest.current.strength(id, percent),
      onIngredient: (lineId) => onSheet({ of: 'swap', lineId }),
      onMove: (id, by) => latest.current.move(id, by),
      onRemove: (id) => {
        latest.current.remove(id);
        say({ text: 'The line was removed.', undo: () => latest.current.undo() });
      },
      onWhatIf: (lineId) => onSheet({ of: 'what-if', lineId }),
    }),
    [latest, onSheet, say],
  );
  const ids = formula.lines.map((l) => l.id).join('\n');
  const sorted = useMemo(() => (ids === '' ? [] : ids.split('\n')), [ids]);
  const nameOf = useCallback(
    (id: string) => {
      const line = latest.current.current().lines.find((l) => l.id === id);
      return line ? resolveIngredient(line.ingredient).name : '';
    },
    [latest],
  );
  return (
    <Sortable ids={sorted} nameOf={nameOf} onMove={lineActions.onMove}>
      <View role="list" testID="lines">
        {formula.lines.map((line, place) => (
          <LineEditor
            key={line.id}
            line={line}
            typed={history.typed[line.id] ?? null}
            place={place}
            count={formula.lines.length}
            open={open === line.id}
            onOpen={setOpen}
            focus={focus === line.id}
            revision={history.revision ?? 0}
            actions={lineActions}
          />
        ))}
      </View>
    </Sortable>
  );
}

const styles = StyleSheet.create({
  goesIn: { flexDirection: 'row', alignItems: 'center', gap: SPACE.s, paddingBottom: SPACE.s },
  grow: { flex: 1 },
  column: { gap: SPACE.l },
});
