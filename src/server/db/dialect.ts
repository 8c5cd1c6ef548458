import {
  CompiledQuery,
  type DatabaseConnection,
  type Driver,
  type Kysely,
  SqliteAdapter,
  SqliteDialect,
  SqliteDriver,
  type TransactionSettings,
} from 'kysely';
import type { Connection } from './connection.ts';

/**
 * SQLite as Imbiss uses it. Two things differ from Kysely's own dialect:
 *
 * - a transaction takes the write lock when it begins, so that what it reads is what it writes over, and a second
 *   process waits at the beginning and does not fail in the middle;
 * - a migration and the note that it ran are one transaction: SQLite's DDL is transactional.
 */
export class ImbissDialect extends SqliteDialect {
  readonly #connection: Connection;
  constructor(connection: Connection) {
    super({ database: connection });
    this.#connection = connection;
  }
  override createDriver(): Driver {
    return new ImmediateDriver(this.#connection);
  }
  override createAdapter(): SqliteAdapter {
    return new TransactionalAdapter();
  }
}

class ImmediateDriver extends SqliteDriver {
  constructor(connection: Connection) {
    super({ database: connection });
  }
  override async beginTransaction(connection: DatabaseConnection, settings?: TransactionSettings): Promise<void> {
    await connection.executeQuery(
      CompiledQuery.raw(settings?.accessMode === 'read only' ? 'begin' : 'begin immediate'),
    );
  }
  override async rollbackTransaction(connection: DatabaseConnection): Promise<void> {
    try {
      await connection.executeQuery(CompiledQuery.raw('rollback'));
    } catch (e) {
      // A full disk makes SQLite roll back by itself: what went wrong is told by the error that led here.
      if (!/no transaction is active/.test(String((e as Error).message))) throw e;
    }
  }
}

class TransactionalAdapter extends SqliteAdapter {
  override get supportsTransactionalDdl(): boolean {
    return true;
  }
  override async acquireMigrationLock(_db: Kysely<unknown>): Promise<void> {}
  override async releaseMigrationLock(_db: Kysely<unknown>): Promise<void> {}
}
