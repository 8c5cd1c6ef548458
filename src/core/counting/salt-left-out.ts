import type { Line } from '../version/version.ts';

const SALT = /\b(?:salt|sea salt|bicarb|bicarbonate|(?:baking )?soda)\b/i;
const NO_SALT = /\b(?:unsalted|no[- ]salt|without salt|soda water|club soda)\b/i;

/**
 * Whether salt or soda goes in of which nobody knows how much: to taste, or in a line that was read before its sodium
 * counted. What a serving has of sodium is then said to be without it: unknown is not zero.
 */
export const isSaltLeftOut = (lines: readonly Line[]): boolean =>
  lines.some((l) => !l.leftOut && l.food.kind === 'nothing' && SALT.test(l.text) && !NO_SALT.test(l.text));
