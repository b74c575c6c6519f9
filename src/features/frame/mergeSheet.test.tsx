import { fireEvent, screen } from '@testing-library/react-native';
import { Text } from 'react-native';
import type { Formula, PantryItem } from '@/core';
import { useKeepFormula, useKeepRecord } from '@/data';
import { demoHome } from '@/data/demo/demoHome';
import { renderIn, settle } from '@/testing/renderIn';
import { MergeSheet } from './MergeSheet';

const home = demoHome(new Date('2026-11-24T08:00:00Z'));
const base: Formula = { ...home.formulas[0]!, how: 'first' };
const bottle: PantryItem = { id: 'white-vinegar', left: { value: 900, unit: 'mL' }, pack: null };
const withLeft = (value: number): PantryItem => ({ ...bottle, left: { value, unit: 'mL' } });

/** A screen of this tab that keeps what it began from the base. */
function Keeper({ mine, isDanger = () => false }: { mine: Formula; isDanger?: (together: Formula) => boolean }) {
  const keep = useKeepFormula();
  const keepBottle = useKeepRecord('pantry');
  return (
    <>
      <Text onPress={() => keep.mutate({ base, mine, accepts: (f) => !isDanger(f) })}>keep formula</Text>
      <Text onPress={() => keepBottle.mutate({ base: bottle, mine: withLeft(400) })}>keep bottle</Text>
      <Text>{keep.isSuccess || keepBottle.isSuccess ? 'kept' : keep.isError ? 'left open' : 'open'}</Text>
      <MergeSheet />
    </>
  );
}

const start = { ...home, formulas: [base], earlier: [], pantry: [bottle] };

/** This tab has `mine`; the other has written `theirs` meanwhile; then this one keeps. */
async function meet(mine: Formula, theirs: Formula, isDanger?: (together: Formula) => boolean) {
  const view = await renderIn(<Keeper mine={mine} {...(isDanger ? { isDanger } : {})} />, start);
  await view.store.put([{ collection: 'formula', value: theirs }]);
  fireEvent.press(screen.getByText('keep formula'));
  // What asks is not done until it is answered.
  await screen.findByText(/^kept$|^Changed in another tab$/);
  return view.store;
}

test('what was changed in one of two tabs alone is brought together without a question', async () => {
  const store = await meet({ ...base, name: 'Here' }, { ...base, how: 'there' });
  expect(screen.getByText('kept')).toBeTruthy();
  expect(await store.all('formula')).toEqual([{ ...base, name: 'Here', how: 'there' }]);
  expect((await store.all('earlier')).map((e) => e.formula)).toEqual([{ ...base, how: 'there' }]);
});

describe('the same changed in both', () => {
  const mine: Formula = { ...base, name: 'Here' };
  const theirs: Formula = { ...base, name: 'There', how: 'there' };

  test('is shown from both sides, without what is the same', async () => {
    await meet(mine, theirs);
    expect(screen.getByTestId('theirs')).toHaveTextContent(/There/);
    expect(screen.getByTestId('mine')).toHaveTextContent(/Here/);
    expect(screen.getByTestId('mine')).not.toHaveTextContent(/there/);
  });

  test.each([
    ['keep-mine', 'Here', 'There'],
    ['keep-theirs', 'There', 'Here'],
  ])('%s: the other stays among the earlier forms, and what was changed once is kept', async (press, kept, gone) => {
    const store = await meet(mine, theirs);
    fireEvent.press(screen.getByTestId(press));
    await settle();
    expect(screen.getByText('kept')).toBeTruthy();
    expect(await store.all('formula')).toMatchObject([{ name: kept, how: 'there' }]);
    expect((await store.all('earlier')).map((e) => e.formula.name)).toContain(gone);
  });

  test('closed without an answer, writes nothing', async () => {
    const store = await meet(mine, theirs);
    fireEvent.press(screen.getByText('Close'));
    await settle();
    expect(screen.getByText('left open')).toBeTruthy();
    expect(await store.all('formula')).toEqual([theirs]);
  });
});

test('two changes that together are a danger are not brought together', async () => {
  const line = (id: string, ingredient: string): Formula['lines'][number] => ({
    id,
    ingredient: { kind: 'known', id: ingredient },
    amount: { kind: 'parts', value: { low: 1, high: 1 } },
  });
  const has = (f: Formula, id: string): boolean => f.lines.some((l) => l.id === id);
  const store = await meet(
    { ...base, lines: [...base.lines, line('x', 'bleach')] },
    { ...base, lines: [...base.lines, line('y', 'ammonia')] },
    (f) => has(f, 'x') && has(f, 'y'),
  );
  expect(screen.getByText(/Both changes together would be a danger/)).toBeTruthy();
  fireEvent.press(screen.getByTestId('keep-mine'));
  await settle();
  const [kept] = await store.all('formula');
  expect(kept && [has(kept, 'x'), has(kept, 'y')]).toEqual([true, false]);
});

test('what was removed in the other tab is kept or left removed, as the person says', async () => {
  for (const [press, left] of [
    ['keep-mine', [withLeft(400)]],
    ['keep-theirs', []],
  ] as const) {
    const { store, unmount } = await renderIn(<Keeper mine={base} />, start);
    await store.remove('pantry', bottle.id);
    fireEvent.press(screen.getByText('keep bottle'));
    expect(await screen.findByText(/was removed in another tab while you changed it here/)).toBeTruthy();
    fireEvent.press(screen.getByTestId(press));
    await settle();
    expect(await store.all('pantry')).toEqual(left);
    unmount();
  }
});
