import { decodeEntities } from './decode-entities.ts';

const VULGAR: Readonly<Record<string, string>> = {
  '½': '1/2',
  '⅓': '1/3',
  '⅔': '2/3',
  '¼': '1/4',
  '¾': '3/4',
  '⅕': '1/5',
  '⅖': '2/5',
  '⅗': '3/5',
  '⅘': '4/5',
  '⅙': '1/6',
  '⅚': '5/6',
  '⅐': '1/7',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
  '⅑': '1/9',
  '⅒': '1/10',
  '↉': '0/3',
};
const VULGAR_PATTERN = new RegExp(`(?:(\\d)\\s*)?([${Object.keys(VULGAR).join('')}])`, 'g');

/**
 * Brings the many ways of typing one thing to one: vulgar fractions to `1/2`, fraction slash, dashes, quotes,
 * no-break spaces, `×`, character references, and slips of recognition beside figures. Keeps letters and case.
 */
export function normalizeText(text: string): string {
  return (
    decodeEntities(text)
      .replace(/[\u00a0\u2000-\u200b\u202f\u3000\t]/g, ' ')
      .replace(/[\u2010-\u2015\u2212]/g, '-')
      .replace(/[\u2018\u2019\u02bc]/g, "'")
      .replace(/[\u201c\u201d\u2033]/g, '"')
      .replace(/\u2044/g, '/')
      .replace(/(\d)\s*×\s*/g, '$1 x ')
      .replace(/([A-Za-z])(?=[½⅓⅔¼¾])/g, '$1 ')
      .replace(VULGAR_PATTERN, (_, digit: string | undefined, f: string) => `${digit ? `${digit} ` : ''}${VULGAR[f]}`)
      // Slips of recognition: a one that was read as a letter, a nought as an O.
      .replace(
        /^[lI](?= ?\d?\/|\s+(?:\d\/|[lI]\/\d|(?:cups?|c|tsps?|teaspoons?|tbsps?|tablespoons?|oz|ounces?|lbs?|Ibs?|pounds?|pkg|packages?|cans?|sticks?|pints?|pts?|quarts?|qts?|gal|gallons?|dozen|doz|whole|large|small|medium)\b))/,
        '1',
      )
      // No word of any kitchen is a lone small L.
      .replace(/^l(?= [a-z(])/, '1')
      .replace(/(?<![A-Za-z\d])[lI]\/(?=\d)/g, '1/')
      .replace(/(?<![\d/])1\/[zZ](?![a-z])/g, '1/2')
      .replace(/(\d)[oO](?=\d| ?(?:oz|g|ml|lb|cups?)\b)/g, '$10')
      .replace(/\b0z\b/g, 'oz')
      .replace(/\bIbs?\b/g, 'lb')
      .replace(/(?<=[a-z])1(?=[a-z])/g, 'l')
      .replace(/(?<![\d.,])0(?=[a-z]{2})/g, 'o')
      .replace(/\bdessert spoons?\b/gi, 'dessertspoon')
      .replace(/(\d) ?percent\b/gi, '$1%')
      // Pounds by the mark: "1# hamburger".
      .replace(/(\d) ?#(?= )/g, '$1 lb')
      // "1-1/2" and "1 -1/2" are one and a half, not a range.
      .replace(/(\d)\s?-(\d{1,2}\/\d{1,2})(?!\d)/g, '$1 $2')
      .replace(/ {2,}/g, ' ')
      .trim()
  );
}
