import { CreditSchema } from '../../contract/credit.ts';
import { RecipeHeadSchema } from '../../contract/documents.ts';
import { FieldChangeSchema } from '../../contract/entry.ts';
import { ClaimSchema, SettledSchema } from '../../contract/recipe.ts';
import { RECIPE_KIND, type RecipeHead } from '../../core/documents/recipe-kind.ts';
import { inUse } from '../../core/errors.ts';
import type { FieldChange } from '../../core/history/field-change.ts';
import { passOnKept } from './recipe-rows.ts';
import { nowOf, recount } from './scope.ts';
import type { Shelf } from './shelf.ts';
import { fromJson, toJson } from './stored.ts';
import { takersOf } from './takers.ts';

/** A recipe's title and credit. Recipes are brought in with their version as written, in `recipes.ts`. */
export const RECIPE_HEADS: Shelf<RecipeHead, FieldChange> = {
  name: 'recipes',
  what: 'recipe',
  kind: RECIPE_KIND,
  schema: RecipeHeadSchema,
  change: FieldChangeSchema,
  first: 0,
  find: async (s, id) => {
    const r = await s.db
      .selectFrom('recipe')
      .select([
        'title',
        'credit',
        'settled',
        'shown_version_id',
        'favourite',
        'claims',
        'pass_on',
        'revision',
        'removed_at',
      ])
      .where('household_id', '=', s.householdId)
      .where('id', '=', id)
      .executeTakeFirst();
    if (r === undefined) return null;
    const credit = fromJson(CreditSchema, r.credit);
    const document = {
      title: r.title,
      credit,
      settled: fromJson(SettledSchema, r.settled),
      shownVersionId: r.shown_version_id,
      favourite: r.favourite === 1,
      claims: fromJson(ClaimSchema.array(), r.claims),
      passOn: passOnKept(r.pass_on),
    };
    return { document, revision: r.revision, removed: r.removed_at !== null };
  },
  insert: async () => {
    throw new Error('a recipe is brought in with its version as written');
  },
  update: async (s, id, head, revision) => {
    await s.db
      .updateTable('recipe')
      .set({
        title: head.title,
        credit: toJson(head.credit),
        settled: toJson(head.settled),
        shown_version_id: head.shownVersionId,
        favourite: head.favourite ? 1 : 0,
        claims: toJson(head.claims),
        pass_on: toJson(head.passOn),
        revision,
        changed_at: nowOf(s),
      })
      .where('household_id', '=', s.householdId)
      .where('id', '=', id)
      .execute();
  },
  mark: async (s, id, removed_at, revision) => {
    await s.db
      .updateTable('recipe')
      .set({ removed_at, revision })
      .where('household_id', '=', s.householdId)
      .where('id', '=', id)
      .execute();
  },
  checkRemoval: async (s, id) => {
    const users = await takersOf(s, { recipe: id });
    if (users.length > 0)
      throw inUse('Another recipe takes from this one.', `${users.join(', ')}: change that line first.`);
  },
  follow: async (s, id) => {
    recount(s, [id]);
  },
};
