import { fireEvent, screen } from '@testing-library/react-native';
import { useState } from 'react';
import { Text } from 'react-native';
import { MemorySyncStorage } from '@/testing/memoryStorage';
import { passTime, stopTime } from '@/testing/passTime';
import { renderIn, settle } from '@/testing/renderIn';
import { createJournal } from './journal';
import { useDraft } from './useDraft';

const isText = (value: unknown): value is string => typeof value === 'string';

function Writer({ name }: { name: string }) {
  const draft = useDraft(name, 'new', isText);
  return (
    <>
      <Text>{draft.ready ? draft.value : 'reading'}</Text>
      <Text onPress={() => draft.set('typed')}>type</Text>
      <Text onPress={() => draft.set('new')}>back</Text>
      <Text onPress={draft.clear}>done</Text>
    </>
  );
}

afterEach(() => jest.useRealTimers());

test('what is typed shows at once, and is written a moment later', async () => {
  const { store } = await renderIn(<Writer name="a" />);
  expect(screen.getByText('new')).toBeTruthy();
  stopTime();
  fireEvent.press(screen.getByText('type'));
  expect(screen.getByText('typed')).toBeTruthy();
  expect((await store.drafts.read('a')).value).toBeNull();
  await passTime(300);
  expect((await store.drafts.read('a')).value).toBe('typed');
});

test('leaving the screen writes what was not yet written', async () => {
  const { store, unmount } = await renderIn(<Writer name="a" />);
  fireEvent.press(screen.getByText('type'));
  unmount();
  await settle();
  expect((await store.drafts.read('a')).value).toBe('typed');
});

test('what is as it was at first is nothing unfinished', async () => {
  const { store } = await renderIn(<Writer name="a" />);
  fireEvent.press(screen.getByText('type'));
  fireEvent.press(screen.getByText('back'));
  screen.unmount();
  await settle();
  expect((await store.drafts.read('a')).value).toBeNull();
});

test('finished work is forgotten, and not written after all', async () => {
  const { store } = await renderIn(<Writer name="a" />);
  stopTime();
  fireEvent.press(screen.getByText('type'));
  fireEvent.press(screen.getByText('done'));
  await passTime(300);
  expect((await store.drafts.read('a')).value).toBeNull();
});

test('what was typed in the last moment of a page is read by the next', async () => {
  const leaving: (() => void)[] = [];
  const before = { add: window.addEventListener, remove: window.removeEventListener };
  Object.assign(window, {
    addEventListener: (type: string, hear: () => void) => {
      if (type === 'pagehide') leaving.push(hear);
    },
    removeEventListener: () => undefined,
  });
  const shelf = new MemorySyncStorage();
  const page = await renderIn(<Writer name="last" />, undefined, createJournal(shelf, 'own'));
  // No transaction comes to its end any more: the page is gone before.
  page.storage.setMany = () => new Promise(() => undefined);
  fireEvent.press(screen.getByText('type'));
  leaving.forEach((hear) => hear());
  // The page may never be taken down: what was typed is noted by now.
  expect(shelf.length).toBe(1);
  page.unmount();
  Object.assign(window, { addEventListener: before.add, removeEventListener: before.remove });

  const { store } = await renderIn(<Writer name="again" />, undefined, createJournal(shelf, 'own'));
  expect((await store.drafts.read('last')).value).toBe('typed');
  expect(shelf.length).toBe(0);
});

function Typist() {
  const draft = useDraft('slow', 'new', isText);
  const [reader, setReader] = useState(false);
  return (
    <>
      <Text onPress={() => draft.set('first')}>one</Text>
      <Text onPress={() => draft.set('second')}>two</Text>
      <Text onPress={() => setReader(true)}>open</Text>
      {reader && <Writer name="slow" />}
    </>
  );
}

test('what is typed while the draft before it is being written is found by the next screen', async () => {
  const page = await renderIn(<Typist />);
  stopTime();
  const done: (() => void)[] = [];
  const setMany = page.storage.setMany.bind(page.storage);
  page.storage.setMany = (entries) => new Promise((resolve) => done.push(() => resolve(setMany(entries))));
  fireEvent.press(screen.getByText('one'));
  await passTime(300);
  fireEvent.press(screen.getByText('two'));
  done.forEach((finish) => finish());
  await passTime(0);
  // The first is written, the second not yet: the second is what counts.
  fireEvent.press(screen.getByText('open'));
  await passTime(0);
  expect(screen.getByText('second')).toBeTruthy();
});
