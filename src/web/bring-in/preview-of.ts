import { v7 as uuid } from 'uuid';
import { versionOfText } from '../../contract/version-of-text.ts';
import type { FoodIndex } from '../../core/food/match-food.ts';
import type { PageLanguage, RecipeText } from '../../core/page/recipe-text.ts';
import type { MeasureSystem } from '../../core/quantity/measure-system.ts';
import type { StepDoubt } from '../../core/sense/doubt.ts';
import { doubtsOf } from '../../core/sense/doubts-of.ts';
import { type LineDoubt, lineDoubt } from '../../core/version/line-doubt.ts';
import type { Line, Version } from '../../core/version/version.ts';

/** A line as the preview shows it: its words, its food, and what is doubtful. */
export interface PreviewLine {
  readonly line: Line;
  readonly food: string | null;
  readonly doubt: LineDoubt | null;
}

/** A recipe of the page, read to its last line. */
export interface RecipePreview {
  readonly text: RecipeText;
  readonly version: Version;
  readonly lines: readonly PreviewLine[];
  readonly doubts: readonly StepDoubt[];
}

export interface PasteRead {
  readonly recipes: readonly RecipePreview[];
  readonly language: PageLanguage | null;
  /** It came out of the data of a saved page, and nobody wants to look at that. */
  readonly isSource: boolean;
  readonly tooLong: boolean;
}

/** A recipe with its lines read, as the version that it would be brought in as. */
export function previewOf(text: RecipeText, foods: FoodIndex, measures: MeasureSystem): RecipePreview {
  const version = versionOfText(text, foods, measures, {
    recipeId: uuid(),
    versionId: uuid(),
    line: () => uuid(),
    step: () => uuid(),
  });
  const byId = new Map(foods.foods.map((f) => [f.id, f]));
  return {
    text,
    version,
    doubts: doubtsOf(version, text.makes, foods),
    lines: version.lines.map((line) => {
      const food = line.food.kind === 'food' ? (byId.get(line.food.foodId) ?? null) : null;
      return { line, food: food?.name ?? null, doubt: lineDoubt(line, food) };
    }),
  };
}
