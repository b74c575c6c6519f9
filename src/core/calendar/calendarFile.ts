/** Something a calendar is to tell of, at an instant. */
export interface CalendarEvent {
  /** The same for the same event: a calendar that has it already changes it. */
  readonly id: string;
  /** When, ms since 1970 in UTC; whole seconds are kept. */
  readonly atMs: number;
  readonly title: string;
  readonly text: string;
}

/** No line is longer, octets without its end (RFC 5545, 3.1). */
const LINE_OCTETS = 75;

/** How long it stands in a calendar, minutes: long enough to be seen. */
const SHOWN_MINUTES = 5;

/** Text as a calendar's property holds it (RFC 5545, 3.3.11); other control characters have no place in it. */
const escaped = (text: string): string =>
  text
    .replace(/\r\n?/g, '\n')
    // eslint-disable-next-line no-control-regex
    .replace(/[\u0000-\u0008\u000b-\u001f\u007f]/g, '')
    .replace(/[\\;,]/g, '\\$&')
    .replace(/\n/g, '\\n');

/** An instant in UTC (RFC 5545, 3.3.5, form 2): 20261127T143000Z. */
const instant = (ms: number): string => new Date(ms).toISOString().replace(/[-:]|\.\d+/g, '');

const octetsOf = (letter: string): number => {
  const code = letter.codePointAt(0) ?? 0;
  return code < 0x80 ? 1 : code < 0x800 ? 2 : code < 0x10000 ? 3 : 4;
};

/** A line folded by octets, never within a letter (RFC 5545, 3.1): what goes on begins with a space. */
function folded(line: string): string {
  let octets = 0;
  let out = '';
  for (const letter of line) {
    if (octets + octetsOf(letter) > LINE_OCTETS) {
      out += '\r\n ';
      octets = 1;
    }
    out += letter;
    octets += octetsOf(letter);
  }
  return out;
}

const eventLines = ({ id, atMs, title, text }: CalendarEvent, nowMs: number): string[] => [
  'BEGIN:VEVENT',
  `UID:${escaped(id)}@biscuit`,
  `DTSTAMP:${instant(nowMs)}`,
  `DTSTART:${instant(atMs)}`,
  `DURATION:PT${SHOWN_MINUTES}M`,
  `SUMMARY:${escaped(title)}`,
  ...(text === '' ? [] : [`DESCRIPTION:${escaped(text)}`]),
  'TRANSP:TRANSPARENT',
  'BEGIN:VALARM',
  'ACTION:DISPLAY',
  `DESCRIPTION:${escaped(title)}`,
  'TRIGGER:PT0S',
  'END:VALARM',
  'END:VEVENT',
];

/**
 * A calendar file that rings at each event's instant (iCalendar, RFC 5545).
 * @param nowMs when it is written, ms since 1970 in UTC
 */
export const calendarFile = (events: readonly CalendarEvent[], nowMs: number): string =>
  [
    'BEGIN:VCALENDAR',
    'VERSION:2.0',
    'PRODID:-//Biscuit//Waits//EN',
    ...events.flatMap((event) => eventLines(event, nowMs)),
    'END:VCALENDAR',
  ]
    .map((line) => `${folded(line)}\r\n`)
    .join('');
