import type { Food } from '../food/food.ts';
import type { Line, Version } from '../version/version.ts';

/** How something is kept apart from the rest of a box: in a cup of its own, still frozen, or added on the day. */
export const APART_HOW = ['cup', 'frozen', 'onTheDay'] as const;
export type ApartHow = (typeof APART_HOW)[number];

/** Something that is not packed into the rest. */
export interface PackedApart {
  readonly label: string;
  readonly how: ApartHow;
}

export const APART_WORDS: Readonly<Record<ApartHow, string>> = {
  cup: 'in a cup of its own',
  frozen: 'stays frozen, apart',
  onTheDay: 'added on the day',
};

const CRISP = /\b(?:croutons?|crackers?|crisps?|chips|fried onions|tortilla chips|granola|panko|breadcrumbs?)\b/i;
const DRESSING = /\b(?:dressing|vinaigrette|salsa|tzatziki)\b/i;
const EATEN_FRESH =
  /\b(?:parsley|cilantro|coriander|basil|mint|dill|chives|arugula|rocket|lettuce|salad|avocado|lemon|lime|spring onions?|cress|sprouts)\b/i;
const FROZEN = /\bfrozen\b/i;
/** Freezing spoils these raw: potatoes turn dark, cream and soft cheese part, eggs burst. Common practice. */
const FREEZES_BADLY = (f: Food): boolean =>
  /^potato/i.test(f.name) ||
  (f.kinds.includes('dairy') && /\b(?:cream|yogurt|quark|cottage|ricotta|mascarpone|sour)/i.test(f.name)) ||
  (f.kinds.includes('egg') && f.state === 'raw') ||
  /\bmayonnaise\b/i.test(f.name);

/**
 * What is better packed apart of a dish that was cooked, or of a raw kit: so it stays crisp, or fresh, or frozen. A
 * suggestion, by common practice; the cook says.
 */
export function apartSuggestions(
  version: Pick<Version, 'lines'>,
  food: (id: string) => Food | null,
  what: 'cooked' | 'kit',
): PackedApart[] {
  return version.lines.flatMap((line): PackedApart[] => {
    const own = line.food.kind === 'food' ? food(line.food.foodId) : null;
    if (own === null || line.leftOut) return [];
    const how = what === 'kit' ? howOfKit(line, own) : howOfCooked(line, own);
    return how === null ? [] : [{ label: line.item, how }];
  });
}

function howOfKit(line: Line, food: Food): ApartHow | null {
  if (FROZEN.test(line.text) || food.state === 'frozen') return 'frozen';
  return FREEZES_BADLY(food) || isFresh(line, food) ? 'onTheDay' : null;
}

function howOfCooked(line: Line, food: Food): ApartHow | null {
  if (isFresh(line, food)) return 'onTheDay';
  const isCrisp =
    food.kinds.some((k) => k === 'nuts' || k === 'seed') || CRISP.test(line.item) || line.role === 'crunch';
  return isCrisp || DRESSING.test(line.item) ? 'cup' : null;
}

const isFresh = (line: Line, food: Food): boolean =>
  EATEN_FRESH.test(line.item) &&
  !/\bdried\b/i.test(line.text) &&
  !food.kinds.includes('spice') &&
  !FROZEN.test(line.text);
