import { describe, expect, it } from 'vitest';
import { dishKindOf } from '../../src/core/dish/dish-kind.ts';
import { partOfLine } from '../../src/core/dish/part-of-line.ts';
import { labelledDishes } from '../support/labelled-dishes.ts';
import { shippedFood } from '../support/test-version.ts';

const DISHES = labelledDishes();

describe('44 ordinary dishes', () => {
  const kinds = DISHES.flatMap((d) => {
    const found = dishKindOf(d.version, d.title, shippedFood);
    return found === d.kind ? [] : [`${d.title}: ${found}, wants ${d.kind}`];
  });
  const parts = DISHES.flatMap((d) =>
    d.lines.map(([line, role, technique], i) => {
      const found = partOfLine(d.version.lines[i]!, d.version, d.title, shippedFood);
      const right = found.role === role && (found.technique ?? '-') === technique;
      return {
        right,
        words: `${d.title}, ${line}: ${found.role} ${found.technique ?? '-'}, wants ${role} ${technique}`,
      };
    }),
  );
  it('are of the kind that they are', () => {
    expect(kinds, kinds.join('\n')).toEqual([]);
  });
  it('have the part of each line, 97 in a hundred', () => {
    const wrong = parts.filter((p) => !p.right).map((p) => p.words);
    expect(1 - wrong.length / parts.length, wrong.join('\n')).toBeGreaterThanOrEqual(0.97);
  });
});
