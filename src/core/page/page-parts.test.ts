import { describe, expect, it } from 'vitest';
import { claimsSaid, saidOnce } from './claims-said.ts';
import { inOneColumn } from './columns.ts';
import { isSpoken, readSpoken } from './dictation.ts';
import { ingredientsInStep } from './from-steps.ts';
import { htmlText, isHtml } from './html-text.ts';
import { languageOf } from './language.ts';
import { listedInLine } from './listed-in-line.ts';
import { unmailed } from './mail.ts';
import { pageLines } from './page-lines.ts';
import { pansSaid } from './pans-said.ts';
import { readPage } from './read-page.ts';
import { recipeAsText } from './recipe-as-text.ts';
import { headingOf } from './sections.ts';
import { servingsIn } from './servings-said.ts';
import { minutesIn, minutesOfDuration, timesSaid } from './times-said.ts';

describe('servings', () => {
  it.each([
    ['Serves 8 to 10', 9],
    ['serves: six', 6],
    ['Yield: 6 servings (about 1 1/2 cups each)', 6],
    ['Makes one loaf, 12 slices', 12],
    ['Makes 3 doz.', 36],
    ['yield: SERVES 10-12', 11],
    ['Servings 8 servings', 8],
    ['für 4 Portionen', 4],
    ['Pour 4 personnes', 4],
    ['(6 portions)', 6],
    ['Makes about 3 cups', null],
    ['Makes 2 big pots', null],
  ])('"%s" are %j', (line, servings) => expect(servingsIn(line, true)).toMatchObject({ servings }));
  it.each(['Serving: 2 minis', 'Serving size: 1 cup', 'for 20 minutes', 'Makes a mess', 'Serve warm', '4 points'])(
    '"%s" says none',
    (line) => expect(servingsIn(line, true)).toBeNull(),
  );
  it.each([
    ['Bake until golden. Serves 8.', 8, 'Bake until golden.'],
    ['Gingerbread (9 pieces)', 9, 'Gingerbread'],
    ['What you need (serves 8)', 8, 'What you need'],
  ])('stand at the end of "%s"', (line, servings, before) =>
    expect(servingsIn(line, false)).toMatchObject({ servings, before }),
  );
  it('are not the minutes of a step', () => {
    expect(servingsIn('Simmer it, covered, for 30 minutes', false)).toBeNull();
    expect(servingsIn('Bake for 45 minutes. Cut in squares', false)).toBeNull();
  });
});

describe('times', () => {
  it.each([
    ['Prep Time: 10 mins', { prep: 10 }],
    ['Cook: 1 hr', { cook: 60 }],
    ['Total Time 1 hour 15 minutes', { total: 75 }],
    ['cook time: 8-10 HOURS', { cook: 540 }],
    ['Zubereitungszeit: 45 Minuten', { total: 45 }],
    ['25 minutes', { total: 25 }],
  ])('"%s"', (line, times) => expect(timesSaid(line)).toEqual(times));
  it.each(['Cook 10 minutes more', 'Bake at 350', 'Cook the noodles'])('"%s" states none', (line) =>
    expect(timesSaid(line)).toBeNull(),
  );
  it('in words, and as schema.org has them', () => {
    expect(minutesIn('half an hour')).toBe(30);
    expect(minutesIn('1½')).toBeNull();
    expect(minutesOfDuration('PT1H15M')).toBe(75);
    expect(minutesOfDuration('P0DT0H30M')).toBe(30);
    expect(minutesOfDuration('soon')).toBeNull();
  });
});

describe('a line that lists', () => {
  it.each([
    ['6 c. apples, sliced 1 c. flour', ['6 c. apples, sliced', '1 c. flour']],
    [
      '4 large potatoes 2 cans tuna, drained 1/4 cup light mayonnaise',
      ['4 large potatoes', '2 cans tuna, drained', '1/4 cup light mayonnaise'],
    ],
    ['1 lb beans; 1/2 onion, sliced; 2 tbsp oil', ['1 lb beans', '1/2 onion, sliced', '2 tbsp oil']],
  ])('"%s" is taken apart', (line, parts) => expect(listedInLine(line)).toEqual(parts));
  it.each([
    '1 can (15 oz) black beans, drained and rinsed',
    '2 chicken breasts, cut into 1 inch pieces',
    '1 1/2 cups milk, plus 2 tbsp for brushing',
    '2 packages 8 oz each cream cheese',
    '1 cup butter (2 sticks), 1 tbsp set aside',
    '12 oz pasta or 2 cups rice',
    '3 to 4 lb roast',
  ])('"%s" is one', (line) => expect(listedInLine(line)).toHaveLength(1));
});

