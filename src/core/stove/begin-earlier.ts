import { formatGrams } from '../quantity/format-amount.ts';
import type { Line, Version } from '../version/version.ts';
import { COMMON_PRACTICE } from './common-practice.ts';
import { stepTimes } from './step-times.ts';

/** Something that has to begin long before the dish is on the table. */
export interface BeginEarlier {
  /** "Soak 300 g dried chickpeas", "Step 2, marinate". */
  readonly what: string;
  /** How long it takes, min. */
  readonly minutes: number;
  /** The step that waits for it, from 0; null for what is done before the first. */
  readonly step: number | null;
  readonly source: string;
}

const NIGHT_MIN = 600;
/** Thawing in the fridge: a night, and a day for each 2 kg and more. */
const THAW_MIN = 720;
const THAW_BIG_MIN = 1440;
const BIG_G = 1000;
/** Out of the fridge until soft; what spoils stays out for 2 h at most. */
const SOFTEN_MIN = 60;
/** What takes less is part of the cooking. */
const LONG_MIN = 120;

const words = (line: Line): string => {
  // Without what is done to it before: "500 g frozen spinach, thawed".
  const first = line.text.split(',')[0]!.trim();
  return first === '' ? formatGrams(line.weight?.grams ?? 0) : first;
};

/** What lines and steps ask to begin before the rest, the longest first. */
export function beginEarlier(version: Pick<Version, 'lines' | 'steps'>): BeginEarlier[] {
  const lines = version.lines.filter((l) => !l.leftOut).flatMap(ofLine);
  const steps = version.steps.flatMap((s, i) => ofStep(s.text, i));
  return [...lines, ...steps].sort((a, b) => b.minutes - a.minutes);
}

function ofLine(line: Line): BeginEarlier[] {
  const said = `${line.text} ${line.note ?? ''}`;
  if (/\bthaw(?:ed)?\b|\bdefrost/i.test(said)) {
    const minutes = (line.weight?.grams ?? 0) >= BIG_G ? THAW_BIG_MIN : THAW_MIN;
    return [{ what: `Thaw ${words(line)} in the fridge`, minutes, step: null, source: 'USDA FSIS, the big thaw' }];
  }
  if (/\bsoaked\b|\bsoak\b/i.test(said)) {
    const minutes = /overnight/i.test(said) ? NIGHT_MIN : longestIn(said);
    return minutes === null || minutes < LONG_MIN
      ? []
      : [{ what: `Soak ${words(line)}`, minutes, step: null, source: COMMON_PRACTICE }];
  }
  if (
    /\bsoft(?:ened)?\b(?! (?:cheese|brown|light|goat|tofu))|\broom temperature\b/i.test(said) &&
    !/\bsoft(?:ened)? (?:dough|tortilla)/i.test(said)
  )
    return [
      { what: `Take ${words(line)} out of the fridge`, minutes: SOFTEN_MIN, step: null, source: COMMON_PRACTICE },
    ];
  return [];
}

const WAITS = /\b(soak|marinate|chill|refrigerate|freeze|thaw|rest|rise|prove|set|cure|brine|steep|stand|infuse)\w*\b/i;

function ofStep(text: string, step: number): BeginEarlier[] {
  const verb = WAITS.exec(text)?.[1]?.toLowerCase();
  // How long it keeps is not how long it takes.
  if (verb === undefined || /\bkeeps?\b|\bstore\b|\bor freeze\b/i.test(text)) return [];
  const minutes = /\bovernight\b|\bthe (?:night|day|evening) before\b/i.test(text) ? NIGHT_MIN : longestIn(text);
  if (minutes === null || minutes < LONG_MIN) return [];
  return [{ what: `Step ${step + 1}, ${verb}`, minutes, step, source: COMMON_PRACTICE }];
}

/** The longest time that words say, min; of a range its long end. */
function longestIn(text: string): number | null {
  const all = stepTimes(text.replace(/\bat least\b/gi, '')).map((t) => (t.to ?? t.from) / 60);
  return all.length === 0 ? null : Math.max(...all);
}

const DAY_MS = 86_400_000;
const twoDigits = (n: number): string => String(n).padStart(2, '0');

/**
 * The clock time at which something has to begin: "at 16:00", "on Saturday at 17:00".
 *
 * @param minutes how long it takes
 * @param cooking how long the dish takes after it, min; null where nobody knows
 * @param table when it is to be on the table, in the cook's own time zone
 */
export function beginWords(minutes: number, cooking: number | null, table: Date): string {
  const at = new Date(table.getTime() - (minutes + (cooking ?? 0)) * 60_000);
  const clock = `at ${twoDigits(at.getHours())}:${twoDigits(at.getMinutes())}`;
  const day = at.toDateString() === table.toDateString() ? '' : `on ${weekdayOf(at, table)} `;
  return `${day}${clock}${cooking === null ? ' at the latest' : ''}`;
}

const weekdayOf = (at: Date, table: Date): string =>
  table.getTime() - at.getTime() > 6 * DAY_MS
    ? at.toLocaleDateString('en-GB', { day: 'numeric', month: 'long' })
    : at.toLocaleDateString('en', { weekday: 'long' });
