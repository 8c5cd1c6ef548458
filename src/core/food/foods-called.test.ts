import { describe, expect, it } from 'vitest';
import { foodsCalled } from './foods-called.ts';
import { SHIPPED_FOODS } from './shipped/index.ts';

const called = (text: string) => foodsCalled(SHIPPED_FOODS, text).map((f) => f.id);

describe('foods of one name', () => {
  it('are all kinds of it, and nothing that is called otherwise', () => {
    expect(called('strained yogurt')).toEqual(
      expect.arrayContaining(['yogurt-greek-fatfree', 'yogurt-greek-whole', 'yogurt-greek-lowfat']),
    );
    expect(called('cream')).toContain('cream-heavy');
    expect(called('cream')).not.toContain('cream-sour');
    expect(called('butter')).not.toContain('peanut-butter');
  });
  it('are none for what nobody is called, or nothing', () => {
    expect(called('gloop')).toEqual([]);
    expect(called('  ')).toEqual([]);
  });
});
