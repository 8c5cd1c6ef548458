import { z } from 'zod';
import { claimsSaid } from '../core/page/claims-said.ts';
import { htmlText, isHtml } from '../core/page/html-text.ts';
import { listedInLine } from '../core/page/listed-in-line.ts';
import { pansSaid } from '../core/page/pans-said.ts';
import type { Claim, RecipeText } from '../core/page/recipe-text.ts';
import { servingsIn } from '../core/page/servings-said.ts';
import { sentencesOf } from '../core/page/step-sentences.ts';
import { minutesOfDuration } from '../core/page/times-said.ts';
import { decodeEntities } from '../core/reading/decode-entities.ts';
import { normalizeText } from '../core/reading/normalize-text.ts';
import { readNumber } from '../core/reading/read-number.ts';

const TextOrNumber = z.union([z.string(), z.number()]).transform(String);
const MaybeMany = z.union([TextOrNumber, z.array(TextOrNumber)]).transform((v) => (Array.isArray(v) ? v : [v]));

/** The parts of a schema.org Recipe that are read; what is of another shape is as if it were not there. */
const SchemaOrgRecipe = z.object({
  name: TextOrNumber.nullish().catch(null),
  headline: TextOrNumber.nullish().catch(null),
  recipeYield: MaybeMany.nullish().catch(null),
  yield: MaybeMany.nullish().catch(null),
  recipeIngredient: MaybeMany.nullish().catch(null),
  ingredients: MaybeMany.nullish().catch(null),
  recipeInstructions: z.unknown().optional(),
  author: z.unknown().optional(),
  url: z.unknown().optional(),
  mainEntityOfPage: z.unknown().optional(),
  prepTime: TextOrNumber.nullish().catch(null),
  cookTime: TextOrNumber.nullish().catch(null),
  totalTime: TextOrNumber.nullish().catch(null),
  nutrition: z
    .object({ calories: TextOrNumber.nullish().catch(null) })
    .nullish()
    .catch(null),
  tool: z.unknown().optional(),
});

/** All Recipes of a JSON-LD document, in any of schema.org's usual shapes (schema.org/Recipe). */
export const schemaOrgRecipes = (json: unknown, most: number): RecipeText[] =>
  recipesIn(json, most)
    .map((r) => SchemaOrgRecipe.safeParse(r))
    .flatMap((parsed) => (parsed.success ? [recipeOfSchemaOrg(parsed.data)] : []));

const MOST_INGREDIENT_ROWS = 500;

/** The Recipes of a document: itself, in a list, in its graph, or as what a page is about. */
function recipesIn(json: unknown, most: number): unknown[] {
  const found: unknown[] = [];
  const look = (value: unknown): void => {
    if (found.length >= most) return;
    if (Array.isArray(value)) {
      for (const v of value) look(v);
      return;
    }
    if (typeof value !== 'object' || value === null) return;
    const o = value as Record<string, unknown>;
    if (o.recipeIngredient !== undefined || (isRecipe(o['@type']) && o.ingredients !== undefined)) {
      found.push(o);
      return;
    }
    for (const key of ['@graph', 'mainEntity', 'itemListElement', 'item', 'hasPart']) look(o[key]);
  };
  look(json);
  return found;
}

const isRecipe = (type: unknown): boolean => (Array.isArray(type) ? type.includes('Recipe') : type === 'Recipe');

/** Text that may be HTML, or have its marks written out. */
function plainLines(text: string): string[] {
  const once = decodeEntities(text);
  const plain = isHtml(once) ? htmlText(once).text.replace(/^(?:# |- )/gm, '') : once;
  return plain
    .split(/\n+/)
    .map((l) => l.trim())
    .filter((l) => l !== '');
}

const plainLine = (text: string): string => plainLines(text).join(' ').replace(/\s+/g, ' ').trim();

function recipeOfSchemaOrg(r: z.infer<typeof SchemaOrgRecipe>): RecipeText {
  const rows = (r.recipeIngredient ?? r.ingredients ?? []).slice(0, MOST_INGREDIENT_ROWS).flatMap(plainLines);
  const paragraphs = stepsOf(r.recipeInstructions);
  const steps = paragraphs.length === 1 ? sentencesOf(paragraphs[0]!) : paragraphs;
  const makes = r.recipeYield ?? r.yield ?? [];
  const minutes = (t: string | null | undefined) => (t == null ? null : minutesOfDuration(t));
  const name = r.name ?? r.headline ?? null;
  return {
    title: name === null ? null : plainLine(name).slice(0, 200) || null,
    ...yieldOf(makes),
    ingredients: rows.flatMap(listedInLine).map((text) => ({ text, group: null })),
    fromSteps: false,
    steps,
    author: peopleOrTools(r.author).join(', ').slice(0, 120) || null,
    url: linkOf(r.url) ?? linkOf(r.mainEntityOfPage),
    claims: claimsOf(r.nutrition?.calories ?? null),
    notes: [],
    times: { prep: minutes(r.prepTime), cook: minutes(r.cookTime), total: minutes(r.totalTime) },
    pans: pansSaid(steps),
    tools: peopleOrTools(r.tool),
    aside: [],
  };
}

/** Servings of what a recipe yields: of several tellings the first that says how many eat of it. */
export function yieldOf(makes: readonly string[]): Pick<RecipeText, 'servings' | 'makes'> {
  const said = makes.map((text) => ({ text: plainLine(text), servings: servingsInYield(plainLine(text)) }));
  const first = said.find((s) => s.servings !== null) ?? said[0];
  return { servings: first?.servings ?? null, makes: first?.text ?? null };
}

function servingsInYield(text: string): number | null {
  const said = servingsIn(text, true) ?? servingsIn(`Serves ${text}`, true);
  if (said !== null) return said.servings;
  return /^\d/.test(text) && /^\s*$/.test(readNumber(normalizeText(text))?.rest ?? 'x')
    ? readNumber(normalizeText(text))!.value
    : null;
}

/** Deeper than this no instructions are nested. */
const DEEPEST_STEP = 8;

function stepsOf(value: unknown, depth = 0): string[] {
  if (depth > DEEPEST_STEP) return [];
  if (typeof value === 'string') return plainLines(value);
  if (Array.isArray(value)) return value.flatMap((v) => stepsOf(v, depth + 1));
  if (typeof value !== 'object' || value === null) return [];
  const o = value as Record<string, unknown>;
  if (o.itemListElement !== undefined) return stepsOf(o.itemListElement, depth + 1);
  if (typeof o.text === 'string') return plainLines(o.text);
  return typeof o.name === 'string' ? plainLines(o.name) : [];
}

function peopleOrTools(value: unknown): string[] {
  if (typeof value === 'string') return [plainLine(value)].filter((n) => n !== '');
  if (Array.isArray(value)) return value.slice(0, 20).flatMap(peopleOrTools);
  if (typeof value !== 'object' || value === null) return [];
  const { name } = value as { name?: unknown };
  return typeof name === 'string' ? peopleOrTools(name) : [];
}

function linkOf(value: unknown): string | null {
  if (typeof value === 'string') return /^https?:\/\/\S{1,490}$/i.test(value) ? value : null;
  if (typeof value !== 'object' || value === null) return null;
  return linkOf((value as Record<string, unknown>)['@id']);
}

function claimsOf(calories: string | null): Claim[] {
  if (calories === null) return [];
  return claimsSaid(/[a-z]/i.test(calories) ? calories : `${calories} kcal`).filter((c) => c.kind === 'kcal');
}
