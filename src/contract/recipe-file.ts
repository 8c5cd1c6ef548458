import { z } from 'zod';
import { normalizeText } from '../core/reading/normalize-text.ts';
import { readNumber } from '../core/reading/read-number.ts';
import type { RecipeText } from '../core/reading/read-recipe.ts';
import { splitLine } from '../core/reading/split-line.ts';

const Text = z.union([z.string(), z.object({ text: z.string() }).transform((o) => o.text)]);

/** A recipe as JSON: our own shape, which `score` documents. */
export const OwnRecipeSchema = z.object({
  title: z.string().nullish(),
  servings: z.union([z.number(), z.string()]).nullish(),
  lines: z.array(Text).optional(),
  ingredients: z.array(Text).optional(),
  steps: z.array(Text).optional(),
});

/** The parts of a schema.org Recipe that we read. */
const SchemaOrg = z.object({
  name: z.string().nullish(),
  recipeYield: z.union([z.number(), z.string(), z.array(z.union([z.number(), z.string()]))]).nullish(),
  recipeIngredient: z.array(z.string()),
  recipeInstructions: z.unknown().optional(),
});

/** Reads a recipe from parsed JSON; null when it is neither shape. */
export function recipeFromJson(json: unknown): RecipeText | null {
  if (isDeep(json)) return null;
  const found = findRecipe(json);
  const org = SchemaOrg.safeParse(found);
  if (org.success) {
    const makes = Array.isArray(org.data.recipeYield) ? org.data.recipeYield[0] : org.data.recipeYield;
    return recipeText(
      org.data.name ?? null,
      makes ?? null,
      org.data.recipeIngredient,
      stepsOf(org.data.recipeInstructions),
    );
  }
  const own = OwnRecipeSchema.safeParse(json);
  const lines = own.success ? (own.data.lines ?? own.data.ingredients) : undefined;
  if (!own.success || lines === undefined) return null;
  return recipeText(own.data.title ?? null, own.data.servings ?? null, lines, own.data.steps ?? []);
}

function recipeText(
  title: string | null,
  makes: number | string | null,
  lines: readonly string[],
  steps: readonly string[],
): RecipeText {
  const count =
    typeof makes === 'number'
      ? makes
      : makes === null
        ? null
        : ((/\d/.exec(makes) ? readNumber(normalizeText(makes).replace(/^\D+/, '')) : null)?.value ?? null);
  return {
    title,
    servings: count,
    servingsText: makes === null ? null : String(makes),
    ingredients: lines.flatMap(splitLine).map((text) => ({ text, group: null })),
    steps,
    author: null,
    url: null,
    claims: [],
    notes: [],
  };
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

/** The Recipe in a JSON-LD document: itself, in a list, or in its graph. */
function findRecipe(json: unknown): unknown {
  if (Array.isArray(json)) return json.map(findRecipe).find((r) => r !== null) ?? null;
  if (typeof json !== 'object' || json === null) return null;
  const o = json as Record<string, unknown>;
  if (Array.isArray(o.recipeIngredient)) return o;
  return o['@graph'] === undefined ? null : findRecipe(o['@graph']);
}

function stepsOf(value: unknown): string[] {
  if (typeof value === 'string')
    return value
      .split(/\n+/)
      .map((s) => s.trim())
      .filter(Boolean);
  if (Array.isArray(value)) return value.flatMap(stepsOf);
  if (typeof value !== 'object' || value === null) return [];
  const o = value as Record<string, unknown>;
  if (o.itemListElement !== undefined) return stepsOf(o.itemListElement);
  return typeof o.text === 'string' ? [o.text] : typeof o.name === 'string' ? [o.name] : [];
}
