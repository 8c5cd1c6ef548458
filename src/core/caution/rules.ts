import type { Food } from '../food/food.ts';
import { namedTogether } from '../quantity/named-together.ts';
import { isReadyMade } from './of-a-maker.ts';

/** What cautions are told by: the foods of a dish and the words of its lines and steps. */
export interface Dish {
  readonly foods: readonly Food[];
  /** All steps, in small letters. */
  readonly steps: string;
  /** The lines as they are written, in small letters: "oil for deep-frying". */
  readonly lines: string;
}

/** A rule: when a caution is told, its words, and who says so. */
export interface CautionRule {
  readonly id: string;
  /** The foods that call for it, or whether the words do; nothing and false say that it does not apply. */
  readonly applies: (dish: Dish) => boolean;
  readonly words: string | ((dish: Dish) => string);
  readonly source: string;
  /** How hot the middle has to be, °F. */
  readonly insideF?: number;
}

const FSIS = 'USDA FSIS safe minimum internal temperatures';
const PRACTICE = 'common practice';

const has = (dish: Dish, test: (f: Food) => boolean): boolean => dish.foods.some(test);
const says = (dish: Dish, words: RegExp): boolean => words.test(dish.steps) || words.test(dish.lines);
const isRaw = (f: Food): boolean => f.state === 'raw';
const rawMeat = (f: Food) => isRaw(f) && f.kinds.some((k) => k === 'meat' || k === 'poultry');
/** Cured and eaten as slices or bits: nobody takes its temperature. */
const isCured = (f: Food): boolean => /\b(?:bacon|pancetta|lardons)\b/i.test(f.name) && !f.kinds.includes('sausage');
/** Ground meat and raw sausage, whose inside was once the outside; own foods say so by their name. */
const isGround = (f: Food) =>
  f.kinds.some((k) => k === 'ground' || k === 'sausage') || /\bground\b|\bminced?\b|sausage/i.test(f.name);
const isShell = (f: Food): boolean => f.kinds.includes('shellfish');
const isBivalve = (f: Food): boolean => /\b(?:mussel|clam|oyster)s?\b/i.test(f.name);
const isSweetener = (f: Food): boolean =>
  f.kinds.includes('sweetener') || /sugar-free|without sugar|\bdiet\b/i.test(f.name);

/** Anything that heats a dish through. */
const HEATS =
  /\b(?:bak(?:e|ed|ing)|oven|boil(?:ed|ing)?|simmer|fry|fried|saut[eé]|roast|grill|broil|steam|poach|scramble|microwave|griddle|toast|brown (?:the|it|them)|cook(?:ed|ing)?|heat(?:ed)?|melt|scald|braise|stew|sear|skillet|hob|stove)\b/;
/** Eggs that are cooked through, or a batter or dough that bakes. */
const COOKS_EGGS =
  /\b(?:bak(?:e|ed|ing)|oven|hard[- ]boil|boil the eggs|scramble|poach|fry|fried|simmer|griddle|waffle iron|steam|roast|cook (?:the )?(?:eggs|omelette|pancakes|custard|until (?:set|it thickens|thick|firm))|until (?:set|it coats|thick)|160|71 ?°|microwave|brown (?:on )?both sides|deep[- ]fry|dumplings?|meatballs?|patties)\b/;
const SOFT_EGGS =
  /\b(?:off the heat|residual heat|without scrambling|do not scramble|soft[- ]boiled|runny|soft yolk)\b/;
const DEEP_FRIES =
  /\bdeep[- ]?fr(?:y|ied|ying)\b|\b(?:oil|fat|lard) (?:for|to) (?:deep[- ]?)?fry(?:ing)?\b|\b(?:for|to) deep[- ]?frying\b|\bheat (?:the )?(?:oil|fat|lard) to \d{3}|\b\d ?(?:inch(?:es)?|cm) of (?:hot )?oil\b/;
const DOUGH = /\b(?:dough|batter|knead|roll (?:it )?out|crust|cookies?|biscuits?|pancakes?|waffles?|muffins?|cake)\b/;

/** So many ready-made foods are named. */
const MOST_LABELS = 4;

const coldFoods = ({ foods }: Dish): string[] => {
  const kinds: ReadonlyArray<readonly [test: (f: Food) => boolean, name: string]> = [
    [(f) => /smoked/i.test(f.name) && f.kinds.includes('fish'), 'smoked fish'],
    [(f) => /\b(?:brie|camembert|blue cheese|queso fresco|gorgonzola|roquefort)\b/i.test(f.name), 'soft cheese'],
    [
      (f) =>
        f.kinds.includes('poultrydeli') ||
        /\bham, (?:lean|regular)|\bcold cuts?\b|\bsalami\b|\bprosciutto\b|\bpastrami\b/i.test(f.name),
      'cold cuts',
    ],
    [(f) => /\bsprouts\b/i.test(f.name) && isRaw(f) && !/brussels/i.test(f.name), 'raw sprouts'],
  ];
  return kinds.filter(([test]) => foods.some(test)).map(([, name]) => name);
};

