import { fireEvent, screen, waitFor } from '@testing-library/react-native';
import { STARTER_FORMULAS, type Home, type Line } from '@/core';
import { demoHome } from '@/data/demo/demoHome';
import { renderIn, settle } from '@/testing/renderIn';
import { CompareScreen } from '../compare/CompareScreen';
import { EditScreen } from './EditScreen';
import { OwnBottle } from '../bench/OwnBottle';

const mockPush = jest.fn();
jest.mock('expo-router', () => ({ useRouter: () => ({ push: mockPush, replace: mockPush }) }));

beforeEach(() => mockPush.mockClear());

const home = demoHome(new Date('2026-11-24T08:00:00Z'));
const next = () => screen.getByTestId('next-bottle').props.accessibilityState as { disabled: boolean };
const type = (testID: string, text: string): void => fireEvent.changeText(screen.getByTestId(testID), text);
const verdict = (): string => screen.getByTestId('verdict').props['aria-label'] as string;
const add = (text: string): void => {
  type('add-line', text);
  fireEvent.press(screen.getByTestId('add-whole'));
};
const parts = (id: string, ingredient: string, value = 1): Line => ({
  id,
  ingredient: { kind: 'known', id: ingredient },
  amount: { kind: 'parts', value: { low: value, high: value } },
});
/** A home with one formula of these lines, under the id "own". */
const homeWith = (...lines: readonly Line[]): Home => ({
  ...home,
  formulas: [{ ...home.formulas[0]!, id: 'own', name: 'Own', use: 'stored', makesML: null, lines }],
});

