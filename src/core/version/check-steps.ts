import { countsNothing } from '../food/food.ts';
import { foodWords, isNoise } from '../food/food-words.ts';
import { type FoodIndex, matchFood } from '../food/match-food.ts';
import { stepUses } from './step-uses.ts';
import type { Line, Step } from './version.ts';

/** Something in list and steps that cannot both be, in words for the cook. */
export interface StepDoubt {
  readonly kind: 'neverUsed' | 'notListed' | 'otherMeat' | 'time' | 'temperature';
  readonly words: string;
}

/** Hotter than any kitchen oven. */
const HOTTEST_C = 300;
const HOTTEST_F = 575;
/** Longer than anything stands, rests or marinates. */
const LONGEST_HOURS = 72;

/** Meats that are taken for each other when a recipe was changed in one place and not in the other. */
const MEATS = ['beef', 'pork', 'chicken', 'turkey', 'lamb', 'veal', 'ham', 'duck', 'salmon', 'tuna', 'prawn', 'shrimp'];

/** Steps that take everything at once name no ingredient: then no line is never used. */
const TAKES_ALL =
  /\b(?:all|everything|remaining|the rest of the|other) (?:the )?(?:ingredients|things)?\b|\bcombine everything\b|\bingredients\b/i;

/**
 * Compares the list with the steps: what is listed and never used, another meat in the steps than in the list, times
 * and oven temperatures that cannot be. Nothing is said of a recipe without steps.
 *
 * @param index the pantry, to know what the steps use and the list lacks; null to leave that out.
 */
export function checkSteps(
  lines: readonly Line[],
  steps: readonly Step[],
  index: FoodIndex | null = null,
): StepDoubt[] {
  if (steps.length === 0) return [];
  const text = steps.map((s) => s.text).join('\n');
  const missing = index === null ? [] : notListed(lines, steps, index);
  return [...missing, ...neverUsed(lines, steps, text), ...otherMeat(lines, text), ...impossible(text)];
}

/** Words before which a step names what goes in: "add the …", "stir in …", "with …". */
const GOES_IN =
  /\b(?:add|stir in|mix in|fold in|whisk in|beat in|pour in|pour over|sprinkle with|sprinkle|top with|with|brush with|dust with|melt|grate)(?: (?:the|in|on|over|remaining|some|a little|chopped|grated|melted|rest of the|half of the|half the))* ([a-z][a-z -]{2,60})/gi;
/** What steps add without any line: nothing that counts, or a mixture made before. */
const NO_INGREDIENT =
  /^(?:water|salt|pepper|seasoning|ice|liquid|mixture|sauce|dough|batter|filling|foil|paper|oil|spray|stock|broth|cover|lid|hand|fork|spoon|whisk|mixer|care|juice|dry|wet|egg wash)\b/i;

/** Foods that the steps put in and the list does not have: the longest name the pantry knows at that place. */
function notListed(lines: readonly Line[], steps: readonly Step[], index: FoodIndex): StepDoubt[] {
  const listed = new Set(
    lines.flatMap((l) => [...foodWords(`${l.item} ${l.note ?? ''} ${l.text}`), ...foodWords(l.group ?? '')]),
  );
  const found = new Map<string, StepDoubt>();
  for (const step of steps) {
    for (const m of step.text.matchAll(GOES_IN)) {
      for (const phrase of m[1]!.split(/,| and | or /)) {
        const words = phrase.trim().split(/\s+/);
        const name = [3, 2, 1]
          .map((n) => words.slice(0, n).join(' '))
          .find(
            (w) => w.length > 2 && !NO_INGREDIENT.test(w) && (matchFood(index, w, null, 1)[0]?.confidence ?? 0) >= 0.96,
          );
        if (name === undefined) continue;
        const food = matchFood(index, name, null, 1)[0]!.food;
        const said = foodWords(name).filter((w) => !isNoise(w));
        const known = (w: string) => listed.has(w);
        if (countsNothing(food) || food.kinds.includes('spice') || food.kinds.includes('seasoning')) continue;
        if (said.some(known) || sameFamily(lines, name)) continue;
        found.set(food.id, {
          kind: 'notListed',
          words: `The steps use ${name.toLowerCase()}, and the list has none. Add a line for it.`,
        });
      }
    }
  }
  return [...found.values()];
}

/** Whether a broader word of a step means a line of the list: "cheese" a cheddar, "onions" a shallot. */
const sameFamily = (lines: readonly Line[], name: string): boolean => lines.some((l) => headNamed(l, name));

