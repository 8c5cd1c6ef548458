import { describe, expect, it } from 'vitest';
import { z } from 'zod';
import type { FieldKind } from '../core/history/field-change.ts';
import type { Shape } from '../core/history/shape.ts';
import { DOCUMENTS } from './documents.ts';

interface Plain {
  readonly properties?: Readonly<Record<string, Plain>>;
  readonly items?: Plain;
}

/** The fields of a schema that a shape does not tell apart, though it tells apart others beside them. */
function unknownTo(shape: Shape, schema: Plain, at: string): string[] {
  if (shape.kind === 'object')
    return Object.entries(schema.properties ?? {}).flatMap(([name, of]) => {
      const inner = shape.fields[name];
      return inner === undefined ? [`${at}.${name}`] : unknownTo(inner, of, `${at}.${name}`);
    });
  if (shape.kind !== 'list') return [];
  return unknownTo(shape.of, schema.items ?? {}, `${at}[]`).filter((p) => p !== `${at}[].${shape.key}`);
}

/** What a thing is from its making on: whoever wants another makes another. */
const NEVER_CHANGED: Readonly<Record<string, readonly string[]>> = {
  barcodes: ['code'],
  'box-kinds': ['id'],
  boxes: ['as', 'cookId', 'id', 'packed', 'recipeId', 'title'],
  buying: ['foodId'],
  cooks: ['as', 'fromId', 'id', 'recipeId'],
  corrections: ['foodId'],
  'day-entries': ['id'],
  days: ['day', 'eaterId'],
  eaters: ['id'],
  feasts: ['id', 'revision'],
  household: ['demo', 'id'],
  observations: ['id'],
  'outside-verdicts': ['id', 'recipeId'],
  pins: ['foodId', 'programId'],
  pots: ['id', 'recipeId'],
  preps: ['dishes[].recipeId', 'id'],
  stock: ['id'],
  swaps: ['id'],
  trips: ['from', 'id', 'made', 'to'],
  verdicts: ['eaterId', 'swaps', 'versionId'],
  vessels: ['id'],
};

describe('what can be changed of a document', () => {
  it('is every field of it, but what it is from its making on', () => {
    const found = Object.entries(DOCUMENTS).flatMap(([name, { kind, schema }]) => {
      const { shape } = kind as Partial<FieldKind<unknown>>;
      return shape === undefined
        ? []
        : unknownTo(
            shape,
            z.toJSONSchema(schema as z.ZodType, { unrepresentable: 'any', io: 'output' }) as Plain,
            name,
          );
    });
    const fixed = Object.entries(NEVER_CHANGED).flatMap(([name, of]) => of.map((field) => `${name}.${field}`));
    expect(found.sort()).toEqual(fixed.sort());
  });
});
