import { type Nutrient, profileOf, scaleProfile } from '../../src/core/food/nutrients.ts';
import { type Rule, rawOf, roundPoints } from '../../src/core/program/rule.ts';
import type { KnownFood, TaughtFood } from '../../src/core/teach/known-food.ts';

export const SEVEN: readonly Nutrient[] = ['kcal', 'satFat', 'sugars', 'protein', 'fibre', 'fat', 'carbs'];

/** A rule that nobody has, of the kind that programs have: five to seven nutrients, signs as they are known. */
export function hiddenRule(random: () => number, over: Partial<Rule> = {}): Rule {
  const between = (a: number, b: number) => a + random() * (b - a);
  const coefficients: Partial<Record<Nutrient, number>> = {
    kcal: between(0.012, 0.04),
    satFat: between(0.05, 0.3),
    sugars: between(0.01, 0.12),
    protein: -between(0.03, 0.12),
    fibre: -between(0.03, 0.2),
  };
  if (random() < 0.4) coefficients.fat = between(0.01, 0.08);
  if (random() < 0.4) coefficients.carbs = between(0.005, 0.04);
  return { coefficients, per: 1, caps: {}, step: 1, rounding: 'nearest', floorAt: 'serving', ...over };
}

/** A made-up amount of food, with nutrients that go together as they do on a plate. */
export function madeUpFood(random: () => number, name: string): TaughtFood {
  const grams = 30 + random() * 220;
  const kind = random();
  const fat = (kind < 0.35 ? random() * 4 : kind < 0.8 ? random() * 18 : random() * 60) * (grams / 100);
  const carbs = random() * (kind < 0.5 ? 60 : 22) * (grams / 100);
  const protein = random() * (kind < 0.3 ? 6 : 26) * (grams / 100);
  const satFat = fat * (0.1 + random() * 0.55);
  const sugars = carbs * random() * random();
  const fibre = carbs * random() * 0.25;
  const kcal = (fat * 9 + carbs * 4 + protein * 4) * (0.95 + random() * 0.1);
  const per100 = profileOf(
    Object.fromEntries(
      Object.entries({ kcal, fat, satFat, carbs, sugars, fibre, protein }).map(([n, v]) => [n, (v / grams) * 100]),
    ),
  );
  return { name, grams, profile: scaleProfile(per100, grams / 100) };
}

/** What a rule says of an amount, caps on the amount. */
export const pointsBy = (rule: Rule, food: TaughtFood): number => roundPoints(rawOf(rule, food.profile), rule);

export const asKnown = (rule: Rule, food: TaughtFood): KnownFood => ({ ...food, points: pointsBy(rule, food) });
