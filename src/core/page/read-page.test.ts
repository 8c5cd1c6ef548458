import { describe, expect, it } from 'vitest';
import { ingredientLines } from './ingredient-lines.ts';
import { readRecipe } from './read-page.ts';

describe('a pasted recipe', () => {
  it('with headings', () => {
    const r = readRecipe(
      `Plum cake\n\nServes: 8\n\nIngredients:\n200 g flour\n3 eggs\nFor the topping:\n600 g plums\n\nMethod\n1. Mix flour and eggs.\n2. Bake for 30 minutes.\n`,
    );
    expect(r).toMatchObject({
      title: 'Plum cake',
      servings: 8,
      steps: ['Mix flour and eggs.', 'Bake for 30 minutes.'],
    });
    expect(r.ingredients).toEqual([
      { text: '200 g flour', group: null },
      { text: '3 eggs', group: null },
      { text: '600 g plums', group: 'For the topping' },
    ]);
  });
  it('without any heading', () => {
    const r = readRecipe(
      `Noodle bake\nServes 4\n\n250 g noodles\n2 eggs\n100 g cheese\n\nBoil the noodles in plenty of salted water.\nMix with eggs and cheese and bake for half an hour.`,
    );
    expect(r.ingredients.map((i) => i.text)).toEqual(['250 g noodles', '2 eggs', '100 g cheese']);
    expect(r.steps).toHaveLength(2);
  });
  it('in Markdown, with bullets', () => {
    const r = readRecipe(
      `# Bean soup\n\n**Serves 6**\n\n## Ingredients\n- 2 cans white beans\n- 1 onion\n\n## Directions\n1. Soften the onion.\n2. Add the beans.`,
    );
    expect(r.title).toBe('Bean soup');
    expect(r.servings).toBe(6);
    expect(r.ingredients).toHaveLength(2);
    expect(r.steps).toEqual(['Soften the onion.', 'Add the beans.']);
  });
  it.each([
    ['Serves 6', 6],
    ['Serves 4-6', 5],
    ['Servings: 12', 12],
    ['Makes 12 muffins', 12],
    ['Makes about 24 dumplings', 24],
    ['Yield: 8 servings', 8],
    ['4 servings', 4],
    ['6 people', 6],
    ['Serves four', 4],
    ['Serves 6 | 320 calories per serving', 6],
  ])('says "%s"', (words, servings) => {
    expect(readRecipe(`A dish\n${words}\n\n1 cup rice\n2 eggs`).servings).toBe(servings);
  });
  it('without servings has none, and not one', () => {
    expect(readRecipe('Dip\n1 cup yogurt\n1 clove garlic').servings).toBeNull();
  });
  it('keeps what its source claims, and where it is from', () => {
    const r = readRecipe(
      `Stew\nServes 4\n5 points per serving, 310 calories\nRecipe by Berta\nhttps://example.org/stew\n\n1 lb beef\n2 onions\n\n1. Simmer everything for two hours until soft.`,
    );
    expect(r.claims).toEqual([
      expect.objectContaining({ kind: 'points', value: 5 }),
      expect.objectContaining({ kind: 'kcal', value: 310 }),
    ]);
    expect(r.author).toBe('Berta');
    expect(r.url).toBe('https://example.org/stew');
    expect(r.steps).toHaveLength(1);
  });
  it('finds the source behind the steps', () => {
    const r = readRecipe(
      'Stew\n1 lb beef\n2 onions\n\n1. Simmer everything for two hours.\n\nSource: https://example.org/x',
    );
    expect(r.url).toBe('https://example.org/x');
    expect(r.steps).toEqual(['Simmer everything for two hours.']);
  });
  it('splits one paragraph of method into its sentences', () => {
    const r = readRecipe(
      'Eggs\nIngredients\n2 eggs\nMethod\nHeat the pan over a medium flame until it is hot. Break in the eggs and cook them for three minutes.',
    );
    expect(r.steps).toHaveLength(2);
  });
  it.each(['Three bean chilli', 'A very long list', 'Two-ingredient dough', 'Seven layer salad'])(
    'takes "%s" for a title',
    (title) => {
      const r = readRecipe(`${title}\n2 eggs\n1 cup milk`);
      expect(r.title).toBe(title);
      expect(r.ingredients).toHaveLength(2);
    },
  );
  it('takes "7 layer salad" for a title where a gap follows, "3 eggs" for an ingredient where none does', () => {
    expect(readRecipe('7 layer salad\n\n2 eggs\n1 cup milk').title).toBe('7 layer salad');
    expect(readRecipe('3 eggs\n1 cup milk')).toMatchObject({
      title: null,
      ingredients: [{ text: '3 eggs' }, { text: '1 cup milk' }],
    });
  });
  it.each([
    ['Makes 2 cups', null],
    ['Makes 1 loaf', null],
    ['Yields 1 quart', null],
    ['Makes two 9-inch pies', null],
  ])('takes "%s" for no number of servings', (words, servings) => {
    const r = readRecipe(`A dip\n${words}\n\n1 cup yogurt\n2 eggs`);
    expect(r).toMatchObject({ servings, makes: words });
    expect(r.ingredients).toHaveLength(2);
  });
  it.each([
    ['Potato soup — serves 5', 'Potato soup', 5],
    ['Muffins (makes 12)', 'Muffins', 12],
    ['Easy dip (makes 2 cups)', 'Easy dip', null],
    ['Cake for my sister', 'Cake for my sister', null],
  ])('takes the servings out of the title "%s"', (line, title, servings) => {
    expect(readRecipe(`${line}\n\n2 eggs\n1 cup milk`)).toMatchObject({ title, servings });
  });
  it('finds the servings behind the steps', () => {
    const r = readRecipe(
      'Stew\nIngredients\n1 lb beef\nDirections\nBrown it. Simmer two hours.\nMakes 6 servings. Per serving: 350 calories',
    );
    expect(r).toMatchObject({ servings: 6, claims: [{ kind: 'kcal', value: 350 }] });
  });
  it('knows a step from an ingredient that begins like one', () => {
    const r = readRecipe(
      'You will need\n500 g flour\nCream cheese, 8 oz, softened to room temperature\n\nWhat to do\nCombine everything.\nBake for an hour.',
    );
    expect(r.ingredients).toHaveLength(2);
    expect(r.steps).toHaveLength(2);
  });
  it('keeps what fits nowhere as notes', () => {
    const r = readRecipe(
      'Dip\nMy grandmother made this every Sunday.\n1 cup yogurt\n1 clove garlic\nNotes\nKeeps three days.',
    );
    expect(r.notes).toContain('Keeps three days.');
    expect(r.notes.join()).toContain('grandmother');
  });
  it.each(['', '   \n \n', '🙂'.repeat(2000), 'x'.repeat(90_000), '1 '.repeat(40_000), '\n'.repeat(9000)])(
    'never throws (%#)',
    (noise) => {
      const before = performance.now();
      expect(() => readRecipe(noise)).not.toThrow();
      expect(performance.now() - before).toBeLessThan(2000);
    },
  );
});