describe('composing', () => {
  test('says at each step what is still missing, and keeps what came of it', async () => {
    const { store } = await renderIn(<EditScreen formulaId={null} />);
    expect(screen.getByTestId('no-verdict')).toHaveTextContent(/as soon as something is in it/);
    expect(next()).toMatchObject({ disabled: true });
    add('1 cup vinegar');
    add('1 cup water');
    expect(screen.getByText('Give it a name: it goes on the label.')).toBeTruthy();
    expect(next()).toMatchObject({ disabled: true });
    type('formula-name', ' Galley spray ');
    expect(next()).toMatchObject({ disabled: false });
    fireEvent.press(screen.getByTestId('next-bottle'));
    await waitFor(() => expect(mockPush).toHaveBeenCalledWith(expect.stringMatching(/^\/mix\/[0-9a-f-]{36}$/)));
    const made = (await store.all('formula'))[0];
    expect(made).toMatchObject({ name: 'Galley spray', lines: [{ ingredient: { id: 'white-vinegar' } }, {}] });
    expect((await store.drafts.read('edit/new')).value).toBeNull();
  });

  test('an amount that cannot be read is kept as typed, counted as before, and holds the way on', async () => {
    await renderIn(
      <EditScreen formulaId="own" />,
      homeWith(parts('1', 'white-vinegar'), parts('2', 'distilled-water')),
    );
    type('amount-1', '2 cu');
    fireEvent(screen.getByTestId('amount-1'), 'blur');
    expect(screen.getByText(/Not an amount yet; counted as 1 part/)).toBeTruthy();
    expect(screen.getByText('One amount cannot be read yet.')).toBeTruthy();
    expect(screen.getByTestId('amount-1').props.value).toBe('2 cu');
    expect(next()).toMatchObject({ disabled: true });
    type('amount-1', '2 cups');
    expect(screen.queryByText(/Not an amount yet/)).toBeNull();
    await waitFor(() => expect(next()).toMatchObject({ disabled: false }));
  });

  test('a unit chosen while its field still has the focus takes the place of what was typed', async () => {
    await renderIn(
      <EditScreen formulaId="own" />,
      homeWith(parts('1', 'white-vinegar'), parts('2', 'distilled-water')),
    );
    fireEvent.press(screen.getByText('white vinegar'));
    type('amount-1', '3 parts');
    await settle();
    fireEvent.press(screen.getByRole('radio', { name: 'tbsp' }));
    await settle();
    expect(screen.getByTestId('amount-1').props.value).toBe('3 tbsp');
  });

  test('what it makes: too much is said, and kept as it was', async () => {
    const own = homeWith(parts('1', 'white-vinegar'));
    const { store } = await renderIn(<EditScreen formulaId="own" />, {
      ...own,
      formulas: own.formulas.map((f) => ({ ...f, makesML: 500 })),
    });
    const field = screen.getByLabelText(/What it makes in all/);
    fireEvent.changeText(field, '2000000');
    expect(screen.getByText(/Give mL above 0 and up to 1 000 000/)).toBeTruthy();
    fireEvent.changeText(field, '750');
    expect(screen.queryByText(/Give mL above 0/)).toBeNull();
    await settle();
    fireEvent.press(screen.getByTestId('next-bottle'));
    await waitFor(async () => expect((await store.all('formula'))[0]?.makesML).toBe(750));
  });

  test('a line is taken out, moved, and brought back step by step', async () => {
    await renderIn(
      <EditScreen formulaId="own" />,
      homeWith(parts('1', 'white-vinegar'), parts('2', 'distilled-water'), parts('3', 'rubbing-alcohol')),
    );
    const order = (): string[] =>
      screen.getAllByTestId(/^amount-\d$/).map((f) => (f.props['aria-label'] as string).replace('Amount of ', ''));
    const before = order();
    fireEvent.press(screen.getAllByText(before[0]!)[0]!);
    fireEvent.press(screen.getByLabelText(`Move ${before[0]!} down`));
    expect(order()).toEqual([before[1], before[0], before[2]]);
    fireEvent.press(screen.getAllByText('distilled water')[0]!);
    fireEvent.press(screen.getByLabelText('Remove distilled water'));
    expect(order()).toEqual([before[0], before[2]]);
    fireEvent.press(screen.getByTestId('undo'));
    fireEvent.press(screen.getByTestId('undo'));
    expect(order()).toEqual(before);
    fireEvent.press(screen.getByTestId('redo'));
    expect(order()).toEqual([before[1], before[0], before[2]]);
  });

  test('"my vinegar says 8 %" changes the strength, and a strength that cannot be is said', async () => {
    await renderIn(<EditScreen formulaId="own" />, homeWith(parts('1', 'white-vinegar')));
    fireEvent.press(screen.getByText('white vinegar'));
    type('strength', '130');
    expect(screen.getByText('A strength is a number above 0 and up to 100.')).toBeTruthy();
    type('strength', '8');
    await settle();
    expect(screen.getAllByText(/^8 % /).length).toBeGreaterThan(0);
    type('strength', '');
    await settle();
    expect(screen.queryByText(/^8 % /)).toBeNull();
  });

  test('a danger has no way on; its instead makes two bottles, and undo takes back the first', async () => {
    const { store } = await renderIn(
      <EditScreen formulaId="own" />,
      homeWith(parts('1', 'hydrogen-peroxide'), parts('2', 'white-vinegar')),
    );
    expect(verdict()).toMatch(/^Verdict: Danger/);
    expect(screen.getByTestId('stopped')).toBeTruthy();
    expect(screen.queryByTestId('next-bottle')).toBeNull();
    fireEvent.press(screen.getByTestId('remedy-split-peroxide-carboxylic-acid'));
    await waitFor(() => expect(screen.getByTestId('next-bottle')).toBeTruthy());
    await settle();
    const second = (await store.all('formula')).find((f) => f.id !== 'own');
    expect(second?.lines.map((l) => l.ingredient.kind === 'known' && l.ingredient.id)).toEqual([
      'distilled-water',
      'white-vinegar',
    ]);
    fireEvent.press(screen.getByTestId('undo'));
    await waitFor(() => expect(screen.getByTestId('stopped')).toBeTruthy());
  });

  test('a starter stays as it is: what is changed is a copy', async () => {
    const starter = STARTER_FORMULAS[0]!;
    const { store } = await renderIn(<EditScreen formulaId={starter.id} />);
    expect(screen.getByText(`A copy of ${starter.name}`)).toBeTruthy();
    type('formula-name', 'Mine');
    fireEvent.press(screen.getByTestId('next-bottle'));
    await waitFor(async () => expect(await store.all('formula')).toHaveLength(1));
    expect((await store.all('formula'))[0]).toMatchObject({ name: 'Mine', lines: starter.lines });
    expect((await store.all('formula'))[0]?.id).not.toBe(starter.id);
  });

  test('a full disk is said, and everything stays on the desk', async () => {
    const { storage } = await renderIn(<EditScreen formulaId="own" />, homeWith(parts('1', 'white-vinegar')));
    type('formula-name', 'Renamed');
    storage.full = true;
    fireEvent.press(screen.getByTestId('next-bottle'));
    await waitFor(() => expect(screen.getByText(/Not saved: The disk is full/)).toBeTruthy());
    expect(screen.getByTestId('formula-name').props.value).toBe('Renamed');
    expect(mockPush).not.toHaveBeenCalled();
  });

  test('any name finds its ingredient; one that is not known says so', async () => {
    await renderIn(<EditScreen formulaId={null} />);
    type('add-line', 'bicarb');
    fireEvent.press(screen.getByLabelText('Add baking soda'));
    expect(screen.getByLabelText('Amount of baking soda').props.value).toBe('1 tbsp');
    type('add-line', 'qwzx gloss');
    expect(screen.getByText(/Nothing by that name/)).toBeTruthy();
    expect(screen.getByTestId('add-line').props.value).toBe('qwzx gloss');
  });

  test('a formula that was removed says so', async () => {
    await renderIn(<EditScreen formulaId="nowhere" />);
    expect(screen.getByText('Not here')).toBeTruthy();
  });
});

