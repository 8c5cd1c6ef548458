/**
 * Whether two values are the same as JSON: the order of keys does not matter, and a key that is missing is the same as
 * one that is undefined.
 *
 * @example same({ a: 1, b: undefined }, { a: 1 }) // true
 * @example same([1, 2], [2, 1]) // false: the order of a list is part of it
 */
export function same(a: unknown, b: unknown): boolean {
  if (Object.is(a, b)) return true;
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return false;
  if (Array.isArray(a) !== Array.isArray(b)) return false;
  if (Array.isArray(a) && Array.isArray(b)) return a.length === b.length && a.every((x, i) => same(x, b[i]));
  const [left, right] = [a as Record<string, unknown>, b as Record<string, unknown>];
  return [...new Set([...Object.keys(left), ...Object.keys(right)])].every((k) => same(left[k], right[k]));
}
