import { PACKAGE_UNITS, unitNamed } from '../../quantity/units.ts';
import { bareAmount, type Draft, withAmountRead, withPart } from '../draft.ts';
import { readAmount, takeUnit } from '../read-amount.ts';
import type { ReadingRule } from '../rule.ts';

/** The bracket that a text begins with, and what is behind it. */
function bracketIn(text: string): { readonly inner: string; readonly rest: string } | null {
  const m = /^\(([^()]*)\)\s*/.exec(text);
  return m === null ? null : { inner: m[1]!, rest: text.slice(m[0].length) };
}

/** "240 g drained", "6 oz each": the size of one, in so many words. */
const OF_ONE = /[ ,]+each(?: when drained)?$|[ ,]+(?:when )?drained(?: weight)?(?:[ ,]+each)?$/i;
const isEach = (inner: string): boolean => /\beach\b/i.test(OF_ONE.exec(inner)?.[0] ?? '');
const isDrained = (inner: string): boolean => /\bdrained\b/i.test(OF_ONE.exec(inner)?.[0] ?? '');

export const bracketBehindCount: ReadingRule = {
  name: 'a size in brackets behind a count',
  example: '1 (about 6 oz) zucchini',
  takes: '(about 6 oz)',
  take: (d) => {
    const bracket = d.amount?.unit === null ? bracketIn(d.text) : null;
    if (bracket === null) return null;
    const size = readAmount(bracket.inner.replace(OF_ONE, ''));
    if (size?.unit == null || size.rest !== '') return null;
    const packed = takeUnit(bracket.rest);
    const isPackage = packed !== null && PACKAGE_UNITS.has(packed.unit.name);
    const modifiers = [...d.modifiers, ...size.modifiers];
    // "3 medium (about 1 lb) carrots": what they weigh together.
    if (d.amount!.quantity > 1 && /^(?:about|approx|total)|total$/i.test(bracket.inner) && !isPackage) {
      return { ...withPart(d, size, 'same', bracket.rest), modifiers };
    }
    const sized = { ...d, packageSize: { quantity: size.quantity, unit: size.unit }, modifiers };
    return isPackage
      ? { ...sized, text: packed.rest, amount: { ...d.amount!, unit: packed.unit.name } }
      : { ...sized, text: bracket.rest };
  },
};

export const bracketBehindUnit: ReadingRule = {
  name: 'an amount in brackets behind an amount',
  example: '¼ cup (60 ml) + 2 tbsp sugar',
  takes: '(60 ml)',
  take: (d) => {
    const bracket = d.amount != null && d.amount.unit !== null && d.packageSize === null ? bracketIn(d.text) : null;
    if (bracket === null) return null;
    const inner = readAmount(bracket.inner.replace(OF_ONE, ''));
    if (inner?.unit == null || inner.rest !== '') return null;
    if (!PACKAGE_UNITS.has(d.amount!.unit!)) {
      // "4 slices (1 oz each)" weigh four ounces.
      const times = isEach(bracket.inner) && unitNamed(d.amount!.unit!)?.kind === 'count' ? d.amount!.quantity : 1;
      return withPart(d, { ...inner, quantity: inner.quantity * times }, 'same', bracket.rest);
    }
    return {
      ...d,
      notes: isDrained(bracket.inner) ? [...d.notes, 'drained'] : d.notes,
      text: bracket.rest,
      packageSize: { quantity: inner.quantity, unit: inner.unit },
      modifiers: [...d.modifiers, ...inner.modifiers],
    };
  },
};

/** What one bracket says: an amount is the same amount again or the size of one, other words are a note. */
function withBracket(d: Draft, inner: string): Draft {
  const amount = readAmount(inner.replace(OF_ONE, '').replace(/ (?:total|in total)$/i, ''));
  const note = inner.trim() === '' ? d : { ...d, notes: [...d.notes, inner.trim()] };
  if (amount === null || amount.rest !== '') return note;
  const kind = amount.unit === null ? null : unitNamed(amount.unit)!.kind;
  if (d.amount === null) {
    if (kind === 'weight' || kind === 'volume') return withAmountRead(d, amount, d.text);
    return kind === null && /^\d/.test(inner) ? { ...d, amount: bareAmount(amount) } : note;
  }
  if (amount.unit === null) return note;
  const modifiers = [...d.modifiers, ...amount.modifiers];
  const ofOne = isEach(inner) || PACKAGE_UNITS.has(d.amount.unit ?? '');
  if (d.packageSize === null && kind !== 'count' && ofOne) {
    return { ...d, packageSize: { quantity: amount.quantity, unit: amount.unit }, modifiers };
  }
  return { ...withPart(d, amount, 'same', d.text), modifiers };
}

/** More brackets than these are no ingredient line. */
const MOST_BRACKETS = 6;

export const bracketsAnywhere: ReadingRule = {
  name: 'brackets behind the food',
  example: '1 onion (finely chopped)',
  takes: '(finely chopped)',
  take: (draft) => {
    let d = draft;
    for (let i = 0; i < MOST_BRACKETS; i++) {
      const m = /\s*\(([^()]*)\)\s*/.exec(d.text);
      if (m === null) break;
      const rest = `${d.text.slice(0, m.index)} ${d.text.slice(m.index + m[0].length)}`.replace(/ ,/g, ',').trim();
      d = { ...withBracket(d, m[1]!), text: rest };
    }
    return d === draft ? null : d;
  },
};
