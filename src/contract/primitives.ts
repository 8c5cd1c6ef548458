import { z } from 'zod';
import { withoutUnwritten } from '../core/quantity/unwritten.ts';

/** A UUIDv7, or the fixed id of something that ships with Imbiss. */
export const Id = z.string().regex(/^[A-Za-z0-9][A-Za-z0-9-]{2,63}$/, 'is not an id');
/**
 * A name or a few words on one line. Line breaks become blanks, and what no keyboard writes (control characters, marks
 * that turn the direction of writing round) falls away: on a card it would show lines that nobody wrote.
 */
export const Words = (most: number) =>
  z
    .string()
    .overwrite((s) => withoutUnwritten(s.replace(/[\r\n\t\u2028\u2029]+/g, ' ')).trim())
    .min(1, 'is empty')
    .max(most, `is longer than ${most} characters`);
/** Any text, of several lines too, without what no keyboard writes. */
export const Written = (most: number, tooLong = `is longer than ${most} characters`) =>
  z.string().overwrite(withoutUnwritten).max(most, tooLong);

/** Servings: at least 0.01 and at most 500, fractions allowed. */
export const Servings = z.number('is not a number').min(0.01, 'must be at least 0.01').max(500, 'can be at most 500');
export const Grams = z.number().finite().min(0).max(1_000_000);
/** A calendar day that exists, YYYY-MM-DD. */
export const Day = z.iso.date('is not a day, such as 2026-12-24');

/** An IANA time zone that this machine knows. */
export const Zone = Words(60).refine((zone) => {
  try {
    return new Intl.DateTimeFormat('en', { timeZone: zone }) !== null;
  } catch {
    return false;
  }
}, 'is not a time zone, such as Europe/Vienna');
