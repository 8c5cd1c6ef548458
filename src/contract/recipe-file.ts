import { z } from 'zod';
import { pansSaid } from '../core/page/pans-said.ts';
import { NO_TIMES, type RecipeText } from '../core/page/recipe-text.ts';
import { splitLine } from '../core/reading/split-line.ts';
import { schemaOrgRecipes, yieldOf } from './schema-org.ts';

const Text = z.union([z.string(), z.object({ text: z.string() }).transform((o) => o.text)]);

/** A recipe as JSON: our own shape, which `score` documents. */
export const OwnRecipeSchema = z.object({
  title: z.string().nullish(),
  servings: z.union([z.number(), z.string()]).nullish(),
  lines: z.array(Text).optional(),
  ingredients: z.array(Text).optional(),
  steps: z.array(Text).optional(),
});

/** No page holds more recipes. */
export const MOST_ON_PAGE = 20;

/** Reads the recipes of parsed JSON, at most so many; none when it is neither our own shape nor schema.org's. */
export function recipesFromJson(json: unknown, most = MOST_ON_PAGE): RecipeText[] {
  if (isDeep(json)) return [];
  const found = schemaOrgRecipes(json, most);
  if (found.length > 0) return found;
  const own = OwnRecipeSchema.safeParse(json);
  const lines = own.success ? (own.data.lines ?? own.data.ingredients) : undefined;
  if (!own.success || lines === undefined) return [];
  const { title, servings, steps = [] } = own.data;
  return [
    {
      title: title ?? null,
      ...(typeof servings === 'number'
        ? { servings, makes: String(servings) }
        : yieldOf(servings == null ? [] : [servings])),
      ingredients: lines.flatMap(splitLine).map((text) => ({ text, group: null })),
      fromSteps: false,
      steps,
      author: null,
      url: null,
      claims: [],
      notes: [],
      times: NO_TIMES,
      pans: pansSaid(steps),
      tools: [],
      aside: [],
    },
  ];
}

/** No recipe is nested deeper than this. */
const DEEPEST_FILE = 40;

/** Whether JSON is nested deeper than any recipe; without recursion, for that is what it would break. */
function isDeep(json: unknown): boolean {
  let layer: unknown[] = [json];
  for (let depth = 0; depth < DEEPEST_FILE; depth++) {
    layer = layer.flatMap((v) => (typeof v === 'object' && v !== null ? Object.values(v) : []));
    if (layer.length === 0) return false;
  }
  return true;
}
