import { describe, expect, it } from 'vitest';
import { withoutMention } from './without-mention.ts';

/** A sentence without the words between brackets. */
const without = (text: string): string | null => {
  const start = text.indexOf('[');
  const end = text.indexOf(']') - 1;
  return withoutMention(text.replace(/[[\]]/g, ''), { start, end });
};

describe('a sentence without one thing', () => {
  it.each([
    ['Fold in the [walnuts] and raisins.', 'Fold in the raisins.'],
    ['Fold in the raisins and the [walnuts].', 'Fold in the raisins.'],
    ['Add carrots, [celery] and onions.', 'Add carrots and onions.'],
    ['Add carrots, onions and [celery].', 'Add carrots and onions.'],
    ['Add [celery], carrots and onions.', 'Add carrots and onions.'],
    ['Melt the [butter] and fry the onions.', 'Fry the onions.'],
    ['Melt the [butter], then fry the onions.', 'Fry the onions.'],
    ['Soften the onions in the [butter].', 'Soften the onions.'],
    ['Soften the onions in the [butter] for 5 minutes.', 'Soften the onions for 5 minutes.'],
    ['Toss the leaves with the [cheese] and serve.', 'Toss the leaves and serve.'],
    ['Simmer for 10 minutes and stir in the [cream].', 'Simmer for 10 minutes.'],
    ['Stir in the [cream] and simmer for 10 minutes.', 'Simmer for 10 minutes.'],
    ['Scatter the grated [cheese] over and bake for 20 minutes.', 'Bake for 20 minutes.'],
    ['Scatter the [cheese].', ''],
    ['Cook until the [cheese] melts.', null],
  ])('%s', (text, wanted) => expect(without(text)).toBe(wanted));
});
