/** Something that stands in a calendar. */
export interface CalendarEvent {
  /** The same for the same thing, so that a second file renews it. */
  readonly id: string;
  readonly day: string;
  /** HH:MM by the clock of the house; null for the whole day. */
  readonly time: string | null;
  /** min */
  readonly minutes: number;
  readonly title: string;
  readonly words: string;
}

/** A line of a calendar file holds so many bytes (RFC 5545, 3.1). */
const LINE_BYTES = 75;

/**
 * A calendar as an iCalendar file (RFC 5545). Times are those of the house's own clock, in no zone: supper is at half
 * past six on every phone that stands in the kitchen, summer or winter.
 *
 * @param stamp when it was made, an instant
 */
export function toIcs(name: string, events: readonly CalendarEvent[], stamp: Date): string {
  const at = stamp.toISOString().replace(/[-:]|\.\d+/g, '');
  const lines = [
    'BEGIN:VCALENDAR',
    'VERSION:2.0',
    'PRODID:-//Imbiss//Week//EN',
    'CALSCALE:GREGORIAN',
    `X-WR-CALNAME:${escaped(name)}`,
    ...events.flatMap((e) => eventLines(e, at)),
    'END:VCALENDAR',
  ];
  return `${lines.map(folded).join('\r\n')}\r\n`;
}

function eventLines(e: CalendarEvent, stamp: string): string[] {
  const day = e.day.replaceAll('-', '');
  const when =
    e.time === null
      ? [`DTSTART;VALUE=DATE:${day}`]
      : [`DTSTART:${day}T${e.time.replace(':', '')}00`, `DURATION:PT${e.minutes}M`];
  return [
    'BEGIN:VEVENT',
    `UID:${e.id}@imbiss`,
    `DTSTAMP:${stamp}`,
    ...when,
    `SUMMARY:${escaped(e.title)}`,
    ...(e.words === '' ? [] : [`DESCRIPTION:${escaped(e.words)}`]),
    'TRANSP:TRANSPARENT',
    'END:VEVENT',
  ];
}

/** Text as RFC 5545, 3.3.11 has it. */
const escaped = (text: string): string =>
  text
    .replace(/[\\;,]/g, (c) => `\\${c}`)
    .replace(/\r\n|\r|\n/g, '\\n')
    // biome-ignore lint/suspicious/noControlCharactersInRegex: these are what is taken out
    .replace(/[\u0000-\u0008\u000b-\u001f\u007f]/g, '');

/** A line that is too long goes on after a blank; no letter is cut in two. */
function folded(line: string): string {
  const bytes = new TextEncoder();
  let out = '';
  let room = LINE_BYTES;
  for (const letter of line) {
    const size = bytes.encode(letter).length;
    if (size > room) {
      out += '\r\n ';
      room = LINE_BYTES - 1;
    }
    out += letter;
    room -= size;
  }
  return out;
}
