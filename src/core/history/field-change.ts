import type { Difference, DocumentKind, Standing } from './document-kind.ts';
import { EntryConflict } from './entry.ts';
import { same } from './same.ts';
import type { Json } from './shape.ts';
import { hasPlace, type Shape, shapeAt, valueAt, withValue } from './shape.ts';

/** One change of a document of fields. `before` and `after` are left out where nothing was, or is to be, there. */
export type FieldChange =
  | { readonly kind: 'field'; readonly path: readonly string[]; readonly before?: unknown; readonly after?: unknown }
  /** An item of a list comes or goes; what changes within it has a path of its own. */
  | {
      readonly kind: 'item';
      readonly path: readonly string[];
      readonly id: string;
      readonly before?: unknown;
      readonly after?: unknown;
      /** Where it stands, or stood. */
      readonly index: number;
    }
  /** A member of a set comes or goes. */
  | {
      readonly kind: 'member';
      readonly path: readonly string[];
      readonly member: string;
      readonly before: boolean;
      readonly after: boolean;
    };

/** What the fields of a kind are called in a question, and how their values are said. */
export interface FieldWords<D> {
  /** What a path is called: "servings", "allergies". */
  what(path: readonly string[], document: D): string;
  /** A value in words, where the usual ones will not do; null leaves it to them. */
  say?(path: readonly string[], value: unknown): string | null;
}

/** A kind of document that is changed field by field. */
export interface FieldKind<D> extends DocumentKind<D, FieldChange> {
  readonly shape: Shape;
  /** The changes that make one document of the other, as small as the shape tells them apart. */
  changes(before: D, after: D): FieldChange[];
}

/** Makes a kind of document of a shape. */
export function fieldKind<D>(name: string, shape: Shape, words: FieldWords<D>): FieldKind<D> {
  const itemsAt = (document: D, path: readonly string[]): Json[] | null => {
    const found = valueAt(shape, document, path);
    return Array.isArray(found) ? found : null;
  };
  const keyAt = (path: readonly string[]): string => {
    const at = shapeAt(shape, path);
    if (at?.kind !== 'list') throw new EntryConflict(`${name}: ${path.join('.')} is no list`);
    return at.key;
  };
  const there = (document: D, c: FieldChange): unknown => {
    if (c.kind === 'field') return valueAt(shape, document, c.path);
    if (c.kind === 'item') return itemsAt(document, c.path)?.find((i) => i[keyAt(c.path)] === c.id);
    return itemsAt(document, c.path)?.includes(c.member as never) ?? false;
  };
  const placed = (document: D, c: FieldChange): boolean =>
    c.kind === 'field' ? hasPlace(shape, document, c.path) : itemsAt(document, c.path) !== null;

  const kindAt = (c: FieldChange): Shape['kind'] | undefined =>
    c.kind === 'field' ? shapeAt(shape, c.path)?.kind : undefined;
  const isLatest = (c: FieldChange): boolean => kindAt(c) === 'latest';
  const saidAt = (v: unknown): string => String((v as Json | null | undefined)?.at ?? '');

  return {
    name,
    shape,
    standing: (document, c): Standing => {
      // Where there is no place for it, nothing is there: as wanted for what was to go, and not for a plain "no".
      if (!placed(document, c)) return c.after === (c.kind === 'member' ? false : undefined) ? 'after' : 'other';
      const now = there(document, c);
      // What another device has ended does not come back by what was done to it here.
      if (now === undefined && c.before !== undefined && isLatest(c)) return 'after';
      if (kindAt(c) === 'later' && saidAt(now) > saidAt(c.after)) return 'after';
      if (same(now, c.before)) return same(c.before, c.after) ? 'after' : 'before';
      return same(now, c.after) ? 'after' : 'other';
    },
    apply: (document, c): D => {
      const at = shapeAt(shape, c.path);
      if (at === null || !placed(document, c)) throw new EntryConflict(`${name}: no place for ${c.path.join('.')}`);
      if (c.kind === 'field') return withValue(shape, document, c.path, c.after) as D;
      const items = itemsAt(document, c.path)!;
      if (c.kind === 'member') {
        const rest = items.filter((m) => (m as unknown) !== c.member);
        return withValue(shape, document, c.path, c.after ? [...rest, c.member] : rest) as D;
      }
      const key = keyAt(c.path);
      const rest = items.filter((i) => i[key] !== c.id);
      if (c.after !== undefined) rest.splice(Math.min(c.index, rest.length), 0, c.after as Json);
      return withValue(shape, document, c.path, rest) as D;
    },
    invert: (c): FieldChange =>
      c.kind === 'member' ? { ...c, before: c.after, after: c.before } : { ...c, before: c.after, after: c.before },
    over: (document, c) => {
      if (!placed(document, c)) return null;
      const before = there(document, c);
      return c.kind === 'member' ? { ...c, before: before === true } : { ...c, before };
    },
    beside: (document, c) =>
      c.kind === 'field' && (isLatest(c) || kindAt(c) === 'later') && placed(document, c)
        ? { ...c, before: there(document, c) }
        : null,
    differ: (document, c): Difference => {
      const path = c.kind === 'item' ? [...c.path, c.id] : c.path;
      const say = (v: unknown): string => words.say?.(path, v) ?? usualWords(v);
      return { what: words.what(path, document), here: say(c.after), there: say(there(document, c)) };
    },
    changes: (before, after) => changesBetween(shape, [], before, after),
  };
}

