import { describe, expect, it } from 'vitest';
import { kitchenOf, readVersion, shippedFood } from '../../../tests/support/test-version.ts';
import { countVersion } from '../counting/count-version.ts';
import { plainCounter } from '../program/program.ts';
import { SAMPLE_PROGRAMS } from '../program/samples.ts';
import { thisNotThat } from './this-not-that.ts';

const LE = plainCounter(SAMPLE_PROGRAMS[0]!);
const dip = readVersion(['400 g fat-free plain Greek yogurt', '1 cucumber'], { id: 'dip', recipeId: 'r', servings: 2 });
const dishes = [{ title: 'Dip', version: dip, servings: 2 }];

describe('this, not that', () => {
  it('names the look-alike and what it would add to a serving, as counting it says', () => {
    const yogurt = dip.lines[0]!.food.kind === 'food' ? dip.lines[0]!.food.foodId : '';
    const said = thisNotThat(yogurt, { dishes, kitchen: kitchenOf(dip), food: shippedFood, counters: [LE] });
    expect(said).not.toBeNull();
    const other = {
      ...dip,
      lines: dip.lines.map((l, i) =>
        i === 0 ? { ...l, food: { kind: 'food' as const, foodId: said!.foodId, revision: 1 } } : l,
      ),
    };
    const [was, is] = [dip, other].map((v) => countVersion(v, kitchenOf(v), [LE]).counts[0]!.points);
    expect(is! - was!).toBe(said!.adds);
    expect(said!.adds).toBeGreaterThan(0);
    expect(said!.words).toMatch(/^not .*: \+\d/);
  });
  it('says nothing of what has no look-alike, and nothing of one that changes nobody’s count', () => {
    const cucumber = dip.lines[1]!.food.kind === 'food' ? dip.lines[1]!.food.foodId : '';
    expect(thisNotThat(cucumber, { dishes, kitchen: kitchenOf(dip), food: shippedFood, counters: [LE] })).toBeNull();
  });
});
