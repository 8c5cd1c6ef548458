import { type Kysely, sql } from 'kysely';

/**
 * Runs the statements of a migration. What a statement creates may be there already: releases before this one could be
 * cut off in the middle of a migration, and what they left behind is completed and not refused.
 */
export async function runStatements(db: Kysely<unknown>, statements: readonly string[]): Promise<void> {
  for (const statement of statements) {
    await sql
      .raw(
        statement.replace(/^create (table|index|trigger|virtual table) (?!if not exists)/i, 'create $1 if not exists '),
      )
      .execute(db);
  }
}
