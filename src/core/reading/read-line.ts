import { findUnit, PACKAGE_UNITS, unitNamed } from '../quantity/units.ts';
import { normalizeText } from './normalize-text.ts';
import { type AmountRead, readAmount, takeModifiers, takeUnit } from './read-amount.ts';
import { readNumber } from './read-number.ts';
import type { Reading, ReadingPart } from './reading.ts';
import { splitItem } from './split-item.ts';

/** Lines longer than this are not ingredient lines; they are kept whole and asked about. */
export const LONGEST_LINE = 400;

const BULLET = /^(?:[-*•·‣▢□☐☑✓✔>]\s+|\[[ x]?\]\s*|[•▢□☐☑✓✔]\s*)+/i;
const SIZE_UNIT = String.raw`(?:fl\.? ?oz|fluid ounces?|oz|ounces?|lbs?|pounds?|g|gr|grams?|kg|ml|cl|dl|l|liters?|litres?)`;
const PACKAGE_WORD = [...PACKAGE_UNITS, 'tin', 'pkg', 'pack'].join('|');
/** A size and the package of that size: "14-oz can", "400 g tins". */
const SIZED_PACKAGE = new RegExp(
  String.raw`^\(?(\d+(?:[.,]\d+)?(?: \d\/\d)?|\d\/\d)[ -]?(${SIZE_UNIT})\.?\)?[ -]?(${PACKAGE_WORD})(?:s|es)?\b\.?\s*`,
  'i',
);
const PIECE_SIZE = new RegExp(String.raw`^(\d+(?:[.,]\d+)?)[ -]?(${SIZE_UNIT})\.?,?\s+(?=[a-z])`, 'i');
const TO_TASTE = /,?\s*\(?\b(?:to taste|as needed|as desired|as required)\b\)?/i;
const OPTIONAL = /,?\s*\(?\boptional\b\)?/i;
const DIVIDED = /,?\s*\(?\bdivided\b\)?/i;

/** A draft of a reading, while the line is taken apart. */
interface Draft {
  amount: AmountRead | null;
  packageQuantity: number | null;
  packageUnit: string | null;
  parts: ReadingPart[];
  modifiers: string[];
  notes: string[];
  warnings: string[];
}

/**
 * Reads one ingredient line. Never throws and loses no text.
 *
 * @param group the heading it stands under, null for none.
 * @example readLine('1 (14.5 oz) can diced tomatoes, drained').packageQuantity // 14.5
 */
export function readLine(line: string, group: string | null = null): Reading {
  const text = normalizeText(line);
  if (text.length > LONGEST_LINE) {
    return plainReading(line, text, group, 0.1, [
      'This line is too long for an ingredient. Is it a step, or several lines in one?',
    ]);
  }
  const d: Draft = {
    amount: null,
    packageQuantity: null,
    packageUnit: null,
    parts: [],
    modifiers: [],
    notes: [],
    warnings: [],
  };
  let rest = text.replace(BULLET, '').replace(/^\+ (?=\d)/, '');
  if (/^-\s?\d/.test(rest)) {
    d.warnings.push('An amount below zero cannot be. Write the amount that goes in.');
    return plainReading(line, rest, group, 0.1, d.warnings);
  }
  rest = takeFlag(rest, TO_TASTE, d, 'to taste');
  rest = takeFlag(rest, OPTIONAL, d, 'optional');
  rest = takeFlag(rest, DIVIDED, d, 'divided');
  const article = /^(?:the )(?=juice|zest|rind)/i.exec(rest);
  if (article) rest = rest.slice(article[0].length);

  const citrus = readCitrus(rest);
  if (citrus) {
    d.amount = citrus.amount;
    d.modifiers.push(...citrus.amount.modifiers);
    const split = splitItem(readParentheses(citrus.item, d));
    return finish(line, group, d, `${split.item} ${citrus.what}`, split.notes, []);
  }
  if (/^(?:pinch|dash|splash|drizzle|knob|handful|squeeze|dollop|drop|glug|sprinkle)(?:es|s)? (?:of )?/i.test(rest)) {
    rest = `1 ${rest}`;
  }
  // "a generous ¼ cup": the article says nothing.
  rest = rest.replace(
    /^an? (?=(?:scant|heaping|heaped|rounded|generous|level|good|full) (?:\d|half|third|quarter))/i,
    '',
  );
  rest = readLeading(rest, d);
  if (d.amount === null) rest = readTrailing(rest, d);
  rest = readParentheses(rest, d);
  const each = /^each (?:of )?/i.exec(rest);
  if (each) {
    d.modifiers.push('each');
    rest = rest.slice(each[0].length);
  }
  rest = rest.replace(/^(?:of|x)\s+(?:the\s+|an?\s+)?/i, '').replace(/^[\s:,-]+/, '');
  const size = takeModifiers(rest, 'size');
  if (d.amount !== null && d.amount.unit === null) {
    d.modifiers.push(...size.words);
    rest = size.rest;
  }
  const packed = takeModifiers(rest, 'measure');
  if (packed.words.length > 0 && d.amount !== null && packed.rest !== '') {
    d.modifiers.push(...packed.words);
    rest = packed.rest;
  }
  rest = takeSecondFood(rest, d);
  rest = takeUnitBehind(rest, d);
  const split = splitItem(rest);
  takeSizes(split.notes, d);
  return finish(line, group, d, split.item, split.notes, split.alternatives);
}

