import { describe, expect, it } from 'vitest';
import { readVersion } from '../../../tests/support/test-version.ts';
import { gramsOfOne, measureOfLine } from './measure-of-line.ts';

const of = (text: string) => measureOfLine(readVersion([text]).lines[0]!);

describe('the measure that a line is written in', () => {
  it.each([
    ['2 bunches kale', { unit: 'bunch', quantity: 2, words: '1 bunch' }],
    ['3 onions', { unit: 'piece', quantity: 3, words: 'one piece' }],
    ['2 to 3 cups flour', { unit: 'cup', quantity: 2.5, words: '1 cup' }],
  ])('%s', (text, measure) => expect(of(text)).toEqual(measure));
  it.each(['200 g flour', 'salt to taste'])('%s teaches none', (text) => expect(of(text)).toBeNull());
  it('weighs one of them, for a US cup also in a kitchen with metric ones', () => {
    expect(gramsOfOne(of('2 cups flour')!, 250, 'us')).toBe(125);
    expect(gramsOfOne(of('2 cups flour')!, 250, 'metric')).toBeCloseTo(125 / (250 / 236.588), 2);
  });
});
