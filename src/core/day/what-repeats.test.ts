import { describe, expect, it } from 'vitest';
import type { DayEntry } from './day-entry.ts';
import { whatRepeats } from './what-repeats.ts';

const ate = (eaterId: string, day: string, recipeId: string): DayEntry => ({
  id: `${eaterId}${day}${recipeId}`,
  eaterId,
  day,
  meal: 'm',
  position: 0,
  what: { kind: 'version', recipeId, versionId: 'v' },
  words: recipeId,
  portion: 1,
  spread: 0,
  state: 'planned',
});

describe('what repeats', () => {
  it('is a dish on three days of one eater, and not twice on one, nor once for each of three', () => {
    const entries = [
      ate('ada', '2026-12-01', 'stew'),
      ate('ada', '2026-12-02', 'stew'),
      ate('ada', '2026-12-04', 'stew'),
      ate('ada', '2026-12-01', 'soup'),
      ate('ada', '2026-12-01', 'soup'),
      ate('bob', '2026-12-01', 'soup'),
      ate('kit', '2026-12-02', 'soup'),
    ];
    expect(whatRepeats(entries)).toEqual([{ eaterId: 'ada', recipeId: 'stew', words: 'stew', days: 3 }]);
  });
});
