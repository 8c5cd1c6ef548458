import { findUnit, type Unit } from '../quantity/units.ts';
import { readNumber } from './read-number.ts';

const SIZES =
  /^(extra[- ]large|x-large|large|medium|small|jumbo|big|sm|med|lg|lge|lrg|thick(?:-cut)?(?![\w-])|thin(?:-cut)?(?![\w-])|cent(?:er|re)-cut(?![\w-])|(?:fat|plump)(?= clove))(?:-sized?)?\b\.?[ ,]*/i;
const MEASURE_WORDS =
  /^(scant|heaping|heaped|rounded|generous|level|good(?![- ]quality)|full(?![ -](?:cream|fat))|packed|lightly packed|firmly packed)(?![\w-]) ?/i;
const NEXT_NUMBER = String.raw`\s*(?=[\d.]|one|two|three|four|five|six|seven|eight|nine|ten|half)`;
const RANGE = new RegExp(`^(?:-|to|or)${NEXT_NUMBER}`, 'i');
/** "between 2 and 3" */
const RANGE_AND = new RegExp(`^and${NEXT_NUMBER}`, 'i');
const APPROX = /^(up to|about|approximately|approx\.?|around|roughly|circa|ca\.?|~)\s*/i;

export interface AmountRead {
  readonly quantity: number;
  readonly quantityMax: number | null;
  readonly unit: string | null;
  readonly modifiers: readonly string[];
  readonly rest: string;
}

const MODIFIER_NAMES: Readonly<Record<string, string>> = {
  heaped: 'heaping',
  rounded: 'heaping',
  good: 'generous',
  full: 'level',
  'lightly packed': 'packed',
  'firmly packed': 'packed',
  approximately: 'about',
  approx: 'about',
  'approx.': 'about',
  around: 'about',
  roughly: 'about',
  circa: 'about',
  ca: 'about',
  'ca.': 'about',
  '~': 'about',
  'extra large': 'extra-large',
  big: 'large',
  'x-large': 'extra-large',
  sm: 'small',
  med: 'medium',
  lg: 'large',
  lge: 'large',
  lrg: 'large',
  'thick-cut': 'thick',
  'thin-cut': 'thin',
  'centre-cut': 'center-cut',
  fat: 'large',
  plump: 'large',
};
const modifierName = (word: string): string => MODIFIER_NAMES[word.toLowerCase()] ?? word.toLowerCase();

/** Takes qualifying words off the start of a text. */
export function takeModifiers(text: string, pattern: 'measure' | 'size' | 'about'): { words: string[]; rest: string } {
  const re = pattern === 'measure' ? MEASURE_WORDS : pattern === 'size' ? SIZES : APPROX;
  const words: string[] = [];
  let rest = text;
  for (let m = re.exec(rest); m !== null && words.length < 4; m = re.exec(rest)) {
    words.push(modifierName(m[1]!));
    rest = rest.slice(m[0].length).trimStart();
  }
  return { words, rest };
}

/** Takes a unit off the start of a text; the unit must end at a word's end. */
export function takeUnit(text: string): { readonly unit: Unit; readonly rest: string } | null {
  const two = /^(fluid ounces?|fl\.? ?oz\.?|fl-oz)(?![A-Za-z])\s*/i.exec(text);
  if (two) return { unit: findUnit('fluid ounce')!, rest: text.slice(two[0].length) };
  const inch = /^(?:-?inch(?:es)?|")(?:[ -]?(?:piece|knob|length|chunk)s?)?(?![A-Za-z])\s*/i.exec(text);
  if (inch) return { unit: findUnit('inch')!, rest: text.slice(inch[0].length) };
  const cm = /^(?:-?cm|-?centimet(?:er|re)s?)(?:[ -]?(?:piece|knob|length|chunk)s?)?(?![A-Za-z])\s*/i.exec(text);
  if (cm) return { unit: findUnit('centimeter')!, rest: text.slice(cm[0].length) };
  const thumb = /^thumb[- ]?(?:sized?|length)?[ -]?(?:piece|knob)(?![A-Za-z])\s*/i.exec(text);
  if (thumb) return { unit: findUnit('knob')!, rest: text.slice(thumb[0].length) };
  const one = /^([A-Za-zÄÖÜäöüß]+\.?)(?![\w-])\s*/.exec(text);
  if (!one) return null;
  const unit = findUnit(one[1]!);
  return unit ? { unit, rest: text.slice(one[0].length) } : null;
}

/**
 * Reads an amount at the start of normalized text: number or range, size words, unit.
 *
 * @example readAmount('2 to 3 cloves garlic') // quantity 2, quantityMax 3, unit 'clove', rest 'garlic'
 */
export function readAmount(text: string): AmountRead | null {
  const about = takeModifiers(text, 'about');
  const early = takeModifiers(about.rest, 'measure');
  const between = /^between /i.exec(early.rest);
  const first = readNumber(early.rest.slice(between?.[0].length ?? 0));
  if (first === null) return null;
  const modifiers = [...about.words, ...early.words];
  let rest = first.rest;
  let quantityMax: number | null = null;
  const range = (between ? RANGE_AND : RANGE).exec(rest);
  if (between && range === null) return null;
  if (range && !first.article) {
    const second = readNumber(rest.slice(range[0].length));
    if (second && !second.article && second.value >= first.value) {
      // "2 to 2" is 2, said twice.
      quantityMax = second.value === first.value ? null : second.value;
      rest = second.rest;
    }
  }
  rest = rest.replace(/^x (?=\d)/i, '');
  const size = takeModifiers(rest, 'size');
  const measure = takeModifiers(size.rest, 'measure');
  modifiers.push(...size.words, ...measure.words);
  rest = measure.rest;
  const unit = takeUnit(rest.replace(/^-(?=[a-z"])/i, ''));
  if (unit) {
    // "a cup and a half of rice"
    const half = /^and an? (half|quarter|third)\b(?: of)?(?! and)\s*/i.exec(unit.rest);
    const more = half === null ? 0 : { half: 1 / 2, third: 1 / 3, quarter: 1 / 4 }[half[1]!.toLowerCase()]!;
    const behind = unit.rest.slice(half?.[0].length ?? 0);
    return { quantity: first.value + more, quantityMax, unit: unit.unit.name, modifiers, rest: behind };
  }
  return { quantity: first.value, quantityMax, unit: null, modifiers, rest };
}
