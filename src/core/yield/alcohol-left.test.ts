import { describe, expect, it } from 'vitest';
import { sample } from '../../../tests/support/test-lines.ts';
import { kitchenOf, readVersion } from '../../../tests/support/test-version.ts';
import { countVersion } from '../counting/count-version.ts';
import { plainCounter } from '../program/program.ts';
import { answeredLoss } from '../version/line-loss.ts';
import { ALCOHOL_LEFT, alcoholAway } from './alcohol-left.ts';

/** USDA Table of Nutrient Retention Factors, Release 6, alcohol; from memory. */
describe('alcohol that cooks away', () => {
  it('is what the published table says', () => {
    expect(ALCOHOL_LEFT.map((r) => [r.words, r.left])).toEqual([
      ['stirred in off the heat', 0.85],
      ['simmered 15 minutes', 0.4],
      ['simmered 30 minutes', 0.35],
      ['simmered 1 hour', 0.25],
      ['simmered 1½ hours', 0.2],
      ['simmered 2 hours', 0.1],
      ['simmered 2½ hours', 0.05],
    ]);
    // 235 g of white wine hold 10.3 % alcohol: 24.2 g, of which 65 % go in half an hour.
    expect(alcoholAway(24.2, 0.35)).toBeCloseTo(15.73, 2);
  });
  it('takes its energy along, 7 kcal a gram, and leaves everything else', () => {
    const whole = readVersion(['1 cup white wine'], { servings: 1 });
    const reduced = {
      ...whole,
      lines: whole.lines.map((l) => ({ ...l, loss: answeredLoss('cooked-away', 15.73) })),
    };
    const [a, b] = [whole, reduced].map((v) => countVersion(v, kitchenOf(), [plainCounter(sample('LE'))]));
    expect(a!.perServing.kcal.value! - b!.perServing.kcal.value!).toBeCloseTo(15.73 * 7, 6);
    expect(a!.perServing.alcohol.value! - b!.perServing.alcohol.value!).toBeCloseTo(15.73, 6);
    expect(b!.perServing.sugars.value).toBeCloseTo(a!.perServing.sugars.value!, 9);
  });
});
