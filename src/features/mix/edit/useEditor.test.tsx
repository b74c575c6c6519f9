import { act } from '@testing-library/react-native';
import type { Amount, Formula } from '@/core';
import { passTime, stopTime } from '@/testing/passTime';
import { renderIn, settle } from '@/testing/renderIn';
import { useEditor, type Editor } from './useEditor';

const mL = (value: number): Amount => ({ kind: 'volume', value: { low: value, high: value }, unit: 'mL' });
const START: Formula = {
  id: 'own',
  name: 'Own',
  purpose: '',
  never: '',
  use: 'stored',
  measures: 'metric',
  makesML: null,
  lines: [{ id: '1', ingredient: { kind: 'known', id: 'white-vinegar' }, amount: mL(100) }],
};

let names = 0;
/** An editor on a desk of its own, as last drawn. */
async function opened() {
  const name = `edit/of-a-check-${names++}`;
  const drawn: Editor[] = [];
  function Probe() {
    drawn.push(useEditor(name, START));
    return null;
  }
  const view = await renderIn(<Probe />);
  return { ...view, name, editor: () => drawn.at(-1)! };
}
const amountIn = (formula: Formula | undefined): Amount | undefined => formula?.lines[0]?.amount;

afterEach(() => jest.useRealTimers());

test('a key is told at once, kept before it is drawn, and drawn a moment later', async () => {
  const { editor, name, store, unmount } = await opened();
  const told: (Amount | undefined)[] = [];
  editor().subscribe(() => told.push(amountIn(editor().current())));
  act(() => editor().amount('1', '2 mL', mL(2)));
  expect(told).toEqual([mL(2)]);
  expect(amountIn(editor().history.formula)).toEqual(mL(100));
  // Left before it was drawn: nothing is lost.
  unmount();
  await settle();
  expect((await store.drafts.read(name)).value).toMatchObject({ formula: { lines: [{ amount: mL(2) }] } });
});

test('keys in a row: the last one stands, on the desk and in what is drawn', async () => {
  const { editor } = await opened();
  // The second comes while the first is on its way to the screen, and must not be overtaken by it.
  stopTime();
  await act(async () => {
    editor().amount('1', '2 mL', mL(2));
    await jest.advanceTimersByTimeAsync(60);
    editor().amount('1', '25 mL', mL(25));
  });
  await passTime(200);
  expect(amountIn(editor().current())).toEqual(mL(25));
  expect(amountIn(editor().history.formula)).toEqual(mL(25));
  // Typed on in one place, it is one step back.
  act(() => editor().undo());
  expect(amountIn(editor().history.formula)).toEqual(mL(100));
});

test('a field that is left is drawn at once', async () => {
  const { editor } = await opened();
  act(() => editor().amount('1', '2 mL', mL(2)));
  act(() => editor().catchUp());
  expect(amountIn(editor().history.formula)).toEqual(mL(2));
});

test('another change takes what was typed along, and nothing comes after it', async () => {
  const { editor } = await opened();
  stopTime();
  act(() => editor().amount('1', '2 mL', mL(2)));
  act(() => editor().change((f) => ({ ...f, name: 'Renamed' }), 'name'));
  expect(editor().history.formula).toMatchObject({ name: 'Renamed', lines: [{ amount: mL(2) }] });
  act(() => editor().undo());
  await passTime(200);
  expect(editor().history.formula).toMatchObject({ name: 'Own', lines: [{ amount: mL(2) }] });
});

test('finished, it is not kept after all', async () => {
  const { editor, name, store } = await opened();
  stopTime();
  act(() => editor().amount('1', '2 mL', mL(2)));
  act(() => editor().clear());
  await passTime(400);
  expect((await store.drafts.read(name)).value).toBeNull();
});

test('what cannot be read is kept as typed, and the amount of before counts', async () => {
  const { editor } = await opened();
  act(() => editor().amount('1', '2 cu', null));
  act(() => editor().catchUp());
  expect(editor().history.typed).toEqual({ '1': '2 cu' });
  expect(amountIn(editor().current())).toEqual(mL(100));
});
