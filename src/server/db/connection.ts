import { DatabaseSync, type StatementSyncInstance } from '@photostructure/sqlite';

/** A prepared statement, as Kysely's SQLite driver calls it. */
export interface Statement {
  /** Whether it answers rows. */
  readonly reader: boolean;
  all(parameters: readonly unknown[]): unknown[];
  run(parameters: readonly unknown[]): { changes: number | bigint; lastInsertRowid: number | bigint };
  iterate(parameters: readonly unknown[]): IterableIterator<unknown>;
}

/** One connection to a database file. */
export interface Connection {
  prepare(sql: string): Statement;
  exec(sql: string): void;
  /** The first column of the first row of a pragma, such as `integrity_check`. */
  pragma(words: string): unknown;
  close(): void;
}

/** So many statements stay prepared; the application has fewer kinds than this. */
const MOST_PREPARED = 300;

/**
 * Opens a database file.
 *
 * @throws an SQLite error where the file cannot be opened or is no database.
 */
export function connectTo(file: string, options: { readonly readOnly?: boolean } = {}): Connection {
  const db = new DatabaseSync(file, { readOnly: options.readOnly ?? false });
  const prepared = new Map<string, Statement>();
  return {
    prepare: (sql) => {
      const known = prepared.get(sql);
      if (known) return known;
      const statement = statementOf(db.prepare(sql));
      if (prepared.size >= MOST_PREPARED) prepared.delete(prepared.keys().next().value!);
      prepared.set(sql, statement);
      return statement;
    },
    exec: (sql) => db.exec(sql),
    pragma: (words) => {
      const row = db.prepare(`pragma ${words}`).get() as Record<string, unknown> | undefined;
      return row === undefined ? undefined : Object.values(row)[0];
    },
    close: () => {
      prepared.clear();
      if (!db.isOpen) return;
      // Statements that wait for the collector would keep a transaction, and its lock, alive beyond the closing.
      if (db.isTransaction) db.exec('rollback');
      db.close();
    },
  };
}

function statementOf(statement: StatementSyncInstance): Statement {
  const reader = statement.columns().length > 0;
  return {
    reader,
    all: (p) => statement.all(...p),
    run: (p) => statement.run(...p),
    iterate: (p) => statement.iterate(...p),
  };
}
