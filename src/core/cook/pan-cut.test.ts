import { describe, expect, it } from 'vitest';
import { cutWords, piecesOfCut } from './pan-cut.ts';

describe('a pan that is cut', () => {
  it('makes rows times columns, or so many wedges', () => {
    expect(piecesOfCut({ shape: 'grid', rows: 3, columns: 4 })).toBe(12);
    expect(piecesOfCut({ shape: 'wedges', wedges: 8 })).toBe(8);
    expect(cutWords({ shape: 'grid', rows: 3, columns: 4 })).toBe('cut into 3 by 4');
    expect(cutWords({ shape: 'wedges', wedges: 8 })).toBe('cut into 8 wedges');
  });
});
