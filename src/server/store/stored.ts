import type { z } from 'zod';
import { formatOf, type StoredKind, upgraded } from '../../contract/formats.ts';
import { invalid } from '../../core/errors.ts';

/**
 * Parses a stored document, upgraded to the newest format. What lies in the database was checked by this schema when it
 * went in.
 *
 * @throws ZodError for a row that cannot be read: whoever reads many skips it, see `readable`
 */
export function fromStored<T extends z.ZodType>(kind: StoredKind, schema: T, text: string): z.infer<T> {
  const { v = 1, ...document } = JSON.parse(text) as Record<string, unknown> & { v?: number };
  return schema.parse(upgraded(kind, document, v));
}

/** A document as it is stored, with its format, after it was parsed by the schema that it will be read with. */
export function toStored<T extends z.ZodType>(kind: StoredKind, schema: T, document: object): string {
  return JSON.stringify({ v: formatOf(kind), ...(checked(schema, document) as object) });
}

/** Parses what is about to be stored. @throws DomainError that names the first wrong field */
export function checked<T extends z.ZodType>(schema: T, document: unknown): z.infer<T> {
  const parsed = schema.safeParse(document);
  if (parsed.success) return parsed.data;
  const [first] = parsed.error.issues;
  throw invalid('Something in it cannot be.', `${first!.path.join('.') || 'it'}: ${first!.message}`);
}

/** Rows that cannot be read, by what they are; the health of the store tells them. */
const unreadable = new Set<string>();
export const unreadableRows = (): readonly string[] => [...unreadable];

/** Reads many rows; one that cannot be read is left out and remembered, and hides none of the others. */
export function readable<R, D>(rows: readonly R[], nameOf: (row: R) => string, read: (row: R) => D): D[] {
  return rows.flatMap((row) => {
    try {
      return [read(row)];
    } catch {
      unreadable.add(nameOf(row));
      return [];
    }
  });
}

export const toJson = (value: unknown): string => JSON.stringify(value);
export const fromJson = <T extends z.ZodType>(schema: T, text: string): z.infer<T> => schema.parse(JSON.parse(text));
