import { act, fireEvent, screen } from '@testing-library/react-native';
import { Text } from 'react-native';
import { renderIn, settle } from '@/testing/renderIn';
import { keepLastWords, lastWords } from './lastWords';
import { useDraft } from './useDraft';

const isText = (value: unknown): value is string => typeof value === 'string';

function Writer({ name }: { name: string }) {
  const draft = useDraft(name, 'new', isText);
  return (
    <>
      <Text>{draft.ready ? draft.value : 'reading'}</Text>
      <Text onPress={() => draft.set('typed')}>type</Text>
      <Text onPress={draft.clear}>done</Text>
    </>
  );
}

const wait = (ms: number): Promise<void> => act(() => new Promise<void>((resolve) => setTimeout(resolve, ms)));

test('what is typed shows at once, and is written a moment later', async () => {
  const { store } = await renderIn(<Writer name="a" />);
  expect(screen.getByText('new')).toBeTruthy();
  fireEvent.press(screen.getByText('type'));
  expect(screen.getByText('typed')).toBeTruthy();
  expect(await store.draft('a')).toBeNull();
  await wait(300);
  expect(await store.draft('a')).toBe('typed');
});

test('leaving the screen writes what was not yet written', async () => {
  const { store, unmount } = await renderIn(<Writer name="a" />);
  fireEvent.press(screen.getByText('type'));
  unmount();
  await settle();
  expect(await store.draft('a')).toBe('typed');
});

test('finished work is forgotten, and not written after all', async () => {
  const { store } = await renderIn(<Writer name="a" />);
  fireEvent.press(screen.getByText('type'));
  fireEvent.press(screen.getByText('done'));
  await wait(300);
  expect(await store.draft('a')).toBeNull();
});

describe('the last words of a page', () => {
  const kept = new Map<string, string>();
  const shelf = {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => void kept.set(key, value),
    removeItem: (key: string) => void kept.delete(key),
  };
  beforeEach(() => {
    kept.clear();
    Object.defineProperty(globalThis, 'localStorage', { value: shelf, configurable: true });
  });
  afterEach(() => void Reflect.deleteProperty(globalThis, 'localStorage'));

  test('a write that has begun but not ended when the page is left is kept too', async () => {
    const leaving: (() => void)[] = [];
    const before = { add: window.addEventListener, remove: window.removeEventListener };
    Object.assign(window, {
      addEventListener: (type: string, hear: () => void) => {
        if (type === 'pagehide') leaving.push(hear);
      },
      removeEventListener: () => undefined,
    });
    const { storage, unmount } = await renderIn(<Writer name="begun" />);
    // The transaction never comes to its end: the page is gone before.
    storage.setMany = () => new Promise(() => undefined);
    fireEvent.press(screen.getByText('type'));
    await wait(300);
    leaving.forEach((hear) => hear());
    expect(lastWords('own', 'begun')).toBe('typed');
    unmount();
    Object.assign(window, { addEventListener: before.add, removeEventListener: before.remove });
  });

  test('are read first, and moved into the home', async () => {
    keepLastWords('own', 'a', 'said last');
    const { store } = await renderIn(<Writer name="a" />);
    expect(screen.getByText('said last')).toBeTruthy();
    expect(await store.draft('a')).toBe('said last');
    expect(kept.size).toBe(0);
  });

  test('of the demo are not one’s own, and what is broken is left out', async () => {
    keepLastWords('demo', 'a', 'demo');
    kept.set('biscuit-last-words/own/a', '{broken');
    await renderIn(<Writer name="a" />);
    expect(screen.getByText('new')).toBeTruthy();
    expect(lastWords('demo', 'a')).toBe('demo');
  });

  test('are forgotten with finished work', async () => {
    keepLastWords('own', 'a', 'said last');
    const { store } = await renderIn(<Writer name="a" />);
    fireEvent.press(screen.getByText('done'));
    await settle();
    expect(await store.draft('a')).toBeNull();
    expect(lastWords('own', 'a')).toBeUndefined();
  });
});
