import type { Food } from '../food/food.ts';
import type { DishKind } from '../version/dish-words.ts';
import type { Version } from '../version/version.ts';
import { isFat } from './is-fat.ts';

/** What a dish is told by. */
interface Signs {
  readonly steps: string;
  readonly title: string;
  /** Whether a food that fits is in it, and how much of it, g. */
  readonly grams: (test: (f: Food) => boolean) => number;
}

const flour = (f: Food): boolean => f.kinds.includes('flour') || f.kinds.includes('mix');
const egg = (f: Food): boolean => f.kinds.includes('egg');
const sweet = (f: Food): boolean => f.roles.includes('sweetness');
const dairy = (f: Food): boolean => f.kinds.includes('dairy') || f.roles.includes('creaminess');
const yeast = (f: Food): boolean => /^yeast/.test(f.id);
const bread = (s: Signs): boolean =>
  /\b(?:press|roll|coat|turn|dip)[^.]*\b(?:bread ?)?crumbs\b/.test(s.steps) && /\b(?:fry|bake|oven)\b/.test(s.steps);

const STEW = /\b(?:stew|goulash|curry|chili|chilli|paprika|ragout|braise)\b/;

/**
 * The kinds in the order in which they are asked: what is surest of itself first. All of it is common practice; what it
 * is worth is measured on dishes that were labelled before (`tests/data/dishes.txt`).
 */
const ASKED: ReadonlyArray<readonly [kind: DishKind, is: (s: Signs) => boolean]> = [
  ['breaded', bread],
  [
    'fried',
    (s) =>
      /\bdeep[- ]?fr(?:y|ied)\b|\bin (?:the )?hot (?:oil|fat)\b|\bheat (?:the )?(?:oil|fat) to \d{3}/.test(s.steps),
  ],
  [
    'drink',
    (s) =>
      /\b(?:shake|smoothie|cocoa|hot chocolate|punch|eggnog|lemonade|drink)\b/.test(`${s.title} ${s.steps}`) &&
      s.grams(flour) === 0,
  ],
  ['yeast dough', (s) => s.grams(yeast) > 0 && s.grams(flour) >= 100],
  [
    'confection',
    (s) =>
      s.grams(sweet) > 0 &&
      /\b(?:soft|hard|firm)[- ](?:ball|crack)\b|\b(?:golden|amber) caramel\b|\b(?:fudge|brittle|toffee|truffles?)\b/.test(
        `${s.title} ${s.steps}`,
      ),
  ],
  [
    'crumble',
    (s) =>
      /\b(?:crumble|crisp|streusel)\b|\brub\b[^.]*\b(?:crumbs|crumbly)\b/.test(`${s.title} ${s.steps}`) &&
      s.grams(sweet) > 0 &&
      s.grams(isFat) > 0 &&
      /\b(?:bake|oven)\b/.test(s.steps),
  ],
  [
    'pastry',
    (s) =>
      (s.grams((f) => /pastry|shortcrust|filo/.test(f.name)) > 0 ||
        /\b(?:pastry|pie (?:dough|crust|shell))\b/.test(s.steps)) &&
      !/\bstuffed\b/.test(s.title),
  ],
  [
    'cookie',
    (s) =>
      /\b(?:cookies?|biscuits?|snaps|shortbread)\b/.test(`${s.title} ${s.steps}`) &&
      s.grams(flour) > 0 &&
      /\b(?:bake|oven)\b/.test(s.steps),
  ],
  [
    'batter cake',
    (s) =>
      s.grams(flour) >= 60 &&
      s.grams(egg) > 0 &&
      /\b(?:bake|oven|muffin|griddle|waffle)\b/.test(s.steps) &&
      s.grams((f) => sweet(f) || f.kinds.includes('mix')) > 0,
  ],
  ['roux sauce', (s) => isRoux(s.steps) && s.grams(dairy) > 0 && !/\bbake\b/.test(s.steps)],
  [
    'gratin',
    (s) =>
      /\bgratin\b|\bau gratin\b/.test(s.title) ||
      (/\bscatter\b[^.]*\b(?:cheese|parmesan|gruyere)\b[^.]*\b(?:bake|grill)\b/.test(s.steps) &&
        /\blayer\b/.test(s.steps)),
  ],
  [
    'custard',
    (s) =>
      s.grams(egg) > 0 &&
      s.grams(dairy) > s.grams(flour) &&
      /\b(?:custard|set|water bath)\b/.test(s.steps) &&
      s.grams(sweet) > 0,
  ],
  [
    'whipped',
    (s) =>
      /\bwhip\b|\bstiff peaks?\b|\bsoft peaks?\b/.test(s.steps) &&
      /\bfold\b/.test(s.steps) &&
      !/\bbake\b/.test(s.steps),
  ],
  [
    'mash',
    (s) =>
      /\bmash(?:ed)?\b/.test(s.title) ||
      /\bmash (?:the )?(?:potatoes|sweet potatoes|swedes?|celeriac)\b|\bmash them\b/.test(s.steps),
  ],
  [
    'spread',
    (s) => /\b(?:spread|dip|p[aâ]t[eé]|hummus)\b/.test(s.title) || /\b(?:spread on bread|to a spread)\b/.test(s.steps),
  ],
  ['salad', (s) => /\bsalad\b|\bslaw\b/.test(s.title) || /\b(?:to a dressing|dressing)\b/.test(s.steps)],
  [
    'filled',
    (s) =>
      /\b(?:stuffed|filled|burritos?|wraps?|enchiladas?|tacos?|dumplings?|ravioli|rolls)\b/.test(s.title) ||
      /\bfill (?:them|the (?:peppers|tortillas|shells))\b/.test(s.steps),
  ],
  [
    'soup',
    (s) =>
      /\b(?:soup|chowder|bisque|minestrone|broth)\b/.test(s.title) ||
      (/\bsimmer\b/.test(s.steps) && s.grams((f) => f.kinds.includes('broth')) >= 800 && !STEW.test(s.title)),
  ],
  ['stew', (s) => STEW.test(`${s.title} ${s.steps}`)],
  ['roast', (s) => /\broast\b/.test(s.title) || /\broast\b[^.]*\b(?:°|minutes|hour)/.test(s.steps)],
  ['bake', (s) => /\b(?:bake|casserole|lasagn)/.test(`${s.title} ${s.steps}`)],
  ['sauce', (s) => /\b(?:sauce|gravy|hollandaise|pesto|salsa|dressing)\b/.test(`${s.title} ${s.steps}`)],
];

