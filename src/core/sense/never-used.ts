import { foodWords, isNoise } from '../food/food-words.ts';
import type { FoodIndex } from '../food/match-food.ts';
import { nameWords } from '../food/name-words.ts';
import { stepUses } from '../version/step-uses.ts';
import type { Line, Step } from '../version/version.ts';
import { namedBroadly } from './broader-words.ts';
import type { StepDoubt } from './doubt.ts';

/** Steps that take everything at once name no ingredient: then no line is never used. */
const TAKES_ALL =
  /\b(?:all|everything|remaining|the rest(?: of (?:the|it|them))?|other|others|the wet|the dry) ?(?:the )?(?:ingredients|things)?\b|\bcombine everything\b|\bingredients\b|\b(?:mix|stir|blend|combine|toss) (?:it |them )?(?:all|together|well)\b/i;
/** Steps that name fewer of the lines than this are short, and no line is missed in them. */
const NAMES_LINES = 0.5;
/** Steps of fewer letters a line than this do not go through the list. */
const LETTERS_A_LINE = 8;

/** Lines that no step uses, by their own words, by what else the food is called, or by a broader word. */
export function neverUsed(
  lines: readonly Line[],
  steps: readonly Step[],
  text: string,
  index: FoodIndex | null,
): StepDoubt[] {
  if (TAKES_ALL.test(text)) return [];
  const counted = lines.filter((l) => !l.leftOut && l.food.kind !== 'nothing' && l.item.trim() !== '');
  const used = new Set(stepUses(steps, lines).flat());
  const said = new Set(foodWords(text));
  const missed = counted.filter(
    (l) => !used.has(l.id) && !namedBroadly(l, text) && !isCompound(l, said) && !calledOtherwise(l, said, index),
  );
  if (missed.length > counted.length * NAMES_LINES || text.length < counted.length * LETTERS_A_LINE) return [];
  return missed.map((l) => ({ kind: 'neverUsed', words: `${l.item} is listed and never used in the steps.` }));
}

/** Whether the steps use what the line was read as by another of its names: mince for ground beef. */
function calledOtherwise(line: Line, said: ReadonlySet<string>, index: FoodIndex | null): boolean {
  const { food } = line;
  const known = food.kind === 'food' ? index?.foods.find((f) => f.id === food.foodId) : undefined;
  if (known === undefined) return false;
  return [...nameWords(known).heads].some((head) => head.length > 2 && !isNoise(head) && said.has(head));
}

/** Fewer letters than these end many a word by chance. */
const SHORTEST_HEAD = 5;

/** Whether the steps use the end of a compound: the Brühe of a Gemüsebrühe, the cream of a buttercream. */
const isCompound = (line: Line, said: ReadonlySet<string>): boolean =>
  foodWords(line.item).some((word) =>
    [...said].some((s) => s.length >= SHORTEST_HEAD && word !== s && word.endsWith(s)),
  );
