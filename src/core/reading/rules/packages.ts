import { findUnit, PACKAGE_UNITS, unitNamed } from '../../quantity/units.ts';
import { bareAmount } from '../draft.ts';
import { PIECE_SIZE, SIZED_PACKAGE, sizeOf, withSizedPackage } from '../package-words.ts';
import { readAmount } from '../read-amount.ts';
import { readNumber } from '../read-number.ts';
import type { ReadingRule } from '../rule.ts';

export const onePackage: ReadingRule = {
  name: 'a package by its size',
  example: '14.5 oz can tomatoes',
  takes: '14.5 oz can',
  take: (d) => {
    const sized = d.amount === null ? SIZED_PACKAGE.exec(d.text) : null;
    return sized === null ? null : withSizedPackage(d, { quantity: 1, quantityMax: null }, sized, d.text);
  },
};

/** "half of a 14 oz jar" is a share of the jar; "7 of the 10 oz package" are 7 oz: more than one package holds none. */
const isPartOfPackage = (share: string, of: string): boolean =>
  SIZED_PACKAGE.test(of) && (readNumber(share)?.value ?? 0) <= 1;

/** What is taken of a package is the amount, the package its size. */
export const shareOfPackage: ReadingRule = {
  name: 'so much of a package',
  example: '7 of the 10 oz package spinach',
  takes: '7 of the 10 oz package',
  take: (d) => {
    const m = d.amount === null ? /^(\S+)(?: ([A-Za-z]+\.?))? of (?:the|an?) (\d.*)$/i.exec(d.text) : null;
    if (m === null || (m[2] === undefined && isPartOfPackage(m[1]!, m[3]!))) return null;
    const share = readNumber(m[1]!);
    const whole = readAmount(m[3]!);
    const unit = whole?.unit == null ? null : unitNamed(whole.unit);
    if (share === null || share.rest !== '' || share.article || whole === null || unit == null) return null;
    if ((unit.kind !== 'weight' && unit.kind !== 'volume') || whole.quantity === 1) return null;
    if (m[2] !== undefined && findUnit(m[2])?.name !== unit.name) return null;
    const sized = SIZED_PACKAGE.exec(m[3]!);
    return {
      ...d,
      text: sized === null ? whole.rest : m[3]!.slice(sized[0].length),
      amount: { ...bareAmount(whole), quantity: share.value, quantityMax: null },
      packageSize: { quantity: whole.quantity, unit: unit.name },
    };
  },
};

export const countJoinedToSize: ReadingRule = {
  name: 'a count joined to a size: no range',
  example: '1-15 oz can kidney beans',
  takes: '1-15 oz can',
  take: (d) => {
    const joined = d.amount === null ? /^(\d+)\s?-\s?(?=\d)/.exec(d.text) : null;
    if (joined === null) return null;
    const text = d.text.slice(joined[0].length);
    const sized = SIZED_PACKAGE.exec(text);
    return sized === null ? null : withSizedPackage(d, { quantity: Number(joined[1]), quantityMax: null }, sized, text);
  },
};

export const packagesOfSize: ReadingRule = {
  name: 'packages of a size, said behind them',
  example: '2 packages of 225 g tempeh',
  takes: 'of 225 g',
  take: (d) => {
    if (d.amount?.unit == null || d.packageSize !== null || !PACKAGE_UNITS.has(d.amount.unit)) return null;
    const m = PIECE_SIZE.exec(d.text.replace(/^(?:of|with) (?=\d)/i, ''));
    if (m === null || !/^(?:of|with) \d/i.test(d.text)) return null;
    const text = d.text.replace(/^(?:of|with) /i, '').slice(m[0].length);
    return { ...d, text, packageSize: sizeOf(m[1]!, m[2]!) };
  },
};

/** Sizes of cans by their number, ounces: common practice of the trade. */
const NUMBERED: Readonly<Record<string, number>> = {
  '1': 11,
  '300': 15,
  '303': 16,
  '2': 20,
  '2 1/2': 29,
  '3': 46,
  '10': 106,
};

export const numberedCan: ReadingRule = {
  name: 'a can by its number',
  example: '1 No. 2 can tomatoes',
  takes: 'No. 2 can',
  take: (d) => {
    const m = d.amount?.unit === null ? /^(?:no\.?|number|#) ?(\d+(?: 1\/2)?) (?:can|tin)s?\b\s*/i.exec(d.text) : null;
    const ounces = m === null ? undefined : NUMBERED[m[1]!];
    if (m === null || ounces === undefined) return null;
    return {
      ...d,
      text: d.text.slice(m[0].length),
      amount: { ...d.amount!, unit: 'can' },
      packageSize: { quantity: ounces, unit: 'ounce' },
    };
  },
};

/** "400g/14oz tin": one size in two measures. */
const TWICE =
  /^(\d+(?:[.,]\d+)? ?(?:g|ml|kg))\s?\/\s?\d+(?:[.,]\d+)? ?(?:fl )?oz\.? (?=(?:tin|can|jar|pack|packet|carton|bag)s?\b)/i;

export const sizeSaidTwice: ReadingRule = {
  name: 'the size of a package in two measures',
  example: '400g/14oz tin chickpeas',
  takes: '400g/14oz',
  take: (d) => {
    const text = d.amount === null ? d.text.replace(TWICE, '$1 ') : d.text;
    return text === d.text ? null : { ...d, text };
  },
};

export const packagesBehindCount: ReadingRule = {
  name: 'so many packages of a size',
  example: '2 14-oz cans tomatoes',
  takes: '14-oz cans',
  take: (d) => {
    const sized = d.amount?.unit === null ? SIZED_PACKAGE.exec(d.text) : null;
    return sized === null ? null : withSizedPackage(d, d.amount!, sized, d.text);
  },
};

export const sizeOfPiece: ReadingRule = {
  name: 'the size of a piece',
  example: 'four 6-oz salmon fillets',
  takes: '6-oz',
  take: (d) => {
    const piece = d.amount?.unit === null ? PIECE_SIZE.exec(d.text) : null;
    if (piece === null) return null;
    return { ...d, text: d.text.slice(piece[0].length), packageSize: sizeOf(piece[1]!, piece[2]!) };
  },
};