/** A value in words, where a kind has none of its own. */
function usualWords(v: unknown): string {
  if (v === undefined || v === null || v === '') return 'nothing';
  if (v === true) return 'yes';
  if (v === false) return 'no';
  if (Array.isArray(v)) return v.length === 0 ? 'nothing' : v.map(usualWords).join(', ');
  if (typeof v !== 'object') return String(v);
  const name = (v as Json).name;
  return typeof name === 'string' ? name : 'another';
}

function changesBetween(shape: Shape, path: readonly string[], before: unknown, after: unknown): FieldChange[] {
  if (same(before, after)) return [];
  switch (shape.kind) {
    case 'value':
    case 'latest':
    case 'later':
      return [{ kind: 'field', path, before, after }];
    case 'set': {
      const [was, is] = [(before ?? []) as string[], (after ?? []) as string[]];
      return [
        ...was
          .filter((m) => !is.includes(m))
          .map((member): FieldChange => ({ kind: 'member', path, member, before: true, after: false })),
        ...is
          .filter((m) => !was.includes(m))
          .map((member): FieldChange => ({ kind: 'member', path, member, before: false, after: true })),
      ];
    }
    case 'object':
    case 'record': {
      const [was, is] = [(before ?? {}) as Json, (after ?? {}) as Json];
      const keys =
        shape.kind === 'object' ? Object.keys(shape.fields) : [...new Set([...Object.keys(was), ...Object.keys(is)])];
      return keys.flatMap((k): FieldChange[] => {
        const inner = shape.kind === 'object' ? shape.fields[k]! : shape.of;
        const [b, a] = [Object.hasOwn(was, k) ? was[k] : undefined, Object.hasOwn(is, k) ? is[k] : undefined];
        if (b === undefined || a === undefined)
          return same(b, a) ? [] : [{ kind: 'field', path: [...path, k], before: b, after: a }];
        return changesBetween(inner, [...path, k], b, a);
      });
    }
    case 'list': {
      const [was, is] = [(before ?? []) as Json[], (after ?? []) as Json[]];
      const of = (items: Json[], id: unknown) => items.find((i) => i[shape.key] === id);
      const id = (i: Json): string => String(i[shape.key]);
      return [
        ...was.flatMap((b, index): FieldChange[] =>
          of(is, b[shape.key]) ? [] : [{ kind: 'item', path, id: id(b), before: b, index }],
        ),
        ...is.flatMap((a, index): FieldChange[] => {
          const b = of(was, a[shape.key]);
          return b === undefined
            ? [{ kind: 'item', path, id: id(a), after: a, index }]
            : changesBetween(shape.of, [...path, id(a)], b, a);
        }),
      ];
    }
  }
}
