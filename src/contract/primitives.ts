import { z } from 'zod';

/** A UUIDv7, or the fixed id of something that ships with Imbiss. */
export const Id = z.string().regex(/^[a-z0-9][a-z0-9-]{2,63}$/i, 'is not an id');
export const Words = (most: number) =>
  z.string().trim().min(1, 'is empty').max(most, `is longer than ${most} characters`);
/** Servings: above 0 and at most 500, fractions allowed. */
export const Servings = z.number('is not a number').gt(0, 'must be above 0').max(500, 'can be at most 500');
export const Grams = z.number().finite().min(0).max(1_000_000);
/** A calendar day that exists, YYYY-MM-DD. */
export const Day = z.iso.date('is not a day, such as 2026-12-24');
