import {
  ALLERGENS,
  type Allergen,
  FOOD_KINDS,
  FOOD_STATES,
  type Food,
  type FoodKind,
  type FoodState,
  type Measure,
  ROLES,
  type Role,
} from '../food.ts';
import { profileOf } from '../nutrients.ts';

const TABLE_SOURCE = 'public-domain US reference tables, from memory';
/** Every shipped food is at this revision until its values change. */
const SHIPPED_REVISION = 1;

/**
 * Reads a table of foods, one a row:
 * `id | name | state | kcal fat satFat carbs sugars addedSugars fibre protein sodium [alcohol] | measures | kinds |
 * roles | allergens | synonyms [| energy note]`, nutrients per 100 g (kcal, g, sodium in mg, `?` unknown),
 * measures as `cup 125; cup(sifted) 115`, the other lists by spaces, synonyms by `;`.
 *
 * @throws Error that names the row, for a row that breaks the form: the tables are part of the program.
 */
export function readFoodTable(table: string, group: string): Food[] {
  return table
    .trim()
    .split('\n')
    .map((row) => {
      const cells = row.split('|').map((c) => c.trim());
      const fail = (why: string): never => {
        throw new Error(`Food row "${cells[0]}": ${why}`);
      };
      if (cells.length < 9 || cells.length > 10) fail(`has ${cells.length} cells, not 9 or 10`);
      const [id, name, state, numbers, measures, kinds, roles, allergens, synonyms, energyNote] = cells as string[];
      const n = numbers!.split(/\s+/).map((x) => (x === '?' ? null : Number(x)));
      if (n.length < 9 || n.length > 10 || n.some((x) => Number.isNaN(x))) fail('needs 9 or 10 nutrient values');
      const words = <T extends string>(text: string, known: readonly T[], what: string): T[] =>
        text
          .split(/\s+/)
          .filter(Boolean)
          .map((w) => (known.includes(w as T) ? (w as T) : fail(`unknown ${what} "${w}"`)));
      if (!FOOD_STATES.includes(state as FoodState)) fail(`unknown state "${state}"`);
      return {
        id: id!,
        revision: SHIPPED_REVISION,
        name: name!,
        group,
        state: state as FoodState,
        per100g: profileOf({
          kcal: n[0],
          fat: n[1],
          satFat: n[2],
          carbs: n[3],
          sugars: n[4],
          addedSugars: n[5],
          fibre: n[6],
          protein: n[7],
          sodium: n[8],
          alcohol: n[9] ?? 0,
        }),
        measures: measures!
          .split(';')
          .map((m) => m.trim())
          .filter(Boolean)
          .map((m): Measure => {
            const found = /^([a-z ]+?)(?:\(([a-z0-9 ]+)\))? ([\d.]+)$/.exec(m) ?? fail(`measure "${m}"`);
            return { unit: found[1]!, form: found[2] ?? null, grams: Number(found[3]) };
          }),
        kinds: words<FoodKind>(kinds!, FOOD_KINDS, 'kind'),
        roles: words<Role>(roles!, ROLES, 'role'),
        allergens: words<Allergen>(allergens!, ALLERGENS, 'allergen'),
        synonyms: synonyms!
          .split(';')
          .map((s) => s.trim())
          .filter(Boolean),
        source: TABLE_SOURCE,
        energyNote: energyNote ?? null,
      };
    });
}
