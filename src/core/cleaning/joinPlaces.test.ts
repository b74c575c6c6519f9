import { entryOf } from '@/testing/entry';
import type { HomeSurface, Room } from './homeSurface';
import { joinPlaces } from './joinPlaces';
import { likeness } from './sameName';

const rooms: readonly Room[] = [
  { id: 'up', name: 'Upstairs bath', kind: 'bathroom', small: true },
  { id: 'down', name: 'Shower room', kind: 'bathroom', small: true },
];
const surface = (id: string, roomId: string, name: string): HomeSurface => ({
  id,
  roomId,
  name,
  surfaceId: 'glazed-tile',
  sealed: null,
  finish: null,
  ageYears: null,
  areaM2: 1,
  schools: {},
  upkeep: null,
  enteredAt: null,
});
const surfaces = [
  surface('up-tile', 'up', 'Wall tiles'),
  surface('down-tile', 'down', 'Wall tiles'),
  surface('tray', 'down', 'Shower tray'),
];
const written = (name: string, room = ''): ReturnType<typeof entryOf> =>
  entryOf({ id: `${name} ${room}`, surface: { id: null, name, material: null }, room: { id: null, name: room } });
const join = (name: string, room = '', answers = {}) => joinPlaces([written(name, room)], rooms, surfaces, answers);

test.each([
  ['Wall tiles', 'wall-tile', 'same'],
  ['Shower tray', 'SHOWER  TRAY', 'same'],
  ['Shower tray', 'Showr tray', 'close'],
  ['Sealant', 'Sealent', 'close'],
  ['Tap', 'Tub', null],
  ['Hob', 'Job', null],
  ['Mirror', 'Wall tiles', null],
  ['', '', null],
])('%j and %j: %s', (a, b, how) => {
  expect(likeness(a, b)).toBe(how);
  expect(likeness(b, a)).toBe(how);
});

test('a line without ids joins the surface of that name, with its room and its material', () => {
  const found = join('shower trays');
  expect(found.entries[0]).toMatchObject({
    surface: { id: 'tray', name: 'Shower tray', material: 'glazed-tile' },
    room: { id: 'down', name: 'Shower room' },
  });
  expect(found.joined.map((j) => [j.wrote, j.surface.id])).toEqual([['shower trays', 'tray']]);
  expect(join('Showr tray', 'shower room').entries[0]?.surface.id).toBe('tray');
});

test('its room decides between two of one name; without it, it is asked, and the answer holds', () => {
  expect(join('Wall tiles', 'Upstairs bath').entries[0]?.surface.id).toBe('up-tile');
  const unclear = join('Wall tiles');
  expect(unclear.entries[0]?.surface.id).toBeNull();
  expect(unclear.unclear.map((u) => [u.wrote, u.candidates.map((c) => c.id)])).toEqual([
    ['Wall tiles', ['up-tile', 'down-tile']],
  ]);
  expect(join('Wall tiles', '', { 'Wall tiles': 'down-tile' }).entries[0]?.surface.id).toBe('down-tile');
  const none = join('Wall tiles', '', { 'Wall tiles': '' });
  expect([none.unclear, none.unknown, none.entries[0]?.surface.id]).toEqual([[], ['Wall tiles'], null]);
});

test('what is no surface here stays by its name, and is told; what has its id is left alone', () => {
  expect(join('Porch').unknown).toEqual(['Porch']);
  const own = entryOf({ surface: { id: 'tray', name: 'Whatever', material: null } });
  expect(joinPlaces([own], rooms, surfaces).entries).toEqual([own]);
});