describe('ingredient lines alone', () => {
  it('are each read, under their groups', () => {
    expect(ingredientLines('DOUGH\n200 g flour\n\nFor the filling:\n3 apples\nsalt')).toEqual([
      { text: '200 g flour', group: 'DOUGH' },
      { text: '3 apples', group: 'For the filling' },
      { text: 'salt', group: 'For the filling' },
    ]);
  });
});

describe('a page that is named', () => {
  const withStep = (line: string) =>
    readRecipe(`Stew\n1 lb beef\n2 onions\n\n1. Simmer everything for two hours.\n${line}`);
  it('among the steps is a source only where the line is nothing else', () => {
    const step = 'See https://example.org/how for how to dice an onion as fine as it has to be here.';
    expect(withStep(step)).toMatchObject({ url: null, steps: ['Simmer everything for two hours.', step] });
    expect(withStep('https://example.org/x').url).toBe('https://example.org/x');
    const told = 'Done! https://example.org/x';
    expect(withStep(told)).toMatchObject({ url: null, steps: ['Simmer everything for two hours.', told] });
  });
  it('leaves who wrote it, without the words around', () => {
    const r = readRecipe('Stew\nSource: Berta (https://example.org/x)\n1 lb beef\n2 onions');
    expect(r).toMatchObject({ author: 'Berta', url: 'https://example.org/x' });
    expect(readRecipe('Stew\nhttps://example.org/x\n1 lb beef\n2 onions')).toMatchObject({ author: null });
  });
});

describe('a list without a heading', () => {
  it('goes on with bullets that say no amount, and not with a long one', () => {
    const long = `- ${'the long story of how this came to be in our house '.repeat(2)}`;
    const r = readRecipe(`Salad\n- 2 carrots\n- parsley\n- oil\n${long}\n`);
    expect(r.ingredients.map((i) => i.text.replace(/^- /, ''))).toEqual(
      expect.arrayContaining(['2 carrots', 'parsley', 'oil']),
    );
  });
});
