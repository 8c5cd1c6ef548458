import { describe, expect, it } from 'vitest';
import { decodeEntities } from './decode-entities.ts';

describe('character references', () => {
  // HTML Living Standard, 13.5, from memory.
  it.each([
    ['1&frac12; cups', '1½ cups'],
    ['half &amp; half', 'half & half'],
    ['cr&egrave;me fra&icirc;che', 'crème fraîche'],
    ['jalape&ntilde;o', 'jalapeño'],
    ['Gru&#232;re &#x2022;', 'Gruère •'],
    ['350&deg;F', '350°F'],
    ['salt & pepper; oil', 'salt & pepper; oil'],
    ['&unknown; stays', '&unknown; stays'],
    ['&#0;', ''],
    ['&#9999999;', ''],
    ['no reference', 'no reference'],
  ])('%s is %s', (text, said) => expect(decodeEntities(text)).toBe(said));
});