function neverUsed(lines: readonly Line[], steps: readonly Step[], text: string): StepDoubt[] {
  if (TAKES_ALL.test(text)) return [];
  const used = new Set(stepUses(steps, lines).flat());
  return lines
    .filter((l) => !l.leftOut && l.food.kind !== 'nothing' && !used.has(l.id) && l.item.trim() !== '')
    .filter((l) => !headNamed(l, text))
    .map((l) => ({ kind: 'neverUsed', words: `${l.item} is listed and never used in the steps.` }));
}

/** Whether a step uses a line by a broader word: "the meat", "the cheese", "the vegetables". */
function headNamed(line: Line, text: string): boolean {
  const broad: ReadonlyArray<readonly [RegExp, RegExp]> = [
    [/beef|pork|chicken|turkey|lamb|veal|mince/i, /\bmeat\b|\bbird\b/i],
    [/cheddar|mozzarella|gruy|parmesan|feta|gouda|emmental|cheese/i, /\bcheeses?\b/i],
    [
      /carrot|onion|leek|celery|pepper|potato|courgette|zucchini|broccoli|spinach|tomato|cabbage/i,
      /\bvegetables?\b|\bveg\b/i,
    ],
    [/spaghetti|penne|macaroni|noodle|pasta/i, /\bpasta\b|\bnoodles?\b/i],
    [
      /flour|sugar|baking|soda|salt|cocoa|starch|cinnamon|nutmeg|powder|oats/i,
      /\bdry ingredients?\b|\bbatter\b|\bdough\b|\bspices?\b/i,
    ],
    [/milk|egg|oil|water|buttermilk|yogurt|vanilla/i, /\bwet ingredients?\b|\bliquids?\b|\bbatter\b/i],
    [/parsley|dill|chive|basil|thyme|coriander|rosemary|sage|oregano|marjoram/i, /\bherbs?\b/i],
    [/paprika|cumin|pepper|cinnamon|caraway|cloves?|curry|chil|salt/i, /\bspices?\b|\bseason/i],
    [/stock|broth|wine|water|cream/i, /\bliquids?\b|\bsauce\b/i],
    [/butter|oil|lard|margarine/i, /\bfat\b|\bgrease\b|\bfry\b|\bsaut/i],
  ];
  return broad.some(([name, word]) => name.test(line.item) && word.test(text));
}

function otherMeat(lines: readonly Line[], text: string): StepDoubt[] {
  const wordsOf = (t: string): Set<string> => new Set(foodWords(t).filter((w) => !isNoise(w)));
  const listed = new Set(lines.flatMap((l) => [...wordsOf(l.item)]));
  const meats = MEATS.filter((m) => listed.has(m));
  const inSteps = wordsOf(text);
  // A broth or stock of another animal is no other meat.
  const broths = new Set(
    [...text.matchAll(/(\w+) (?:broth|stock|bouillon|fat|gravy)/gi)].map((m) => m[1]!.toLowerCase()),
  );
  return MEATS.filter((m) => inSteps.has(m) && !listed.has(m) && !broths.has(m) && meats.length > 0).map((m) => ({
    kind: 'otherMeat',
    words: `The steps speak of ${m}, the list of ${meats.join(' and ')}.`,
  }));
}

function impossible(text: string): StepDoubt[] {
  const out: StepDoubt[] = [];
  for (const m of text.matchAll(/(\d{2,4})\s?(?:°|º|deg(?:rees)?)?\s?([CF])\b/g)) {
    const degrees = Number(m[1]);
    if (degrees > (m[2] === 'C' ? HOTTEST_C : HOTTEST_F)) {
      out.push({
        kind: 'temperature',
        words: `${m[0]} is hotter than a kitchen oven. Is it the other scale, or a digit too many?`,
      });
    }
  }
  for (const m of text.matchAll(/(\d{1,4})(?:\s?(?:-|–|to)\s?(\d{1,4}))?\s?(hours?|hrs?|h|minutes?|mins?)\b/gi)) {
    const [low, high] = [Number(m[1]), m[2] === undefined ? null : Number(m[2])];
    const perHour = /^h/i.test(m[3]!) ? 1 : 60;
    if ((high ?? low) / perHour > LONGEST_HOURS)
      out.push({ kind: 'time', words: `${m[0]} is longer than anything cooks or rests.` });
    else if (high !== null && high < low) out.push({ kind: 'time', words: `${m[0]} runs backwards.` });
  }
  return out;
}
