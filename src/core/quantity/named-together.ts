/**
 * Several names as they are said together.
 *
 * @example namedTogether(['milk', 'egg', 'soya']) // 'milk, egg and soya'
 */
export const namedTogether = (names: readonly string[], last: 'and' | 'or' = 'and'): string =>
  names.length < 2 ? (names[0] ?? '') : `${names.slice(0, -1).join(', ')} ${last} ${names.at(-1)}`;
