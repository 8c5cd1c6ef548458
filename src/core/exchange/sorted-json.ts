/**
 * A value as JSON text with its keys in order, so that the same is always the same bytes. A key whose value is undefined
 * is left out.
 *
 * @example sortedJson({ b: 1, a: [true] }) // '{"a":[true],"b":1}' over lines
 */
export const sortedJson = (value: unknown): string => `${JSON.stringify(inOrder(value), null, 1)}\n`;

function inOrder(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(inOrder);
  if (typeof value !== 'object' || value === null) return value;
  const known = value as Readonly<Record<string, unknown>>;
  return Object.fromEntries(
    Object.keys(known)
      .sort()
      .map((key) => [key, inOrder(known[key])]),
  );
}
