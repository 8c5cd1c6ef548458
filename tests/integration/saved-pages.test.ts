import { describe, expect, it } from 'vitest';
import { readPasted } from '../../src/contract/read-pasted.ts';
import { decodeText } from '../../src/core/quantity/decode-text.ts';
import { SAVED_PAGES } from '../data/saved-pages.ts';

describe('a saved page', () => {
  it('is met in forty shapes, each another', () => {
    expect(SAVED_PAGES.length).toBeGreaterThanOrEqual(40);
    expect(new Set(SAVED_PAGES.map((p) => p.html)).size).toBe(SAVED_PAGES.length);
  });
  // Shapes of schema.org's Recipe (JSON-LD, microdata) and of pages without data: common practice of pages.
  it.each(SAVED_PAGES)('is taken in right: $shape', ({ html, recipes }) => {
    const text = decodeText(Buffer.from(html, 'utf8'))!;
    const read = readPasted(text).recipes.map((r) => [r.title, r.servings, r.ingredients.map((i) => i.text), r.steps]);
    expect(read).toEqual(recipes);
  });
});