describe('two formulas side by side', () => {
  test('show what differs, and what that does', async () => {
    const two: Home = {
      ...homeWith(parts('1', 'white-vinegar'), parts('2', 'distilled-water')),
      pantry: [{ id: 'white-vinegar', left: null, pack: { value: 1000, unit: 'mL', price: 2 } }],
    };
    const strong = { ...two.formulas[0]!, id: 'strong', name: 'Neat', lines: [parts('1', 'white-vinegar')] };
    await renderIn(<CompareScreen aId="own" bId="strong" />, { ...two, formulas: [...two.formulas, strong] });
    // Half of 5 % w/v, and 2 a litre of it; the whole of both beside.
    expect(screen.getByText('2.5 % w/v')).toBeTruthy();
    expect(screen.getByText('5 % w/v')).toBeTruthy();
    expect(screen.getByText(/1\.00 a litre, without distilled water$/)).toBeTruthy();
    expect(screen.getByText(/2\.00 a litre$/)).toBeTruthy();
  });

  test('of which one is gone says so', async () => {
    await renderIn(<CompareScreen aId="nowhere" bId="own" />, homeWith(parts('1', 'white-vinegar')));
    expect(screen.getByText('Not here')).toBeTruthy();
  });
});

describe('a bottle of one’s own', () => {
  const onSaved = jest.fn();
  const open = async () => {
    onSaved.mockClear();
    return renderIn(<OwnBottle open onClose={() => undefined} onSaved={onSaved} />);
  };
  const choose = (name: string): void => fireEvent.press(screen.getByRole('radio', { name }));
  const keep = () => screen.getByTestId('keep-bottle').props.accessibilityState as { disabled: boolean };

  test('by a ruler: a straight cylinder holds π r² h within its walls', async () => {
    const { store } = await open();
    choose('By a ruler');
    type('vessel-body', '73');
    type('vessel-shoulder', '100');
    type('vessel-neck', '73');
    type('vessel-brim', '100');
    // 70 mm inside, 98.5 or 100 mm high: 379 to 385 mL by the volume of a cylinder.
    const held = [379, 380, 381, 382, 383, 384, 385].map((mL) => screen.queryByText(`${mL} mL to the brim`));
    expect(held.filter((shown) => shown !== null)).toHaveLength(1);
    choose('Glass');
    fireEvent.press(screen.getByTestId('keep-bottle'));
    await waitFor(() => expect(onSaved).toHaveBeenCalledTimes(1));
    expect((await store.all('vessel'))[0]).toMatchObject({ material: 'glass', opaque: false });
  });

  test.each([
    ['By a ruler', ['vessel-body', 'vessel-shoulder', 'vessel-neck', 'vessel-brim'], ['60', '120', '30', '100']],
    ['By pouring', ['vessel-poured'], ['100 27']],
    ['By pouring', ['vessel-poured'], ['100 27\n200 20']],
    ['I know the mL', ['vessel-size'], ['3']],
  ])('%s: %j with %j is no bottle, and it says what would be one', async (how, fields, values) => {
    await open();
    choose(how);
    fields.forEach((field, i) => type(field, values[i] ?? ''));
    expect(screen.getByText(/mm above 3|At least two marks|rise|from 10|at least 10/)).toBeTruthy();
    expect(keep()).toMatchObject({ disabled: true });
  });

  test('by pouring: commas, colons and units between are read', async () => {
    const { store } = await open();
    choose('By pouring');
    type('vessel-poured', '100 mL: 27 mm\n200, 54\n375 at 110');
    fireEvent.press(screen.getByTestId('keep-bottle'));
    await settle();
    expect((await store.all('vessel'))[0]).toMatchObject({
      capacityML: 375,
      poured: [
        { volumeML: 100, heightMM: 27 },
        { volumeML: 200, heightMM: 54 },
        { volumeML: 375, heightMM: 110 },
      ],
    });
  });
});

describe('where it goes', () => {
  test('chosen, taken off again and kept with the formula', async () => {
    const { store } = await renderIn(
      <EditScreen formulaId="own" />,
      homeWith(parts('1', 'white-vinegar'), parts('2', 'distilled-water')),
    );
    const choose = (testID: string, name: string): void => {
      fireEvent.press(screen.getByTestId(testID));
      fireEvent.press(screen.getByRole('radio', { name }));
    };
    fireEvent.press(screen.getByTestId('places'));
    choose('add-made-for', 'Glazed tile');
    choose('add-made-for', 'All: glass and hobs');
    choose('add-made-against', 'Limescale and water spots');
    choose('add-keep-off', 'All: stone');
    choose('add-keep-off', 'Aluminium');
    fireEvent.press(screen.getByRole('checkbox', { name: 'Aluminium' }));
    expect(screen.queryByRole('checkbox', { name: 'Aluminium' })).toBeNull();
    fireEvent.press(screen.getByTestId('next-bottle'));
    await waitFor(() => expect(mockPush).toHaveBeenCalled());
    expect((await store.all('formula')).find((f) => f.id === 'own')).toMatchObject({
      madeFor: { surfaces: ['glazed-tile', 'class:glass'], soils: ['limescale'] },
      // What its words named already stays.
      keepOff: ['varnished-wood', 'class:stone'],
    });
  });
});
