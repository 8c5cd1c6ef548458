/** Something on a day of the demo: a dish by its title, a food by its grams, or points that are known. */
export type DemoThing =
  | { readonly dish: string; readonly lightened?: boolean; readonly portion?: number; readonly meal: string }
  | { readonly food: string; readonly grams: number; readonly words: string; readonly meal: string }
  | { readonly points: number; readonly words: string; readonly meal: string };

const [MORNING, MIDDAY, EVENING, BETWEEN] = ['meal-breakfast', 'meal-lunch', 'meal-supper', 'meal-between'];

/** The milk in Runa's coffee. */
export const DEMO_STANDING = {
  id: 'demo-standing-milk',
  eater: 'demo-eater-runa',
  meal: MORNING,
  words: 'milk in the coffee',
  foodId: 'milk-whole',
  grams: 60,
  low: 45,
  high: 80,
  weekdays: [1, 2, 3, 4, 5, 6, 7],
} as const;

/** What the household would like of its days. */
export const DEMO_AIMS = [
  { id: 'demo-aim-vegetables', name: 'Vegetables', kind: 'vegetables', least: 400, per: 'day' },
  { id: 'demo-aim-colours', name: 'Colours of vegetables', kind: 'colours', least: 3, per: 'day' },
  { id: 'demo-aim-water', name: 'Glasses of water', kind: 'ticked', least: 6, per: 'day' },
  { id: 'demo-aim-fish', name: 'Fish', kind: 'fish', least: 250, per: 'week' },
] as const;

const PORRIDGE: readonly DemoThing[] = [
  { food: 'oats-rolled', grams: 50, words: '50 g rolled oats', meal: MORNING },
  { food: 'apple', grams: 150, words: '1 apple', meal: MORNING },
  { food: 'walnuts', grams: 15, words: '15 g walnuts', meal: MORNING },
];
const BREAD: readonly DemoThing[] = [
  { food: 'bread-rye', grams: 80, words: '2 slices rye bread', meal: MORNING },
  { food: 'butter', grams: 10, words: '2 tsp butter', meal: MORNING },
  { food: 'emmental', grams: 30, words: '30 g Emmental', meal: MORNING },
];

/** Days as they are lived above the bakery, one after the other, and from the first again. */
export const DEMO_DAYS: readonly (readonly DemoThing[])[] = [
  [
    ...PORRIDGE,
    { dish: 'Mushroom and barley soup', lightened: true, portion: 1.5, meal: MIDDAY },
    { food: 'bread-rye', grams: 80, words: '2 slices rye bread', meal: MIDDAY },
    { dish: 'Chicken paprika stew', lightened: true, portion: 1.5, meal: EVENING },
    { points: 4, words: 'a bun from downstairs', meal: BETWEEN },
  ],
  [
    ...BREAD,
    { dish: 'Lentil and smoked-sausage pot', meal: MIDDAY },
    { dish: 'Potato salad', portion: 1.5, meal: EVENING },
    { points: 5, words: 'a bun from downstairs', meal: BETWEEN },
    { food: 'egg-boiled', grams: 100, words: '2 boiled eggs', meal: EVENING },
  ],
  [
    ...PORRIDGE,
    { dish: 'Beetroot and apple soup', portion: 1.5, meal: MIDDAY },
    { food: 'bread-rye', grams: 80, words: '2 slices rye bread', meal: MIDDAY },
    { dish: 'Beef goulash', meal: EVENING },
    { dish: 'Rice pudding with cherries', lightened: true, portion: 0.5, meal: BETWEEN },
  ],
  [
    ...BREAD,
    { dish: 'Cucumber salad in soured cream', meal: MIDDAY },
    { food: 'egg-boiled', grams: 100, words: '2 boiled eggs', meal: MIDDAY },
    { dish: 'Potato and leek gratin', meal: EVENING },
    { dish: 'Plum tray cake', meal: BETWEEN },
  ],
  [
    ...PORRIDGE,
    { dish: 'Stuffed cabbage', lightened: true, portion: 1.5, meal: MIDDAY },
    { dish: 'Buckwheat pancakes with mushrooms', lightened: true, meal: EVENING },
    { points: 6, words: 'a slice of cake at the lake', meal: BETWEEN },
  ],
];

/** Who tells their days, which of them they leave out (of every so many days one), and how much of a dish they eat. */
export const DEMO_TELLERS = [
  { eater: 'demo-eater-runa', from: 0, gapEvery: 9, times: 0.9 },
  { eater: 'demo-eater-tomas', from: 2, gapEvery: 5, times: 0.85 },
  { eater: 'demo-eater-milena', from: 4, gapEvery: 6, times: 0.7 },
] as const;
/** So many days before the first start the demo begins to tell. */
export const DEMO_DAYS_BACK = 26;

/** What stands on Runa's day of the first start, before she has eaten all of it. */
export const DEMO_TODAY: readonly DemoThing[] = PORRIDGE;

/** Pots of the days after the first start: in so many days, for so many, and who has a portion that day. */
export const DEMO_POTS = [
  {
    id: 'demo-pot-soup',
    dish: 'Mushroom and barley soup',
    inDays: 1,
    servings: 6,
    plates: ['demo-eater-runa', 'demo-eater-tomas', 'demo-eater-milena', 'demo-eater-ida'],
  },
  {
    id: 'demo-pot-gratin',
    dish: 'Potato and leek gratin',
    inDays: 3,
    servings: 6,
    plates: ['demo-eater-runa', 'demo-eater-tomas', 'demo-eater-milena', 'demo-eater-juri', 'demo-eater-ida'],
  },
] as const;

/** Where the household gets things, in made-up shops. */
export const DEMO_BUYING = [
  { foodId: 'leek', shop: 'Market', leastGrams: null, packGrams: 500, price: 1.8 },
  { foodId: 'milk-whole', shop: 'Dairy by the bridge', leastGrams: 1000, packGrams: 1031, price: 1.2 },
  { foodId: 'butter', shop: 'Dairy by the bridge', leastGrams: 250, packGrams: 250, price: 2.6 },
] as const;
