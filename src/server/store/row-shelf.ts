import { type Kysely, sql } from 'kysely';
import type { z } from 'zod';
import { FieldChangeSchema } from '../../contract/entry.ts';
import { notFound } from '../../core/errors.ts';
import type { FieldChange, FieldKind } from '../../core/history/field-change.ts';
import type { RowOf } from '../db/schema.ts';
import type { Scope } from './scope.ts';
import type { Shelf, Shelved } from './shelf.ts';
import { readable } from './stored.ts';

type StoredRow = Record<string, unknown>;

/** The tables whose rows are documents of fields. */
type RowTable =
  | 'eater'
  | 'stock_item'
  | 'pin'
  | 'barcode'
  | 'food_correction'
  | 'verdict'
  | 'own_swap'
  | 'feast'
  | 'observation'
  | 'vessel'
  | 'box_kind'
  | 'cook'
  | 'box'
  | 'day_entry'
  | 'eater_day'
  | 'pot'
  | 'trip'
  | 'prep'
  | 'outside_verdict'
  | 'buying';

export interface RowShelfOptions<D, T extends RowTable>
  extends Pick<Shelf<D, FieldChange>, 'name' | 'what' | 'first' | 'isPair' | 'check' | 'checkRemoval' | 'follow'> {
  readonly kind: FieldKind<D>;
  readonly schema: z.ZodType<D>;
  readonly table: T;
  /** The columns that tell one from another. */
  keys(id: string): StoredRow;
  read(row: RowOf<T>): D;
  /** The columns that a document fills, but for its keys, revision and mark. */
  columns(document: D, s: Scope): StoredRow;
  /** Further columns of a new row. */
  begin?(s: Scope, document: D): Promise<StoredRow>;
}

/** A shelf of a table's rows, with what lists read. */
export interface RowShelf<D> extends Shelf<D, FieldChange> {
  readonly kind: FieldKind<D>;
  /** Everything of the household that is not removed, each with its revision. */
  all(s: Scope, order?: string): Promise<(D & { readonly revision: number })[]>;
}

/** Lays documents of fields into the rows of a table. */
export function rowShelf<D extends object, T extends RowTable>(options: RowShelfOptions<D, T>): RowShelf<D> {
  const { keys, read, columns } = options;
  const table: string = options.table;
  // One place writes the rows of many tables: the columns are named by the options, and the types stop here.
  // biome-ignore lint/suspicious/noExplicitAny: see above
  const dbOf = (s: Scope) => s.db as unknown as Kysely<any>;
  const where = (id: string, s: Scope) => ({ ...keys(id), household_id: s.householdId }) as StoredRow;
  const matching = (values: StoredRow) =>
    sql<boolean>`${sql.join(
      Object.entries(values).map(([k, v]) => sql`${sql.ref(k)} = ${v}`),
      sql` and `,
    )}`;
  return {
    ...options,
    change: FieldChangeSchema,
    find: async (s, id): Promise<Shelved<D> | null> => {
      const row = await dbOf(s)
        .selectFrom(table)
        .selectAll()
        .where(matching(where(id, s)))
        .executeTakeFirst();
      if (row === undefined) return null;
      return {
        document: read(row as RowOf<T>),
        revision: row.revision as number,
        removed: row.removed_at !== null,
      };
    },
    insert: async (s, id, document) => {
      const taken = await dbOf(s)
        .selectFrom(table)
        .select(sql<number>`1`.as('n'))
        .where(matching('id' in keys(id) ? (keys(id) as StoredRow) : where(id, s)))
        .executeTakeFirst();
      if (taken) throw notFound(options.what);
      await dbOf(s)
        .insertInto(table)
        .values({
          ...where(id, s),
          ...((await options.begin?.(s, document)) ?? {}),
          ...columns(document, s),
          revision: options.first,
        })
        .execute();
    },
    update: async (s, id, document, revision) => {
      await dbOf(s)
        .updateTable(table)
        .set({ ...columns(document, s), revision } as StoredRow)
        .where(matching(where(id, s)))
        .execute();
    },
    mark: async (s, id, removedAt, revision) => {
      await dbOf(s)
        .updateTable(table)
        .set({ removed_at: removedAt, revision } as StoredRow)
        .where(matching(where(id, s)))
        .execute();
    },
    all: async (s, order) => {
      const rows: StoredRow[] = await dbOf(s)
        .selectFrom(table)
        .selectAll()
        .where('household_id', '=', s.householdId)
        .where('removed_at', 'is', null)
        .$if(order !== undefined, (q) => q.orderBy(sql.raw(order!)))
        .execute();
      return readable(
        rows,
        (r) => `${table} ${String(r.id ?? r.food_id ?? r.code ?? r.version_id)}`,
        (r) => ({ ...read(r as RowOf<T>), revision: r.revision as number }),
      );
    },
  };
}
