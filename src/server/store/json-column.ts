import type { z } from 'zod';

/** Parses a JSON column; what lies in the database was checked when it went in, so a failure is a bug or damage. */
export const fromJson = <T extends z.ZodType>(schema: T, text: string): z.infer<T> => schema.parse(JSON.parse(text));
export const toJson = (value: unknown): string => JSON.stringify(value);
