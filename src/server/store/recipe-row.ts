import { ClaimSchema, CreditSchema, type Recipe, RecipeSchema } from '../../contract/recipe.ts';
import type { Db } from '../db/open.ts';
import type { Database } from '../db/schema.ts';
import { notFound } from '../http/problem.ts';
import { fromJson } from './json-column.ts';

export const recipeOf = (r: Database['recipe']): Recipe =>
  RecipeSchema.parse({
    id: r.id,
    title: r.title,
    credit: fromJson(CreditSchema, r.credit),
    claims: fromJson(ClaimSchema.array(), r.claims),
    notes: r.notes,
    revision: r.revision,
  });

/** @throws ProblemError 404 */
export async function recipeRow(db: Db, id: string): Promise<Database['recipe']> {
  const row = await db.selectFrom('recipe').selectAll().where('id', '=', id).executeTakeFirst();
  if (!row) throw notFound('recipe');
  return row;
}
