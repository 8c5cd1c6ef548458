import { describe, expect, it } from 'vitest';
import type { Claim } from '../page/recipe-text.ts';
import { SAMPLE_PROGRAMS } from '../program/samples.ts';
import { claimedPrograms, wordOfClaim } from './claimed-programs.ts';

const credit = { author: 'A cook', url: 'https://example.org/pie', whose: 'other' } as const;
const claim = (over: Partial<Claim> = {}): Claim => ({
  kind: 'points',
  value: 5,
  valueMax: null,
  per: null,
  of: 'meadow',
  programId: null,
  words: 'Meadow 5 points',
  ...over,
});
const marks = (c: Claim, words: Record<string, string | null>) => {
  const found = claimedPrograms(c, credit, words, SAMPLE_PROGRAMS);
  return found.kind === 'known' ? found.programs.map((p) => p.mark) : found.kind;
};

describe('the program that a claim of points is of', () => {
  it('is not known until the household says what the word means, or that it means none of its own', () => {
    expect(marks(claim(), {})).toBe('unknown');
    expect(marks(claim(), { meadow: 'program-larder' })).toEqual(['LA']);
    expect(marks(claim(), { meadow: null })).toBe('none');
  });
  it('is not known any more when it was taken away', () => {
    expect(marks(claim(), { meadow: 'program-gone' })).toBe('unknown');
  });
  it('is every one that the household knows of a source, where the source says "all"', () => {
    expect(marks(claim({ of: 'all' }), {})).toBe('unknown');
    expect(marks(claim({ of: 'all' }), { meadow: 'program-larder', hill: 'program-ledger', lake: null })).toEqual([
      'LE',
      'LA',
    ]);
  });
  it('is told for each author apart where the source gives it no name', () => {
    const unnamed = claim({ of: null });
    expect(wordOfClaim(unnamed, credit)).toBe('the points of A cook');
    expect(wordOfClaim(unnamed, { ...credit, author: null })).toBe('the points of example.org');
    expect(wordOfClaim(unnamed, { author: null, url: null })).toBe('points without a name');
    expect(marks(unnamed, { 'the points of A cook': 'program-ledger' })).toEqual(['LE']);
    expect(marks(unnamed, { 'the points of another': 'program-ledger' })).toBe('unknown');
  });
  it('is the one that the cook said of a number of their own', () => {
    expect(marks(claim({ programId: 'program-harvest', of: null }), {})).toEqual(['HA']);
    expect(marks(claim({ programId: 'program-gone', of: null }), {})).toBe('unknown');
  });
});
