import fc from 'fast-check';
import { runs } from '../../testing/runs';
import { localDay, localDaysBetween, localMonth } from './localDay';
import { mendedInstant, normalInstant } from './instant';

// RFC 3339, section 5.6: date-time; days of months: ISO 8601 and the Gregorian calendar.
test.each([
  ['2026-11-25T10:00:00Z', '2026-11-25T10:00:00.000Z'],
  ['2026-11-25T10:00:00.123456Z', '2026-11-25T10:00:00.123Z'],
  ['2026-11-25t10:00:00z', '2026-11-25T10:00:00.000Z'],
  ['2026-11-26T00:30:00+02:00', '2026-11-25T22:30:00.000Z'],
  ['2024-02-29T00:00:00Z', '2024-02-29T00:00:00.000Z'],
  ['1970-01-01T00:00:00Z', '1970-01-01T00:00:00.000Z'],
])('%s is %s', (text, normal) => expect(normalInstant(text)).toBe(normal));

test.each([
  '2026-11-26T10:00+02',
  '2026-11-26T10:00:00+02',
  '2026-02-30T10:00:00Z',
  '2026-02-29T10:00:00Z',
  '2026-13-01T10:00:00Z',
  '2026-00-10T10:00:00Z',
  '2026-11-00T10:00:00Z',
  '2026-11-25T24:00:00Z',
  '2026-11-25T10:60:00Z',
  '2026-11-25T10:00:60Z',
  '2026-11-25T10:00:00',
  '2026-11-25T10:00Z',
  '2026-11-25 10:00:00Z',
  '2026-11-25',
  '2026',
  '+012026-11-25T10:00:00Z',
  '1969-12-31T23:59:59Z',
  '2200-01-01T00:00:00Z',
  '9999-12-31T23:59:59Z',
  '',
  'today',
])('%j is none', (text) => expect(normalInstant(text)).toBeNull());

test('whatever a clock writes is read as it is', () => {
  fc.assert(
    fc.property(fc.date({ min: new Date(0), max: new Date('2199-12-31T23:59:59Z'), noInvalidDate: true }), (at) => {
      expect(normalInstant(at.toISOString())).toBe(at.toISOString());
    }),
    { numRuns: runs(300) },
  );
});

test('what was taken for an instant before is mended where the platform can read it, and left where it cannot', () => {
  expect(mendedInstant('2026-11-26T10:00+02:00')).toBe('2026-11-26T08:00:00.000Z');
  expect(mendedInstant('2026')).toBe('2026-01-01T00:00:00.000Z');
  expect(mendedInstant('soon')).toBe('soon');
});

test('a day is the day of the home’s own clock', () => {
  const lateEvening = new Date(2026, 10, 30, 23, 30);
  expect(localDay(lateEvening.toISOString())).toBe('2026-11-30');
  expect(localMonth(lateEvening.toISOString())).toBe('2026-11');
  const justAfter = new Date(2026, 11, 1, 0, 30);
  expect(localDay(justAfter.toISOString())).toBe('2026-12-01');
  expect(localMonth(justAfter.toISOString())).toBe('2026-12');
});

test('days between are days of the calendar, not spans of 24 hours', () => {
  const at = (day: number, hour: number): string => new Date(2026, 9, day, hour).toISOString();
  expect(localDaysBetween(at(10, 20), at(11, 8))).toBe(1);
  expect(localDaysBetween(at(10, 8), at(10, 23))).toBe(0);
  expect(localDaysBetween(at(11, 8), at(10, 20))).toBe(-1);
  // Across the change of the clocks, where there is one, and the end of a month.
  expect(localDaysBetween(at(20, 23), at(32, 1))).toBe(12);
});
