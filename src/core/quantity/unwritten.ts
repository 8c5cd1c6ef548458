/**
 * What no keyboard writes: control characters but line breaks and tabs, and marks that turn the direction of writing
 * round. On a card they would show words that nobody wrote.
 */
// biome-ignore lint/suspicious/noControlCharactersInRegex: these are what is taken out
const UNWRITTEN = /[\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f-\u009f\u200e\u200f\u202a-\u202e\u2066-\u2069\ufeff]/g;

/** A text without what no keyboard writes. */
export const withoutUnwritten = (text: string): string => text.replace(UNWRITTEN, '');

/** A value without it in any of its texts. */
export function cleanOfUnwritten<T>(value: T): T {
  if (typeof value === 'string') return withoutUnwritten(value) as T;
  if (Array.isArray(value)) return value.map(cleanOfUnwritten) as T;
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(Object.entries(value).map(([k, v]) => [k, cleanOfUnwritten(v)])) as T;
}
