import { foodWords, isNoise } from '../food/food-words.ts';
import { stepUses } from './step-uses.ts';
import type { Line, Step } from './version.ts';

/** Something in list and steps that cannot both be, in words for the cook. */
export interface StepDoubt {
  readonly kind: 'neverUsed' | 'otherMeat' | 'time' | 'temperature';
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
 */
export function checkSteps(lines: readonly Line[], steps: readonly Step[]): StepDoubt[] {
  if (steps.length === 0) return [];
  const text = steps.map((s) => s.text).join('\n');
  return [...neverUsed(lines, steps, text), ...otherMeat(lines, text), ...impossible(text)];
}

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
      /flour|sugar|baking|cocoa|starch|cinnamon|nutmeg|powder|oats/i,
      /\bdry ingredients?\b|\bbatter\b|\bdough\b|\bspices?\b/i,
    ],
    [/milk|egg|oil|water|buttermilk|yogurt|vanilla/i, /\bwet ingredients?\b|\bliquids?\b|\bbatter\b/i],
    [/parsley|dill|chive|basil|thyme|coriander|rosemary|sage|oregano|marjoram/i, /\bherbs?\b/i],
    [/paprika|cumin|pepper|cinnamon|caraway|cloves?|curry|chil/i, /\bspices?\b|\bseason/i],
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
