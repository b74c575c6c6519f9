import fc from 'fast-check';
import ICAL from 'ical.js';
import { runs } from '@/testing/runs';
import { calendarFile, type CalendarEvent } from './calendarFile';

const NOW_MS = Date.UTC(2026, 10, 27, 14, 0, 0);
const soak: CalendarEvent = {
  id: 'w1-best',
  atMs: Date.UTC(2026, 10, 27, 22, 30, 15),
  title: 'Oven racks: best now.',
  text: 'Soda soak, overnight; in the bath.',
};

/** What another reader finds in a file: ical.js, independent of this writer. */
function readBack(file: string): CalendarEvent[] {
  const calendar = new ICAL.Component(ICAL.parse(file) as unknown[]);
  return calendar.getAllSubcomponents('vevent').map((one) => {
    const event = new ICAL.Event(one);
    return {
      id: event.uid.replace(/@biscuit$/, ''),
      atMs: event.startDate.toJSDate().getTime(),
      title: event.summary,
      text: event.description ?? '',
    };
  });
}

test('another reader finds the same instant and the same words', () => {
  expect(readBack(calendarFile([soak], NOW_MS))).toEqual([soak]);
});

// RFC 5545: 3.4 (VERSION and PRODID), 3.6.1 (UID and DTSTAMP), 3.6.6 (an alarm that displays has ACTION, DESCRIPTION, TRIGGER).
test('holds what the standard asks for, and rings at the instant itself', () => {
  const lines = calendarFile([soak], NOW_MS).split('\r\n');
  for (const line of [
    'VERSION:2.0',
    'DTSTAMP:20261127T140000Z',
    'DTSTART:20261127T223015Z',
    'BEGIN:VALARM',
    'ACTION:DISPLAY',
    'TRIGGER:PT0S',
  ])
    expect(lines).toContain(line);
  const alarm = new ICAL.Component(ICAL.parse(calendarFile([soak], NOW_MS)) as unknown[])
    .getFirstSubcomponent('vevent')
    ?.getFirstSubcomponent('valarm');
  expect(String(alarm?.getFirstPropertyValue('trigger'))).toBe('PT0S');
});

// RFC 5545, 3.1: lines end in CRLF and hold at most 75 octets.
test('any words come back as they were, in lines of at most 75 octets', () => {
  const letters = fc.string({ unit: 'grapheme', maxLength: 120 }).map((s) =>
    // A lone half of a pair is no text; control characters have no place in a calendar.
    // eslint-disable-next-line no-control-regex
    s.replace(/[\u0000-\u001f\u007f]|[\ud800-\udfff](?![\udc00-\udfff])/g, ''),
  );
  const times = fc.integer({ min: Date.UTC(1971, 0), max: Date.UTC(2199, 0) }).map((ms) => ms - (ms % 1000));
  fc.assert(
    fc.property(letters, letters, times, (title, text, atMs) => {
      const words = `${text}; a, b\\c\nnext line`;
      const file = calendarFile([{ id: 'x', atMs, title, text: words }], NOW_MS);
      expect(readBack(file)).toEqual([{ id: 'x', atMs, title, text: words }]);
      for (const line of file.split('\r\n')) expect(Buffer.byteLength(line)).toBeLessThanOrEqual(75);
      expect(file.replace(/\r\n/g, '')).not.toMatch(/[\r\n]/);
    }),
    { numRuns: runs(200) },
  );
});

// RFC 5545, 3.3.11: backslash, semicolon and comma are escaped, a new line is \\n.
test('what has a meaning in a calendar is escaped', () => {
  const odd = { ...soak, title: 'a, b; c\\d', text: 'one\ntwo' };
  const lines = calendarFile([odd], NOW_MS).split('\r\n');
  expect(lines).toContain('SUMMARY:a\\, b\\; c\\\\d');
  expect(lines).toContain('DESCRIPTION:one\\ntwo');
});

test.each(['é', '€', '🧽'])('a line is folded by octets, never within a letter: %s', (letter) => {
  for (let before = 0; before < 8; before++) {
    const title = 'x'.repeat(before) + letter.repeat(80);
    const file = calendarFile([{ ...soak, title }], NOW_MS);
    for (const line of file.split('\r\n')) expect(Buffer.byteLength(line)).toBeLessThanOrEqual(75);
    expect(readBack(file)[0]?.title).toBe(title);
  }
});

test('several events are several, in their order; without any the file is still a calendar', () => {
  const later = { ...soak, id: 'w1-off', atMs: soak.atMs + 60_000, text: '' };
  expect(readBack(calendarFile([soak, later], NOW_MS))).toEqual([soak, later]);
  expect(readBack(calendarFile([], NOW_MS))).toEqual([]);
});

test('what could end a line or a file early is only text', () => {
  const sly = { ...soak, title: 'END:VEVENT\r\nBEGIN:VEVENT', text: 'tab\there\u0007' };
  expect(readBack(calendarFile([sly], NOW_MS))).toEqual([
    { ...sly, title: 'END:VEVENT\nBEGIN:VEVENT', text: 'tab\there' },
  ]);
});
