/** Named character references of HTML that stand in recipes as they are copied; letters with accents are made below. */
const REFERENCES: Readonly<Record<string, string>> = {
  frac12: '½',
  half: '½',
  frac13: '⅓',
  frac23: '⅔',
  frac14: '¼',
  frac34: '¾',
  frac15: '⅕',
  frac18: '⅛',
  frac38: '⅜',
  frac58: '⅝',
  frac78: '⅞',
  frasl: '/',
  nbsp: ' ',
  ensp: ' ',
  emsp: ' ',
  thinsp: ' ',
  amp: '&',
  lt: '<',
  gt: '>',
  quot: '"',
  apos: "'",
  lsquo: '‘',
  rsquo: '’',
  ldquo: '“',
  rdquo: '”',
  ndash: '–',
  mdash: '—',
  hellip: '…',
  bull: '•',
  middot: '·',
  deg: '°',
  times: '×',
  szlig: 'ß',
  oelig: 'œ',
  aelig: 'æ',
  oslash: 'ø',
  reg: '®',
  trade: '™',
  copy: '©',
};
/** Combining marks by the ending of a reference: `eacute`, `uuml`. */
const MARKS: Readonly<Record<string, string>> = {
  grave: '\u0300',
  acute: '\u0301',
  circ: '\u0302',
  tilde: '\u0303',
  uml: '\u0308',
  ring: '\u030a',
  cedil: '\u0327',
};

/**
 * The text with HTML's character references as the characters that they mean (HTML Living Standard, 13.5, as far as
 * recipes have them). What is none stays as it is.
 *
 * @example decodeEntities('1&frac12; cups') // '1½ cups'
 */
export const decodeEntities = (text: string): string =>
  text.includes('&')
    ? text.replace(/&(?:#(\d{1,7})|#x([0-9a-f]{1,6})|([a-z]+\d{0,2}));/gi, (whole, decimal, hex, name) =>
        name === undefined
          ? fromCode(Number.parseInt(decimal ?? hex, hex === undefined ? 10 : 16))
          : referenced(name, whole),
      )
    : text;

const fromCode = (code: number): string => (code > 0 && code <= 0x10ffff ? String.fromCodePoint(code) : '');

function referenced(name: string, whole: string): string {
  const known = REFERENCES[name] ?? REFERENCES[name.toLowerCase()];
  if (known !== undefined) return known;
  const mark = MARKS[name.slice(1)];
  return mark === undefined ? whole : `${name[0]}${mark}`.normalize('NFC');
}