describe('columns', () => {
  it('are read one after the other, whole blocks at a time', () => {
    expect(
      inOneColumn(['Apple crisp      Serves 8', '', '6 c. apples     1 c. flour', '1 t. salt      2 eggs']),
    ).toEqual(['Apple crisp', 'Serves 8', '', '6 c. apples', '1 t. salt', '1 c. flour', '2 eggs']);
  });
  it('of a table keep an amount with its name', () => {
    expect(inOneColumn(['1 1/2 cups\tflour', '2\teggs'])).toEqual(['1 1/2 cups flour', '2 eggs']);
  });
});

describe('steps that name what goes in', () => {
  it.each([
    [
      'Whisk 2 cups flour, 2 tablespoons sugar and 1/2 teaspoon salt in a bowl.',
      ['2 cups flour', '2 tablespoons sugar', '1/2 teaspoon salt'],
    ],
    ['Heat 1 tablespoon oil in a skillet over medium heat.', ['1 tablespoon oil']],
    ['Cook 1 cup of lentils in 2 cups of broth for 40 minutes.', ['1 cup of lentils', '2 cups of broth']],
    ['Bake at 350 for 45 minutes in a 9 x 13 pan, then cut in 12 pieces.', []],
    ['Line 12 muffin cups, fill 2/3 full and bake 15 minutes.', []],
  ])('%s', (step, found) => expect(ingredientsInStep(step)).toEqual(found));
});

describe('a saved page', () => {
  it('is words without scripts, styles and menus', () => {
    const html =
      '<html><head><title>x</title><style>p{}</style></head><nav>Home</nav><h1>Soup</h1><ul><li>1&nbsp;leek</li><li>2 eggs</ul><script>1<2</script><p>Boil &amp; serve.</p>';
    expect(htmlText(html).text.split('\n').filter(Boolean)).toEqual([
      '# Soup',
      '- 1 leek',
      '- 2 eggs',
      'Boil & serve.',
    ]);
  });
  it('keeps the data of its scripts', () => {
    expect(htmlText('<script type="application/ld+json">{"a":1}</script><p>b').data).toEqual(['{"a":1}']);
  });
  it('that is cut off anywhere is read as far as it goes', () => {
    const whole = '<div><script type="application/ld+json">{"a":1}</script><p>2 eggs</p><!-- x --></div>';
    for (let end = 0; end < whole.length; end++) expect(() => htmlText(whole.slice(0, end))).not.toThrow();
  });
  it('is not taken for one where a text has a < in it', () => {
    expect(isHtml('cook until < 5 % water is left > done')).toBe(false);
    expect(isHtml('<ul><li>2 eggs</li></ul>')).toBe(true);
  });
});

describe('a mail', () => {
  it('loses its headers and quote marks, and says what it is about', () => {
    const mail = unmailed(['From: A', 'Subject: Fwd: Re: the soup', '', '> > 2 leeks', '> On Monday, 5 Oct B wrote:']);
    expect(mail.lines.filter(Boolean)).toEqual(['2 leeks']);
    expect(mail.subject).toBe('the soup');
    expect(mail.aside).toHaveLength(3);
  });
  it('is none where a card says who it is from', () => {
    expect(unmailed(['Hermits', 'From: the kitchen of Alma', '2 eggs']).lines).toHaveLength(3);
  });
});

describe('what was told', () => {
  const told = (list: string) =>
    readSpoken(
      `okay so you need ${list}. and then you put it all in a pot and cook it for an hour, you know.`,
    ).ingredients.map((i) => i.text);
  it('is known by its words', () => {
    expect(isSpoken('um so you need two eggs and, you know, some flour and then you mix it and it is done')).toBe(true);
    expect(isSpoken('Dip\n\n1 cup yogurt\n1 clove garlic\n\nStir.')).toBe(false);
  });
  it('of a correction the last word holds', () => {
    expect(told('ten cups of water, no wait, eight cups of water, and two onions')).toEqual([
      'eight cups of water',
      'two onions',
    ]);
    expect(told('ten cups of water, no, make that eight, and two onions')).toEqual([
      'eight cups of water',
      'two onions',
    ]);
    expect(told('a half a cup of rice, um, three carrots')).toEqual(['a half a cup of rice', 'three carrots']);
  });
});