/** "4 garlic cloves", "2 celery ribs, sliced": the unit stands behind the food. */
function takeUnitBehind(text: string, d: Draft): string {
  if (d.amount === null || d.amount.unit !== null || d.packageQuantity !== null) return text;
  const m = /^([a-z -]*[a-z]) (cloves?|sprigs?|ribs?|stalks?)(?=$|[,;(])/i.exec(text);
  if (m === null) return text;
  d.amount = { ...d.amount, unit: findUnit(m[2]!)!.name };
  return `${m[1]}${text.slice(m[0].length)}`;
}

/** Notes that say the size of one: "1 onion, large", "2 chicken breasts, 6 ounces each". They stay notes, too. */
function takeSizes(notes: readonly string[], d: Draft): void {
  if (d.amount === null || d.amount.unit !== null) return;
  for (const note of notes) {
    const size = takeModifiers(note, 'size');
    if (size.rest === '') d.modifiers.push(...size.words);
    const each = / each$/i.test(note) ? readAmount(note.replace(/,? each$/i, '')) : null;
    if (each?.unit != null && each.rest === '' && d.packageQuantity === null) {
      d.packageQuantity = each.quantity;
      d.packageUnit = each.unit;
    }
  }
}

/** "1 large egg plus 1 egg yolk" names two foods: the first counts, the other is pointed out. */
function takeSecondFood(text: string, d: Draft): string {
  const m = /^([^,;]+?) (?:plus|and|\+) ((?:\d|one |two |half ).+)$/i.exec(text);
  const second = m === null ? null : readAmount(m[2]!);
  if (m === null || d.amount === null || second === null || second.rest === '') return text;
  d.notes.push(`plus ${m[2]}`);
  d.warnings.push(`This line names a second food: "${m[2]}". It is not counted yet; add a line for it.`);
  return m[1]!;
}

function takeFlag(text: string, pattern: RegExp, d: Draft, name: string): string {
  const m = pattern.exec(text);
  if (m === null) return text;
  d.modifiers.push(name);
  return `${text.slice(0, m.index)}${text.slice(m.index + m[0].length)}`.trim();
}

/** "Juice and zest of half a lemon": the fruit's count is the amount, its juice the item. */
function readCitrus(text: string): { amount: AmountRead; item: string; what: string } | null {
  const m =
    /^((?:finely |freshly )?(?:grated |squeezed )?(?:juice|zest|rind|peel)(?: and (?:grated )?(?:juice|zest|rind|peel))?) (?:of|from) (.+)$/i.exec(
      text,
    );
  if (!m) return null;
  const amount = readAmount(m[2]!);
  if (!amount || amount.unit !== null) return null;
  const what = m[1]!.toLowerCase().replace(/(?:finely|freshly|grated|squeezed) /g, '');
  const fruit = amount.rest.replace(/^([a-z]+?)(?:(?<=o)es|s)(?![a-z])/i, '$1');
  return { amount, item: fruit, what };
}

/** The amount at the start, with its package, its second amount, and what stands in brackets right behind. */
function readLeading(text: string, d: Draft): string {
  // "14.5 oz can tomatoes": one package of that size.
  const bare = SIZED_PACKAGE.exec(text);
  if (bare) return takePackage(bare, { quantity: 1, quantityMax: null, unit: null, modifiers: [], rest: '' }, text, d);
  // "7 of the 10 oz spinach", "7 oz of the 10 oz package spinach"
  const share = /^(\S+)(?: ([A-Za-z]+\.?))? of (?:the|an?) (\d.*)$/i.exec(text);
  if (share && (share[2] !== undefined || !isPartOfPackage(share[1]!, share[3]!))) {
    const of = readNumber(share[1]!);
    const sized = SIZED_PACKAGE.exec(share[3]!);
    const whole = readAmount(share[3]!);
    const unit = whole?.unit == null ? null : unitNamed(whole.unit);
    if (
      of &&
      of.rest === '' &&
      !of.article &&
      whole &&
      unit &&
      (unit.kind === 'weight' || unit.kind === 'volume') &&
      whole.quantity !== 1 &&
      (share[2] === undefined || findUnit(share[2])?.name === unit.name)
    ) {
      d.amount = { ...whole, quantity: of.value, quantityMax: null };
      d.packageQuantity = whole.quantity;
      d.packageUnit = unit.name;
      return sized ? share[3]!.slice(sized[0].length) : whole.rest;
    }
  }
  // "1-15 oz can": a count and a size, not a range.
  const joined = /^(\d+)\s?-\s?(?=\d)/.exec(text);
  if (joined) {
    const sized = SIZED_PACKAGE.exec(text.slice(joined[0].length));
    if (sized) {
      const amount = { quantity: Number(joined[1]), quantityMax: null, unit: null, modifiers: [], rest: '' };
      return takePackage(sized, amount, text.slice(joined[0].length), d);
    }
  }
  if (isLeanGrade(text)) return text;
  const amount = readAmount(text);
  if (amount === null) return text;
  d.amount = amount;
  d.modifiers.push(...amount.modifiers);
  let rest = amount.rest;
  if (amount.unit === null) {
    const sized = SIZED_PACKAGE.exec(rest);
    if (sized) return takePackage(sized, amount, rest, d);
    // "four 6-oz salmon fillets": the size of one piece.
    const piece = PIECE_SIZE.exec(rest);
    if (piece) {
      d.packageQuantity = readNumber(piece[1]!)?.value ?? null;
      d.packageUnit = takeUnit(piece[2]!)?.unit.name ?? null;
      rest = rest.slice(piece[0].length);
    }
    rest = takeBracketAfterCount(rest, d);
  } else {
    rest = takeBracketAfterUnit(rest, d);
  }
  return takeSecondAmount(rest, d);
}

/** "half of a 14 oz jar" is a share of the jar; "7 of the 10 oz package" are 7 oz: more than one package holds none. */
function isPartOfPackage(share: string, of: string): boolean {
  return SIZED_PACKAGE.test(of) && (readNumber(share)?.value ?? 0) <= 1;
}

/** "80/20 ground beef" begins with a grade, lean to fat, and not with four. */
function isLeanGrade(text: string): boolean {
  const m = /^(\d{2})\/(\d{1,2})(?= )/.exec(text);
  return m !== null && Number(m[1]) + Number(m[2]) === 100;
}

function takePackage(m: RegExpExecArray, amount: AmountRead, text: string, d: Draft): string {
  d.amount = { ...amount, unit: findUnit(m[3]!)?.name ?? findUnit(m[3]!.replace(/s$/, ''))?.name ?? 'package' };
  d.packageQuantity = readNumber(m[1]!)?.value ?? null;
  d.packageUnit = takeUnit(m[2]!)?.unit.name ?? null;
  return text.slice(m[0].length);
}

/** "2 (15-ounce) cans", "1 (about 6 oz) zucchini": the size of one. */
function takeBracketAfterCount(text: string, d: Draft): string {
  const m = /^\(([^()]*)\)\s*/.exec(text);
  if (!m) return text;
  const size = readAmount(m[1]!.replace(/ each$/i, ''));
  if (size?.unit == null || size.rest !== '') return text;
  const rest = text.slice(m[0].length);
  // "3 medium (about 1 lb) carrots": what they weigh together.
  if (
    d.amount!.quantity > 1 &&
    /^(?:about|approx|total)|total$/i.test(m[1]!) &&
    !PACKAGE_UNITS.has(takeUnit(rest)?.unit.name ?? '')
  ) {
    d.parts.push(partOf(size, 'same'));
    d.modifiers.push(...size.modifiers);
    return rest;
  }
  d.packageQuantity = size.quantity;
  d.packageUnit = size.unit;
  d.modifiers.push(...size.modifiers);
  const unit = takeUnit(rest);
  if (unit && PACKAGE_UNITS.has(unit.unit.name)) {
    d.amount = { ...d.amount!, unit: unit.unit.name };
    return unit.rest;
  }
  return rest;
}

/** "1 cup (240 ml)": the same amount again; "1 packet (7 g)": the size of the package. */
function takeBracketAfterUnit(text: string, d: Draft): string {
  const m = /^\(([^()]*)\)\s*/.exec(text);
  if (!m) return text;
  const inner = readAmount(m[1]!.replace(/ each$/i, ''));
  if (inner?.unit == null || inner.rest !== '') return text;
  if (PACKAGE_UNITS.has(d.amount!.unit ?? '')) {
    d.packageQuantity = inner.quantity;
    d.packageUnit = inner.unit;
    d.modifiers.push(...inner.modifiers);
  } else d.parts.push(partOf(inner, 'same'));
  return text.slice(m[0].length);
}

const partOf = (a: AmountRead, relation: ReadingPart['relation']): ReadingPart => ({
  quantity: a.quantity,
  quantityMax: a.quantityMax,
  unit: a.unit,
  relation,
});

/** "¼ cup + 2 tbsp", "1 lb 4 oz", "450 g / 1 lb". */
function takeSecondAmount(text: string, d: Draft): string {
  let rest = text;
  for (let i = 0; i < 4; i++) {
    const same = /^\/\s*(?=\d)/.exec(rest);
    const plus = /^(?:\+|plus|and)\s+(?=\d|an? |one |two |half )/i.exec(rest);
    const lead = same ?? plus;
    const amount = readAmount(lead ? rest.slice(lead[0].length) : rest);
    const adjacent = lead === null && /^\d/.test(rest) && d.amount?.unit != null;
    if (amount?.unit == null || (lead === null && !adjacent)) return rest;
    const kind = unitNamed(amount.unit)!.kind;
    if (kind !== 'volume' && kind !== 'weight' && !(plus && kind === 'count')) return rest;
    d.parts.push(partOf(amount, same ? 'same' : 'plus'));
    rest = amount.rest;
  }
  return rest;
}

/** "butter 50 g", "Eggs - 2", "Milk: 250 ml", "80/20 ground beef, 1 lb". */
function readTrailing(text: string, d: Draft): string {
  const m =
    /^(.*?[A-Za-z)%])(?:\s*[:,=-]\s*|\s+x\s*|\s+)(?=(?:about |approx\.? |scant |heaping )?(?:\d|\.\d|one |two |three |half |an? (?:pinch|dash|splash|handful|cup)))(.+)$/i.exec(
      text,
    );
  if (!m) return text;
  const amount = readAmount(m[2]!);
  if (amount === null) return text;
  // What follows the amount may only be a note.
  if (amount.rest !== '' && !/^[,(;]/.test(amount.rest)) return text;
  d.amount = { ...amount, rest: '' };
  d.modifiers.push(...amount.modifiers);
  return `${m[1]}${amount.rest === '' ? '' : amount.rest}`;
}

/** Brackets anywhere behind: an amount is the same amount again, other words are a note. */
function readParentheses(text: string, d: Draft): string {
  let rest = text;
  for (let i = 0; i < 6; i++) {
    const m = /\s*\(([^()]*)\)\s*/.exec(rest);
    if (!m) break;
    const inner = readAmount(m[1]!.replace(/ (?:each|total|in total)$/i, ''));
    const kind = inner?.unit == null ? null : unitNamed(inner.unit)!.kind;
    if (
      inner &&
      inner.rest === '' &&
      (kind === 'weight' || kind === 'volume' || (inner.unit !== null && d.amount !== null))
    ) {
      if (d.amount === null) d.amount = inner;
      else if (
        d.packageQuantity === null &&
        kind !== 'count' &&
        (/ each$/i.test(m[1]!) || PACKAGE_UNITS.has(d.amount.unit ?? ''))
      ) {
        d.packageQuantity = inner.quantity;
        d.packageUnit = inner.unit;
      } else d.parts.push(partOf(inner, 'same'));
      d.modifiers.push(...inner.modifiers);
    } else if (inner && inner.rest === '' && inner.unit === null && d.amount === null && /^\d/.test(m[1]!)) {
      d.amount = inner;
    } else if (m[1]!.trim() !== '') d.notes.push(m[1]!.trim());
    rest = `${rest.slice(0, m.index)} ${rest.slice(m.index + m[0].length)}`.replace(/ ,/g, ',').trim();
  }
  return rest;
}

function finish(
  line: string,
  group: string | null,
  d: Draft,
  item: string,
  notes: readonly string[],
  alternatives: readonly string[],
): Reading {
  let amount = d.amount;
  let name = item.trim();
  if (name === '' && amount?.unit != null && unitNamed(amount.unit)!.kind === 'count') {
    // "3 cloves" alone: the unit was the food.
    name = unitNamed(amount.unit)!.plural;
    amount = { ...amount, unit: null };
  }
  if (name === '' && notes.length > 0) name = notes[0]!;
  const warnings = [...d.warnings];
  if (amount !== null && amount.quantity === 0) {
    warnings.push('The amount is zero, so the line adds nothing. Write an amount, or leave the line out.');
  }
  const modifiers = [...new Set(d.modifiers)];
  const note = [...notes, ...d.notes].map((n) => n.trim()).filter((n) => n !== '' && n !== name);
  return {
    line,
    quantity: amount?.quantity ?? null,
    quantityMax: amount?.quantityMax ?? null,
    unit: amount?.unit ?? null,
    item: name,
    note: note.length > 0 ? note.join('; ') : null,
    packageQuantity: d.packageQuantity,
    packageUnit: d.packageUnit,
    parts: d.parts,
    modifiers,
    alternatives,
    group,
    confidence: confidenceOf(amount, name, modifiers),
    warnings,
  };
}

function confidenceOf(amount: AmountRead | null, item: string, modifiers: readonly string[]): number {
  if (!/[a-z]/i.test(item)) return 0;
  let c = 1;
  if (amount === null && !modifiers.includes('to taste')) c -= 0.3;
  if (item.split(' ').length > 7) c -= 0.3;
  if (/\d/.test(item) && !/\d+ ?%|\d+\/\d+/.test(item)) c -= 0.3;
  return Math.max(0.1, Math.round(c * 100) / 100);
}

function plainReading(
  line: string,
  item: string,
  group: string | null,
  confidence: number,
  warnings: string[],
): Reading {
  return {
    line,
    quantity: null,
    quantityMax: null,
    unit: null,
    item,
    note: null,
    packageQuantity: null,
    packageUnit: null,
    parts: [],
    modifiers: [],
    alternatives: [],
    group,
    confidence,
    warnings,
  };
}
