import { expect, it } from 'vitest';
import { amountApart } from './amount-apart.ts';

it.each([
  ['300 g evaporated milk', 'evaporated milk', '300 g'],
  ['½ cup (60 g) flour, sifted', 'flour', '½ cup (60 g)'],
  ['1 (28 oz) can crushed tomatoes', 'crushed tomatoes', '1 (28 oz) can'],
  ['a handful of parsley', 'parsley', 'a handful'],
  ['salt to taste', 'salt', ''],
  ['3 onions, finely chopped', 'onions', '3'],
  ['2 large eggs', 'eggs', '2 large'],
])('%s', (words, item, amount) => {
  const apart = amountApart(words, item);
  expect(apart.amount).toBe(amount);
  expect(apart.rest.startsWith(amount === '' ? words : item)).toBe(true);
});
