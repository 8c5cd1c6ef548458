import { describe, expect, it } from 'vitest';
import { programDifferences } from './program-differences.ts';
import { SAMPLE_PROGRAMS } from './samples.ts';
import { anyFood } from './uncounted.ts';

const [ledger] = SAMPLE_PROGRAMS;
const after = { ...ledger!, rule: { ...ledger!.rule } };

describe('what is another between two states of a program', () => {
  it('is said number by number, in the words of its fields', () => {
    const rule = {
      ...after.rule,
      per: 40,
      coefficients: { ...after.rule.coefficients, fibre: -3 },
      caps: { fibre: 4 },
    };
    expect(programDifferences(ledger!, { ...after, rule, allowance: 30 })).toEqual([
      '1 point for every 45, now 40',
      'fibre −2, now −3',
      'fibre at most any, now 4',
      '38 points a day, now 30',
    ]);
  });
  it('names what came on the list and what went', () => {
    const [first, ...rest] = after.list.entries;
    const entries = [...rest, { ...anyFood('lean poultry'), kinds: ['poultrybreast' as const] }];
    expect(programDifferences(ledger!, { ...after, list: { ...after.list, entries } })).toEqual([
      'on the list: lean poultry',
      `off the list: ${first!.words}`,
    ]);
  });
  it('says that an entry means other foods now, and the rounding', () => {
    const [first, ...rest] = after.list.entries;
    const entries = [{ ...first!, foods: first!.foods.slice(1) }, ...rest];
    const rule = { ...after.rule, rounding: 'up' as const, step: 0.5 as const };
    expect(programDifferences(ledger!, { ...after, rule, list: { ...after.list, entries } })).toEqual([
      'rounded to the nearest in whole points, now up in half points',
      `another meaning: ${first!.words}`,
    ]);
  });
  it('is nothing where nothing is', () => expect(programDifferences(ledger!, { ...after, revision: 9 })).toEqual([]));
});
