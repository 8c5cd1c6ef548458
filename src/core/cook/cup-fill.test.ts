import { describe, expect, it } from 'vitest';
import { levelCups } from './cup-fill.ts';

/** Common practice: a scant cup lacks a tablespoon of its sixteen, a heaped one holds a quarter more. */
describe('cups as they are filled', () => {
  it('are level ones with a tablespoon less, or a quarter more', () => {
    expect(levelCups(3, 'level')).toBe(3);
    expect(levelCups(4, 'scant')).toBe(3.75);
    expect(levelCups(2, 'heaped')).toBe(2.5);
  });
});
