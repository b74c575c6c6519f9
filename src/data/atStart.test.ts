import { MemorySyncStorage } from '@/testing/memoryStorage';
import { breather } from './breathe';
import { chooseHome, homeKind } from './homeKind';
import { keptNumbers } from './numbersToCall';
import { kindOfFile, sendOn, takeOpened } from './openedFile';

/** What is known before the home is open. */

describe('which home is opened', () => {
  const page = { dataset: {} as Record<string, string> };
  beforeAll(() => Object.assign(globalThis, { document: { documentElement: page }, __DEV__: false }));
  afterAll(() => Reflect.deleteProperty(globalThis, 'document'));
  beforeEach(() => (page.dataset = {}));

  test('at a first visit what the page was sent with; from then on that, whatever the page is sent with', () => {
    const small = new MemorySyncStorage();
    page.dataset.home = 'demo';
    expect(homeKind(small)).toBe('demo');
    page.dataset = {};
    expect(homeKind(small)).toBe('demo');
    expect(homeKind(new MemorySyncStorage())).toBe('own');
  });

  test('what was chosen holds', () => {
    const small = new MemorySyncStorage();
    page.dataset.home = 'demo';
    chooseHome('own', small);
    expect(homeKind(small)).toBe('own');
  });

  test('what is broken, or cannot be kept, falls back to the page', () => {
    const small = new MemorySyncStorage();
    small.setItem('biscuit-open-home', 'somewhere');
    expect(homeKind(small)).toBe('own');
    page.dataset.home = 'demo';
    expect(homeKind(null)).toBe('demo');
  });
});

test('numbers to call are at hand before the home is open; what is broken is none', () => {
  const small = new MemorySyncStorage();
  expect(keptNumbers(small)).toBeNull();
  small.setItem('biscuit-numbers/own', '{"emergencyNumber":"112","poisonNumber":"01632 960 160"}');
  expect(keptNumbers(small)).toEqual({ emergencyNumber: '112', poisonNumber: '01632 960 160' });
  for (const broken of ['{', 'null', '{"emergencyNumber":1,"poisonNumber":""}']) {
    small.setItem('biscuit-numbers/own', broken);
    expect(keptNumbers(small)).toBeNull();
  }
  expect(keptNumbers(null)).toBeNull();
});

describe('a file that is opened', () => {
  test.each([
    ['log.CSV', 'a,b', 'log'],
    ['recipe.txt', '1 cup vinegar', 'recipe'],
    ['spray.formula.json', ' {\n "format": "biscuit-formula", "version": 9', 'recipe'],
    ['biscuit.json', '{"format":"biscuit-home"', 'home'],
    ['other.json', '{"a":1}', 'home'],
    ['empty.txt', '', 'recipe'],
  ])('%s is taken for what it is', (name, text, kind) => {
    expect(kindOfFile({ name, text })).toBe(kind);
  });

  test('goes to the screen that reads it, once', () => {
    expect(sendOn({ name: 'log.csv', text: 'a,b' })).toBe('/log');
    expect([takeOpened('home'), takeOpened('log'), takeOpened('log')]).toEqual([null, 'a,b', null]);
  });
});

test('what is long gives the page its turn once it has gone on for a while', async () => {
  let ms = 0;
  const breathe = breather(() => ms);
  let turns = 0;
  const pause = jest.spyOn(globalThis, 'setTimeout').mockImplementation(((go: () => void) => {
    turns++;
    go();
  }) as typeof setTimeout);
  for (const at of [0, 5, 15, 17, 20, 30, 40]) {
    ms = at;
    await breathe();
  }
  pause.mockRestore();
  expect(turns).toBe(2);
});