describe('the language of a page', () => {
  it.each([
    ['Die Zwiebeln schälen und mit der Butter in einer Pfanne dünsten, dann die Brühe zugeben', 'de'],
    ['Émincer les oignons et les faire fondre dans le beurre avec la farine', 'fr'],
    ['Pelar las patatas y cortarlas en rodajas, freír con el aceite hasta dorar la cebolla', 'es'],
    ['Peel the potatoes and fry them in the oil with the onion until golden', null],
    ['2 eggs', null],
  ])('%s', (text, language) => expect(languageOf(text)).toBe(language));
});

describe('a page', () => {
  const two = readPage(
    'Beet salad\nServes 4\n\n6 medium beets\n2 tbsp oil\n\nRoast the beets and slice them.\n\nBlue dressing\n\n1 cup buttermilk\n2 tbsp chives\n\nShake everything in a jar.',
  );
  it('with two recipes and no heading has two', () => {
    expect(two.recipes.map((r) => [r.title, r.ingredients.length, r.servings])).toEqual([
      ['Beet salad', 2, 4],
      ['Blue dressing', 2, null],
    ]);
  });
  it('with a sauce for the same dish has one', () => {
    const { recipes } = readPage(
      'Toad\n\nIngredients\n8 sausages\n2 eggs\n\nFor the gravy:\n2 onions\n500 ml stock\n\nMethod\nBake the sausages for an hour.\nMake the gravy.',
    );
    expect(recipes).toHaveLength(1);
    expect(recipes[0]!.ingredients.map((i) => i.group)).toEqual([null, null, 'For the gravy', 'For the gravy']);
  });
  it('keeps apart what stands around its recipe, and drops nothing', () => {
    const words = [
      'Jump to Recipe',
      'Plum cake',
      '★★★★★',
      'Serves 8',
      '200 g flour',
      '3 eggs',
      'Mix and bake it all for an hour.',
      'Comments',
      'Lovely!',
    ];
    const [r] = readPage(words.join('\n')).recipes;
    expect(r!.aside).toEqual(['Jump to Recipe', '★★★★★', 'Lovely!']);
    expect(r!.steps).toEqual(['Mix and bake it all for an hour.']);
  });
  it('says a claim once, and each other one', () => {
    expect(saidOnce([...claimsSaid('4 points, 210 kcal'), ...claimsSaid('Calories: 210')]).map((c) => c.value)).toEqual(
      [4, 210],
    );
  });
  it('names its pans with their size and lid', () => {
    expect(pansSaid(['Bake covered in a 2-quart casserole.', 'Or in a 9 x 13-inch baking dish.'])).toEqual([
      { words: '2-quart casserole', lid: true },
      { words: '9 x 13-inch baking dish', lid: false },
    ]);
  });
  it.each([
    ['Ingredients (serves 4):', 'ingredients'],
    ["What you'll need", 'ingredients'],
    ['How to make it:', 'steps'],
    ['Nutrition Facts', 'nutrition'],
    ['Equipment', 'tools'],
    ['Comments (3)', 'aside'],
    ['Zubereitung', 'steps'],
  ])('knows the heading "%s"', (line, section) => expect(headingOf(line)?.section).toBe(section));
  it.each(['Best chocolate cake', 'Preparation and cooking time', '2 cups flour', 'Note the colour of the crust.'])(
    'takes "%s" for none',
    (line) => expect(headingOf(line)).toBeNull(),
  );
  it('without marks and pictures in front of its lines', () => {
    expect(pageLines('🍅 1/4 cup sauce\n☐ 2 eggs\n1️⃣ Mix\n**Serves:** 8').lines.map((l) => l.text)).toEqual([
      '1/4 cup sauce',
      '2 eggs',
      'Mix',
      'Serves: 8',
    ]);
  });
  const first = (text: string) => readPage(text).recipes[0]!;
  it('forwarded, with what was quoted three times', () => {
    const r = first(
      'FW: Lemon bars!!!\n>>> Lemon bars\n>>> yield: 24 small bars\n>>>\n>>> Crust:\n>>> 1 c butter\n>>> 2 c flour\n>>>\n>>> Crust: mix, press in 13x9 pan, bake 350 20 min.',
    );
    expect(r).toMatchObject({
      title: 'Lemon bars',
      servings: 24,
      steps: ['Crust: mix, press in 13x9 pan, bake 350 20 min.'],
    });
  });
  it('with its list between dots, and its steps numbered on one line', () => {
    const r = first(
      'Minestrone\nTotal: 6 hr 15 min • Serves 8\n\n2 carrots, chopped • 1 onion • 4 cups vegetable broth\n\n1 Put everything in the slow cooker. 2 Cook on low 6 hours.',
    );
    expect(r.ingredients.map((i) => i.text)).toEqual(['2 carrots, chopped', '1 onion', '4 cups vegetable broth']);
    expect(r).toMatchObject({ servings: 8, steps: ['Put everything in the slow cooker.', 'Cook on low 6 hours.'] });
  });
  it('with its list as a table of Markdown before the title', () => {
    const r = first(
      '| Ingredient | Amount |\n|---|---|\n| Rolled oats | 1 1/2 cups |\n| Banana | 2 |\n\n**Baked oatmeal** — serves 4\n\nMash bananas, mix with the oats, bake for 30 min.',
    );
    expect(r.ingredients.map((i) => i.text)).toEqual(['1 1/2 cups Rolled oats', '2 Banana']);
    expect(r).toMatchObject({ title: 'Baked oatmeal', servings: 4 });
  });
  it('in sentences of another language without a heading', () => {
    const r = first(
      'Apfelstrudel (6 Portionen)\n\n250 g Mehl\n2 EL Öl\n80 g Butter\n\nAus Mehl und Öl einen Teig kneten und 30 Minuten ruhen lassen.\nMit Butter bestreichen und 40 Minuten backen.',
    );
    expect(r).toMatchObject({ title: 'Apfelstrudel', servings: 6 });
    expect([r.ingredients.length, r.steps.length]).toEqual([3, 2]);
  });
  it('with claims of a burger or a muffin', () => {
    expect(
      first('Burgers\n1 lb turkey\n4 buns\n\n1) Grill 5 min per side.\n\nPer burger: Calories 340, Total Fat 14g')
        .claims,
    ).toMatchObject([{ value: 340 }]);
    expect(
      first('Muffins\nCalories per muffin: 145\n\n1 can pumpkin\n1 box cake mix\n\nMix and bake.').claims,
    ).toMatchObject([{ value: 145 }]);
  });
  it('keeps steps and lines that look like the buttons of a site', () => {
    const steps = ['Save the pasta water.', 'Close the lid.', 'Watch it closely.', 'Share it out.', 'Scale the fish.'];
    expect(
      first(`Fish\nServes 4\n\nIngredients\n4 portions of cod\n2 lemons\n\nMethod\n${steps.join('\n')}`),
    ).toMatchObject({
      servings: 4,
      steps,
      ingredients: [{ text: '4 portions of cod' }, { text: '2 lemons' }],
    });
  });
  it('begins with sugar by the gram, and is no panel', () => {
    const r = first('Syrup\nSugar 150 g\nButter 20 g\nWater 100 ml\n\nBoil the sugar with the water.');
    expect(r.ingredients.map((i) => i.text)).toEqual(['Sugar 150 g', 'Butter 20 g', 'Water 100 ml']);
  });
  it('told in long lines under headings is read by its headings', () => {
    const story =
      'This is my soup, and I use it whenever you need something warm, and then you sit down with it and are glad of it.';
    const r = first(
      `Leek soup\n${story}\n${story}\n\nIngredients\n3 leeks\n1 l broth\n\nMethod\nFirst you cut the leeks, then you simmer them in the broth, you know, until they are soft and sweet.`,
    );
    expect(r).toMatchObject({ title: 'Leek soup', ingredients: [{ text: '3 leeks' }, { text: '1 l broth' }] });
  });
  it('of HTML with a button that nobody closed is read to its end', () => {
    expect(htmlText('<p>Soup</p><button>Print<p>2 leeks</p>').text).toContain('2 leeks');
  });
  it('in plain words is the same recipe, read again', () => {
    for (const text of [
      'Leek soup\nServes 4\nPrep time: 10 minutes\nAuthor: Berta\nPer serving: 120 kcal\n\nIngredients\n3 leeks\nFor the topping:\n2 slices bread\n\nMethod\n1. Boil the leeks in water.\n2. Toast the bread.\n\nNotes\nKeeps two days.',
      'Mash\nServes 2\n\nIngredients\n500 g potatoes\n20 g butter\n\nMethod\n1. Boil the potatoes.\n2. Mash them with the butter.',
    ]) {
      const r = first(text);
      const { title, servings, ingredients, steps, author, times, notes } = first(recipeAsText(r));
      expect({ title, servings, ingredients, steps, author, times, notes }).toEqual({
        title: r.title,
        servings: r.servings,
        ingredients: r.ingredients,
        steps: r.steps,
        author: r.author,
        times: r.times,
        notes: r.notes,
      });
    }
  });
});
