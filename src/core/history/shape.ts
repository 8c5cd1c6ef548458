/** How a field is told apart when two devices change a document: whole, by members, by keys, by items. */
export type Shape =
  /** Changed as a whole. */
  | { readonly kind: 'value' }
  /** Changed as a whole, and without a question: who says it last has it, and what is gone stays gone. */
  | { readonly kind: 'latest' }
  /** As `latest`, and of two the one that was said later by the instant `at` in it: what was said off line waits no turn. */
  | { readonly kind: 'later' }
  /** A set of words: each member comes and goes on its own. */
  | { readonly kind: 'set' }
  /** Values under keys that come and go. */
  | { readonly kind: 'record'; readonly of: Shape }
  /** Fields that are always there. */
  | { readonly kind: 'object'; readonly fields: Readonly<Record<string, Shape>> }
  /** Items that are known by one of their fields. */
  | { readonly kind: 'list'; readonly key: string; readonly of: Shape };

export const value: Shape = { kind: 'value' };
export const latest: Shape = { kind: 'latest' };
export const later: Shape = { kind: 'later' };
export const set: Shape = { kind: 'set' };
export const record = (of: Shape): Shape => ({ kind: 'record', of });
export const object = (fields: Readonly<Record<string, Shape>>): Shape => ({ kind: 'object', fields });
export const list = (key: string, of: Shape): Shape => ({ kind: 'list', key, of });

export type Json = Record<string, unknown>;
const isObject = (v: unknown): v is Json => typeof v === 'object' && v !== null && !Array.isArray(v);

/** The shape at a path; null where the shape has no such place. */
export function shapeAt(shape: Shape, path: readonly string[]): Shape | null {
  const [step, ...rest] = path;
  if (step === undefined) return shape;
  switch (shape.kind) {
    case 'object':
      return Object.hasOwn(shape.fields, step) ? shapeAt(shape.fields[step]!, rest) : null;
    case 'record':
    case 'list':
      return shapeAt(shape.of, rest);
    default:
      return null;
  }
}

/** What lies at a path; undefined where nothing does. */
export function valueAt(shape: Shape, document: unknown, path: readonly string[]): unknown {
  const [step, ...rest] = path;
  if (step === undefined) return document;
  if (shape.kind === 'list') {
    const item = Array.isArray(document) ? document.find((i: Json) => i[shape.key] === step) : undefined;
    return valueAt(shape.of, item, rest);
  }
  if (!isObject(document) || !Object.hasOwn(document, step)) return undefined;
  const inner = shape.kind === 'object' ? shape.fields[step] : shape.kind === 'record' ? shape.of : undefined;
  return inner === undefined ? undefined : valueAt(inner, document[step], rest);
}

/** Whether there is something around the path that a value can be put into. */
export const hasPlace = (shape: Shape, document: unknown, path: readonly string[]): boolean =>
  valueAt(shape, document, path.slice(0, -1)) !== undefined;

/** The document with a value at a path; undefined takes the key away. The place around it must be there. */
export function withValue(shape: Shape, document: unknown, path: readonly string[], next: unknown): unknown {
  const [step, ...rest] = path;
  if (step === undefined) return next;
  if (shape.kind === 'list') {
    return (document as Json[]).map((i) => (i[shape.key] === step ? withValue(shape.of, i, rest, next) : i));
  }
  const inner = shape.kind === 'object' ? shape.fields[step] : shape.kind === 'record' ? shape.of : undefined;
  if (inner === undefined || !isObject(document)) return document;
  const here = Object.hasOwn(document, step) ? document[step] : undefined;
  const after = withValue(inner, here, rest, next);
  const entries = Object.entries(document);
  if (after === undefined) return Object.fromEntries(entries.filter(([k]) => k !== step));
  return Object.fromEntries(
    Object.hasOwn(document, step) ? entries.map(([k, v]) => [k, k === step ? after : v]) : [...entries, [step, after]],
  );
}
