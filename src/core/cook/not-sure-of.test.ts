import { describe, expect, it } from 'vitest';
import { kitchenOf, readVersion } from '../../../tests/support/test-version.ts';
import type { Eater } from '../table/table.ts';
import { unreadLines } from '../version/unread-lines.ts';
import { notSureOf } from './not-sure-of.ts';

const tomas: Pick<Eater, 'name' | 'allergies'> = { name: 'Tomas', allergies: ['tree-nuts'] };

describe('whether somebody with an allergy may have a dish', () => {
  it('is not known while a line is not read, and nobody asks for those without one', () => {
    expect(notSureOf(tomas, ['1 tin of gloop'])).toBe('Not sure for Tomas: “1 tin of gloop” is not read.');
    expect(notSureOf(tomas, ['a', 'b', 'c', 'd', 'e'])).toBe(
      'Not sure for Tomas: “a”, “b”, “c” and 2 more are not read.',
    );
    expect(notSureOf(tomas, [])).toBeNull();
    expect(notSureOf({ name: 'Ada', allergies: [] }, ['1 tin of gloop'])).toBeNull();
  });
});

describe('lines that are not read', () => {
  it('are those of recipes inside, too, and none that was left out or that only has no weight', () => {
    const dough = readVersion(['200 g flour', '1 lump of moonrock'], { id: 'dough-v1', recipeId: 'dough' });
    const [inner, ...rest] = readVersion(['200 g dough', 'walnuts, to decorate', '1 tin of gloop', 'salt']).lines;
    const food = { kind: 'recipe', recipeId: 'dough', versionId: 'dough-v1' } as const;
    const lines = [{ ...inner!, food }, ...rest];
    const pie = readVersion([], { id: 'pie-v1', lines });
    expect(unreadLines(pie, kitchenOf(dough))).toEqual(['1 lump of moonrock', '1 tin of gloop']);
    expect(unreadLines(pie, kitchenOf())).toEqual(['200 g dough', '1 tin of gloop']);
    const without = { ...pie, lines: lines.map((l) => ({ ...l, leftOut: true })) };
    expect(unreadLines(without, kitchenOf(dough))).toEqual([]);
  });
});
