import { describe, expect, it } from 'vitest';
import { UNCOUNTED_DAY } from '../../core/day/day-count.ts';
import { probeEntry } from '../../core/day/probe-entry.ts';
import { countedFor } from './day-sources.ts';

describe('an entry that cannot be counted', () => {
  it('is not known, and hides nothing else', () => {
    const none = () => null;
    const broken = () => {
      throw new Error('a version that goes round in a circle');
    };
    const sources = {
      kitchen: { food: none, version: none },
      version: broken,
      cook: none,
      box: none,
      pot: none,
      feast: none,
      food: none,
    } as unknown as Parameters<typeof countedFor>[2];
    const entry = probeEntry({ kind: 'version', recipeId: 'pie', versionId: 'pie-v1' }, 'Pie', 'ada', '2026-12-01');
    expect(countedFor(entry, { eaterId: 'ada', counter: null }, sources)).toEqual(UNCOUNTED_DAY);
  });
});
