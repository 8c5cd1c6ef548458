import { countsNothing, type Food } from '../food/food.ts';
import { foodWords, isNoise } from '../food/food-words.ts';
import { type FoodIndex, matchFood } from '../food/match-food.ts';
import { ingredientsInStep } from '../page/from-steps.ts';
import { readLine } from '../reading/read-line.ts';
import type { Line, Step } from '../version/version.ts';
import { tooLightToAsk } from '../weighing/by-feel.ts';
import { namedBroadly } from './broader-words.ts';
import type { StepDoubt } from './doubt.ts';

/** Words before which a step names what goes in: "add the …", "stir in …", "with …". */
const GOES_IN =
  /\b(?:add|stir in|mix in|fold in|whisk in|beat in|pour in|pour over|sprinkle with|sprinkle|top with|with|brush with|dust with|melt|grate)(?: (?:the|in|on|over|remaining|some|a little|chopped|grated|melted|rest of the|half of the|half the))* ([a-z][a-z -]{2,60})/gi;
/** What steps add without any line: nothing that counts, or a mixture made before. */
const NO_INGREDIENT =
  /^(?:water|salt|pepper|seasoning|ice|liquid|mixture|sauce|dough|batter|filling|foil|paper|oil|spray|stock|broth|cover|lid|hand|fork|spoon|whisk|mixer|care|juice|dry|wet|egg wash|pan|dish|bowl|plate|rest|everything|remaining|boiling)\b/i;
/** Below this a name is no food that the pantry surely knows. */
const SURELY = 0.96;
/** Steps that use so many foods, and of them fewer than half are in the list: then the list is not all of it. */
const MANY = 4;

/** A food that the steps put in. */
interface Used {
  readonly food: Food;
  readonly name: string;
  /** With its amount, where the step says one. */
  readonly line: string | null;
}

/**
 * Foods that the steps put in and the list does not have, each once. Where the list has fewer than half of what the steps
 * use, that is said instead, for then something is wrong with the list.
 */
export function notListed(lines: readonly Line[], steps: readonly Step[], index: FoodIndex): StepDoubt[] {
  const used = new Map<string, Used>();
  for (const step of steps) for (const u of foodsUsed(step, index)) if (!used.has(u.food.id)) used.set(u.food.id, u);
  const missing = [...used.values()].filter((u) => !isListed(u, lines, index));
  if (used.size >= MANY && missing.length > used.size / 2) {
    const names = missing.map((u) => u.name.toLowerCase()).join(', ');
    return [
      {
        kind: 'mostlyMissing',
        words: `Most of what the steps use is not in the list: ${names}. The count is too low until they are.`,
      },
    ];
  }
  return missing
    .filter(({ food }) => !food.kinds.includes('spice') && !food.kinds.includes('seasoning'))
    .map(({ name, line }) => ({
      kind: 'notListed',
      words: `The steps use ${line ?? name.toLowerCase()}, and the list has none. Add a line for it.`,
      add: line ?? name.toLowerCase(),
    }));
}

function foodsUsed(step: Step, index: FoodIndex): Used[] {
  const out: Used[] = [];
  for (const line of ingredientsInStep(step.text)) {
    const { item } = readLine(line);
    const name = longestName(item, index);
    if (name !== null) out.push({ ...name, line });
  }
  for (const m of step.text.matchAll(GOES_IN)) {
    for (const phrase of m[1]!.split(/,| and | or /)) {
      const name = longestName(phrase.trim(), index);
      if (name !== null) out.push({ ...name, line: null });
    }
  }
  // What moves nobody's number is missed by nobody.
  return out.filter((u) => !countsNothing(u.food) && (u.line !== null || tooLightToAsk(u.food) === null));
}

/** The longest name at the start of a text that the pantry surely knows. */
function longestName(text: string, index: FoodIndex): Pick<Used, 'food' | 'name'> | null {
  const words = text.split(/\s+/);
  for (const n of [4, 3, 2, 1]) {
    const name = words.slice(0, n).join(' ');
    if (words.length < n || name.length <= 2 || NO_INGREDIENT.test(name)) continue;
    const best = matchFood(index, name, null, 1)[0];
    if (best !== undefined && best.confidence >= SURELY) return { food: best.food, name };
  }
  return null;
}

/** Whether a line is of this food or its kin, has the words, or is meant by a broader word. */
function isListed({ food, name }: Used, lines: readonly Line[], index: FoodIndex): boolean {
  const said = foodWords(name).filter((w) => !isNoise(w));
  return lines.some((l) => {
    if (l.food.kind === 'food' && kinOf(l.food.foodId) === kinOf(food.id)) return true;
    const words = new Set(foodWords(`${l.item} ${l.note ?? ''} ${l.text} ${l.group ?? ''}`));
    if (said.some((w) => words.has(w))) return true;
    const { food: of } = l;
    const listed = of.kind === 'food' ? index.foods.find((f) => f.id === of.foodId) : undefined;
    return namedBroadly(l, name) || (listed?.synonyms.some((s) => s.toLowerCase() === name.toLowerCase()) ?? false);
  });
}

/** Foods of one kin begin alike: butter, butter-light. */
const kinOf = (id: string): string => id.split('-')[0]!;
