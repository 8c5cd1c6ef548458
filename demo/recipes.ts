/** A change of the demo's lightened version: a swap by id, another amount in grams, or keep. `line` is part of its item. */
export type DemoChange =
  | { readonly line: string; readonly swap: string }
  | { readonly line: string; readonly grams: number }
  | { readonly line: string; readonly keep: true };

export interface DemoRecipe {
  readonly text: string;
  /** Where the notebook has it. */
  readonly author: string;
  readonly lightened: { readonly name: string; readonly changes: readonly DemoChange[] };
  /** Lines that are taken from another demo recipe, by part of the item and the title of the other. */
  readonly takes?: readonly { readonly line: string; readonly from: string }[];
}

const notebook = (page: number): string => `grandmother's notebook, p. ${page}`;

/** The notebook's dishes, invented for the demo, in the order they are brought in. */
export const DEMO_RECIPES: readonly DemoRecipe[] = [
  {
    author: notebook(3),
    lightened: {
      name: 'lightened, browned without butter',
      changes: [{ line: 'butter', swap: 'butter-pan-to-spray' }],
    },
    text: `Vegetable stock for the week
Makes 8 servings
Prep time: 20 minutes
Cook time: 55 minutes
Total time: 75 minutes

Ingredients
2 onions
3 carrots
3 ribs celery
1 leek
2 tbsp butter
a handful of parsley
2 bay leaves
2 l water
1 tsp salt

Steps
1. Cut the vegetables small and brown the onions with the carrots in the butter, in a large pot, 10 minutes.
2. Add celery, leek, water, parsley, bay leaves and salt, bring to the boil and simmer for 45 minutes.
3. Strain. Keep the stock in the refrigerator for 3 to 4 days, or freeze it.`,
  },
  {
    author: notebook(12),
    lightened: {
      name: 'lightened, most of the cheese stays',
      changes: [
        { line: 'cream', swap: 'cream-to-evaporated' },
        { line: 'milk', swap: 'milk-to-skim' },
        { line: 'Gruyère', grams: 65 },
        { line: 'butter', swap: 'butter-pan-to-spray' },
      ],
    },
    text: `Potato and leek gratin
Serves 6
Prep time: 30 minutes
Cook time: 60 minutes
Total time: 90 minutes

Ingredients
1.2 kg potatoes
3 leeks
300 ml cream
200 ml milk
150 g Gruyère, grated
40 g butter
salt and pepper to taste
a pinch of nutmeg
2 sprigs fresh thyme

Steps
1. Slice the potatoes 3 mm thin; wash and slice the leeks.
2. Soften the leeks in the butter, 6 to 8 minutes, until they bend.
3. Warm the cream with the milk, salt, nutmeg and thyme.
4. Layer potatoes and leeks in a dish, pour over the cream, scatter the Gruyère.
5. Bake at 180 °C (355 °F) for 45 to 55 minutes. Done when a knife meets no resistance and the top is golden.
6. Let it stand 10 minutes before cutting.`,
  },
  {
    author: notebook(15),
    lightened: {
      name: 'lightened, lean and long stewed',
      changes: [
        { line: 'brisket', swap: 'chuck-trimmed' },
        { line: 'lard', swap: 'butter-pan-to-spray' },
        { line: 'soured cream', swap: 'soured-to-yogurt' },
      ],
    },
    takes: [{ line: 'vegetable stock', from: 'Vegetable stock for the week' }],
    text: `Beef goulash
Serves 6
Prep time: 25 minutes
Cook time: 150 minutes
Total time: 175 minutes

Ingredients
1 kg beef brisket, cubed
4 large onions, sliced
3 tbsp lard
3 tbsp sweet paprika
2 tbsp tomato paste
2 red bell peppers, diced
3 cloves garlic
1 tsp caraway
800 ml vegetable stock
150 g soured cream
salt to taste

Steps
1. Brown the beef in the lard in two batches and take it out.
2. Soften the onions in the same pot for 15 minutes, until golden.
3. Off the heat stir in paprika, caraway, garlic and tomato paste.
4. Return the beef, add the peppers and the stock, and simmer for 2 to 2½ hours, until a fork goes in easily.
5. Stir in the soured cream and season with salt.`,
  },
  {
    author: notebook(18),
    lightened: {
      name: 'lightened, with quark',
      changes: [
        { line: 'butter', swap: 'butter-pan-to-spray' },
        { line: 'milk', swap: 'milk-to-skim' },
        { line: 'mushrooms', swap: 'mushrooms-more' },
        { line: 'soured cream', swap: 'soured-to-yogurt' },
      ],
    },
    text: `Buckwheat pancakes with mushrooms
Makes 8 pancakes
Prep time: 25 minutes
Cook time: 30 minutes
Total time: 55 minutes

For the batter:
1 cup buckwheat flour
½ cup plain flour
2 eggs
1½ cups milk
a pinch of salt

For the filling:
500 g mushrooms, sliced
1 onion, finely chopped
3 tbsp butter
1 scant cup soured cream
2 tbsp parsley, chopped
salt and pepper to taste

Method
1. Whisk both flours, eggs, milk and salt to a batter and let it rest half an hour.
2. Fry the onion and the mushrooms in half of the butter until dry, about 10 minutes. Stir in soured cream and parsley.
3. Bake 8 thin pancakes in the rest of the butter.
4. Fill, roll and serve at once.`,
  },
  {
    author: notebook(21),
    lightened: {
      name: 'lightened, with turkey and brown rice',
      changes: [
        { line: 'pork', swap: 'pork-mince-lean' },
        { line: 'rice', swap: 'rice-to-brown' },
        { line: 'bacon', swap: 'bacon-to-back' },
        { line: 'soured cream', swap: 'soured-to-light' },
      ],
    },
    text: `Stuffed cabbage
Serves 8
Points: Ledger 10, Old Booklet 7
Prep time: 45 minutes
Cook time: 90 minutes
Total time: 135 minutes

Ingredients
1 large head white cabbage
600 g minced pork
¾ cup rice
1 egg
2 onions, finely chopped
100 g smoked bacon, diced
700 g sauerkraut
2 tbsp paprika
500 ml passata
200 g soured cream
salt and pepper to taste

Steps
1. Boil the cabbage whole for 10 minutes and take off 16 leaves.
2. Mix the pork with rice, egg, half of the onions, salt and pepper; roll it into the leaves.
3. Render the bacon with the other onions, dust with paprika, add the sauerkraut.
4. Lay the rolls on the sauerkraut, pour over passata and water to cover, and simmer for 1½ hours. Done when the middle of a roll reads 160 °F (71 °C).
5. Serve with soured cream.`,
  },
  {
    author: notebook(24),
    lightened: {
      name: 'lightened, breast and yogurt',
      changes: [
        { line: 'thighs', swap: 'thigh-to-breast' },
        { line: 'oil', swap: 'butter-pan-to-spray' },
        { line: 'cream', swap: 'soured-to-yogurt' },
        { line: 'flour', swap: 'flour-to-starch' },
      ],
    },
    text: `Chicken paprika stew
Serves 6
Prep time: 20 minutes
Cook time: 50 minutes
Total time: 70 minutes

Ingredients
1.2 kg chicken thighs
3 onions, finely chopped
4 tbsp sunflower oil
3 tbsp sweet paprika
2 tomatoes, chopped
1 green pepper, chopped
400 ml chicken stock
250 g soured cream
2 tbsp flour
salt to taste

Steps
1. Soften the onions in the oil for 10 minutes. Off the heat stir in the paprika.
2. Add the chicken, tomatoes, pepper and stock; cover and simmer for 45 minutes, until the chicken reads 165 °F (74 °C) inside.
3. Stir the flour into the soured cream, add a ladle of sauce, pour it back and simmer 5 minutes.`,
  },
  {
    author: notebook(27),
    lightened: {
      name: 'lightened, poultry sausage',
      changes: [
        { line: 'sausage', swap: 'sausage-to-turkey' },
        { line: 'bacon', swap: 'bacon-less' },
      ],
    },
    takes: [{ line: 'vegetable stock', from: 'Vegetable stock for the week' }],
    text: `Lentil and smoked-sausage pot
Serves 6
Prep time: 15 minutes
Cook time: 45 minutes
Total time: 60 minutes

Ingredients
400 g brown lentils
300 g smoked sausage, sliced
80 g smoked bacon, diced
2 carrots, diced
1 leek, sliced
1 celeriac, small, diced
1.5 l vegetable stock
2 bay leaves
1 tbsp vinegar
1 tsp mustard

Steps
1. Render the bacon, soften carrots, leek and celeriac in it.
2. Add lentils, stock and bay leaves and simmer for 35 to 40 minutes, until the lentils are soft.
3. Add the sausage for the last 10 minutes. Season with vinegar and mustard.`,
  },
  {
    author: notebook(30),
    lightened: {
      name: 'lightened, with yogurt',
      changes: [
        { line: 'soured cream', swap: 'soured-to-yogurt' },
        { line: 'sugar', grams: 6 },
      ],
    },
    text: `Cucumber salad in soured cream
Serves 4
Prep time: 15 minutes
Total time: 15 minutes

Ingredients
2 large cucumbers
200 g soured cream
1 tbsp vinegar
1 tbsp sugar
1 clove garlic
a handful of dill, chopped
salt to taste

Steps
1. Slice the cucumbers very thinly, salt, and press after 20 minutes.
2. Stir soured cream, vinegar, sugar, garlic and dill, and fold in the cucumbers.
3. Chill for an hour.`,
  },
  {
    author: notebook(33),
    lightened: {
      name: 'lightened, half yogurt',
      changes: [
        { line: 'mayonnaise', swap: 'mayo-half-yogurt' },
        { line: 'bacon', swap: 'bacon-to-back' },
      ],
    },
    text: `Potato salad
Serves 8
Prep time: 25 minutes
Cook time: 25 minutes
Total time: 50 minutes

Ingredients
1.5 kg waxy potatoes
6 gherkins, diced
1 onion, finely chopped
3 hard-boiled eggs
1 cup mayonnaise
100 g bacon, diced
2 tbsp mustard
150 ml vegetable broth
2 tbsp vinegar
salt and pepper to taste

Steps
1. Boil the potatoes in their skins, 20 to 25 minutes, peel and slice them warm.
2. Pour over the hot broth with vinegar, mustard and onion.
3. Fry the bacon crisp.
4. Fold in gherkins, eggs and mayonnaise; strew the bacon on top. Chill.`,
  },
  {
    author: notebook(41),
    lightened: {
      name: 'lightened, less sugar and half purée',
      changes: [
        { line: 'butter', swap: 'fat-to-applesauce' },
        { line: 'sugar', swap: 'sugar-less' },
        { line: 'walnuts', keep: true },
      ],
    },
    text: `Walnut and carrot loaf
Makes 12 slices
Prep time: 25 minutes
Cook time: 55 minutes
Total time: 80 minutes

Ingredients
250 g flour
200 g sugar
150 g butter, melted
3 eggs
300 g carrots, grated
100 g walnuts, chopped
1 packet baking powder
1 tsp cinnamon
a pinch of salt

Steps
1. Heat the oven to 175 °C (350 °F). Grease a loaf tin.
2. Beat eggs and sugar until pale, stir in the butter.
3. Fold in flour, baking powder, cinnamon and salt, then carrots and walnuts.
4. Bake for 50 to 60 minutes. Done when a skewer comes out clean.`,
  },
  {
    author: notebook(44),
    lightened: {
      name: 'lightened, skimmed milk',
      changes: [
        { line: 'milk', swap: 'milk-to-skim' },
        { line: 'sugar', swap: 'sugar-less' },
        { line: 'butter', grams: 5 },
      ],
    },
    text: `Rice pudding with cherries
Serves 5
Prep time: 10 minutes
Cook time: 40 minutes
Total time: 50 minutes

Ingredients
200 g round-grain rice
1 l milk
4 tbsp sugar
20 g butter
1 vanilla pod
400 g sour cherries, pitted
a pinch of salt
cinnamon

Steps
1. Bring milk, vanilla and salt to the boil, add the rice and let it swell over low heat for 35 minutes, stirring often.
2. Stir in sugar and butter.
3. Warm the cherries and spoon them over. Dust with cinnamon.`,
  },
  {
    author: notebook(21),
    lightened: {
      name: 'lightened, more mushrooms',
      changes: [
        { line: 'butter', swap: 'butter-pan-to-spray' },
        { line: 'mushrooms', swap: 'mushrooms-more' },
        { line: 'bacon', swap: 'bacon-to-back' },
        { line: 'soured cream', swap: 'soured-to-yogurt' },
      ],
    },
    takes: [{ line: 'vegetable stock', from: 'Vegetable stock for the week' }],
    text: `Mushroom and barley soup
Serves 6
Prep time: 20 minutes
Cook time: 50 minutes
Total time: 70 minutes

Ingredients
150 g pearl barley
500 g mushrooms
100 g bacon, diced
1 onion, chopped
2 carrots, diced
30 g butter
1.2 l vegetable stock
150 g soured cream
2 tbsp chopped parsley
salt and pepper to taste

Steps
1. Fry the bacon with the onion in the butter until golden.
2. Slice the mushrooms and brown them, 6 to 8 minutes, until their water is gone.
3. Add barley, carrots and vegetable stock; simmer for 40 minutes, until the barley is soft.
4. Stir in the soured cream off the heat, season with salt and pepper, strew the parsley.`,
  },
  {
    author: notebook(48),
    lightened: {
      name: 'lightened, thinner dough',
      changes: [
        { line: 'butter', swap: 'butter-to-light' },
        { line: 'milk', swap: 'milk-to-skim' },
        { line: 'sugar', swap: 'sugar-less-more' },
        { line: 'plums', grams: 1800 },
        { line: 'flour', grams: 380 },
      ],
    },
    text: `Plum tray cake
Makes 16 pieces
Prep time: 40 minutes
Cook time: 35 minutes
Total time: 75 minutes

Ingredients
500 g flour
20 g fresh yeast
200 ml milk
100 g butter
120 g sugar
2 eggs
1.5 kg plums
1 tsp cinnamon
a pinch of salt

Steps
1. Warm the milk; stir yeast, a spoon of the sugar and the milk into the flour and let it rise for 20 minutes.
2. Knead in butter, eggs, salt and half of the sugar; let it rise for 45 minutes, until doubled.
3. Roll the dough out on a tray, set the plums close together, strew the rest of the sugar with the cinnamon.
4. Bake at 190 °C (375 °F) for 35 to 40 minutes, until the edge is golden.`,
  },
  {
    author: notebook(50),
    lightened: {
      name: 'lightened, half the oil and pulled thinner',
      changes: [
        { line: 'oil', grams: 14 },
        { line: 'flour', grams: 220 },
      ],
    },
    text: `Strudel dough
Makes 8 servings
Prep time: 30 minutes
Total time: 30 minutes

Ingredients
250 g flour
2 tbsp oil
125 ml water
1 tsp vinegar
a pinch of salt

Steps
1. Knead flour, oil, water, vinegar and salt for 10 minutes, until the dough is smooth and soft.
2. Cover it and let it rest for an hour in a warm place before it is pulled thin.`,
  },
  {
    author: notebook(51),
    lightened: {
      name: 'lightened, fat-free quark',
      changes: [
        { line: 'curd cheese', swap: 'quark-to-fatfree' },
        { line: 'butter', grams: 20 },
        { line: 'sugar', swap: 'sugar-less-more' },
        { line: 'raisins', swap: 'raisins-half' },
        { line: 'apples', grams: 1100 },
      ],
    },
    takes: [{ line: 'strudel dough', from: 'Strudel dough' }],
    text: `Apple and curd-cheese strudel
Serves 8
Prep time: 40 minutes
Cook time: 40 minutes
Total time: 80 minutes

Ingredients
400 g strudel dough
800 g apples, sliced
500 g curd cheese
80 g sugar
2 eggs
60 g raisins
60 g butter, melted
40 g breadcrumbs
1 tsp cinnamon
zest of 1 lemon

Steps
1. Stir curd cheese, eggs, lemon zest and half of the sugar smooth.
2. Pull the strudel dough thin over a cloth, brush it with half of the melted butter, strew the breadcrumbs.
3. Spread the curd cheese, then the apples with the raisins, the cinnamon and the rest of the sugar.
4. Roll it up, brush it with the rest of the butter and bake at 180 °C (355 °F) for 40 to 45 minutes, until golden.`,
  },
  {
    author: notebook(23),
    lightened: {
      name: 'lightened, yogurt on top',
      changes: [
        { line: 'butter', swap: 'butter-pan-to-spray' },
        { line: 'cream', swap: 'cream-to-yogurt' },
        { line: 'potato', grams: 120 },
        { line: 'beetroot', grams: 900 },
      ],
    },
    takes: [{ line: 'vegetable stock', from: 'Vegetable stock for the week' }],
    text: `Beetroot and apple soup
Serves 6
Prep time: 20 minutes
Cook time: 40 minutes
Total time: 60 minutes

Ingredients
700 g beetroot
300 g potato
2 apples
1 onion, chopped
40 g butter
1 l vegetable stock
200 ml cream
2 tsp grated horseradish
1 tbsp vinegar
salt and pepper to taste

Steps
1. Soften the onion in the butter, 5 minutes.
2. Dice beetroot, potato and apples; simmer them in the vegetable stock for 35 minutes, until soft.
3. Let it cool a little before it goes into a blender: hot food spurts. Blend it smooth.
4. Warm it with the cream, the horseradish and the vinegar; season with salt and pepper.`,
  },
];
