/** The lengths of a GTIN: GTIN-8, -12, -13, -14. */
const LENGTHS: readonly number[] = [8, 12, 13, 14];

/**
 * The check digit of a GTIN's other digits: weights 3 and 1 from the right, up to the next ten.
 * Source: GS1 General Specifications, section 7.9, from memory.
 */
export function gtinCheckDigit(digits: string): number {
  const sum = [...digits].reverse().reduce((s, d, i) => s + Number(d) * (i % 2 === 0 ? 3 : 1), 0);
  return (10 - (sum % 10)) % 10;
}

/** A code as it was read, or why it is none, in words for the cook. */
export type BarcodeRead = { readonly code: string } | { readonly wrong: string };

/**
 * Reads a typed or scanned barcode: spaces and hyphens are dropped, a GTIN-12 becomes the GTIN-13 that it is.
 *
 * @example readBarcode('2 000000 000015') // { code: '2000000000015' }
 */
export function readBarcode(text: string): BarcodeRead {
  const digits = text.replace(/[\s-]/g, '');
  if (!/^\d+$/.test(digits)) return { wrong: 'A barcode has only digits. Type those under the bars.' };
  if (!LENGTHS.includes(digits.length))
    return { wrong: `A barcode has 8, 12, 13 or 14 digits; this has ${digits.length}. Type all of them.` };
  if (gtinCheckDigit(digits.slice(0, -1)) !== Number(digits.at(-1)))
    return { wrong: 'One digit of this barcode is wrong: the last does not fit the others. Scan or type it again.' };
  return { code: digits.length === 12 ? `0${digits}` : digits };
}
