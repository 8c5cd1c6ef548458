import { expect, it } from 'vitest';
import { signsOfDone } from './signs-of-done.ts';

it.each([
  ['Soften the leeks in the butter, 6 to 8 minutes, until they bend.', ['until they bend']],
  [
    'Bake until a knife meets no resistance and the top is golden. Let it rest.',
    ['until a knife meets no resistance and the top is golden'],
  ],
  ['Done when the middle of a roll reads 160 °F (71 °C).', ['when the middle of a roll reads 160 °F (71 °C)']],
  ['Bake for 20 minutes or until set.', ['until set']],
  ['Chill until needed. Whisk.', []],
  ['Set aside until ready to serve.', []],
  ['Knead the dough.', []],
])('the sign that it is done: %s', (text, wanted) => {
  expect(signsOfDone(text)).toEqual(wanted);
});