/** Whether steps cook fat and flour together before the liquid comes: a roux. */
export const isRoux = (steps: string): boolean =>
  /\broux\b/.test(steps) ||
  /\bmelt (?:the )?(?:butter|fat|lard|margarine)[^.]*\b(?:stir|whisk|mix|add|beat)\b[^.]*\bflour\b(?![^.]*\b(?:dough|knead|egg)\b)/.test(
    steps,
  );

/**
 * What kind of dish a version is, by its title, its steps and its foods.
 *
 * @param title the recipe's title; empty where nobody knows it
 */
export function dishKindOf(version: Version, title: string, food: (id: string) => Food | null): DishKind {
  if (version.dish !== null) return version.dish;
  // Every line of a version asks, one after the other.
  if (last?.version !== version || last.title !== title || last.food !== food)
    last = { version, title, food, kind: readKind(version, title, food) };
  return last.kind;
}

let last: {
  readonly version: Version;
  readonly title: string;
  readonly food: (id: string) => Food | null;
  readonly kind: DishKind;
} | null = null;

function readKind(version: Version, title: string, food: (id: string) => Food | null): DishKind {
  const foods = version.lines.flatMap((l) => {
    const own = l.food.kind === 'food' && !l.leftOut ? food(l.food.foodId) : null;
    return own === null ? [] : [{ own, grams: l.weight?.grams ?? 0 }];
  });
  const signs: Signs = {
    steps: version.steps
      .map((s) => s.text)
      .join('\n')
      .toLowerCase(),
    title: title.toLowerCase(),
    grams: (test) => foods.reduce((g, f) => g + (test(f.own) ? Math.max(f.grams, 0.01) : 0), 0),
  };
  return ASKED.find(([, is]) => is(signs))?.[0] ?? 'other';
}
