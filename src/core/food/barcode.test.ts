import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { gtinCheckDigit, readBarcode } from './barcode.ts';

describe('a barcode', () => {
  // The examples that the GS1 General Specifications and ISBN-13 (ISO 2108) give for the check digit, from memory.
  it.each([
    ['629104150021', 3],
    ['978030640615', 7],
    ['03600029145', 2],
  ])('%s has the check digit %i', (digits, check) => expect(gtinCheckDigit(digits)).toBe(check));
  it('is read with spaces and hyphens, and 12 digits as 13', () => {
    expect(readBarcode('978-0-306-40615-7')).toEqual({ code: '9780306406157' });
    expect(readBarcode('0 36000 29145 2')).toEqual({ code: '0036000291452' });
  });
  it.each([
    ['', /only digits/],
    ['12ab', /only digits/],
    ['12345', /has 5/],
    ['9780306406158', /One digit/],
  ])('"%s" is none, and the words say why', (text, words) => {
    expect(readBarcode(text)).toMatchObject({ wrong: expect.stringMatching(words) });
  });
  it('notices any one wrong digit', () => {
    fc.assert(
      fc.property(fc.stringMatching(/^\d{12}$/), fc.nat(12), fc.integer({ min: 1, max: 9 }), (twelve, at, by) => {
        const right = `${twelve}${gtinCheckDigit(twelve)}`;
        const wrong = [...right];
        wrong[at] = String((Number(right[at]) + by) % 10);
        expect(readBarcode(right)).toEqual({ code: right });
        expect(readBarcode(wrong.join(''))).toHaveProperty('wrong');
      }),
    );
  });
});
