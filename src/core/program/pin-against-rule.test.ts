import { describe, expect, it } from 'vitest';
import { shippedFood } from '../../../tests/support/test-version.ts';
import { pinAgainstRule, pinAgainstRuleWords } from './pin-against-rule.ts';
import { SAMPLE_PROGRAMS } from './samples.ts';

const [ledger, larder, , house] = SAMPLE_PROGRAMS;
const gouda = shippedFood('gouda')!;
const pin = (points: number, programId: string, foodId = 'gouda', grams = 28) => ({ foodId, programId, points, grams });

describe('a pin beside the rule', () => {
  it('agrees where the rule rounds to the same', () => {
    // 28 g of it are 2.67 by the rule, worked in the test of examples.
    expect(pinAgainstRule(pin(3, ledger!.id), gouda, ledger!)).toEqual({ bySelf: 3, apart: 0 });
    expect(pinAgainstRuleWords(pin(3, ledger!.id), gouda, ledger!)).toBe('The rule says the same.');
  });
  it('says by how much it disagrees', () => {
    expect(pinAgainstRuleWords(pin(2, ledger!.id), gouda, ledger!)).toBe('The rule says 3: yours is 1 less.');
    expect(pinAgainstRuleWords(pin(4.5, house!.id), gouda, house!)).toMatch(/^The rule says 2½: yours is 2 more\.$/);
  });
  it('says it where the list leaves the food out', () => {
    const potato = shippedFood('potato')!;
    expect(pinAgainstRuleWords(pin(2, larder!.id, 'potato', 150), potato, larder!)).toBe(
      'The list says that it does not count (what lies in a cellar): yours is 2 more.',
    );
  });
});
