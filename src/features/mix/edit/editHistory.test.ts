import { STARTER_FORMULAS, type Formula } from '@/core';
import { editHistory, isEditHistory, redo, undo, withEdit, withTyped } from './editHistory';

const starter = (id: string): Formula => STARTER_FORMULAS.find((f) => f.id === `starter-${id}`)!;

describe('the desk', () => {
  const a = starter('wall');
  const named = (name: string): Formula => ({ ...a, name });

  test('typing on in one place is one step back; another place is another', () => {
    let history = editHistory(a);
    history = withEdit(history, named('W'), 'name');
    history = withEdit(history, named('Wa'), 'name');
    history = withEdit(history, { ...named('Wa'), purpose: 'p' }, 'purpose');
    expect(undo(history).formula.name).toBe('Wa');
    expect(undo(undo(history)).formula).toBe(a);
    expect(redo(undo(history)).formula.purpose).toBe('p');
    expect(undo(editHistory(a))).toEqual(editHistory(a));
  });

  test('a change after a step back ends what was ahead', () => {
    const history = withEdit(undo(withEdit(editHistory(a), named('x'), null)), named('y'), null);
    expect(redo(history)).toBe(history);
  });

  test('what is typed and cannot be read yet is kept, and survives as data', () => {
    const history = withTyped(editHistory(a), '1', '1 cu');
    expect(isEditHistory(JSON.parse(JSON.stringify(history)))).toBe(true);
    expect(withTyped(history, '1', null).typed).toEqual({});
    expect(isEditHistory({ formula: null, past: 1 })).toBe(false);
  });
});
