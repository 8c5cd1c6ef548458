import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { dishKindOf } from '../../src/core/dish/dish-kind.ts';
import { partOfLine } from '../../src/core/dish/part-of-line.ts';
import { readVersion, shippedFood } from '../support/test-version.ts';

/** A dish as it was labelled before the code saw it. */
const DISHES = readFileSync(new URL('../data/dishes.txt', import.meta.url), 'utf8')
  .split(/^== /m)
  .slice(1)
  .map((block) => {
    const [head, ...rows] = block.trim().split('\n');
    const [title, kind, servings] = head!.split(' ¦ ');
    const lines = rows.filter((r) => !r.startsWith('>')).map((r) => r.split(' ¦ ') as [string, string, string]);
    const steps = rows.filter((r) => r.startsWith('>')).map((r, i) => ({ id: `s${i}`, text: r.slice(2) }));
    return {
      title: title!,
      kind: kind!,
      lines,
      version: readVersion(
        lines.map(([l]) => l),
        { servings: Number(servings), steps },
      ),
    };
  });

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
