import { sql } from 'kysely';
import type { Food } from '../../core/food/food.ts';
import { foodWords, isNoise } from '../../core/food/food-words.ts';
import { indexFoods, matchFood } from '../../core/food/match-food.ts';
import { nearestWord } from '../../core/food/nearest-word.ts';
import { rankFoods } from '../../core/food/rank-foods.ts';
import type { Db } from '../db/open.ts';
import { newestFoods } from './foods.ts';
import type { Scope } from './scope.ts';

/** So many candidates are ranked; the full text brings the best of them first. */
const CANDIDATES = 80;

/** A word as full text, quoted: `80/20` is a phrase and not an operator. */
const asPrefix = (word: string): string => `"${word.replaceAll('"', '')}"*`;

/**
 * The foods of a household that fit what was typed, best first: names and synonyms by the beginnings of their words,
 * typing errors put right, lifted by how many of the household's recipes have them.
 */
export async function searchPantry(s: Scope, text: string, most: number): Promise<Food[]> {
  const typed = foodWords(text.slice(0, 120)).slice(0, 8);
  if (typed.length === 0) return [];
  const words: string[] = [];
  for (const w of typed) words.push((await begins(s.db, w)) ? w : await respelled(s.db, w));
  const ids = await found(s, words.map(asPrefix).join(' AND '));
  if (ids.length > 0) {
    const [foods, uses] = [await newestFoods(s, ids), await usesOf(s, ids)];
    return rankFoods(foods, words, (id) => uses.get(id) ?? 0).slice(0, most);
  }
  // No food has all of the words: those with the most of what they mean.
  const telling = words.filter((w) => !isNoise(w));
  const some = await found(s, (telling.length > 0 ? telling : words).map(asPrefix).join(' OR '));
  const foods = await newestFoods(s, some);
  return matchFood(indexFoods(foods), words.join(' '), null, most).map((m) => m.food);
}

async function found(s: Scope, query: string): Promise<string[]> {
  const rows = await sql<{ food_id: string }>`
    select n.food_id from food_text t join food_name n on n.rowid = t.rowid
    where t.words match ${query} and (n.household_id is null or n.household_id = ${s.householdId})
    order by t.rank limit ${CANDIDATES}`.execute(s.db);
  const corrected = await s.db
    .selectFrom('food_correction')
    .select(['food_id', 'synonyms'])
    .where('household_id', '=', s.householdId)
    .execute();
  // The household's own words are few, and read whole.
  const asked = [...query.matchAll(/"([^"]+)"/g)].map((m) => m[1]!);
  const all = query.includes(' AND ') || asked.length === 1;
  const own = corrected.filter((c) => {
    const words = foodWords(c.synonyms);
    const fits = (w: string) => words.some((x) => x.startsWith(w));
    return all ? asked.every(fits) : asked.some(fits);
  });
  return [...new Set([...own.map((c) => c.food_id), ...rows.rows.map((r) => r.food_id)])];
}

async function begins(db: Db, word: string): Promise<boolean> {
  const row = await sql<{ n: number }>`
    select 1 as n from food_text where words match ${asPrefix(word)} limit 1`.execute(db);
  return row.rows.length > 0;
}

/** The pantry's word nearest to a mistyped one; the word itself when none is near. */
async function respelled(db: Db, word: string): Promise<string> {
  const near = await sql<{ term: string }>`
    select term from food_vocabulary where length(term) between ${word.length - 2} and ${word.length + 2}`.execute(db);
  return (
    nearestWord(
      word,
      near.rows.map((r) => r.term),
    ) ?? word
  );
}

async function usesOf(s: Scope, ids: readonly string[]): Promise<Map<string, number>> {
  const rows = await s.db
    .selectFrom('version_food')
    .innerJoin('version', 'version.id', 'version_food.version_id')
    .innerJoin('recipe', 'recipe.id', 'version.recipe_id')
    .select((e) => ['version_food.food_id', e.fn.count<number>('recipe.id').distinct().as('uses')])
    .where('recipe.household_id', '=', s.householdId)
    .where('version_food.food_id', 'in', [...ids])
    .groupBy('version_food.food_id')
    .execute();
  return new Map(rows.map((r) => [r.food_id, Number(r.uses)]));
}
