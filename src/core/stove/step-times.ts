import { normalizeText } from '../reading/normalize-text.ts';
import { readNumber } from '../reading/read-number.ts';
import { beginsWithVerb } from './kitchen-verbs.ts';

/** A time that a step says, s. */
export interface StepTime {
  /** What is waited for, in the step's own words: "Soften the leeks". */
  readonly name: string;
  /** Its short end: from here on one looks. */
  readonly from: number;
  /** Its long end; null where it is no range. */
  readonly to: number | null;
  /** The words that say it: "6 to 8 minutes". */
  readonly said: string;
}

const TIME_NUMBER = String.raw`\d+\s?[½⅓⅔¼¾]|\d+(?:[.,]\d+)?|[½⅓⅔¼¾]|an?|half an|one|two|three|four|five|six|eight|ten|twelve`;
const TIME_UNIT = String.raw`hours?|hrs?\.?|h|minutes?|mins?\.?|seconds?|secs?\.?`;
const TIME_RANGE = String.raw`(${TIME_NUMBER})(?:\s?(?:-|–|to|or)\s?(${TIME_NUMBER}))?[\s-]?(?:more |further )?(${TIME_UNIT})\b`;
/** "1 hour 15 minutes", "6 to 8 minutes", "2½ hours", "half an hour". */
const TIME = new RegExp(
  String.raw`(?<![\d./-])\b${TIME_RANGE}(?:\s?(?:and )?(\d+|a half)\s?(minutes?|mins?\.?)?\b)?`,
  'gi',
);
/** What is said of a time that nobody waits for. */
const NOT_WAITED =
  /\b(?:every|each|within|up to|last|final|first|keeps?(?: \w+)? for|before the (?:end|last)|no more than|not more than|at most|per|the)\s*$/i;
/** What stands for so long does wait, though something comes after it: "let it stand 10 minutes before cutting". */
const STANDS = /\b(?:let|leave|stand|rest|cool|sit|soak|chill|marinate)\b[^.;!?]*$/i;
const NOT_WAITED_AFTER = /^\s*(?:before|earlier|ahead|old\b|-?(?:minute )?oats|from the end)/i;
const NUMBER_WORDS: Readonly<Record<string, number>> = {
  a: 1,
  an: 1,
  one: 1,
  'half an': 0.5,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  eight: 8,
  ten: 10,
  twelve: 12,
};
const secondsOf = (unit: string): number => (/^h/i.test(unit) ? 3600 : /^m/i.test(unit) ? 60 : 1);
const numberIn = (text: string): number => {
  const word = NUMBER_WORDS[text.toLowerCase().trim()];
  return word ?? readNumber(normalizeText(text))?.value ?? Number.NaN;
};

/** A day's waiting is no timer's. */
const LONGEST_S = 24 * 3600;

/**
 * The times that a step says one waits, with what for, in its own words. Not those that say how often, until when, or
 * how long something keeps.
 *
 * @example stepTimes('Bake for 45 to 55 minutes.') // [{ name: 'Bake', from: 2700, to: 3300, said: '45 to 55 minutes' }]
 */
export function stepTimes(text: string): StepTime[] {
  const found: StepTime[] = [];
  for (const m of text.matchAll(TIME)) {
    const before = text.slice(0, m.index);
    const after = text.slice(m.index + m[0].length);
    const isWaited = STANDS.test(before) && /^\s*before\b/i.test(after);
    if (NOT_WAITED.test(before) || (NOT_WAITED_AFTER.test(after) && !isWaited) || /\d-$/.test(before)) continue;
    // "the 10-minute oats"
    if (/^\d+-minute/i.test(m[0]) && /^\s+\w/.test(after)) continue;
    const unit = secondsOf(m[3]!);
    const more =
      m[4] === undefined || unit !== 3600 ? 0 : /half/i.test(m[4]) ? 1800 : m[5] === undefined ? 0 : Number(m[4]) * 60;
    const low = numberIn(m[1]!) * unit + (m[2] === undefined ? more : 0);
    const high = m[2] === undefined ? null : numberIn(m[2]) * unit + more;
    const ends = [low, high ?? low];
    if (ends.some((n) => !(n > 0) || n >= LONGEST_S)) continue;
    const range = high !== null && high > low;
    const perSide = /^\s*(?:per|on each|each|a) sides?/i.test(after) ? ', each side' : '';
    found.push({
      name: `${waitsFor(before, after)}${perSide}`,
      from: Math.round(low),
      to: range ? Math.round(high) : null,
      said: m[0].trim(),
    });
  }
  return numbered(found);
}

/** So long a name is read at a glance. */
const LONGEST_TIMER_NAME = 40;

/** What is waited for: the clause that the time stands in. */
function waitsFor(before: string, after: string): string {
  const sentence = before.split(/[.;!?]\s+/).pop()!;
  const own = sentence
    .replace(/\s*\(?(?:at|to) \d{2,3} ?(?:°|degrees?)?.*$/i, '')
    .replace(
      /[\s,(:–-]*(?:for(?: at least| about| another| around)?|about|another|at least|around|after|some)?[\s,(]*(?:an?other )?$/i,
      '',
    )
    .trim();
  // "After 20 minutes, turn the pieces".
  if (/^after$/i.test(sentence.trim()) || own === '')
    return cut(after.replace(/^[\s,]+(?:then |and )?/, '').split(/[.;,!?]/)[0]!);
  const clauses = own.split(/,\s+(?:and |then )*|\band then\b|\bthen\b|;\s/).map((c) => c.trim());
  // "the onion and the mushrooms" are one thing, "add the rest and simmer" are two.
  const lastOf = (clause: string): string | null => {
    const parts = clause.split(/\s+and\s+/);
    const last = parts.pop()!.trim();
    return parts.length > 0 && beginsWithVerb(last) ? last : null;
  };
  // "in a large pot" is where, "water, vinegar and salt" are what.
  const clause = clauses.findLast((c) => beginsWithVerb(c) || lastOf(c) !== null) ?? clauses.pop()!;
  const alone = lastOf(clause) ?? clause;
  return cut(alone.replace(/^(?:and|then|now|or)\s+/i, ''));
}

function cut(words: string): string {
  const trimmed = words.trim().replace(/^[a-z]/, (c) => c.toUpperCase());
  if (trimmed === '') return 'Timer';
  if (trimmed.length <= LONGEST_TIMER_NAME) return trimmed;
  return trimmed
    .slice(0, LONGEST_TIMER_NAME + 1)
    .replace(/\s+\S*$/, '')
    .replace(/(?:\s+(?:in|of|the|an?|half|with|and|on|over|to|for|from))+$/i, '');
}

/** Times of one name are numbered, so that two of them are told apart. */
const numbered = (times: readonly StepTime[]): StepTime[] =>
  times.map((t, i) => {
    const n = times.slice(0, i).filter((o) => o.name === t.name).length;
    return n === 0 ? t : { ...t, name: `${t.name} (${n + 1})` };
  });
