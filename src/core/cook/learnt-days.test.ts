import { describe, expect, it } from 'vitest';
import { testBox } from '../../../tests/support/test-box.ts';
import type { Box, HowKept } from './cook.ts';
import { learntDaysWords } from './learnt-days.ts';

const box = (days: number, kept: HowKept | null, place: Box['place'] = 'fridge'): Box =>
  testBox(`box-${days}-${kept}`, {
    place,
    packed: '2026-11-20',
    taken: { eaterId: null, name: 'Runa', at: `2026-11-${20 + days}T11:00:00Z`, entryId: null },
    kept,
  });

describe('what is learnt of how boxes had kept', () => {
  it('is nothing after one answer, and nothing of boxes that nobody answered for', () => {
    expect(learntDaysWords([])).toBeNull();
    // A raw kit says nothing of how the dish keeps.
    expect(learntDaysWords([box(1, 'dry'), { ...box(2, 'dry'), as: 'kits' }])).toBeNull();
    expect(learntDaysWords([box(2, 'as fresh'), box(3, null)])).toBeNull();
  });
  it('is how many days it was good for, and from when it was not', () => {
    expect(learntDaysWords([box(1, 'as fresh'), box(2, 'better')])).toBe('Good after 2 days so far.');
    expect(learntDaysWords([box(1, 'better'), box(3, 'dry')])).toBe('Good after 1 day, dry after 3.');
    expect(learntDaysWords([box(2, 'watery'), box(3, 'watery')])).toBe('Watery after 2 days: pack what is wet apart.');
    expect(learntDaysWords([box(1, 'as fresh'), box(2, 'soft')])).toBe(
      'Good after 1 day, soft after 2: pack what should be crisp apart.',
    );
  });
  it('says nothing of a freezer by what a fridge did', () => {
    expect(learntDaysWords([box(2, 'as fresh', 'freezer'), box(3, 'dry')])).toBeNull();
  });
});
