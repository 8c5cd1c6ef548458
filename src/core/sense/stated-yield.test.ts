import { describe, expect, it } from 'vitest';
import { readVersion } from '../../../tests/support/test-version.ts';
import { statedYield } from './stated-yield.ts';

/** 2 kg of a dish, for eight. */
const version = readVersion(['1 kg potatoes', '1 kg carrots'], { servings: 8 });

describe('what it makes by the cup', () => {
  it.each(['8 servings (1 cup each)', 'Makes about 8 cups', 'Serves 8', 'Makes 12 muffins', null])(
    'fits, or says nothing: %s',
    (makes) => expect(statedYield(makes, version)).toBeNull(),
  );
  it.each([
    ['8 servings (1/8 cup each)', /240 ml|237 ml/],
    ['Makes 2 cups', /473 ml/],
    ['Makes 60 cups', /14 l|14.2 l/],
  ])('does not: %s', (makes, words) => expect(statedYield(makes, version)?.words).toMatch(words));
  it('is not asked while a line is open', () => {
    expect(
      statedYield('Makes 2 cups', readVersion(['1 kg potatoes', '1 cup mystery dust'], { servings: 8 })),
    ).toBeNull();
  });
});