/** All cautions, in the order in which they are read. Official advice and the maker's manual go first. */
export const CAUTION_RULES: readonly CautionRule[] = [
  {
    id: 'poultry',
    applies: (d) => has(d, (f) => f.kinds.includes('poultry') && isRaw(f)),
    words: 'Cook poultry to 165 °F (74 °C) inside. Do not rinse it raw.',
    source: FSIS,
    insideF: 165,
  },
  {
    id: 'ground-meat',
    applies: (d) => has(d, (f) => rawMeat(f) && f.kinds.includes('meat') && isGround(f)),
    words: 'Cook ground meat and raw sausage to 160 °F (71 °C) inside.',
    source: FSIS,
    insideF: 160,
  },
  {
    id: 'whole-meat',
    applies: (d) => has(d, (f) => rawMeat(f) && f.kinds.includes('meat') && !isGround(f) && !isCured(f)),
    words: 'Cook whole beef, pork and lamb to 145 °F (63 °C) inside and let it rest 3 minutes.',
    source: FSIS,
    insideF: 145,
  },
  {
    id: 'stuffing',
    applies: (d) =>
      has(d, (f) => f.kinds.includes('poultry')) &&
      says(d, /\bstuff(?:ing)? (?:the |into the )?(?:bird|turkey|chicken|goose|duck|cavity)\b/),
    words: 'Stuffing inside a bird has to reach 165 °F (74 °C) in its middle, too.',
    source: FSIS,
    insideF: 165,
  },
  {
    id: 'fish',
    applies: (d) => has(d, (f) => isRaw(f) && f.kinds.includes('fish')) && HEATS.test(d.steps || 'cook'),
    words: 'Cook fish to 145 °F (63 °C) inside, or until it flakes.',
    source: FSIS,
    insideF: 145,
  },
  {
    id: 'raw-fish',
    applies: (d) => d.steps !== '' && has(d, (f) => isRaw(f) && f.kinds.includes('fish')) && !HEATS.test(d.steps),
    words:
      'This fish stays raw, and acid does not cook it: only fish that was frozen for it (7 days at −4 °F or −20 °C), and not for anybody who is pregnant, very young, old or ill.',
    source: 'FDA Fish and Fishery Products Hazards and Controls, parasites',
  },
  {
    id: 'shellfish',
    applies: (d) => has(d, (f) => isRaw(f) && isShell(f) && !isBivalve(f)),
    words: 'Cook shrimp and scallops until their flesh is opaque and firm.',
    source: FSIS,
  },
  {
    id: 'bivalves',
    applies: (d) => has(d, (f) => isRaw(f) && isBivalve(f)),
    words: 'Throw away shells that are broken or stay open when tapped, and those that stay shut when cooked.',
    source: 'FDA, selecting and serving seafood safely',
  },
  {
    id: 'raw-egg',
    applies: (d) => d.steps !== '' && has(d, isRawEgg) && (!COOKS_EGGS.test(d.steps) || SOFT_EGGS.test(d.steps)),
    words:
      'These eggs stay raw or soft: take pasteurised ones, and none of it is for anybody who is pregnant, very young, old or ill.',
    source: 'FDA, Food Code and consumer advice on eggs',
  },
  {
    id: 'egg',
    applies: (d) => has(d, isRawEgg) && !(d.steps !== '' && (!COOKS_EGGS.test(d.steps) || SOFT_EGGS.test(d.steps))),
    words: 'Cook egg dishes to 160 °F (71 °C) inside; do not taste raw batter or dough.',
    source: FSIS,
    insideF: 160,
  },
  {
    id: 'flour',
    applies: (d) => !has(d, isRawEgg) && has(d, (f) => f.kinds.includes('flour')) && DOUGH.test(d.steps),
    words: 'Flour is raw: do not taste batter or dough.',
    source: 'FDA, handling flour safely',
  },
  {
    id: 'raw',
    applies: (d) => has(d, (f) => rawMeat(f) && !isCured(f)),
    words: 'Keep raw meat and what touched it away from food that is ready to eat.',
    source: FSIS,
  },
  {
    id: 'deep-frying',
    applies: (d) => says(d, DEEP_FRIES),
    words:
      'Hot fat: a deep pot no more than half full, dry food, no drop of water, and never leave it. If it burns, put the lid on and turn the heat off; water makes it explode.',
    source: 'USDA FSIS, deep fat frying',
  },
  {
    id: 'hot-sugar',
    applies: (d) =>
      says(
        d,
        /\bcaramel(?:i[sz]e)? (?:the )?sugar\b|\b(?:soft|firm|hard)[- ](?:ball|crack)\b|\bboil (?:the )?(?:sugar|syrup)\b|\bcaramel colou?r\b|\bcandy thermometer\b|\bsugar thermometer\b/,
      ),
    words: 'Melted sugar is far hotter than boiling water and sticks: no children near it, and cold water at hand.',
    source: PRACTICE,
  },
  {
    id: 'steam',
    applies: (d) => says(d, /\bsteam(?:er|ed|ing)?\b|\bfoil (?:parcel|packet)s?\b/),
    words: 'Open lids, parcels and bags away from you: steam scalds.',
    source: PRACTICE,
  },
  {
    id: 'blender',
    applies: (d) => says(d, /\bblend(?!ed (?:family|spice))|\bpur[eé]e\b/) && HEATS.test(d.steps),
    words: 'Let hot food cool a little before it goes into a blender, and hold the lid open a gap.',
    source: PRACTICE,
  },
  {
    id: 'pressure',
    applies: (d) => says(d, /pressure cook|pressure release|instant release/),
    words: 'Let the pressure out as the maker of the cooker says.',
    source: "the maker's manual",
  },
  {
    id: 'alcohol',
    applies: (d) => has(d, (f) => f.kinds.includes('alcohol')),
    words: (d) =>
      d.steps === '' || HEATS.test(d.steps)
        ? 'Some alcohol stays in the dish: 85 % where it is stirred in off the heat, 35 % after half an hour, 5 % after two and a half hours.'
        : 'Nothing of it is cooked: all of the alcohol stays in it.',
    source: 'USDA Table of Nutrient Retention Factors',
  },
  {
    id: 'honey',
    applies: (d) => has(d, (f) => /\bhoney\b/i.test(f.name) && !/mustard|roasted|ham/i.test(f.name)),
    words: 'Honey is not for children under one year.',
    source: 'CDC, foods to avoid before 12 months',
  },
  {
    id: 'listeria',
    applies: (d) => coldFoods(d).length > 0,
    words: (d) =>
      `Listeria grows in the cold: if you are pregnant, over 65 or ill, eat ${namedTogether(coldFoods(d))} only heated until it steams.`,
    source: 'FDA and CDC, listeria',
  },
  {
    id: 'rice',
    applies: (d) => has(d, (f) => /^rice, |\brice, (?:white|brown)/i.test(f.name)),
    words: 'Cool what is left of cooked rice within an hour, and eat it within a day.',
    source: 'UK Food Standards Agency',
  },
  {
    id: 'kidney-beans',
    applies: (d) => has(d, (f) => /\bbeans?\b/i.test(f.name) && f.state === 'dry' && f.kinds.includes('legume')),
    words:
      'Soak dried beans and boil them hard for 10 minutes at least before anything else, above all before a slow cooker: raw, kidney beans are poisonous.',
    source: 'FDA Bad Bug Book, phytohaemagglutinin',
  },
  {
    id: 'slow-cooker',
    applies: (d) => has(d, rawMeat) && says(d, /\bslow[- ]cooker\b/),
    words: 'Thaw meat all through before it goes into a slow cooker.',
    source: 'USDA FSIS, slow cookers and food safety',
  },
  {
    id: 'garlic-oil',
    applies: (d) =>
      has(d, (f) => /\bgarlic\b/i.test(f.name) && isRaw(f)) &&
      has(d, (f) => f.kinds.includes('oil')) &&
      says(d, /\b(?:infuse|steep|confit)\b|\b(?:store|keep)s? in (?:the |an? )?(?:oil|jar)\b/),
    words: 'Keep garlic in oil in the fridge and use it within 4 days: botulism grows in it.',
    source: 'CDC, botulism',
  },
  {
    id: 'canning',
    applies: (d) =>
      says(
        d,
        /\b(?:home[- ]?can(?:ned|ning)|water[- ]bath|pressure canner|process (?:the )?jars|seal (?:the )?jars)\b/,
      ),
    words: 'Can only by a tested recipe, with its times and its acid.',
    source: 'USDA Complete Guide to Home Canning',
  },
  {
    id: 'polyols',
    applies: (d) => has(d, isSweetener),
    words:
      'Sugar alcohols can upset the stomach, and xylitol is poisonous to dogs. Some sweeteners are aspartame, which is not for people with phenylketonuria: read the label.',
    source: '21 CFR 184.1835 and 180.25; FDA, xylitol and dogs; 21 CFR 172.804',
  },
  {
    id: 'sweetener-baking',
    applies: (d) =>
      has(d, (f) => f.kinds.includes('sweetener') && !/syrup|jam|gelatine|pudding/i.test(f.name)) &&
      DOUGH.test(d.steps),
    words: 'Sweeteners do not weigh or bake as sugar does: go by what their package says.',
    source: PRACTICE,
  },
  {
    id: 'labels',
    applies: (d) => has(d, isReadyMade),
    words: ({ foods }) => {
      const made = foods.filter(isReadyMade).map((f) => f.name);
      const more = made.length > MOST_LABELS ? ' and others' : '';
      return `Ready-made foods differ: for allergens read the labels of ${made.slice(0, MOST_LABELS).join('; ')}${more}.`;
    },
    source: PRACTICE,
  },
  {
    id: 'leftovers',
    applies: () => true,
    words: 'Chill within 2 hours and eat within 3 to 4 days, or freeze. Reheat to 165 °F (74 °C).',
    source: 'USDA FSIS',
  },
];

function isRawEgg(f: Food): boolean {
  return f.kinds.includes('egg') && isRaw(f);
}
