import { formatAmount, trimmed } from '../quantity/format-amount.ts';
import type { ToldRecipe } from './told-recipe.ts';

/**
 * The names of our own beside schema.org's, documented in `docs/open-formats.md`: the points of a serving under a
 * program, at least and at most.
 */
const CONTEXT = ['https://schema.org', { imbiss: 'urn:imbiss:' }] as const;

/**
 * A recipe as schema.org has it (schema.org/Recipe), JSON-LD. Where it stands in a page, `<` is written `\u003c`.
 *
 * @example asJsonLd(told).nutrition.calories // '210 calories'
 */
export function asJsonLd(told: ToldRecipe) {
  const { label } = told;
  const grams = (g: number | null): string | undefined => (g === null ? undefined : `${trimmed(g, 1)} g`);
  return defined({
    '@context': CONTEXT,
    '@type': 'Recipe',
    name: told.title,
    author: told.author === null ? undefined : { '@type': 'Person', name: told.author },
    url: told.url ?? undefined,
    recipeYield: told.servings === null ? undefined : `${formatAmount(told.servings)} servings`,
    prepTime: durationOf(told.times.prep),
    cookTime: durationOf(told.times.cook),
    totalTime: durationOf(told.times.total),
    recipeIngredient: told.lines.map((l) => l.text),
    recipeInstructions: told.steps.map((text) => ({ '@type': 'HowToStep', text })),
    nutrition:
      label === null
        ? undefined
        : defined({
            '@type': 'NutritionInformation',
            servingSize: told.servings === null ? 'the whole' : '1 serving',
            calories: label.kcal === null ? undefined : `${Math.round(label.kcal)} calories`,
            fatContent: grams(label.fat),
            saturatedFatContent: grams(label.satFat),
            carbohydrateContent: grams(label.carbs),
            sugarContent: grams(label.sugars),
            fiberContent: grams(label.fibre),
            proteinContent: grams(label.protein),
            // 2.5 g of salt have 1 g of sodium.
            sodiumContent: label.salt === null ? undefined : `${Math.round((label.salt * 1000) / 2.5)} mg`,
          }),
    'imbiss:points': told.points.map((p) => ({
      'imbiss:program': p.name,
      'imbiss:mark': p.mark,
      'imbiss:value': p.points,
      'imbiss:least': p.low,
      'imbiss:most': p.high,
    })),
    'imbiss:countedOn': told.countedOn,
    'imbiss:contains': told.allergens,
  });
}

const durationOf = (minutes: number | null): string | undefined =>
  minutes === null ? undefined : `PT${trimmed(minutes, 2)}M`;

/** Without the keys that nobody knows anything for. */
function defined<T extends object>(value: T): T {
  return Object.fromEntries(Object.entries(value).filter(([, v]) => v !== undefined)) as T;
}
