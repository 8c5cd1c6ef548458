/**
 * A value in which ids stand by their new ones: as a text, as a part of one that names two ("version~eater"), and as a
 * key.
 *
 * @example withIds({ recipeId: 'old' }, new Map([['old', 'new']])) // { recipeId: 'new' }
 */
export function withIds<T>(value: T, ids: ReadonlyMap<string, string>): T {
  if (ids.size === 0) return value;
  return withNewIds(value, ids) as T;
}

function withNewIds(value: unknown, ids: ReadonlyMap<string, string>): unknown {
  if (typeof value === 'string') return idIn(value, ids);
  if (Array.isArray(value)) return value.map((v) => withNewIds(v, ids));
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(Object.entries(value).map(([k, v]) => [idIn(k, ids), withNewIds(v, ids)]));
}

const idIn = (text: string, ids: ReadonlyMap<string, string>): string =>
  ids.get(text) ??
  (text.includes('~')
    ? text
        .split('~')
        .map((part) => ids.get(part) ?? part)
        .join('~')
    : text);
