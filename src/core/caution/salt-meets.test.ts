import { describe, expect, it } from 'vitest';
import { readVersion, shippedFood } from '../../../tests/support/test-version.ts';
import { saltMeets } from './salt-meets.ts';

const says = (...lines: string[]) => saltMeets(readVersion(lines).lines, shippedFood);

describe('salt on salt', () => {
  it('is pointed out where broth, cured meat and added salt meet', () => {
    expect(says('1 l chicken broth', '100 g bacon', '1 tsp salt')).toMatch(
      /chicken broth and bacon, streaky and added salt meet/,
    );
    expect(says('200 g smoked turkey sausage', 'salt to taste')).toMatch(/sausage and added salt/);
  });
  it('is not where one of them is alone', () => {
    expect(says('1 l chicken broth', '2 carrots')).toBeNull();
    expect(says('2 carrots', '1 tsp salt')).toBeNull();
    expect(says('100 g unsalted butter', '100 g bacon')).toBeNull();
  });
  it('is not of what was left out', () => {
    const { lines } = readVersion(['1 l chicken broth', '1 tsp salt']);
    expect(
      saltMeets(
        lines.map((l) => ({ ...l, leftOut: true })),
        shippedFood,
      ),
    ).toBeNull();
  });
});
