import { describe, expect, it } from 'vitest';
import { sample } from '../../../tests/support/test-lines.ts';
import { kitchenOf, readVersion } from '../../../tests/support/test-version.ts';
import { countVersion } from '../counting/count-version.ts';
import { plainCounter } from '../program/program.ts';
import { versionOfKit } from './version-of-kit.ts';

describe('a kit that is cooked', () => {
  it('is that share of the dish: fewer servings, each counting the same', () => {
    const whole = readVersion(['600 g ground beef', '3 onions', '400 g rice'], { servings: 6 });
    let n = 0;
    const kit = versionOfKit(whole, 1 / 3, '27 Nov 2026', () => `new-${n++}`);
    expect(kit.servings).toBe(2);
    expect(kit.kind).toBe('asCooked');
    expect(kit.parentId).toBe(whole.id);
    expect(kit.name).toBe('a kit, 27 Nov 2026');
    expect(kit.lines.map((l) => l.weight!.grams)).toEqual(
      whole.lines.map((l) => expect.closeTo(l.weight!.grams / 3, 9)),
    );
    const points = [whole, kit].map((v) => countVersion(v, kitchenOf(), [plainCounter(sample('LE'))]).counts[0]!.raw);
    expect(points[1]).toBeCloseTo(points[0]!, 9);
  });
});
