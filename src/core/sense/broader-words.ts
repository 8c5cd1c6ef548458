import type { Line } from '../version/version.ts';

/** Whether a text speaks of a line by a broader word: "the meat", "the cheese", "the vegetables". */
export function namedBroadly(line: Line, text: string): boolean {
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
      /\bdry ingr(?:edients?)?\b|\bbatter\b|\bdough\b|\bspices?\b/i,
    ],
    [/milk|egg|oil|water|buttermilk|yogurt|vanilla/i, /\bwet ingr(?:edients?)?\b|\bliquids?\b|\bbatter\b/i],
    [/parsley|dill|chive|basil|thyme|coriander|rosemary|sage|oregano|marjoram/i, /\bherbs?\b/i],
    [/paprika|cumin|pepper|cinnamon|caraway|cloves?|curry|chil|salt/i, /\bspices?\b|\bseason/i],
    [/stock|broth|wine|water|cream/i, /\bliquids?\b|\bsauce\b/i],
    [/walnut|pecan|almond|hazelnut|cashew|peanut/i, /\bnuts\b/i],
    [/berr(?:y|ies)/i, /\bberries\b|\bfruit\b/i],
    [/apple|pear|peach|plum|cherr|mango|pineapple|banana/i, /\bfruit\b/i],
    [/butter|oil|lard|margarine/i, /\bfat\b|\bgrease\b|\bfry\b|\bsaut/i],
  ];
  return broad.some(([name, word]) => name.test(line.item) && word.test(text));
}
