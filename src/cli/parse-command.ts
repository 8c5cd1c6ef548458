import type { ParsedLine } from '../contract/cli.ts';
import { foodAnswer } from '../core/counting/score-recipe.ts';
import type { Food } from '../core/food/food.ts';
import { type FoodIndex, indexFoods } from '../core/food/match-food.ts';
import { SHIPPED_FOODS } from '../core/food/shipped/index.ts';
import { ingredientLines } from '../core/page/ingredient-lines.ts';
import type { IngredientText } from '../core/page/recipe-text.ts';
import { formatAmount } from '../core/quantity/format-amount.ts';
import type { MeasureSystem } from '../core/quantity/measure-system.ts';
import { explainLine } from '../core/reading/explain-line.ts';
import { foodIn } from '../core/region/food-in.ts';
import { REGIONS, type Region } from '../core/region/region.ts';
import { readIngredient } from '../core/weighing/read-ingredient.ts';
import { CliError } from './cli-error.ts';
import type { Flags } from './flags.ts';

/** The measures that --units names. @throws CliError */
export function systemOf(flags: Flags): MeasureSystem {
  const units = flags.units ?? 'us';
  if (units === 'us' || units === 'label' || units === 'metric') return units;
  throw new CliError(`--units ${units} is not a system of measures.`, 'Use us, label or metric.');
}

/** The region that --region names. @throws CliError */
export function regionFlag(flags: Flags): Region {
  const region = flags.region ?? 'us';
  const found = REGIONS.find((r) => r === region);
  if (found === undefined) throw new CliError(`--region ${region} is not a region.`, `Use ${REGIONS.join(' or ')}.`);
  return found;
}

/** The shipped foods as the region calls them. */
export const foodsIn = (flags: Flags): Food[] => SHIPPED_FOODS.map((f) => foodIn(regionFlag(flags), f));

/** Reads one line as `parse` prints it. */
export function parsedLine(i: IngredientText, index: FoodIndex, system: MeasureSystem): ParsedLine {
  const r = readIngredient(i.text, i.group, index, system);
  const { confidence: _, warnings: __, ...reading } = r.reading;
  return {
    ...reading,
    parts: [...reading.parts],
    modifiers: [...reading.modifiers],
    alternatives: [...reading.alternatives],
    confidence: r.confidence,
    warnings: [...r.warnings],
    ...foodAnswer(r),
    gramsFrom: r.weight?.from ?? 'none',
  };
}

/** `parse`: every ingredient line of a text, in order; with --explain, which rule of the reader took which words. */
export function parseCommand(text: string, flags: Flags): string {
  if (text.trim() === '') throw new CliError('There is nothing to read.', 'Give a text with one ingredient a line.');
  const system = systemOf(flags);
  const index = indexFoods(foodsIn(flags));
  const lines = ingredientLines(text).map((i) => ({
    ...parsedLine(i, index, system),
    ...(flags.explain ? { rules: [...explainLine(i.text, i.group).steps] } : {}),
  }));
  if (flags.json) return JSON.stringify(lines, null, 2);
  return lines
    .map((l) => {
      const amount = l.quantity === null ? '' : [formatAmount(l.quantity), l.unit].filter(Boolean).join(' ');
      const grams = l.grams === null ? '' : `${l.grams.toFixed(1)} g (${l.gramsFrom})`;
      const rules = (l.rules ?? []).map(({ rule, words }) => `\n  ${rule}${words === '' ? '' : `: ${words}`}`);
      return [l.line, amount, l.item, l.food?.name ?? '?', grams].join('\t') + rules.join('');
    })
    .join('\n');
}
