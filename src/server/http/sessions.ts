import { createHash, randomBytes } from 'node:crypto';
import { millisecondsInDay } from 'date-fns/constants';
import type { Db } from '../db/open.ts';

/** A log-in holds for so many days. */
export const SESSION_DAYS = 7;
/** More sessions than any household has devices: the oldest go. */
const MOST_SESSIONS = 100;

/** Who is logged in. Kept in the database by digest, so that a restart asks nobody again and a backup opens no door. */
export interface Sessions {
  /** A new session's secret. */
  begin(): Promise<string>;
  holds(secret: string): Promise<boolean>;
  end(secret: string): Promise<void>;
  endAll(): Promise<void>;
}

const digestOf = (secret: string): string => createHash('sha256').update(secret).digest('hex');

export function sessionsIn(db: Db, clock: () => Date): Sessions {
  const now = (): string => clock().toISOString();
  return {
    begin: async () => {
      const secret = randomBytes(32).toString('hex');
      const until = new Date(clock().getTime() + SESSION_DAYS * millisecondsInDay).toISOString();
      await db.transaction().execute(async (t) => {
        await t.deleteFrom('session').where('until_at', '<', now()).execute();
        const many = await t.selectFrom('session').select('digest').orderBy('until_at', 'desc').execute();
        const old = many.slice(MOST_SESSIONS - 1).map((r) => r.digest);
        if (old.length > 0) await t.deleteFrom('session').where('digest', 'in', old).execute();
        await t
          .insertInto('session')
          .values({ digest: digestOf(secret), until_at: until })
          .execute();
      });
      return secret;
    },
    holds: async (secret) => {
      const row = await db
        .selectFrom('session')
        .select('until_at')
        .where('digest', '=', digestOf(secret))
        .executeTakeFirst();
      return row !== undefined && row.until_at >= now();
    },
    end: async (secret) => {
      await db.deleteFrom('session').where('digest', '=', digestOf(secret)).execute();
    },
    endAll: async () => {
      await db.deleteFrom('session').execute();
    },
  };
}
