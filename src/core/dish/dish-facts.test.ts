import { describe, expect, it } from 'vitest';
import { NO_FACTS, type RecipeFacts } from '../page/recipe-text.ts';
import { dishFacts } from './dish-facts.ts';

const of = (steps: readonly string[], facts: Partial<RecipeFacts> = {}) =>
  dishFacts(
    steps.map((text) => ({ text })),
    { ...NO_FACTS, ...facts },
  );
const times = (prep: number | null, cook: number | null, total: number | null) => ({ times: { prep, cook, total } });

describe('minutes', () => {
  it('are the whole as the source says it, else its parts together', () => {
    expect(of([], times(10, 20, 45)).minutes).toBe(45);
    expect(of([], times(10, 20, null)).minutes).toBe(30);
  });
  it('are unknown where only a part is said, and never the steps’ own', () => {
    expect(of(['Bake for 40 minutes.'], times(null, 20, null)).minutes).toBeNull();
    expect(of(['Bake for 40 minutes.']).minutes).toBeNull();
  });
});

describe('appliances', () => {
  it.each([
    [['Heat the oven to 180 °C. Bake for an hour.'], ['oven']],
    [['Fry the onions in a pan. Let it simmer.'], ['hob']],
    [['Brown the beef in a skillet, then put everything in the slow cooker on low.'], ['hob', 'slow cooker']],
    [['Pressure cook for 20 minutes and let the pressure fall by itself.'], ['pressure cooker']],
    [['Air fry at 200 °C until crisp.'], ['hot air']],
    [['Blend the soup smooth with a hand blender.'], ['blender']],
    [['Grill over medium coals.'], ['grill']],
    [['Broil until the top is brown.'], ['oven']],
    [['Microwave on high for 2 minutes.'], ['microwave']],
    [['Stir everything together and chill overnight.'], []],
    // Words that only look like it.
    [['Let the dough cool on a pan.'], []],
    [['Serve from the oven-proof bowl, cold.'], []],
  ])('of %j are %j', (steps, appliances) => {
    expect([...of(steps).appliances].sort()).toEqual([...appliances].sort());
  });
  it('are also what the source lists as tools', () => {
    expect(of(['Cook everything.'], { tools: ['slow cooker', '9-inch pan'] }).appliances).toEqual(['slow cooker']);
  });
});

describe('vessels that something is cooked in', () => {
  it.each([
    [['Fry the onions in a large pot. Add the rest to the pot and simmer.'], 1],
    [['Boil the pasta in a pot. Fry the bacon in a pan. Bake everything in a baking dish.'], 3],
    [['Brown it in a skillet. Pour the sauce from the frying pan over it.'], 1],
    [['Melt the butter in one saucepan, and warm the milk in another saucepan.'], 2],
    [['Put everything in the slow cooker.'], 1],
    // A bowl is washed up, and cooks nothing.
    [['Whisk the eggs in a bowl.'], 0],
  ])('%j: %i', (steps, vessels) => {
    expect(of(steps).vessels).toBe(vessels);
  });
});
