import type { Kysely } from 'kysely';
import { runStatements } from './run-statements.ts';

export async function up(db: Kysely<unknown>): Promise<void> {
  await runStatements(db, [
    // By how much the oven is hotter than it says, °C; null where nobody measured.
    'alter table household add column oven_runs_hot real check (oven_runs_hot between -100 and 100)',
    // What was begun in the last days, among years of cooks.
    'create index cook_day on cook (household_id, day)',
    // How much goes into a pot or a dish, ml; null where nobody said.
    'alter table vessel add column millilitres real check (millilitres > 0)',
  ]);
}
