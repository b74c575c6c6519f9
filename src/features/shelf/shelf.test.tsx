import { fireEvent, screen, waitFor } from '@testing-library/react-native';
import { demoHome } from '@/data/demo/demoHome';
import { renderIn, settle } from '@/testing/renderIn';
import { scentedHome } from '@/testing/scentedHome';
import { BatchScreen } from './BatchScreen';
import { ShelfHome } from './ShelfPlace';

const mockPush = jest.fn();
jest.mock('expo-router', () => ({ useRouter: () => ({ push: mockPush, replace: mockPush }) }));

const home = demoHome(new Date());

describe('the shelf', () => {
  test('an empty one says what will be there', async () => {
    await renderIn(<ShelfHome />);
    expect(screen.getByText(/No bottles yet/)).toBeTruthy();
    fireEvent.press(screen.getByText('Make a bottle'));
    expect(mockPush).toHaveBeenCalledWith('/mix');
  });

  test('what is past its day stands on top, what is gone below', async () => {
    await renderIn(<ShelfHome />, home);
    const headings = screen.getAllByRole('heading').map((h) => h.props.children as string);
    expect(headings).toEqual([
      'Shelf',
      'Run out, or nearly',
      'Worktop soap',
      'Porthole glass',
      'Shower wall',
      'Standing empty',
      'Empty or poured away',
      'Scale lifter',
      'Worktop soap',
    ]);
    expect(screen.getAllByText(/Past its day/)).toHaveLength(1);
    expect(screen.getByText('Empty or poured away')).toBeTruthy();
    expect(screen.getAllByText(/^(Emptied|Discarded)$/)).toHaveLength(2);
  });
});

describe('a label', () => {
  test('is emptied, and put back by undo, exactly as it was', async () => {
    const { store } = await renderIn(<BatchScreen id="pipit-b1" />, home);
    const before = (await store.all('batch')).find((b) => b.id === 'pipit-b1');
    fireEvent.press(screen.getByTestId('level-0'));
    await waitFor(() => expect(screen.getByText(/^Porthole glass is marked empty\./)).toBeTruthy());
    expect((await store.all('batch')).find((b) => b.id === 'pipit-b1')?.state).toBe('emptied');
    fireEvent.press(screen.getByText('Undo'));
    await settle();
    expect((await store.all('batch')).find((b) => b.id === 'pipit-b1')).toEqual(before);
  });

  test('at half is noted in one tap, and back by undo; the last of it is said', async () => {
    const { store } = await renderIn(<BatchScreen id="pipit-b1" />, home);
    const now = async () => (await store.all('batch')).find((b) => b.id === 'pipit-b1');
    const before = await now();
    fireEvent.press(screen.getByTestId('level-0.5'));
    await settle();
    expect((await now())?.leftML).toBeCloseTo(before!.volumeML / 2, 9);
    fireEvent.press(screen.getByText('Undo'));
    await settle();
    expect(await now()).toEqual(before);
    fireEvent.press(screen.getByTestId('level-0.25'));
    await settle();
    expect(screen.getByText(/the level is noted\. It is the last of it/)).toBeTruthy();
  });

  test('gives its bottle another name and place, on its label too', async () => {
    const { store } = await renderIn(<BatchScreen id="pipit-b1" />, home);
    fireEvent.press(screen.getByTestId('its-bottle'));
    fireEvent.changeText(await screen.findByTestId('bottle-name'), ' ');
    fireEvent.press(screen.getByTestId('bottle-keep'));
    expect(screen.getByText(/Give it a name of 1 to 60 letters/)).toBeTruthy();
    fireEvent.changeText(screen.getByTestId('bottle-name'), 'Blue spray');
    fireEvent.press(screen.getByRole('radio', { name: 'Saloon' }));
    fireEvent.press(screen.getByTestId('bottle-keep'));
    await settle();
    const is = { name: 'Blue spray', place: 'Saloon' };
    expect((await store.all('vessel')).find((v) => v.id === 'pipit-375')).toMatchObject(is);
    expect((await store.all('batch')).find((b) => b.id === 'pipit-b1')?.vessel).toMatchObject(is);
    expect(screen.getByText('Blue spray · Saloon')).toBeTruthy();
    fireEvent.press(screen.getByText('Undo'));
    await settle();
    expect((await store.all('vessel')).find((v) => v.id === 'pipit-375')).toEqual(home.vessels[0]);
  });

  test('that was poured away can come back', async () => {
    await renderIn(<BatchScreen id="pipit-b5" />, home);
    fireEvent.press(screen.getByText('Put it back on the shelf'));
    await waitFor(() => expect(screen.getByTestId('level-0')).toBeTruthy());
  });

  test('a full disk is said, and the bottle stays as it was', async () => {
    const { storage, store } = await renderIn(<BatchScreen id="pipit-b1" />, home);
    storage.full = true;
    fireEvent.press(screen.getByText('Poured away'));
    await waitFor(() => expect(screen.getByText(/Not saved: The disk is full/)).toBeTruthy());
    expect((await store.all('batch')).find((b) => b.id === 'pipit-b1')?.state).toBe('kept');
  });

  test('leads to making it again, even if its formula was removed since', async () => {
    const { store } = await renderIn(<BatchScreen id="pipit-b1" />, { ...home, formulas: [] });
    fireEvent.press(screen.getByText('Make it again'));
    await waitFor(() => expect(mockPush).toHaveBeenCalledWith('/mix/pipit-porthole?again=pipit-b1'));
    expect((await store.all('formula')).map((f) => f.id)).toEqual(['pipit-porthole']);
  });

  test('of a bottle that is not there says so', async () => {
    await renderIn(<BatchScreen id="nowhere" />, home);
    expect(screen.getByText(/not on the shelf of this home/)).toBeTruthy();
  });
});

describe('a bottle in a home that someone else has moved into', () => {
  const before = scentedHome();
  const livedIn = { ...before, settings: { ...before.settings, lives: ['cat', 'asthma'] as const } };

  test('is marked on the shelf', async () => {
    await renderIn(<ShelfHome />, livedIn);
    await settle();
    expect(screen.getAllByText('Not right for who lives here')).toHaveLength(1);
    expect(screen.getAllByText('Its label leaves out who lives here')).toHaveLength(1);
  });

  test('says that it is a danger to them, and offers no label for it', async () => {
    await renderIn(<BatchScreen id={before.batches[0]!.id} />, livedIn);
    await settle();
    expect(screen.getByText('Not in this home')).toBeTruthy();
    expect(screen.getByTestId('finding-oil-and-animals')).toBeTruthy();
    expect(screen.queryByTestId('label-anew')).toBeNull();
    fireEvent.press(screen.getByTestId('pour-away'));
    await settle();
    expect(screen.queryByText('Not in this home')).toBeNull();
    expect(screen.getByText('Mint spray is marked poured away.')).toBeTruthy();
  });

  test('gets its label written anew, which can be undone', async () => {
    const vinegar = before.batches[1]!;
    const { store } = await renderIn(<BatchScreen id={vinegar.id} />, livedIn);
    await settle();
    fireEvent.press(screen.getByTestId('label-anew'));
    await settle();
    expect(screen.queryByText('For who lives here')).toBeNull();
    const labelled = (await store.all('batch')).find((b) => b.id === vinegar.id)!;
    expect(labelled.label.cautions.join(' ')).toMatch(/someone with asthma/);
    fireEvent.press(screen.getByText('Undo'));
    await settle();
    expect(screen.getByText('For who lives here')).toBeTruthy();
    expect((await store.all('batch')).find((b) => b.id === vinegar.id)).toEqual(vinegar);
  });
});
