import { v7 as uuid } from 'uuid';
import { type FoodIndex, matchFood } from '../../core/food/match-food.ts';
import { lineChange } from '../../core/version/entry.ts';
import { lineOf } from '../../core/version/line-of.ts';
import { readingOfLine } from '../../core/version/reading-of-line.ts';
import type { Line, Version } from '../../core/version/version.ts';
import { readIngredient, rememberedWords, resolveReading } from '../../core/weighing/read-ingredient.ts';
import { useHousehold } from '../context/household-context.ts';
import type { VersionEditor } from '../saving/version-editor.ts';
import { rememberAnswer } from './remember-answer.ts';

/** What can be done with the lines of a recipe as written: each is read anew when its words change. */
export function useLines(editor: VersionEditor, version: Version, index: FoodIndex | null) {
  const { household } = useHousehold();
  const change = (line: Line, after: Line | null, label: string) =>
    editor.do(label, [lineChange(version, line.id, after)]);
  return {
    change,
    rewrite: (line: Line, text: string) => {
      if (text.trim() === '' || text === line.text || index === null) return;
      const read = lineOf(readIngredient(text, line.group, index, household.system), line.id, line.originLineId);
      change(line, read, `Rewrite ${line.item || line.text}`);
    },
    /** Says that the food that was taken is right, and keeps it for every line with these words. */
    confirm: (line: Line) => {
      change(line, { ...line, taken: null }, `${line.item} is right`);
      if (index !== null && line.food.kind === 'food') {
        const { foodId } = line.food;
        const food = index.foods.find((f) => f.id === foodId);
        if (food) void rememberAnswer(household.id, index, rememberedWords(line), food);
      }
    },
    /** Answers a line, and keeps the answer for the next recipe. */
    answer: (line: Line, after: Line, label: string) => {
      change(line, after, label);
      if (index === null || after.food.kind !== 'food') return;
      const { food } = after;
      const before = line.food.kind === 'food' ? line.food.foodId : null;
      const answered = index.foods.find((f) => f.id === food.foodId);
      if (answered && answered.id !== before) void rememberAnswer(household.id, index, rememberedWords(line), answered);
    },
    /** Takes another food that the line names. */
    instead: (line: Line, item: string) => {
      const food = index === null ? undefined : matchFood(index, item, line.note, 1)[0]?.food;
      if (!food) return;
      const read = resolveReading(readingOfLine(line), [{ food, confidence: 1 }], household.system);
      change(
        line,
        {
          ...line,
          item,
          food: read.food,
          taken: null,
          weight: read.weight,
          role: food.roles[0] ?? null,
          warnings: read.warnings,
        },
        `${item} instead of ${line.item}`,
      );
    },
    add: (text: string) => {
      if (index === null) return;
      const id = uuid();
      const line = lineOf(readIngredient(text, null, index, household.system), id);
      editor.do(`Add ${line.item}`, [
        { kind: 'line', lineId: id, before: null, after: line, index: version.lines.length },
      ]);
    },
  };
}
