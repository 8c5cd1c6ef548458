import type { Food, FoodKind } from '../food/food.ts';

/** A usual caution with where it comes from. */
export interface Caution {
  readonly id: string;
  readonly words: string;
  readonly source: string;
}

const FSIS = 'USDA FSIS safe minimum internal temperatures';
const has = (foods: readonly Food[], test: (f: Food) => boolean): boolean => foods.some(test);
const rawMeat = (f: Food) => f.state === 'raw' && f.kinds.some((k) => k === 'meat' || k === 'poultry');
/** Ground meat and raw sausage, whose inside was once the outside; own foods say so by their name. */
const isGround = (f: Food) =>
  f.kinds.some((k) => k === 'ground' || k === 'sausage') || /\bground\b|\bminced?\b|sausage/i.test(f.name);

const OF_A_MAKER = new Set<FoodKind>(['bread', 'dough', 'mix', 'sauce', 'broth', 'sausage']);
/** Foods of which the maker decides what is in them: of such a kind, or put together with fat or sugar. */
const isReadyMade = (f: Food): boolean =>
  f.kinds.some((k) => OF_A_MAKER.has(k)) ||
  (f.allergens.length > 0 && f.kinds.some((k) => k === 'addedfat' || k === 'addedsugar'));
/** So many ready-made foods are named. */
const MOST_NAMED = 4;

/**
 * The cautions that a dish of these foods and steps calls for. Official advice and the maker's manual go first.
 *
 * @param text all steps as one text.
 */
export function cautionsFor(foods: readonly Food[], text: string): Caution[] {
  const out: Caution[] = [];
  const say = (id: string, words: string, source: string) => out.push({ id, words, source });
  const low = text.toLowerCase();
  if (has(foods, (f) => f.kinds.includes('poultry') && f.state === 'raw')) {
    say('poultry', 'Cook poultry to 165 °F (74 °C) inside. Do not rinse it raw.', FSIS);
  }
  if (has(foods, (f) => rawMeat(f) && f.kinds.includes('meat') && isGround(f))) {
    say('ground-meat', 'Cook ground meat and raw sausage to 160 °F (71 °C) inside.', FSIS);
  }
  if (has(foods, (f) => rawMeat(f) && f.kinds.includes('meat') && !isGround(f))) {
    say('whole-meat', 'Cook whole beef, pork and lamb to 145 °F (63 °C) inside and let it rest 3 minutes.', FSIS);
  }
  if (has(foods, (f) => f.state === 'raw' && (f.kinds.includes('fish') || f.kinds.includes('shellfish')))) {
    say('fish', 'Cook fish to 145 °F (63 °C) inside.', FSIS);
  }
  if (has(foods, (f) => f.kinds.includes('egg') && f.state === 'raw')) {
    say('egg', 'Cook egg dishes to 160 °F (71 °C) inside; do not taste raw batter or dough.', FSIS);
  } else if (has(foods, (f) => f.kinds.includes('flour'))) {
    say('flour', 'Flour is raw: do not taste batter or dough.', 'common practice');
  }
  if (has(foods, rawMeat)) {
    say('raw', 'Keep raw meat and what touched it away from food that is ready to eat.', FSIS);
  }
  if (/\bblend|\bpur[eé]e\b/.test(low)) {
    say(
      'blender',
      'Let hot food cool a little before it goes into a blender, and hold the lid open a gap.',
      'common practice',
    );
  }
  if (/pressure cook|pressure release|instant release/.test(low)) {
    say('pressure', 'Let the pressure out as the maker of the cooker says.', "the maker's manual");
  }
  if (has(foods, (f) => f.kinds.includes('alcohol'))) {
    say(
      'alcohol',
      'Some alcohol stays in the dish: 35 % after half an hour, 5 % after two and a half hours.',
      'USDA Table of Nutrient Retention Factors',
    );
  }
  if (has(foods, (f) => f.id === 'erythritol' || f.id === 'xylitol')) {
    say('polyols', 'Sugar alcohols can upset the stomach, and some are poisonous to dogs.', 'common practice');
  }
  if (has(foods, (f) => f.id === 'beans-kidney-dry')) {
    say(
      'kidney-beans',
      'Boil dried kidney beans hard for at least 10 minutes: raw they are poisonous.',
      'common practice',
    );
  }
  const made = foods.filter(isReadyMade).map((f) => f.name);
  if (made.length > 0) {
    const more = made.length > MOST_NAMED ? ' and others' : '';
    say(
      'labels',
      `Ready-made foods differ: for allergens read the labels of ${made.slice(0, MOST_NAMED).join('; ')}${more}.`,
      'common practice',
    );
  }
  say(
    'leftovers',
    'Chill within 2 hours and eat within 3 to 4 days, or freeze. Reheat to 165 °F (74 °C).',
    'USDA FSIS',
  );
  return out;
}

/** What stands under every count. */
export const MEDICAL_CAUTION =
  'Counts are estimates and no medical advice. If you are pregnant, breastfeeding, under 18, have diabetes or take glucose-lowering medicine, or have had an eating disorder, talk to a clinician or dietitian first.';
