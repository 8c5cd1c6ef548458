import { describe, expect, it } from 'vitest';
import { mealAim, mealAt, mealOf, nextMeal, USUAL_MEALS, withMealAim } from './meal.ts';

const [breakfast, midday, evening, between] = USUAL_MEALS;

describe('a meal of a time', () => {
  it('is the nearest one that has a time', () => {
    expect(mealAt(USUAL_MEALS, '13:10')).toBe(midday);
    expect(mealAt(USUAL_MEALS, '05:00')).toBe(breakfast);
    expect(mealAt([between!], '12:00')).toBe(between);
  });
  it('is the last one where it is gone', () => {
    expect(mealOf(USUAL_MEALS, 'meal-tea')).toBe(between);
  });
});

describe('the meal that is filled next', () => {
  it('is that of the hour today', () => {
    expect(nextMeal(USUAL_MEALS, [], '19:00')).toBe(evening);
  });
  it('is, on another day, the first with a time on which nothing stands', () => {
    expect(nextMeal(USUAL_MEALS, ['meal-breakfast'], null)).toBe(midday);
    expect(nextMeal(USUAL_MEALS, [], null)).toBe(breakfast);
    expect(nextMeal(USUAL_MEALS, ['meal-breakfast', 'meal-lunch', 'meal-supper'], null)).toBe(evening);
  });
});

describe('the aim of a meal', () => {
  const aim = { eaterId: 'ada', points: 9, kcal: null, protein: 20 };
  it('is its eater’s, and nothing where nobody said', () => {
    const meal = withMealAim(evening!, aim);
    expect(mealAim(meal, 'ada')).toEqual(aim);
    expect(mealAim(meal, 'tom')).toEqual({ eaterId: 'tom', points: null, kcal: null, protein: null });
  });
  it('is one for each eater, and gone when nothing is aimed for', () => {
    const twice = withMealAim(withMealAim(evening!, aim), { ...aim, points: 7 });
    expect(twice.aims).toEqual([{ ...aim, points: 7 }]);
    expect(withMealAim(twice, { eaterId: 'ada', points: null, kcal: null, protein: null }).aims).toEqual([]);
  });
});
